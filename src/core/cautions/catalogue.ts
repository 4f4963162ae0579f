/** How far a caution reaches. */
export type CautionLevel = 'refer-now' | 'refer-first' | 'adapt' | 'note';

/** What a pose asks of the body that a caution may forbid. */
export type Demand =
  | 'lying-on-front'
  | 'lying-on-back'
  | 'deep-hip-flexion'
  | 'crossing-midline'
  | 'hip-extension-end'
  | 'hamstring-end'
  | 'low-back-rounding'
  | 'low-back-arching'
  | 'knee-bent-deep'
  | 'knee-twist'
  | 'kneeling'
  | 'wide-legs'
  | 'head-down'
  | 'strong-hold'
  | 'outer-hip-compression';

export interface Caution {
  id: string;
  /** As the student may say it. */
  name: string;
  level: CautionLevel;
  /** Tests that stay locked while the caution stands; `all` locks every one. */
  tests: readonly string[] | 'all';
  demands: readonly Demand[] | 'all';
  /** What to say or change, in the teacher's words. */
  message: string;
  /** Why it is asked, for the teacher. */
  reason: string;
}

const none: readonly string[] = [];

export const CAUTIONS: readonly Caution[] = [
  {
    id: 'numb-saddle',
    name: 'Numb between the legs, or new trouble with bladder, bowel or both legs',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please get emergency medical help today. Nothing is tested or practised.',
    reason: 'The nerves at the base of the spine may be pressed; hours matter.',
  },
  {
    id: 'night-pain',
    name: 'Pain at night that no position eases, with fever, weight loss or a history of cancer',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. Nothing is tested or practised until then.',
    reason: 'Pain that nothing eases, with feeling ill, is not a matter of muscle.',
  },
  {
    id: 'hot-calf',
    name: 'One calf or thigh hot, swollen and tender',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. Do not stretch, press or test this leg.',
    reason: 'It may be a clot. Stretching or pressing could move it.',
  },
  {
    id: 'fall-no-weight',
    name: 'Cannot stand on the leg after a fall',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please have this looked at today before anything else.',
    reason: 'A bone may be broken.',
  },
  {
    id: 'growing-weakness',
    name: 'Growing weakness or spreading numbness in a leg',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. Nothing is tested or practised.',
    reason: 'A nerve may be losing its strength; it needs a look the same day.',
  },
  {
    id: 'heart-uncleared',
    name: 'Heart trouble, chest pain or fainting, not cleared by a doctor',
    level: 'refer-first',
    tests: 'all',
    demands: 'all',
    message: 'Please ask your doctor first what exercise is right for you.',
    reason: 'Effort and breath-holding load the heart.',
  },
  {
    id: 'recent-surgery',
    name: 'Surgery in the last three months',
    level: 'refer-first',
    tests: 'all',
    demands: 'all',
    message: 'Please bring the surgeon’s list of what is allowed; we begin from there.',
    reason: 'What has been sewn or fixed has its own time; only the surgeon knows it.',
  },
  {
    id: 'hip-replacement',
    name: 'Hip replacement from behind, or the way in is not known',
    level: 'refer-first',
    tests: [
      'prone-hip-rotation',
      'seated-hip-rotation',
      'knee-to-chest',
      'knee-to-opposite-shoulder',
      'deep-squat',
      'seated-rotation-strength',
    ],
    demands: ['deep-hip-flexion', 'crossing-midline', 'hip-extension-end'],
    message:
      'Ask which way the surgeon went in and what stays off limits. Deep bending, crossing and end-range extension stay out.',
    reason: 'Some directions can put the new joint at risk, and which ones depends on the way in.',
  },
  {
    id: 'pregnancy-early',
    name: 'Pregnant, first three months',
    level: 'adapt',
    tests: ['trunk-extension-hold', 'double-leg-lowering', 'front-plank'],
    demands: ['strong-hold'],
    message: 'Comfort leads. Questions about bleeding or complications go to the midwife or doctor.',
    reason: 'Heat, held breath and strain are kept low.',
  },
  {
    id: 'pregnancy-middle',
    name: 'Pregnant, months four to six',
    level: 'adapt',
    tests: [
      'prone-knee-bend',
      'prone-hip-rotation',
      'trochanteric-version',
      'prone-press-up',
      'prone-hip-extension',
      'prone-knee-flexion',
      'knee-to-opposite-shoulder',
      'double-leg-lowering',
      'front-plank',
      'side-plank',
      'trunk-extension-hold',
    ],
    demands: ['lying-on-front', 'strong-hold'],
    message: 'No lying on the front, no long spells flat on the back, nothing at the end of a range.',
    reason: 'Lying flat or on the front is uncomfortable, and ligaments give more.',
  },
  {
    id: 'pregnancy-late',
    name: 'Pregnant, last three months',
    level: 'adapt',
    tests: [
      'modified-thomas',
      'straight-leg-raise',
      'knee-extension-90-90',
      'prone-knee-bend',
      'prone-hip-rotation',
      'trochanteric-version',
      'prone-press-up',
      'prone-hip-extension',
      'prone-knee-flexion',
      'knee-to-chest',
      'knee-to-opposite-shoulder',
      'supine-abduction',
      'faber',
      'bent-knee-fall-out',
      'straddle',
      'adductor-squeeze',
      'single-leg-bridge',
      'single-leg-stance',
      'double-leg-lowering',
      'front-plank',
      'side-plank',
      'trunk-extension-hold',
      'sit-and-reach',
      'deep-squat',
    ],
    demands: ['lying-on-front', 'lying-on-back', 'wide-legs', 'strong-hold'],
    message:
      'Side-lying and seated shapes only. Stop for dizziness, bleeding, contractions; call the midwife or doctor.',
    reason: 'Lying flat can press on vessels; balance and pubic joint need care.',
  },
  {
    id: 'blood-pressure',
    name: 'High blood pressure',
    level: 'adapt',
    tests: ['wall-sit', 'front-plank', 'trunk-extension-hold'],
    demands: ['head-down', 'strong-hold'],
    message:
      'Keep breathing, keep effort moderate, head above the heart. If it is not under control, ask a doctor first.',
    reason: 'Strong holds, held breath and head-down shapes raise it further.',
  },
  {
    id: 'low-back-leg-pain',
    name: 'Low back trouble with pain down a leg',
    level: 'adapt',
    tests: ['straight-leg-raise', 'sit-and-reach', 'double-leg-lowering', 'prone-press-up'],
    demands: ['low-back-rounding', 'hamstring-end'],
    message: 'Knees stay bent and the back long. If it spreads or weakens, see a doctor soon.',
    reason: 'Rounding under load can send pain further down the leg.',
  },
  {
    id: 'low-back-ache',
    name: 'Low back ache',
    level: 'adapt',
    tests: ['double-leg-lowering'],
    demands: ['low-back-arching'],
    message: 'Pelvis first: keep the low back quiet and go less far.',
    reason: 'Arching the low back loads what aches.',
  },
  {
    id: 'sciatic',
    name: 'Tingling or shooting down the back of a leg',
    level: 'adapt',
    tests: ['straight-leg-raise', 'knee-extension-90-90', 'sit-and-reach'],
    demands: ['hamstring-end'],
    message: 'No long holds that pull on the back of the leg. Ask a clinician about it.',
    reason: 'A nerve that is pulled for long gets crosser, not longer.',
  },
  {
    id: 'osteoporosis',
    name: 'Brittle bones',
    level: 'adapt',
    tests: ['sit-and-reach', 'double-leg-lowering', 'trunk-extension-hold', 'straddle'],
    demands: ['low-back-rounding', 'strong-hold'],
    message: 'Hinge from the hips; do not round or twist the back under load.',
    reason: 'Rounding and twisting under load can break a weak vertebra.',
  },
  {
    id: 'groin-pinch',
    name: 'Pinching in the groin when the hip bends deeply',
    level: 'adapt',
    tests: ['knee-to-opposite-shoulder', 'deep-squat'],
    demands: ['deep-hip-flexion', 'crossing-midline'],
    message: 'Wider, less deep, a little turned out. Two to four weeks without change: ask a clinician.',
    reason: 'Bone may meet bone at the rim of the joint.',
  },
  {
    id: 'knee-injury',
    name: 'Knee ligament or meniscus injury',
    level: 'adapt',
    tests: ['prone-knee-bend', 'kneeling-sit', 'ober', 'figure-four'],
    demands: ['knee-bent-deep', 'knee-twist', 'kneeling'],
    message: 'Support the shin, no twist through the foot. Locking, swelling or giving way: clinician first.',
    reason: 'Twist and deep bend load ligaments and meniscus.',
  },
  {
    id: 'sit-bone',
    name: 'Sore sit bone in folds or when sitting',
    level: 'adapt',
    tests: ['knee-extension-90-90', 'sit-and-reach'],
    demands: ['hamstring-end'],
    message: 'Bend the knees and load gently rather than stretch.',
    reason: 'The tendon at the sit bone wants load, not a long pull.',
  },
  {
    id: 'outer-hip',
    name: 'Outer hip sore when lying on it or standing on one leg',
    level: 'adapt',
    tests: ['modified-ober', 'ober', 'side-plank'],
    demands: ['outer-hip-compression', 'crossing-midline'],
    message: 'No crossing of the legs, no hanging into the hip; quiet holds in mid-range.',
    reason: 'Crossing the leg presses the tendon against the bone.',
  },
  {
    id: 'very-mobile',
    name: 'Very mobile joints',
    level: 'adapt',
    tests: ['prone-press-up'],
    demands: ['hip-extension-end'],
    message: 'Strength in mid-range, at most 30 seconds, never at the end of the range.',
    reason: 'Ends of ranges are already far away; strength is what is missing.',
  },
  {
    id: 'eye-pressure',
    name: 'Raised eye pressure',
    level: 'adapt',
    tests: none,
    demands: ['head-down'],
    message: 'Head stays above the heart.',
    reason: 'Head-down shapes raise the pressure in the eye.',
  },
  {
    id: 'older-adult',
    name: 'Over 65 or unsure on the feet',
    level: 'note',
    tests: none,
    demands: [],
    message: 'Chair or wall within reach; give time for getting down and up.',
    reason: 'Getting down and up takes time, and a fall costs more.',
  },
  {
    id: 'touch',
    name: 'Prefers not to be touched',
    level: 'note',
    tests: none,
    demands: [],
    message: 'Ask each time; let the student hold still alone, and write that down.',
    reason: 'Touch is the student’s to give or keep.',
  },
  {
    id: 'bone-stress',
    name: 'Groin or thigh pain that grows with running or jumping',
    level: 'refer-first',
    tests: ['single-leg-stance', 'heel-raises', 'single-leg-bridge', 'deep-squat', 'wall-sit'],
    demands: ['strong-hold'],
    message: 'Please have it looked at before anything on one leg. Leave running and jumping until then.',
    reason: 'A bone may be overloaded; it does not show on the outside.',
  },
  {
    id: 'after-birth',
    name: 'Gave birth in the last twelve weeks, or by Caesarean',
    level: 'refer-first',
    tests: ['double-leg-lowering', 'front-plank', 'side-plank', 'trunk-extension-hold', 'prone-press-up'],
    demands: ['strong-hold', 'head-down'],
    message: 'First the check-up and a yes from there. Breath, walking and gentle hips meanwhile.',
    reason: 'Belly wall and pelvic floor need their time before they are loaded.',
  },
  {
    id: 'pressure-uncontrolled',
    name: 'High blood pressure that is not under control',
    level: 'refer-first',
    tests: 'all',
    demands: 'all',
    message: 'Please ask your doctor first, and bring the latest reading.',
    reason: 'Strong efforts raise the pressure at once.',
  },
  {
    id: 'spinal-narrowing',
    name: 'Legs get heavy in standing or bending back, better in sitting',
    level: 'adapt',
    tests: ['prone-press-up', 'trunk-extension-hold'],
    demands: ['low-back-arching'],
    message: 'No bending back; rounded and seated shapes are comfortable. Ask a clinician if it is new.',
    reason: 'Bending back narrows the room for the nerves.',
  },
  {
    id: 'hip-replacement-front',
    name: 'Hip replacement from the front or side',
    level: 'refer-first',
    tests: ['modified-thomas', 'prone-hip-rotation', 'faber', 'side-lying-abduction', 'bent-knee-fall-out'],
    demands: ['hip-extension-end', 'wide-legs'],
    message: 'Ask for the surgeon’s limits. Straightening far back together with turning out stays out.',
    reason: 'Going in from the front weakens the front of the joint for a while.',
  },
  {
    id: 'knee-unstable',
    name: 'Knee that locks, swells or gives way',
    level: 'refer-first',
    tests: [
      'prone-knee-bend',
      'kneeling-sit',
      'figure-four',
      'deep-squat',
      'wall-sit',
      'seated-knee-extension',
      'ober',
    ],
    demands: ['knee-bent-deep', 'knee-twist', 'kneeling'],
    message: 'Please have the knee looked at first; the rest of the body can go on.',
    reason: 'Something inside the joint may be loose.',
  },
  {
    id: 'pelvis-back',
    name: 'Pain at one side of the back of the pelvis',
    level: 'adapt',
    tests: ['faber', 'knee-to-opposite-shoulder'],
    demands: ['wide-legs'],
    message: 'Even, small and symmetrical; a strap round the hips may help. Ask a clinician if it stays.',
    reason: 'Uneven deep shapes pull the joint at the back of the pelvis apart.',
  },
  {
    id: 'hot-joint',
    name: 'A joint that is hot, red and swollen, or with fever',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. The joint rests until then.',
    reason: 'It may be infected.',
  },
  {
    id: 'inflamed-joints',
    name: 'Inflammatory joint disease, in a flare',
    level: 'adapt',
    tests: ['prone-press-up'],
    demands: ['strong-hold', 'head-down'],
    message: 'Gentle middle ranges on good days; nothing with weight on the neck.',
    reason: 'Inflamed joints and neck ligaments do not bear end ranges.',
  },
  {
    id: 'dizziness',
    name: 'Epilepsy, dizziness or fainting',
    level: 'adapt',
    tests: ['single-leg-stance'],
    demands: ['head-down'],
    message: 'Near floor or wall, no head-down shapes, slow changes.',
    reason: 'A fall is the danger.',
  },
  {
    id: 'young',
    name: 'Child or teenager',
    level: 'adapt',
    tests: ['trochanteric-version', 'adductor-squeeze', 'seated-knee-extension', 'prone-knee-flexion'],
    demands: ['strong-hold'],
    message: 'With a guardian’s consent, moving alone, as play. Hip, thigh or knee pain with a limp: a doctor first.',
    reason: 'Growing bone can slip where grown bone would not.',
  },
  {
    id: 'skin-and-blood',
    name: 'Numb or fragile skin, blood thinners or long use of steroids',
    level: 'adapt',
    tests: none,
    demands: ['outer-hip-compression'],
    message: 'Pad every prop, look at the skin, no firm pressing.',
    reason: 'Pressure marks and bruises come easily and may not be felt.',
  },
  {
    id: 'pain-lingers',
    name: 'Pain after the last test or practice for more than a day',
    level: 'adapt',
    tests: none,
    demands: ['strong-hold'],
    message: 'Half as far and half as long today. Twice in a row: ask a clinician.',
    reason: 'What hurts a day later was too much.',
  },
];

/** A caution by its id, or null. */
export const cautionById = (id: string): Caution | null => CAUTIONS.find((c) => c.id === id) ?? null;
