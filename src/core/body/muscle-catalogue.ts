import { say } from '@/core/languages/spoken';
/** Where on the body a muscle is looked for; the order of the atlas. */
export const REGIONS = ['front', 'outer', 'buttock', 'inner', 'back', 'shin-calf', 'trunk'] as const;
export type Region = (typeof REGIONS)[number];
export const REGION_WORDS: Readonly<Record<Region, string>> = {
  front: 'Front of hip and thigh',
  outer: 'Outer hip',
  buttock: 'Buttock',
  inner: 'Inner thigh',
  back: 'Back of thigh',
  'shin-calf': 'Shin and calf',
  trunk: 'Trunk',
};

export interface MuscleEntry {
  structure: string;
  name: string;
  plain: string;
  region: Region;
  /** Where it runs. */
  runs: string;
  /** Where a hand finds it. */
  feel: string;
  /** What students say when it may have a part: possibilities, never a diagnosis. */
  said: string;
  /** What to be careful with; empty where nothing special holds. */
  care: string;
}

/** Every muscle group of the model in plain words. Sentences are ours. */
export const MUSCLES: readonly MuscleEntry[] = [
  {
    structure: 'psoas',
    name: 'psoas major',
    plain: 'deep front of the hip, from the spine',
    region: 'front',
    runs: 'From the sides of the lumbar spine, over the rim of the pelvis, to the inside of the thigh bone.',
    feel: 'Too deep for a teacher’s hand: watch the low back instead.',
    said: 'A pull in the low back when arching, an ache at the front of the hip after sitting, a dull click there.',
    care: 'Do not press for it: with a pulse under the fingers or in pregnancy not at all. That is a clinician’s skill.',
  },
  {
    structure: 'iliacus',
    name: 'iliacus',
    plain: 'deep front of the hip, from the pelvis',
    region: 'front',
    runs: 'From the inner bowl of the hip bone, over its rim, to the same place as psoas.',
    feel: 'Just inside the front hip bone, with the knee bent and the belly soft.',
    said: 'An ache at the front of the hip after sitting.',
    care: 'Press gently or not at all.',
  },
  {
    structure: 'rectus-femoris',
    name: 'rectus femoris',
    plain: 'front thigh, crosses hip and knee',
    region: 'front',
    runs: 'From below the front hip bone down the middle of the thigh to the kneecap.',
    feel: 'The middle ridge of the front thigh when a straight leg is lifted.',
    said: 'A cramp in the front thigh, a pull towards the kneecap with the heel held.',
    care: 'Kneecap or joint-line pain ends the stretch.',
  },
  {
    structure: 'vasti',
    name: 'vasti',
    plain: 'front thigh, the part that only crosses the knee',
    region: 'front',
    runs: 'From both sides and the front of the thigh bone to the kneecap. Three heads, one line here: they share the knee’s leverage.',
    feel: 'The bulges above and beside the kneecap.',
    said: 'An ache round the kneecap on stairs or in kneeling.',
    care: 'Swelling or giving way belongs to a clinician first.',
  },
  {
    structure: 'sartorius',
    name: 'sartorius',
    plain: 'the long strap across the thigh',
    region: 'front',
    runs: 'From the front hip bone across the thigh to the inside of the shin.',
    feel: 'A cord from the front hip bone inwards when the leg is lifted in tailor’s position.',
    said: 'A thin pull from the front hip bone inwards.',
    care: '',
  },
  {
    structure: 'tensor-fasciae-latae',
    name: 'tensor fasciae latae',
    plain: 'outer front of the hip, with its band',
    region: 'outer',
    runs: 'From the front hip bone into the long band down the outside of the thigh to the shin.',
    feel: 'The pad under the trouser pocket, when the lifted leg turns in.',
    said: 'An ache outside the hip or outside the knee when walking down.',
    care: 'Rolling the band on the hip knob can irritate it: ease when that is sore.',
  },
  {
    structure: 'gluteus-medius',
    name: 'gluteus medius',
    plain: 'side of the hip',
    region: 'outer',
    runs: 'A fan from the outside of the hip bone to the outer knob of the thigh bone.',
    feel: 'Between the rim of the hip bone and the outer knob, when standing on that leg.',
    said: 'Soreness outside the hip when lying on it or standing on one leg.',
    care: 'A sore outer knob is no place for leg-cross stretches.',
  },
  {
    structure: 'gluteus-minimus',
    name: 'gluteus minimus',
    plain: 'side of the hip, the deeper layer',
    region: 'outer',
    runs: 'Under gluteus medius, from the hip bone to the front of the outer knob.',
    feel: 'Not to be told from gluteus medius by hand.',
    said: 'As gluteus medius.',
    care: 'As gluteus medius.',
  },
  {
    structure: 'gluteus-maximus',
    name: 'gluteus maximus',
    plain: 'large buttock muscle',
    region: 'buttock',
    runs: 'From the sacrum and the back of the hip bone to the outer band and the back of the thigh bone.',
    feel: 'The mass of the buttock when the leg is lifted behind.',
    said: 'Stiff when standing up, a low back that does its work.',
    care: '',
  },
  {
    structure: 'piriformis',
    name: 'piriformis',
    plain: 'deep buttock, from the sacrum',
    region: 'buttock',
    runs: 'From the front of the sacrum, through the back of the pelvis, to the top of the outer knob.',
    feel: 'Halfway between the edge of the sacrum and the outer knob, through a soft buttock.',
    said: 'An ache deep in the buttock, worse with sitting.',
    care: 'Tingling down the leg: no long holds, and a clinician first.',
  },
  {
    structure: 'deep-external-rotators',
    name: 'deep rotators',
    plain: 'obturators, gemelli and quadratus femoris',
    region: 'buttock',
    runs: 'Short muscles from sit bone and pelvis floor to the back of the outer knob.',
    feel: 'Behind the outer knob, below piriformis.',
    said: 'An ache near the sit bone or behind the hip knob.',
    care: 'Tingling down the leg: no long holds, and a clinician first.',
  },
  {
    structure: 'adductors-short',
    name: 'adductor longus and brevis',
    plain: 'short inner thigh',
    region: 'inner',
    runs: 'From the pubic bone to the inner ridge of the thigh bone.',
    feel: 'The cord from the pubic bone when the knees press together.',
    said: 'A pull high inside the thigh.',
    care: 'Sharp pain at the pubic bone ends the test.',
  },
  {
    structure: 'adductor-magnus',
    name: 'adductor magnus',
    plain: 'large inner thigh',
    region: 'inner',
    runs: 'From pubic bone and sit bone along the whole inner thigh to just above the knee.',
    feel: 'Behind the adductor cord, towards the sit bone.',
    said: 'A pull deep inside the thigh in wide folds.',
    care: '',
  },
  {
    structure: 'pectineus',
    name: 'pectineus',
    plain: 'top of the inner thigh',
    region: 'inner',
    runs: 'From the front of the pubic bone to the thigh bone just below the hip.',
    feel: 'In the groin crease beside the pulse: leave the pulse alone.',
    said: 'A pull in the groin crease.',
    care: 'A lump or a sharp pinch there belongs to a clinician.',
  },
  {
    structure: 'gracilis',
    name: 'gracilis',
    plain: 'long inner thigh, crosses the knee',
    region: 'inner',
    runs: 'A thin strap from the pubic bone to the inside of the shin.',
    feel: 'The thin cord inside the knee when it bends against a hand.',
    said: 'A long pull inside the thigh down to the knee.',
    care: '',
  },
  {
    structure: 'hamstrings',
    name: 'hamstrings',
    plain: 'back of the thigh',
    region: 'back',
    runs: 'From the sit bone to both sides of the shin below the knee: two inside, one outside.',
    feel: 'From the sit bone to the cords behind the knee.',
    said: 'A pull along the back thigh, soreness at the sit bone in folds.',
    care: 'A sharp spot at the sit bone: load it, do not stretch it.',
  },
  {
    structure: 'biceps-femoris-short-head',
    name: 'short head of biceps femoris',
    plain: 'outer back of the thigh, knee only',
    region: 'back',
    runs: 'From the back of the thigh bone to the outside of the shin.',
    feel: 'Under the outer cord behind the knee.',
    said: 'Tight behind the outside of the knee.',
    care: '',
  },
  {
    structure: 'gastrocnemius',
    name: 'gastrocnemius',
    plain: 'upper calf, crosses the knee',
    region: 'shin-calf',
    runs: 'From above the knee to the heel.',
    feel: 'The two heads of the upper calf on tiptoe.',
    said: 'A cramp in the calf, heels that do not come down in dog.',
    care: 'A hot, swollen or tender calf is never tested or stretched: urgent care.',
  },
  {
    structure: 'soleus',
    name: 'soleus',
    plain: 'lower calf',
    region: 'shin-calf',
    runs: 'From the back of the shin to the heel.',
    feel: 'The flat part of the calf beside its tendon, knee bent.',
    said: 'Heels that lift in a squat, a tight heel tendon.',
    care: 'A hot, swollen or tender calf is never tested or stretched: urgent care.',
  },
  {
    structure: 'ankle-dorsiflexors',
    name: 'tibialis anterior and toe extensors',
    plain: 'front of the shin',
    region: 'shin-calf',
    runs: 'From the outside of the shin over the front of the ankle to the arch and the toes.',
    feel: 'Outside the edge of the shin bone when the foot lifts.',
    said: 'A pull or a cramp over the foot’s top in kneeling.',
    care: '',
  },
  {
    structure: 'erector-spinae',
    name: 'erector spinae',
    plain: 'ridges beside the spine',
    region: 'trunk',
    runs: 'From sacrum and hip bones up both sides of the spine.',
    feel: 'The two ridges beside the spine.',
    said: 'An ache in the low back after folding or standing.',
    care: 'With thin bones no loaded rounding.',
  },
  {
    structure: 'quadratus-lumborum',
    name: 'quadratus lumborum',
    plain: 'side of the waist',
    region: 'trunk',
    runs: 'From the back rim of the hip bone to the lowest rib.',
    feel: 'At the side of the waist, between rim and rib.',
    said: 'One hip carried high, an ache on one side of the low back.',
    care: '',
  },
  {
    structure: 'rectus-abdominis',
    name: 'rectus abdominis',
    plain: 'front of the belly',
    region: 'trunk',
    runs: 'From the pubic bone to the lower ribs.',
    feel: 'The two straps beside the navel when the head lifts.',
    said: 'A back that arches when the legs are lowered.',
    care: 'Not loaded late in pregnancy nor soon after birth.',
  },
  {
    structure: 'obliques',
    name: 'obliques',
    plain: 'sides of the belly',
    region: 'trunk',
    runs: 'Two crossing sheets between ribs and hip bones: the outer one runs down and forward, the inner one up and forward.',
    feel: 'The side of the belly when the trunk turns.',
    said: 'A trunk that gives way in turning.',
    care: 'Strong twists not late in pregnancy.',
  },
];

/** A muscle by its structure's id, or null. */
export const muscleEntry = (structure: string): MuscleEntry | null =>
  MUSCLES.find((e) => e.structure === structure) ?? null;

const PART_WORDS: Readonly<Record<string, string>> = {
  anterior: 'front fibres',
  posterior: 'back fibres',
  upper: 'upper fibres',
  middle: 'middle fibres',
  lower: 'lower fibres',
  medial: 'inner head',
  lateral: 'outer head',
};

/** What one line of a muscle is called beside the others of the same muscle. */
export function lineWords(line: string): string {
  const part = PART_WORDS[line.split('-').at(-1) ?? ''];
  if (part) return say(part);
  return line.replace('femoris-', 'femoris, ').replaceAll('-', ' ').replace('internus gemelli', 'internus and gemelli');
}
