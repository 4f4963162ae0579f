import { felt, type ClinicalCase } from './case';

export const INSIDE_AND_OUTSIDE: readonly ClinicalCase[] = [
  {
    name: 'leg out to the side 24° straight, 46° with the knee bent',
    says: 'Gracilis and the long inner hamstrings: free once the knee is bent.',
    readings: [
      ['supine-abduction', 'straight-knee', 24, felt('inner-thigh-long')],
      ['supine-abduction', 'bent-knee', 46],
    ],
    expected: {
      stops: { 'hip-abduction': ['adductors'] },
      short: ['adductors'],
      aims: ['lengthen adductors left'],
      noAims: ['lengthen hamstrings *'],
    },
  },
  {
    name: 'leg out to the side 24° both straight and bent, felt high on the inside',
    says: 'Short adductors.',
    readings: [
      ['supine-abduction', 'straight-knee', 24, felt('inner-thigh-high')],
      ['supine-abduction', 'bent-knee', 25, felt('inner-thigh-high')],
    ],
    expected: { stops: { 'hip-abduction': ['adductors'] }, short: ['adductors'], aims: ['lengthen adductors left'] },
  },
  {
    name: 'leg out to the side 20° and the knee falls out to 27 cm: a hard stop outside the hip',
    says: 'The joint. The inner thigh never came under stretch.',
    before: 'lengthen the deep buttock and the adductors',
    readings: [
      ['supine-abduction', 'straight-knee', 20, felt('outer-hip', { endFeel: 'hard-block' })],
      ['bent-knee-fall-out', 'knee-height', 27, felt('outer-hip', { endFeel: 'hard-block' })],
    ],
    expected: { hints: ['joint'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'Ober 3°, modified Ober 6°, felt on the outer thigh',
    says: 'Tensor fasciae latae and the front of the outer hip.',
    readings: [
      ['ober', 'hip-adduction', 3, felt('outer-thigh')],
      ['modified-ober', 'hip-adduction', 6, felt('outer-thigh')],
    ],
    expected: {
      stops: { 'hip-adduction': ['lateral-hip'] },
      short: ['lateral-hip'],
      aims: ['* lateral-hip left'],
      noAims: ['lengthen deep-hip-flexor *', 'lengthen adductors *'],
    },
  },
  {
    name: 'Ober 2° with the knee bent, 22° with it straight',
    says: 'What crosses the knee in front: rectus femoris pulls in the bent position, not the outer hip alone.',
    readings: [
      ['ober', 'hip-adduction', 2],
      ['modified-ober', 'hip-adduction', 22],
    ],
    expected: { stops: { 'hip-adduction': ['lateral-hip', 'rectus-femoris'] }, noAims: ['lengthen adductors *'] },
  },
  {
    name: 'outer hip sore to lie on; Ober 8°, held on one leg 9 s, side-lying lift grade 3',
    says: 'Do not press or pull the sore outer hip; build its strength.',
    readings: [
      ['ober', 'hip-adduction', 8, felt('outer-hip', { pain: true, endFeel: 'pain' })],
      ['side-lying-abduction', 'grade', 3],
      ['single-leg-stance', 'hold', 9],
    ],
    expected: { aims: ['strengthen lateral-hip left'], noAims: ['lengthen lateral-hip *', 'both lateral-hip *'] },
  },
  {
    name: 'straddle 55° between the thighs, both legs a hard stop in the groin',
    says: 'Both hip joints, not the inner thighs: stay narrower, and let somebody look.',
    readings: [
      ['straddle', 'angle-between-thighs', 55, { ...felt('groin-pinch', { endFeel: 'hard-block' }), side: 'both' }],
    ],
    expected: { hints: ['joint'], refer: true, noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'FABER 14 cm, as usual, but tingling down the leg',
    says: 'A sign of the nerve, however far it goes: ask for it before anything is stretched.',
    readings: [['faber', 'knee-height', 14, felt('leg-line')]],
    expected: { hints: ['nerve'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'straddle 60° between the thighs, felt at the backs of the thighs',
    says: 'The hamstrings tip the pelvis before the inner thighs come to their end: lift the straight legs.',
    before: 'adductors to be lengthened on both sides',
    readings: [['straddle', 'angle-between-thighs', 60, { side: 'both', placeFelt: 'back-thigh' }]],
    expected: {
      hints: ['elsewhere'],
      noAims: ['lengthen adductors *'],
      next: ['straight-leg-raise', 'knee-extension-90-90'],
    },
  },
];
