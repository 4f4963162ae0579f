import type { CautionId } from '@/core/cautions/catalogue';
import type { Place } from '@/core/students/student';
import type { TestId } from './battery';

/**
 * What a student says, what may lie behind it, and which tests make an idea likelier or less likely. Never a diagnosis.
 */
export interface ComplaintPattern {
  id: string;
  /** In the student's words. */
  says: string;
  places: readonly Place[];
  /** Ideas, likeliest first, in plain words. All are possibilities (rule of thumb). */
  ideas: readonly string[];
  /** Tests that raise or lower an idea, most telling first. */
  tests: readonly TestId[];
  /** The direction in which practice begins meanwhile. */
  begin: string;
  /** When to send her to a clinician. */
  refer: string;
  /** A caution that this complaint asks to be thought of. */
  caution?: CautionId;
}

export const COMPLAINTS: readonly ComplaintPattern[] = [
  {
    id: 'outer-hip-lying',
    says: 'The outside of the hip hurts when I lie on it or stand on one leg',
    places: ['outer-hip'],
    ideas: ['tendons of the outer hip', 'TFL and its band', 'the joint', 'the low back'],
    tests: ['single-leg-stance', 'side-lying-abduction'],
    begin: 'No crossing of the legs; quiet holds for the outer hip.',
    refer: 'Longer than four weeks, pain at night or a limp.',
    caution: 'outer-hip',
  },
  {
    id: 'front-after-sitting',
    says: 'The front of the hip is stiff after sitting',
    places: ['front-hip-crease', 'front-thigh'],
    ideas: ['length of psoas and iliacus, rectus femoris or TFL', 'the front of the joint', 'a weak psoas'],
    tests: ['modified-thomas', 'prone-knee-bend', 'knee-to-chest', 'seated-hip-flexion-hold'],
    begin: 'Straighten the hip gently with a little buttock.',
    refer: 'A pinch, catching or locking.',
  },
  {
    id: 'groin-pinch-deep',
    says: 'It pinches in the groin when I bend deeply or squat',
    places: ['groin-pinch', 'front-hip-crease'],
    ideas: ['bone meeting bone', 'the rim of the joint', 'psoas', 'adductors'],
    tests: ['knee-to-chest', 'seated-hip-rotation', 'deep-squat'],
    begin: 'Wider and less deep.',
    refer: 'Unchanged after two to four weeks, at night, or catching.',
    caution: 'groin-pinch',
  },
  {
    id: 'inner-thigh',
    says: 'The inner thigh or groin pulls',
    places: ['inner-thigh-high', 'inner-thigh-long', 'groin-pinch'],
    ideas: ['adductors', 'gracilis', 'pectineus', 'the pubic joint', 'the hip joint'],
    tests: ['supine-abduction', 'bent-knee-fall-out', 'side-lying-adduction', 'adductor-squeeze'],
    begin: 'Load the adductors gently.',
    refer: 'A sore pubic bone in pregnancy, a lump, or fever.',
  },
  {
    id: 'buttock-leg',
    says: 'Deep in the buttock, with tingling or an ache down the leg',
    places: ['deep-buttock', 'leg-line', 'whole-buttock'],
    ideas: ['the nerve, at the low back first', 'the nerve deep in the buttock', 'piriformis'],
    tests: ['straight-leg-raise', 'slump', 'figure-four', 'knee-to-opposite-shoulder', 'prone-press-up'],
    begin: 'No long holds; walking.',
    refer: 'Weakness, numbness or getting worse: soon.',
    caution: 'sciatic',
  },
  {
    id: 'buttock-deep',
    says: 'Deep in the buttock, nothing in the leg',
    places: ['deep-buttock', 'whole-buttock'],
    ideas: ['piriformis and deep rotators', 'gluteus maximus', 'the back of the pelvis', 'referred from the back'],
    tests: ['prone-hip-rotation', 'figure-four', 'knee-to-opposite-shoulder', 'seated-rotation-strength'],
    begin: 'Lengthen and load, both.',
    refer: 'Unchanged after six weeks.',
  },
  {
    id: 'sit-bone',
    says: 'The sit bone is sore in forward folds or sitting',
    places: ['sit-bone'],
    ideas: ['tendon of the hamstrings', 'deep rotators', 'a bursa'],
    tests: ['straight-leg-raise', 'prone-knee-flexion', 'single-leg-bridge'],
    begin: 'Knees bent, load rather than stretch.',
    refer: 'Longer than four to six weeks, or a sudden pop.',
    caution: 'sit-bone',
  },
  {
    id: 'back-thigh',
    says: 'The middle of the back thigh pulls',
    places: ['back-thigh'],
    ideas: ['hamstrings', 'the nerve'],
    tests: ['straight-leg-raise', 'knee-extension-90-90', 'slump'],
    begin: 'Stretch and strength together.',
    refer: 'A pop, a bruise, or walking is hard.',
  },
  {
    id: 'behind-knee',
    says: 'Tight behind the knee',
    places: ['behind-knee'],
    ideas: ['the nerve', 'gastrocnemius', 'the back of the knee joint', 'a swelling'],
    tests: ['knee-extension-90-90', 'straight-knee-lunge', 'straight-leg-raise'],
    begin: 'Knees soft.',
    refer: 'Swelling, or a hot calf: today.',
  },
  {
    id: 'outer-knee',
    says: 'The outside of the knee, walking downhill or running',
    places: ['knee', 'outer-thigh'],
    ideas: ['the band of the outer thigh', 'biceps femoris', 'meniscus', 'control at the hip'],
    tests: ['modified-ober', 'side-lying-abduction', 'single-leg-stance'],
    begin: 'Load the hip; a slower pace.',
    refer: 'Locking or swelling.',
  },
  {
    id: 'front-knee',
    says: 'The front of the knee, kneeling or on stairs',
    places: ['knee', 'front-thigh'],
    ideas: ['load at the kneecap', 'rectus femoris or vasti', 'control at the hip'],
    tests: ['prone-knee-bend', 'kneeling-sit', 'wall-sit', 'side-lying-abduction'],
    begin: 'Pad it, bend less, load it.',
    refer: 'Swelling or giving way.',
  },
  {
    id: 'inner-knee-crossed',
    says: 'The inside of the knee when I sit cross-legged',
    places: ['knee'],
    ideas: ['the knee twisting because the hip does not turn out', 'meniscus'],
    tests: ['seated-hip-rotation', 'figure-four', 'trochanteric-version'],
    begin: 'Support the shin, turn less.',
    refer: 'A pop, locking or swelling.',
    caution: 'knee-injury',
  },
  {
    id: 'back-bending-back',
    says: 'The low back aches in back-bends or standing',
    places: ['low-back'],
    ideas: ['joints of the low back', 'short hip flexors', 'abdominal control'],
    tests: ['modified-thomas', 'standing-pelvic-tilt', 'prone-press-up', 'double-leg-lowering'],
    begin: 'Hips first.',
    refer: 'Anything in a leg, or after a fall.',
    caution: 'low-back-ache',
  },
  {
    id: 'back-bending-forward',
    says: 'The low back aches after folding forward or sitting',
    places: ['low-back'],
    ideas: ['load on the spine', 'short hamstrings', 'hips that do not bend far'],
    tests: ['straight-leg-raise', 'knee-to-chest', 'sit-and-reach', 'trunk-extension-hold'],
    begin: 'Hinge with bent knees.',
    refer: 'Anything in a leg.',
    caution: 'low-back-ache',
  },
  {
    id: 'one-side-pelvis',
    says: 'One side of the low back or of the back of the pelvis',
    places: ['low-back', 'whole-buttock'],
    ideas: ['joint at the back of the pelvis', 'quadratus lumborum', 'a small joint of the spine', 'the hip'],
    tests: ['faber', 'knee-to-opposite-shoulder', 'side-plank', 'supine-abduction'],
    begin: 'Even and small.',
    refer: 'After a fall, with fever, or strong in pregnancy.',
    caution: 'pelvis-back',
  },
  {
    id: 'front-snap',
    says: 'A snap or click at the front of the hip that does not hurt',
    places: ['front-hip-crease', 'groin-pinch'],
    ideas: ['psoas slipping', 'the band slipping'],
    tests: ['modified-thomas', 'knee-to-chest'],
    begin: 'Slow control of the whole range.',
    refer: 'When it hurts or locks.',
  },
  {
    id: 'outer-snap',
    says: 'A snap at the outer hip',
    places: ['outer-hip', 'outer-thigh'],
    ideas: ['the band or gluteus maximus slipping over the bone'],
    tests: ['modified-ober', 'side-lying-abduction'],
    begin: 'Control.',
    refer: 'When it hurts.',
  },
  {
    id: 'just-tight',
    says: 'My hips just feel tight, nothing hurts',
    places: ['outer-hip', 'front-hip-crease', 'whole-buttock', 'inner-thigh-high', 'back-thigh'],
    ideas: ['tone rather than length', 'weakness', 'usual ranges that feel tight'],
    tests: ['modified-thomas', 'straight-leg-raise', 'prone-hip-rotation', 'knee-to-chest', 'single-leg-bridge'],
    begin: 'Strength and breath.',
    refer: 'Nothing special.',
  },
  {
    id: 'cross-legged',
    says: 'I cannot sit cross-legged',
    places: ['outer-hip', 'inner-thigh-high', 'deep-buttock', 'knee', 'nowhere'],
    ideas: ['twist of the thigh bone or capsule', 'adductors', 'gluteals', 'the knee'],
    tests: ['seated-hip-rotation', 'prone-hip-rotation', 'knee-to-chest', 'bent-knee-fall-out', 'trochanteric-version'],
    begin: 'Raise the seat.',
    refer: 'Knee pain.',
  },
  {
    id: 'heels-up',
    says: 'My heels do not come down in squat or dog',
    places: ['calf-high', 'calf-low', 'ankle-front', 'nowhere'],
    ideas: ['soleus', 'gastrocnemius', 'the ankle joint', 'hip or hamstrings'],
    tests: ['knee-to-wall', 'straight-knee-lunge', 'deep-squat'],
    begin: 'A wedge under the heels.',
    refer: 'A swollen ankle.',
  },
  {
    id: 'kneeling-foot',
    says: 'Kneeling hurts the top of the foot or the ankle',
    places: ['instep', 'ankle-front'],
    ideas: ['muscles at the front of the ankle', 'joints of the foot', 'a nerve'],
    tests: ['kneeling-sit'],
    begin: 'A blanket under the shin.',
    refer: 'Numb toes.',
  },
  {
    id: 'uneven-hips',
    says: 'One hip is higher, or a leg feels shorter',
    places: ['low-back', 'outer-hip', 'nowhere'],
    ideas: ['habit of quadratus lumborum or hip', 'a curve of the spine', 'a true difference in length'],
    tests: ['standing-pelvic-tilt', 'single-leg-stance', 'supine-abduction'],
    begin: 'Note it; nothing to mend.',
    refer: 'More than 2 cm, growing, or with pain.',
  },
  {
    id: 'calf-swollen',
    says: 'The calf is sore and swollen',
    places: ['calf-high', 'calf-low'],
    ideas: [],
    tests: [],
    begin: 'Nothing: no stretch, no pressing, no test.',
    refer: 'Today.',
    caution: 'hot-calf',
  },
  {
    id: 'night-any',
    says: 'It hurts at night, whatever I do',
    places: ['front-hip-crease', 'outer-hip', 'deep-buttock', 'low-back', 'groin-pinch', 'whole-buttock'],
    ideas: [],
    tests: [],
    begin: 'Nothing until it has been looked at.',
    refer: 'Today.',
    caution: 'night-pain',
  },
  {
    id: 'groin-over-fifty',
    says: 'Over fifty, stiff, the groin aches, short walks, loose again within an hour of the morning',
    places: ['groin-pinch', 'front-hip-crease'],
    ideas: ['wear of the joint'],
    tests: ['seated-hip-rotation', 'knee-to-chest'],
    begin: 'Load and easy range.',
    refer: 'Suggest a clinician.',
  },
  {
    id: 'front-thigh-numb',
    says: 'The skin of the front or outer thigh is numb or burns',
    places: ['front-thigh', 'outer-thigh'],
    ideas: ['a nerve of the skin, pressed by a belt or a fold'],
    tests: [],
    begin: 'No pressure at the fold of the hip.',
    refer: 'Getting worse, or weak.',
  },
];

