import { R, felt, both, hanging, type ClinicalCase } from './case';

export const THE_WHOLE: readonly ClinicalCase[] = [
  {
    name: 'a full battery, all usual',
    says: 'Nothing short, nothing weak. Upkeep.',
    before: 'strengthen gluteus maximus; next kneeling',
    readings: [
      ...hanging(5, 60),
      ...hanging(5, 60, 15, R),
      ...both('straight-leg-raise', 'hip-flexion', 73),
      ...both('knee-to-chest', 'hip-flexion', 122),
      ...both('ober', 'hip-adduction', 19),
      ...both('supine-abduction', 'straight-knee', 42),
      ...both('seated-hip-rotation', 'internal-rotation', 34),
      ...both('seated-hip-rotation', 'external-rotation', 36),
      ...both('figure-four', 'shin-angle', 4),
      ...both('knee-to-wall', 'shin-angle', 39),
      ...both('prone-knee-bend', 'knee-flexion', 130),
    ],
    expected: { noAims: ['lengthen * *', 'both * *', 'strengthen * *'], next: [] },
  },
  {
    name: 'pelvis tipped forward 22° in standing, hanging leg 9° below level, plank 95 s',
    says: 'A stance, no short hip flexor. Nothing needs stretching for it.',
    readings: [['standing-pelvic-tilt', 'tilt', 22], ...hanging(9, 68), ['front-plank', 'hold', 95]],
    expected: {
      notShort: ['deep-hip-flexor', 'rectus-femoris'],
      noAims: ['lengthen deep-hip-flexor *', 'lengthen rectus-femoris *'],
    },
  },
  {
    name: 'everything short in one hip, hard stops, lasting groin ache, over sixty',
    says: 'The joint (perhaps worn). A clinician looks; gentle use within ease, no pulling at the ends.',
    before: 'lengthen the adductors and psoas; nobody to look at it',
    readings: [
      ['knee-to-chest', 'hip-flexion', 88, felt('groin-pinch', { endFeel: 'hard-block' })],
      ['seated-hip-rotation', 'internal-rotation', 6, felt('groin-pinch', { endFeel: 'hard-block' })],
      ['seated-hip-rotation', 'external-rotation', 16, { endFeel: 'hard-block' }],
      ['supine-abduction', 'straight-knee', 18, { endFeel: 'hard-block' }],
      ...hanging(-10, 60, 15, { endFeel: 'hard-block' }),
    ],
    birthYear: 1960,
    expected: {
      hints: ['joint'],
      refer: true,
      noAims: ['lengthen deep-buttock *', 'lengthen adductors *', 'lengthen gluteus-maximus *'],
    },
  },
  {
    name: 'straight leg raise 50°, and 74° after five slow breaths',
    says: 'Held back, not short. Time and a safe entry, no stretch for it.',
    before: 'lengthen the hamstrings',
    readings: [['straight-leg-raise', 'hip-flexion', 50, felt('back-thigh', { afterBreath: 74 })]],
    expected: { hints: ['guarding'], notShort: ['hamstrings'], noAims: ['lengthen hamstrings *'] },
  },
  {
    name: 'knee to chest 100°, the thigh meets the belly',
    says: 'Body met body: nothing is short.',
    before: 'lengthen gluteus maximus',
    readings: [['knee-to-chest', 'hip-flexion', 100, { endFeel: 'body-contact' }]],
    expected: {
      hints: ['body-contact'],
      notShort: ['gluteus-maximus', 'joint-or-capsule'],
      noAims: ['lengthen * *', 'both * *'],
    },
  },
  {
    name: 'reach 22 cm short of the toes, both straight leg raises 76°',
    says: 'Not the hamstrings: the back, the nerve, or long legs.',
    readings: [['sit-and-reach', 'reach', -22, { side: 'both' }], ...both('straight-leg-raise', 'hip-flexion', 76)],
    expected: { hints: ['spine-or-proportion'], notShort: ['hamstrings'], noAims: ['lengthen hamstrings *'] },
  },
  {
    name: 'hamstrings feel tight; straight leg raise 78°, the pelvis stands 22° forward',
    says: 'Long already: the forward pelvis draws them. Strengthen, and bring the pelvis under.',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 78, felt('back-thigh')],
      ['standing-pelvic-tilt', 'tilt', 22],
    ],
    complaints: [{ place: 'back-thigh', side: 'left' }],
    expected: {
      hints: ['pre-lengthened'],
      notShort: ['hamstrings'],
      noAims: ['lengthen hamstrings *', 'both hamstrings *'],
    },
  },
  {
    name: 'slump brings her own leg pain, lifting the head eases it',
    says: 'A sign of the nerve: no long stretches of the back of the leg, a clinician looks first.',
    readings: [
      ['slump', 'answer', 0, { pain: true }],
      ['straight-leg-raise', 'hip-flexion', 58, felt('back-thigh')],
    ],
    expected: { hints: ['nerve'], refer: true, noAims: ['lengthen hamstrings left', 'both hamstrings left'] },
  },
  {
    name: 'figure-four 38° short, tingling down the leg',
    says: 'A sign of the nerve in the buttock. Ease off and ask for it; nothing is stretched meanwhile.',
    before: 'lengthen the deep buttock',
    readings: [['figure-four', 'shin-angle', 38, felt('leg-line')]],
    expected: { hints: ['nerve'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'FABER 28 cm, felt in the low back at one point',
    says: 'The low back or the joint behind the pelvis spoke. Not the inner thigh.',
    before: 'lengthen the adductors',
    readings: [['faber', 'knee-height', 28, felt('low-back')]],
    expected: { hints: ['elsewhere'], notShort: ['adductors'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'heel comes 105° to the buttock and the low back arches and feels it',
    says: 'The back gave way before the thigh ended: hold the pelvis and read again.',
    before: 'lengthen rectus femoris',
    readings: [['prone-knee-bend', 'knee-flexion', 105, felt('low-back')]],
    expected: { hints: ['elsewhere'], notShort: ['rectus-femoris'], noAims: ['lengthen rectus-femoris *'] },
  },
  {
    name: 'kneeling leaves 9 cm, felt on top of the foot',
    says: 'The instep stops it, not the thigh.',
    before: 'lengthen the vasti',
    readings: [
      ['kneeling-sit', 'heel-gap', 9, felt('instep')],
      ['kneeling-sit', 'instep-gap', 5, felt('instep')],
    ],
    expected: { noAims: ['lengthen vasti *', 'lengthen rectus-femoris *'], notShort: ['vasti'] },
  },
  {
    name: 'knee to wall 28° left and 42° right, felt low in the calf',
    says: 'Left calf; the right is usual.',
    readings: [
      ['knee-to-wall', 'shin-angle', 28, felt('calf-low')],
      ['knee-to-wall', 'shin-angle', 42, { ...felt('calf-low'), ...R }],
    ],
    expected: {
      stops: { 'ankle-dorsiflexion-knee-bent': ['calf'] },
      aims: ['lengthen calf left'],
      noAims: ['lengthen calf right'],
    },
  },
  {
    name: 'seven of nine points of general mobility; straight leg raise usual',
    says: 'A mobile person: strength in mid-range first, no end ranges.',
    readings: [
      ['mobility-score', 'points', 7, { side: 'both' }],
      ['straight-leg-raise', 'hip-flexion', 74],
    ],
    expected: { hints: ['mobile'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'seated turning out 20°, in 34°; nobody asked where it is felt',
    says: 'The outer front of the hip, the front of the joint or its shape: ask before anything is pulled. No short buttock.',
    before: 'lengthen piriformis and deep rotators',
    readings: [
      ['seated-hip-rotation', 'external-rotation', 20],
      ['seated-hip-rotation', 'internal-rotation', 34],
    ],
    expected: { hints: ['turning'], noAims: ['lengthen * *', 'both * *'], notShort: ['gluteus-maximus'] },
  },
  {
    name: 'thigh drifts out 30° as the leg hangs, thigh and knee usual',
    says: 'The outer hip (tensor fasciae latae).',
    readings: hanging(6, 60, 30),
    expected: {
      stops: { 'hip-adduction': ['lateral-hip'] },
      aims: ['* lateral-hip left'],
      noAims: ['lengthen deep-hip-flexor *', 'lengthen rectus-femoris *'],
    },
  },
  {
    name: 'hanging leg 11° above level and drifting 28°; let out, the thigh sinks to 2° below',
    says: 'The outer hip holds part of it: what drifting eased was not psoas alone.',
    readings: [...hanging(-11, 60, 28), ['modified-thomas', 'hip-extension', 2, { variant: 'drift-allowed' }]],
    expected: { aims: ['* lateral-hip left'] },
  },
  {
    name: 'came with a stiff back of the thigh; only the hip that bends was read, usual',
    says: 'Look where it bothers: the straight leg raise is next.',
    before: 'next the hanging leg',
    readings: [['knee-to-chest', 'hip-flexion', 120]],
    complaints: [{ place: 'back-thigh', side: 'left' }],
    expected: { next: ['straight-leg-raise', 'knee-extension-90-90'] },
  },
  {
    name: 'stiff all round (raise 50°, out to the side 26°), and heel to buttock 100° ended by the low back',
    says: 'The back of the thighs and the inner thigh. The front was never at its end: read it again.',
    readings: [
      ...both('straight-leg-raise', 'hip-flexion', 50, felt('back-thigh')),
      ...both('supine-abduction', 'straight-knee', 26, felt('inner-thigh-high')),
      ['prone-knee-bend', 'knee-flexion', 100, felt('low-back')],
    ],
    expected: {
      hints: ['elsewhere'],
      aims: ['lengthen hamstrings left'],
      noAims: ['lengthen rectus-femoris *', 'both rectus-femoris *', 'lengthen vasti *'],
    },
  },
];
