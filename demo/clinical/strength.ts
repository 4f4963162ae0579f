import { felt, hanging, type ClinicalCase } from './case';

export const STRENGTH: readonly ClinicalCase[] = [
  {
    name: 'one-leg stand 8 s, side-lying lift 25 s, side plank 30 s, all lengths usual',
    says: 'Weak outer hip. Nothing to lengthen.',
    readings: [
      ['side-lying-abduction', 'hold', 25],
      ['side-lying-abduction', 'grade', 4],
      ['single-leg-stance', 'hold', 20],
      ['ober', 'hip-adduction', 19],
      ['straight-leg-raise', 'hip-flexion', 74],
    ],
    expected: { aims: ['strengthen lateral-hip left'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'lifting the straight leg on the front: 8 s; hanging leg 12° above level',
    says: 'Short in front and weak behind: lengthen psoas and iliacus, strengthen gluteus maximus.',
    readings: [...hanging(-12, 78, 15, felt('front-hip-crease')), ['prone-hip-extension', 'hold', 8]],
    expected: { aims: ['lengthen deep-hip-flexor left', 'strengthen gluteus-maximus left'] },
  },
  {
    name: 'straight leg raise 84°, curl lying on the front grade 3',
    says: 'Long and weak hamstrings: strengthen, do not lengthen.',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 84],
      ['prone-knee-flexion', 'grade', 3],
    ],
    expected: { aims: ['strengthen hamstrings left'], noAims: ['lengthen hamstrings *', 'both hamstrings *'] },
  },
  {
    name: 'lifted alone 48°, moved by the teacher 76°: straight leg raise',
    says: 'No short hamstrings: the hip flexors do not lift it. Control and strength.',
    readings: [
      ['straight-leg-raise', 'hip-flexion', 76, { active: false }],
      ['straight-leg-raise', 'hip-flexion', 48, { active: true }],
    ],
    expected: { notShort: ['hamstrings'], noAims: ['lengthen hamstrings *'], hints: ['control'] },
  },
  {
    name: 'squeeze between the knees 0.6 N·m/kg, broken off by pain high on the inside',
    says: 'Pain is no measure of strength. Ask what it was before anything is loaded.',
    before: 'adductors to be strengthened on both sides',
    readings: [['adductor-squeeze', 'torque', 0.6, { side: 'both', placeFelt: 'inner-thigh-high', endFeel: 'pain' }]],
    expected: { noAims: ['strengthen * *', 'lengthen * *'] },
  },
];