export const complaintById = (id: string): ComplaintPattern | null => COMPLAINTS.find((c) => c.id === id) ?? null;

/** What a complaint at this place may sound like; the closest first by how few other places it is said of. */
export const soundsLike = (place: Place): ComplaintPattern[] =>
  COMPLAINTS.filter((c) => c.places.includes(place)).sort((a, b) => a.places.length - b.places.length);

/** A test that complaints ask for, with what asks for it. */
export interface Suggested {
  test: string;
  because: string[];
}

/**
 * Tests to look at first for these complaints: those that several ask for, then the most telling of each. What a
 * complaint sounds like narrows it; without, every pattern of its place speaks with less weight.
 */
export function testsFor(complaints: readonly { place: Place; sounds?: string }[]): Suggested[] {
  const found = new Map<string, { weight: number; because: Set<string> }>();
  for (const c of complaints) {
    const own = c.sounds ? complaintById(c.sounds) : null;
    const patterns = own ? [own] : soundsLike(c.place);
    for (const p of patterns)
      p.tests.forEach((test, i) => {
        const entry = found.get(test) ?? { weight: 0, because: new Set<string>() };
        entry.weight += 1 / (1 + 0.25 * i) / patterns.length;
        entry.because.add(p.says);
        found.set(test, entry);
      });
  }
  return [...found]
    .sort(([a, x], [b, y]) => y.weight - x.weight || (a < b ? -1 : 1))
    .map(([test, { because }]) => ({ test, because: [...because] }));
}
