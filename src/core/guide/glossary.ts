/** A word as it is used here: what it means in a sentence or two, and other names that lead to it. */
export interface GlossaryTerm {
  term: string;
  means: string;
  also?: readonly string[];
}

export const GLOSSARY: readonly GlossaryTerm[] = [
  { term: 'abduction', means: 'A leg or arm moving away from the middle of the body.' },
  { term: 'adduction', means: 'A leg or arm moving towards the middle of the body, or across it.' },
  { term: 'adductors', means: 'Muscles of the inner thigh. They draw the legs together.', also: ['inner thigh'] },
  {
    term: 'aim',
    means: 'What a practice is for: a muscle to lengthen, strengthen or leave alone, on one side or both.',
  },
  { term: 'all the way', means: 'The full rung is reached before anything stops it.' },
  {
    term: 'ankle joint',
    means: 'Where shin meets foot. When it stops first, it pinches in front and no calf is felt.',
  },
  {
    term: 'Bayes',
    means: 'A way to combine what is usual in people with what was read in this one.',
    also: ['prior', 'posterior'],
  },
  { term: 'body-mass', means: 'Weight in kilograms. It scales loads and the drawn figure, and nothing else.' },
  {
    term: 'calf',
    means: 'Gastrocnemius and soleus, behind the shin. The first crosses knee and ankle, the second only the ankle.',
    also: ['gastrocnemius', 'soleus'],
  },
  {
    term: 'capsule',
    means: 'The tight sleeve round a joint. It stops some movements before any muscle does.',
    also: ['joint or capsule'],
  },
  {
    term: 'caution',
    means: 'Something in a student’s health that closes or limits tests and poses until it is cleared or ends.',
  },
  {
    term: 'clearance',
    means: 'A clinician’s word that something may be done again, with the day and the name.',
    also: ['cleared'],
  },
  {
    term: 'comfortable depth',
    means: 'As far as a student would hold with a clear but easy stretch. Poses are drawn and ranked there.',
    also: ['fits', 'depth'],
  },
  {
    term: 'compensation',
    means: 'What gives way elsewhere to make a movement look larger: a tipped pelvis, a bent knee.',
    also: ['cheat'],
  },
  {
    term: 'contract and release',
    means: 'Pressing gently against the hold for a few breaths, then letting go a little further.',
  },
  { term: 'counter', means: 'A shape that brings the body back to the middle after a deep one.', also: ['neutralise'] },
  {
    term: 'deep buttock',
    means: 'Piriformis and the small muscles beside it, under gluteus maximus. They turn the thigh outward.',
    also: ['piriformis', 'deep rotators', 'piriformis and deep rotators'],
  },
  {
    term: 'demand',
    means:
      'What a pose or test asks of a body: weight on the hands, a deep bend, one leg. Cautions are written in demands.',
  },
  { term: 'dose', means: 'How much of something in a week, in minutes held for length and in sets for strength.' },
  {
    term: 'draw',
    means: 'One guess of a whole body that fits the readings. Many draws together make “65 in 100”.',
    also: ['sample'],
  },
  {
    term: 'end feel',
    means: 'How a movement ends under your hands: soft, firm like a strap, hard like bone, or guarded.',
  },
  {
    term: 'entry',
    means: 'Where a pose begins. “Entry is enough” means that the beginning is already a full stretch.',
  },
  {
    term: 'error of measuring',
    means: 'How much a reading can differ on the same body on the same day. Smaller changes say nothing.',
    also: ['detectable change'],
  },
  { term: 'extension', means: 'Straightening a joint, or bending it backward: the thigh going behind the body.' },
  {
    term: 'FABER',
    means: 'A test on the back: ankle on the other knee, knee falling out. It asks the hip to bend, open and turn out.',
    also: ['figure four'],
  },
  {
    term: 'femoral version',
    means: 'The twist of the thigh bone. It moves how far a hip turns in and out, and cannot be stretched.',
    also: ['version', 'twisted thigh bone'],
  },
  { term: 'flexion', means: 'Bending a joint: the thigh coming up in front, the heel to the buttock.' },
  {
    term: 'gluteus maximus',
    means: 'The large buttock muscle. It takes the thigh back and turns it out.',
    also: ['buttock'],
  },
  { term: 'gluteus medius', means: 'The muscle at the side of the hip that keeps the pelvis level on one leg.' },
  { term: 'guarded', means: 'A muscle holding on because the body expects harm. It is not short.' },
  {
    term: 'hamstrings',
    means: 'Muscles of the back of the thigh, from the sit bone to below the knee.',
    also: ['back of the thigh'],
  },
  { term: 'hold', means: 'How long a shape is kept, in breaths or seconds.' },
  { term: 'inclinometer', means: 'A phone or tool that shows an angle against the upright.' },
  { term: 'instep', means: 'The top of the foot. It limits kneeling and sitting on the heels.' },
  { term: 'knee joint', means: 'When the knee itself stops a movement, it is eased and padded, never pushed.' },
  { term: 'ladder', means: 'The rungs of one pose, from mild to deep.', also: ['rung'] },
  {
    term: 'lateral hip',
    means: 'The outer front of the hip: tensor fasciae latae and its long band.',
    also: ['TFL', 'tensor fasciae latae', 'iliotibial band'],
  },
  { term: 'limiter', means: 'What stops a movement first. One of several may be likely, and then both are named.' },
  { term: 'load', means: 'How hard a muscle works, as a share of what it can do.', also: ['work'] },
  {
    term: 'modified Thomas test',
    means: 'Lying at a table’s edge, one knee hugged: how far the other thigh hangs tells of the hip flexors.',
  },
  {
    term: 'moment arm',
    means: 'How far a muscle’s line passes from a joint. The farther, the more it turns the joint.',
  },
  { term: 'movement', means: 'One direction at one joint, such as turning the thigh in with the hip straight.' },
  {
    term: 'nerve sign',
    means: 'A pull that changes when the foot or the head moves. It is eased, never stretched harder.',
    also: ['nerve', 'nerve-like pull'],
  },
  {
    term: 'norm',
    means: 'What people like your student read on average, and how much they differ. Each names its study.',
    also: ['typical'],
  },
  {
    term: 'Ober test',
    means: 'Lying on the side, the upper leg lowered behind: how far it falls tells of the lateral hip.',
  },
  { term: 'peak', means: 'The deepest shape of a practice, or one to work towards over weeks.' },
  {
    term: 'pelvic tilt',
    means: 'The pelvis tipping forward or back. It changes every hip reading, so it is held still.',
  },
  { term: 'phase', means: 'A part of a practice: arriving, warming up, deepening, deepest, counter, rest.' },
  { term: 'place felt', means: 'Where a stretch is felt. It tells limiters apart that read the same.' },
  { term: 'prone', means: 'Lying on the front.' },
  {
    term: 'psoas and iliacus',
    means: 'The deep hip flexors, from spine and pelvis to the top of the thigh bone.',
    also: ['psoas', 'iliacus', 'iliopsoas', 'hip flexor'],
  },
  { term: 'R-hat', means: 'A check that the computation has settled. Near 1 is good; Kolpos goes on until it is.' },
  { term: 'range', means: 'How far a joint goes, in degrees.', also: ['range of motion', 'ROM'] },
  { term: 'reading', means: 'One measured number with its side, where it was felt and how it ended.' },
  { term: 'rectus femoris', means: 'The front-thigh muscle that crosses both hip and knee.' },
  { term: 'red flag', means: 'A sign that needs a clinician first. The nine safety questions look for them.' },
  { term: 'rotation', means: 'Turning the thigh in or out about its own length.' },
  { term: 'round', means: 'A few poses on one side, then the same poses on the other.' },
  {
    term: 'SD',
    means: 'Standard deviation: how much people differ. Two in three lie within one SD of the average.',
    also: ['standard deviation'],
  },
  { term: 'set', means: 'A run of repeats, or one hold of work. After its other side, or a rest, comes the next.' },
  { term: 'share', means: 'A part of the whole. A stretch of .6 is six tenths of the way from slack to the end.' },
  { term: 'slump test', means: 'Sitting rounded, the knee straightened: it asks whether a nerve is part of the pull.' },
  {
    term: 'straight leg raise',
    means: 'On the back, one straight leg lifted by you. It reads the hamstrings, and sometimes a nerve.',
    also: ['SLR'],
  },
  { term: 'style', means: 'How a practice is put together: flowing, held, quiet or strong.' },
  { term: 'supine', means: 'Lying on the back.' },
  {
    term: 'tolerance',
    means: 'How much lengthening a student accepts before it is enough. It grows with practice more than muscle does.',
  },
  { term: 'trial', means: 'One of up to three repeats of a reading. Their middle counts.' },
  { term: 'vasti', means: 'The front-thigh muscles that cross only the knee.', also: ['quadriceps'] },
  { term: 'warm', means: 'Read after moving. Warm and cold readings are not compared with each other.' },
];

/** The term that a word leads to, by its name or another; null where there is none. */
export function termOf(word: string): GlossaryTerm | null {
  const w = word.toLowerCase();
  return (
    GLOSSARY.find((t) => t.term.toLowerCase() === w) ??
    GLOSSARY.find((t) => t.also?.some((a) => a.toLowerCase() === w)) ??
    null
  );
}
