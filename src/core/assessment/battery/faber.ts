import { defineTest } from '../definition';
import { drawnLeg, fallingKnee, limits, note, ON_BACK, stop } from './parts';

const falling = fallingKnee(
  14,
  { hipFlexion: 38, hipAdduction: -44, hipRotation: -42, kneeFlexion: 95 },
  { detectable: 2, detectableSource: 'rule of thumb for a tape' },
);

export const faber = defineTest({
  id: 'faber',
  name: 'Ankle over knee, knee falling out',
  clinical: 'FABER (Patrick’s) test',
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
  readouts: [falling.readout],
  sensations: [
    ...note('inner-thigh-high', 'inner-thigh-long', 'front-hip-crease', 'outer-hip'),
    ...stop('groin-pinch', 'low-back', 'knee'),
    ...note('nowhere'),
  ],
  drawn: { angles: (value) => ({ ...ON_BACK, ...drawnLeg(falling.leg(value)) }), view: { yaw: 28, pitch: 34 } },
});
