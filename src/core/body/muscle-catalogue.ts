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

const m = (
  structure: string,
  name: string,
  plain: string,
  region: Region,
  runs: string,
  feel: string,
  said: string,
  care = '',
): MuscleEntry => ({ structure, name, plain, region, runs, feel, said, care });

/** Every muscle group of the model in plain words. Sentences are ours. */
export const MUSCLES: readonly MuscleEntry[] = [
  m('psoas', 'psoas major', 'deep front of the hip, from the spine', 'front', 'From the sides of the lumbar spine, over the rim of the pelvis, to the inside of the thigh bone.', 'Too deep for a teacher’s hand: watch the low back instead.', 'A pull in the low back when arching, an ache at the front of the hip after sitting, a dull click there.', 'Do not press for it: with a pulse under the fingers or in pregnancy not at all. That is a clinician’s skill.'),
  m('iliacus', 'iliacus', 'deep front of the hip, from the pelvis', 'front', 'From the inner bowl of the hip bone, over its rim, to the same place as psoas.', 'Just inside the front hip bone, with the knee bent and the belly soft.', 'An ache at the front of the hip after sitting.', 'Press gently or not at all.'),
  m('rectus-femoris', 'rectus femoris', 'front thigh, crosses hip and knee', 'front', 'From below the front hip bone down the middle of the thigh to the kneecap.', 'The middle ridge of the front thigh when a straight leg is lifted.', 'A cramp in the front thigh, a pull towards the kneecap with the heel held.', 'Kneecap or joint-line pain ends the stretch.'),
  m('vasti', 'vasti', 'front thigh, the part that only crosses the knee', 'front', 'From both sides and the front of the thigh bone to the kneecap. Three heads, one line here: they share the knee’s leverage.', 'The bulges above and beside the kneecap.', 'An ache round the kneecap on stairs or in kneeling.', 'Swelling or giving way belongs to a clinician first.'),
  m('sartorius', 'sartorius', 'the long strap across the thigh', 'front', 'From the front hip bone across the thigh to the inside of the shin.', 'A cord from the front hip bone inwards when the leg is lifted in tailor’s position.', 'A thin pull from the front hip bone inwards.'),
  m('tensor-fasciae-latae', 'tensor fasciae latae', 'outer front of the hip, with its band', 'outer', 'From the front hip bone into the long band down the outside of the thigh to the shin.', 'The pad under the trouser pocket, when the lifted leg turns in.', 'An ache outside the hip or outside the knee when walking down.', 'Rolling the band on the hip knob can irritate it: ease when that is sore.'),
  m('gluteus-medius', 'gluteus medius', 'side of the hip', 'outer', 'A fan from the outside of the hip bone to the outer knob of the thigh bone.', 'Between the rim of the hip bone and the outer knob, when standing on that leg.', 'Soreness outside the hip when lying on it or standing on one leg.', 'A sore outer knob is no place for leg-cross stretches.'),
  m('gluteus-minimus', 'gluteus minimus', 'side of the hip, the deeper layer', 'outer', 'Under gluteus medius, from the hip bone to the front of the outer knob.', 'Not to be told from gluteus medius by hand.', 'As gluteus medius.', 'As gluteus medius.'),
  m('gluteus-maximus', 'gluteus maximus', 'large buttock muscle', 'buttock', 'From the sacrum and the back of the hip bone to the outer band and the back of the thigh bone.', 'The mass of the buttock when the leg is lifted behind.', 'Stiff when standing up, a low back that does its work.'),
  m('piriformis', 'piriformis', 'deep buttock, from the sacrum', 'buttock', 'From the front of the sacrum, through the back of the pelvis, to the top of the outer knob.', 'Halfway between the edge of the sacrum and the outer knob, through a soft buttock.', 'An ache deep in the buttock, worse with sitting.', 'Tingling down the leg: no long holds, and a clinician first.'),
  m('deep-external-rotators', 'deep rotators', 'obturators, gemelli and quadratus femoris', 'buttock', 'Short muscles from sit bone and pelvis floor to the back of the outer knob.', 'Behind the outer knob, below piriformis.', 'An ache near the sit bone or behind the hip knob.', 'Tingling down the leg: no long holds, and a clinician first.'),
  m('adductors-short', 'adductor longus and brevis', 'short inner thigh', 'inner', 'From the pubic bone to the inner ridge of the thigh bone.', 'The cord from the pubic bone when the knees press together.', 'A pull high inside the thigh.', 'Sharp pain at the pubic bone ends the test.'),
  m('adductor-magnus', 'adductor magnus', 'large inner thigh', 'inner', 'From pubic bone and sit bone along the whole inner thigh to just above the knee.', 'Behind the adductor cord, towards the sit bone.', 'A pull deep inside the thigh in wide folds.'),
  m('pectineus', 'pectineus', 'top of the inner thigh', 'inner', 'From the front of the pubic bone to the thigh bone just below the hip.', 'In the groin crease beside the pulse: leave the pulse alone.', 'A pull in the groin crease.', 'A lump or a sharp pinch there belongs to a clinician.'),
  m('gracilis', 'gracilis', 'long inner thigh, crosses the knee', 'inner', 'A thin strap from the pubic bone to the inside of the shin.', 'The thin cord inside the knee when it bends against a hand.', 'A long pull inside the thigh down to the knee.'),
  m('hamstrings', 'hamstrings', 'back of the thigh', 'back', 'From the sit bone to both sides of the shin below the knee: two inside, one outside.', 'From the sit bone to the cords behind the knee.', 'A pull along the back thigh, soreness at the sit bone in folds.', 'A sharp spot at the sit bone: load it, do not stretch it.'),
  m('biceps-femoris-short-head', 'short head of biceps femoris', 'outer back of the thigh, knee only', 'back', 'From the back of the thigh bone to the outside of the shin.', 'Under the outer cord behind the knee.', 'Tight behind the outside of the knee.'),
  m('gastrocnemius', 'gastrocnemius', 'upper calf, crosses the knee', 'shin-calf', 'From above the knee to the heel.', 'The two heads of the upper calf on tiptoe.', 'A cramp in the calf, heels that do not come down in dog.', 'A hot, swollen or tender calf is never tested or stretched: urgent care.'),
  m('soleus', 'soleus', 'lower calf', 'shin-calf', 'From the back of the shin to the heel.', 'The flat part of the calf beside its tendon, knee bent.', 'Heels that lift in a squat, a tight heel tendon.', 'A hot, swollen or tender calf is never tested or stretched: urgent care.'),
  m('ankle-dorsiflexors', 'tibialis anterior and toe extensors', 'front of the shin', 'shin-calf', 'From the outside of the shin over the front of the ankle to the arch and the toes.', 'Outside the edge of the shin bone when the foot lifts.', 'A pull or a cramp over the foot’s top in kneeling.'),
  m('erector-spinae', 'erector spinae', 'ridges beside the spine', 'trunk', 'From sacrum and hip bones up both sides of the spine.', 'The two ridges beside the spine.', 'An ache in the low back after folding or standing.', 'With thin bones no loaded rounding.'),
  m('quadratus-lumborum', 'quadratus lumborum', 'side of the waist', 'trunk', 'From the back rim of the hip bone to the lowest rib.', 'At the side of the waist, between rim and rib.', 'One hip carried high, an ache on one side of the low back.'),
  m('rectus-abdominis', 'rectus abdominis', 'front of the belly', 'trunk', 'From the pubic bone to the lower ribs.', 'The two straps beside the navel when the head lifts.', 'A back that arches when the legs are lowered.', 'Not loaded late in pregnancy nor soon after birth.'),
  m('obliques', 'obliques', 'sides of the belly', 'trunk', 'Two crossing sheets between ribs and hip bones: the outer one runs down and forward, the inner one up and forward.', 'The side of the belly when the trunk turns.', 'A trunk that gives way in turning.', 'Strong twists not late in pregnancy.'),
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
  if (part) return part;
  return line.replace('femoris-', 'femoris, ').replaceAll('-', ' ').replace('internus gemelli', 'internus and gemelli');
}
