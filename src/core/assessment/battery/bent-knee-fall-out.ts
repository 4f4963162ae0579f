import { defineTest } from '../definition';
import { drawnLeg, fallingKnee, limits, note, ON_BACK, stop } from './parts';

const falling = fallingKnee(
  15,
  { hipFlexion: 50, hipAdduction: -42, hipRotation: -42, kneeFlexion: 100 },
  { detectable: 3, detectableSource: 'rule of thumb for this test' },
);

export const bentKneeFallOut = defineTest({
  id: 'bent-knee-fall-out',
  name: 'Bent knee falling out',
  clinical: 'Bent-knee fall-out test',
  kind: 'length',
  purpose: 'Short adductors and the front and lower capsule, with the knee bent.',
  position: 'on the back',
  sided: true,
  start: 'On the back, foot standing beside the other knee, sole towards the inner thigh as the knee opens.',
  hold: 'One hand on the opposite front hip bone: it stays down.',
  move: 'Let the knee fall outwards.',
  end: 'Stop when the pelvis begins to roll. Measure from the outer head of the shin bone to the table.',
  spoils: ['pelvis rolling', 'foot sliding away'],
  care: 'Pain at the pubic bone ends the test; leave it out with pubic pain in pregnancy.',
  limiters: limits({
    'adductors-short': 2,
    'hip-capsule-front': 2,
    'hip-version': 2,
    'adductor-magnus': 1,
    'hip-bone': 1,
  }),
  readouts: [falling.readout],
  sensations: [
    ...note('inner-thigh-high', 'inner-thigh-long', 'outer-hip', 'front-hip-crease'),
    ...stop('groin-pinch', 'knee'),
    ...note('nowhere'),
  ],
  drawn: { angles: (value) => ({ ...ON_BACK, ...drawnLeg(falling.leg(value)) }), view: { yaw: 28, pitch: 34 } },
});
