import { felt, both, type ClinicalCase } from './case';

export const BUTTOCK_AND_TURNING: readonly ClinicalCase[] = [
  {
    name: 'figure-four: the shin stays 45° short of level, felt deep in the buttock',
    says: 'Piriformis and deep rotators.',
    before: 'called the adductors short as well, 69 in 100',
    readings: [['figure-four', 'shin-angle', 45, felt('deep-buttock')]],
    expected: {
      stops: { 'external-rotation-flexed': ['deep-buttock'] },
      short: ['deep-buttock'],
      notShort: ['gluteus-maximus', 'adductors'],
      aims: ['lengthen deep-buttock left'],
      noAims: ['lengthen gluteus-maximus *', 'lengthen adductors *'],
    },
  },
  {
    name: 'figure-four 42° short, felt on the inside of the thigh',
    says: 'Rather the adductors than the buttock; look at the inner thigh with its own test before anything is named.',
    before: 'lengthen the deep buttock; next the hanging leg',
    readings: [['figure-four', 'shin-angle', 42, felt('inner-thigh-high')]],
    expected: {
      hints: ['elsewhere'],
      noAims: ['lengthen deep-buttock *'],
      next: ['bent-knee-fall-out', 'supine-abduction', 'faber', 'straddle'],
    },
  },
  {
    name: 'figure-four 40° short, felt in the knee',
    says: 'Stop: the knee must not take the turn of a stiff hip. No aim from this reading.',
    before: 'lengthen the deep buttock, as upkeep',
    readings: [['figure-four', 'shin-angle', 40, felt('knee', { pain: true, endFeel: 'pain' })]],
    expected: { hints: ['elsewhere'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'turning in lying 18°, sitting 34°, felt deep in the buttock',
    says: 'Short with the hip straight, usual with it bent: piriformis and the back of the buttock.',
    readings: [
      ['prone-hip-rotation', 'internal-rotation', 18, felt('deep-buttock')],
      ['seated-hip-rotation', 'internal-rotation', 34],
    ],
    expected: { stops: { 'internal-rotation-extended': ['deep-buttock'] }, aims: ['lengthen deep-buttock left'] },
  },
  {
    name: 'turning in lying 68°, out 22°, both sides and both positions',
    says: 'A thigh bone that is turned in. Leave it: no stretch turns bone.',
    readings: [
      ...both('prone-hip-rotation', 'internal-rotation', 68),
      ...both('prone-hip-rotation', 'external-rotation', 22),
      ...both('seated-hip-rotation', 'internal-rotation', 62),
      ...both('seated-hip-rotation', 'external-rotation', 20),
    ],
    expected: { hints: ['turned-in-bone'], noHints: ['mobile'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'turning out 72°, in 12°, both sides and both positions, no hard stop',
    says: 'A thigh bone that is turned out. Leave it.',
    readings: [
      ...both('prone-hip-rotation', 'internal-rotation', 12),
      ...both('prone-hip-rotation', 'external-rotation', 72),
      ...both('seated-hip-rotation', 'internal-rotation', 12),
      ...both('seated-hip-rotation', 'external-rotation', 66),
    ],
    expected: { hints: ['turned-out-bone'], noHints: ['mobile'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'turning in sitting 8°, a hard stop with a pinch in the groin',
    says: 'Bone or joint lip. Stay out of the pinch; a clinician looks.',
    before: 'leave the joint, nobody to look at it',
    readings: [['seated-hip-rotation', 'internal-rotation', 8, felt('groin-pinch', { endFeel: 'hard-block' })]],
    expected: { hints: ['joint'], refer: true, noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'knee to chest 96° with a pinch in the groin, straight leg raise usual',
    says: 'The joint. Do not pull the knee in; nothing is to be lengthened for it.',
    readings: [
      ['knee-to-chest', 'hip-flexion', 96, felt('groin-pinch', { endFeel: 'pinch' })],
      ['straight-leg-raise', 'hip-flexion', 74],
    ],
    expected: { hints: ['joint'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'knee to chest 95°, a soft firm stop felt over the whole buttock',
    says: 'Gluteus maximus, perhaps the joint’s own back wall.',
    readings: [['knee-to-chest', 'hip-flexion', 95, felt('whole-buttock', { endFeel: 'stretch-firm' })]],
    expected: { stops: { 'hip-flexion-knee-bent': ['gluteus-maximus'] }, noAims: ['lengthen hamstrings *'] },
  },
  {
    name: 'knee to the other shoulder reaches 6°, felt deep in the buttock; figure-four usual',
    says: 'Deep in the buttock; watch it with another test.',
    readings: [
      ['knee-to-opposite-shoulder', 'hip-adduction', 6, felt('deep-buttock')],
      ['figure-four', 'shin-angle', 6],
    ],
    expected: { stops: { 'cross-body': ['deep-buttock', 'gluteus-maximus', 'lateral-hip'] }, noHints: ['joint'] },
  },
  {
    name: 'figure-four 45° short on both sides, tingling down the leg',
    says: 'The nerve. Nothing deep in the buttock is stretched onto it, nor the hamstrings.',
    before: 'the hamstrings alone were left alone',
    readings: both('figure-four', 'shin-angle', 45, felt('deep-buttock', { endFeel: 'nerve-like' })),
    expected: {
      hints: ['nerve'],
      refer: true,
      aims: ['leave deep-buttock left', 'leave hamstrings left'],
      noAims: ['lengthen * *'],
    },
  },
  {
    name: 'bone felt at 30°; lying on the front the thighs turn in 70° and out 20°',
    says: 'A thigh bone that is turned in, by hand and by turning. Leave it.',
    before: 'only asked where it is felt',
    readings: [
      ['trochanteric-version', 'version', 30],
      ['prone-hip-rotation', 'internal-rotation', 70],
      ['prone-hip-rotation', 'external-rotation', 20],
    ],
    expected: { hints: ['turned-in-bone'], noAims: ['lengthen * *'] },
  },
];
