import type { TestDefinition } from '../definition';
import { drawnLeg, limits, note, ON_BACK, ruleOfThumb, stop, writeLeg, type LegAngles } from './parts';

/** Degrees of falling out behind a centimetre of knee height, for a thigh of 42 cm near the usual height (geometry). */
const PER_CM = 1.45;
const USUAL = 14;
const at = (cm: number): LegAngles => ({
  hipFlexion: 38,
  hipAdduction: -44 - 0.7 * PER_CM * (USUAL - cm),
  hipRotation: -42 - 0.7 * PER_CM * (USUAL - cm),
  kneeFlexion: 95,
});

export const faber: TestDefinition = {
  id: 'faber',
  name: 'Ankle over knee, knee falling out',
  kind: 'length',
  purpose:
    'Bending, opening and turning out together: a look at adductors, front of the capsule and how the joint bears it.',
  position: 'on the back',
  sided: true,
  start: 'On the back, ankle resting just above the other knee.',
  hold: 'One hand keeps the opposite front hip bone down.',
  move: 'Let the knee sink outwards by its own weight; no pressing.',
  end: 'Stop when the pelvis begins to roll. Measure from the outer knee to the table.',
  spoils: ['pelvis rolling', 'ankle too high on the thigh', 'ankle below the knee'],
  care: 'Deep groin pain, or pain at the back of the pelvis, ends the test: note it and let a clinician look.',
  limiters: limits({ 'adductors-short': 2, 'hip-capsule-front': 2, 'hip-bone': 2, 'adductor-magnus': 1, psoas: 1 }),
  readouts: [
    {
      id: 'knee-height',
      name: 'Knee above the table',
      unit: 'cm',
      zero: 'knee on the table',
      min: 0,
      max: 45,
      modelMin: -8,
      better: 'lower',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      degreesPerUnit: PER_CM,
      detectable: 2,
      detectableSource: 'rule of thumb for a tape',
      norms: [ruleOfThumb(USUAL, 5, 'adults')],
      posture: (value, _context, out) => writeLeg(at(value), out),
    },
  ],
  sensations: [
    ...note('inner-thigh-high', 'inner-thigh-long', 'front-hip-crease', 'outer-hip'),
    ...stop('groin-pinch', 'low-back', 'knee'),
    ...note('nowhere'),
  ],
  drawn: { angles: (value) => ({ ...ON_BACK, ...drawnLeg(at(value)) }), view: { yaw: -60, pitch: 24 } },
};
