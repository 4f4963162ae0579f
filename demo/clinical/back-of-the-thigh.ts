import { R, felt, both, type ClinicalCase } from './case';

export const BACK_OF_THE_THIGH: readonly ClinicalCase[] = [
  {
    name: 'straight leg raise 52° both sides, felt at the back of the thigh; 90/90 lacks 52°',
    says: 'Hamstrings, both sides.',
    before: 'called calf, adductors and deep buttock short as well (55 to 68 in 100), which nobody had tested',
    readings: [
      ...both('straight-leg-raise', 'hip-flexion', 52, felt('back-thigh')),
      ...both('knee-extension-90-90', 'missing-extension', 52, felt('back-thigh')),
    ],
    expected: {
      stops: { 'hip-flexion-knee-straight': ['hamstrings'] },
      short: ['hamstrings'],
      notShort: ['calf', 'gluteus-maximus', 'adductors', 'deep-buttock'],
      aims: ['lengthen hamstrings left', 'lengthen hamstrings right'],
      noAims: ['lengthen gluteus-maximus *', 'lengthen adductors *', 'lengthen deep-buttock *'],
    },
  },
  {
    name: 'straight leg raise 45° with tingling down the leg; moving the head changes it',
    says: 'A sign of the nerve. No stretching of the hamstrings; a clinician looks first.',
    before: 'called the hamstrings short, 55 in 100',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 45, { endFeel: 'nerve-like', placeFelt: 'leg-line', distant: 'changes' }],
    ],
    expected: {
      hints: ['nerve'],
      refer: true,
      notShort: ['hamstrings'],
      noAims: ['lengthen hamstrings *', 'both hamstrings *'],
    },
  },
  {
    name: 'straight leg raise 55°, felt behind the knee; with the foot drawn up only 36°',
    says: 'The ankle changes it: a sign of the nerve. Nothing is stretched, a clinician looks first.',
    before: 'called the hamstrings short, 84 in 100, and did not know the foot drawn up',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 55, felt('behind-knee')],
      ['straight-leg-raise', 'hip-flexion', 36, felt('leg-line', { variant: 'ankle-up' })],
    ],
    expected: {
      stops: { 'hip-flexion-knee-straight': ['nerve-like'] },
      hints: ['nerve'],
      refer: true,
      notShort: ['hamstrings'],
      noAims: ['lengthen hamstrings *', 'both hamstrings *'],
    },
  },
  {
    name: 'straight leg raise 55°, felt behind the knee; with the foot drawn up 48°, back of the thigh',
    says: 'The foot costs what it costs anybody: hamstrings.',
    before: 'left it open between muscle and nerve',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 55, felt('behind-knee')],
      ['straight-leg-raise', 'hip-flexion', 48, felt('back-thigh', { variant: 'ankle-up' })],
    ],
    expected: {
      stops: { 'hip-flexion-knee-straight': ['hamstrings'] },
      noHints: ['nerve'],
      aims: ['lengthen hamstrings left'],
    },
  },
  {
    name: 'straight leg raise 55°, felt behind the knee, nobody asked head or ankle',
    says: 'Muscle or nerve: draw the foot up and lift again before anything is said.',
    before: 'asked for a leg hanging from the table edge next',
    readings: [['straight-leg-raise', 'hip-flexion', 55, felt('behind-knee')]],
    expected: { hints: ['nerve'], refer: false, noAims: ['lengthen hamstrings *'], next: ['straight-leg-raise'] },
  },
  {
    name: 'straight leg raise 50°, thigh upright misses only 25° to straight',
    says: 'Not plainly the hamstrings: with the hip bent they are long enough. Ask for the nerve and the other leg.',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 50],
      ['knee-extension-90-90', 'missing-extension', 25],
    ],
    expected: { hints: ['pelvis-control'], noAims: ['lengthen hamstrings left'] },
  },
  {
    name: 'straight leg raise 112° both sides, palms to the floor, heel to buttock, knees fall out flat',
    says: 'A mobile person. No lengthening; strength near the ends.',
    readings: [
      ...both('straight-leg-raise', 'hip-flexion', 112),
      ...both('prone-knee-bend', 'knee-flexion', 160),
      ...both('bent-knee-fall-out', 'knee-height', 3),
      ...both('seated-hip-rotation', 'internal-rotation', 56),
      ...both('seated-hip-rotation', 'external-rotation', 58),
    ],
    expected: { hints: ['mobile'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'straight leg raise 40°, sore at the sit bone',
    says: 'The tendon at the sit bone. Not to be stretched into; load it in the middle of its range, ask for a look.',
    readings: [['straight-leg-raise', 'hip-flexion', 40, felt('sit-bone', { pain: true, endFeel: 'pain' })]],
    expected: { noAims: ['lengthen hamstrings *', 'both hamstrings *'], notShort: ['hamstrings'] },
  },
  {
    name: 'straight leg raise 55° left and 78° right',
    says: 'Left hamstrings; the right leg is usual.',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 55, felt('back-thigh')],
      ['straight-leg-raise', 'hip-flexion', 78, { ...felt('back-thigh'), ...R }],
    ],
    expected: {
      stops: { 'hip-flexion-knee-straight': ['hamstrings'] },
      short: ['hamstrings'],
      aims: ['lengthen hamstrings left'],
      noAims: ['lengthen hamstrings right'],
    },
  },
];
