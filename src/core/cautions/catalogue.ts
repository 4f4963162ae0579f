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
  },
  {
    id: 'night-pain',
    name: 'Pain at night that no position eases, with fever, weight loss or a history of cancer',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. Nothing is tested or practised until then.',
  },
  {
    id: 'hot-calf',
    name: 'One calf or thigh hot, swollen and tender',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. Do not stretch, press or test this leg.',
  },
  {
    id: 'fall-no-weight',
    name: 'Cannot stand on the leg after a fall',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please have this looked at today before anything else.',
  },
  {
    id: 'growing-weakness',
    name: 'Growing weakness or spreading numbness in a leg',
    level: 'refer-now',
    tests: 'all',
    demands: 'all',
    message: 'Please see a doctor today. Nothing is tested or practised.',
  },
  {
    id: 'heart-uncleared',
    name: 'Heart trouble, chest pain or fainting, not cleared by a doctor',
    level: 'refer-first',
    tests: 'all',
    demands: 'all',
    message: 'Please ask your doctor first what exercise is right for you.',
  },
  {
    id: 'recent-surgery',
    name: 'Surgery in the last three months',
    level: 'refer-first',
    tests: 'all',
    demands: 'all',
    message: 'Please bring the surgeon’s list of what is allowed; we begin from there.',
  },
  {
    id: 'hip-replacement',
    name: 'Hip replacement',
    level: 'refer-first',
    tests: [
      'modified-thomas',
      'prone-hip-rotation',
      'seated-hip-rotation',
      'knee-to-chest',
      'knee-to-opposite-shoulder',
    ],
    demands: ['deep-hip-flexion', 'crossing-midline', 'hip-extension-end'],
    message:
      'Ask which way the surgeon went in and what stays off limits. Deep bending, crossing and end-range extension stay out.',
  },
  {
    id: 'pregnancy-early',
    name: 'Pregnant, first three months',
    level: 'adapt',
    tests: none,
    demands: ['strong-hold'],
    message: 'Comfort leads. Questions about bleeding or complications go to the midwife or doctor.',
  },
  {
    id: 'pregnancy-middle',
    name: 'Pregnant, months four to six',
    level: 'adapt',
    tests: ['prone-knee-bend', 'prone-hip-rotation', 'knee-to-opposite-shoulder'],
    demands: ['lying-on-front', 'strong-hold'],
    message: 'No lying on the front, no long spells flat on the back, nothing at the end of a range.',
  },
  {
    id: 'pregnancy-late',
    name: 'Pregnant, last three months',
    level: 'adapt',
    tests: [
      'modified-thomas',
      'prone-knee-bend',
      'prone-hip-rotation',
      'knee-to-chest',
      'knee-to-opposite-shoulder',
      'supine-abduction',
    ],
    demands: ['lying-on-front', 'lying-on-back', 'wide-legs', 'strong-hold'],
    message:
      'Side-lying and seated shapes only. Stop for dizziness, bleeding, contractions; call the midwife or doctor.',
  },
  {
    id: 'blood-pressure',
    name: 'High blood pressure',
    level: 'adapt',
    tests: none,
    demands: ['head-down', 'strong-hold'],
    message:
      'Keep breathing, keep effort moderate, head above the heart. If it is not under control, ask a doctor first.',
  },
  {
    id: 'low-back-leg-pain',
    name: 'Low back trouble with pain down a leg',
    level: 'adapt',
    tests: ['straight-leg-raise'],
    demands: ['low-back-rounding', 'hamstring-end'],
    message: 'Knees stay bent and the back long. If it spreads or weakens, see a doctor soon.',
  },
  {
    id: 'low-back-ache',
    name: 'Low back ache',
    level: 'adapt',
    tests: none,
    demands: ['low-back-arching'],
    message: 'Pelvis first: keep the low back quiet and go less far.',
  },
  {
    id: 'sciatic',
    name: 'Tingling or shooting down the back of a leg',
    level: 'adapt',
    tests: ['straight-leg-raise', 'knee-extension-90-90'],
    demands: ['hamstring-end'],
    message: 'No long holds that pull on the back of the leg. Ask a clinician about it.',
  },
  {
    id: 'osteoporosis',
    name: 'Brittle bones',
    level: 'adapt',
    tests: none,
    demands: ['low-back-rounding', 'strong-hold'],
    message: 'Hinge from the hips; do not round or twist the back under load.',
  },
  {
    id: 'groin-pinch',
    name: 'Pinching in the groin when the hip bends deeply',
    level: 'adapt',
    tests: ['knee-to-opposite-shoulder'],
    demands: ['deep-hip-flexion', 'crossing-midline'],
    message: 'Wider, less deep, a little turned out. Two to four weeks without change: ask a clinician.',
  },
  {
    id: 'knee-injury',
    name: 'Knee ligament or meniscus injury',
    level: 'adapt',
    tests: ['prone-knee-bend'],
    demands: ['knee-bent-deep', 'knee-twist', 'kneeling'],
    message: 'Support the shin, no twist through the foot. Locking, swelling or giving way: clinician first.',
  },
  {
    id: 'sit-bone',
    name: 'Sore sit bone in folds or when sitting',
    level: 'adapt',
    tests: ['knee-extension-90-90'],
    demands: ['hamstring-end'],
    message: 'Bend the knees and load gently rather than stretch.',
  },
  {
    id: 'outer-hip',
    name: 'Outer hip sore when lying on it or standing on one leg',
    level: 'adapt',
    tests: ['modified-ober'],
    demands: ['outer-hip-compression', 'crossing-midline'],
    message: 'No crossing of the legs, no hanging into the hip; quiet holds in mid-range.',
  },
  {
    id: 'very-mobile',
    name: 'Very mobile joints',
    level: 'adapt',
    tests: none,
    demands: ['hip-extension-end'],
    message: 'Strength in mid-range, at most 30 seconds, never at the end of the range.',
  },
  {
    id: 'eye-pressure',
    name: 'Raised eye pressure',
    level: 'adapt',
    tests: none,
    demands: ['head-down'],
    message: 'Head stays above the heart.',
  },
  {
    id: 'older-adult',
    name: 'Over 65 or unsure on the feet',
    level: 'note',
    tests: none,
    demands: [],
    message: 'Chair or wall within reach; give time for getting down and up.',
  },
  {
    id: 'touch',
    name: 'Prefers not to be touched',
    level: 'note',
    tests: none,
    demands: [],
    message: 'Ask each time; let the student hold still alone, and write that down.',
  },
];

/** A caution by its id, or null. */
export const cautionById = (id: string): Caution | null => CAUTIONS.find((c) => c.id === id) ?? null;
