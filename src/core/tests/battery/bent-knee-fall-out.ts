import type { TestDefinition } from '../definition';
import { drawnLeg, limits, note, ON_BACK, ruleOfThumb, stop, writeLeg, type LegAngles } from './parts';

/** Degrees of falling out behind a centimetre of knee height, for a thigh of 42 cm near the usual height (geometry). */
const PER_CM = 1.45;
const USUAL = 15;
const at = (cm: number): LegAngles => ({
  hipFlexion: 50,
  hipAdduction: -42 - 0.7 * PER_CM * (USUAL - cm),
  hipRotation: -42 - 0.7 * PER_CM * (USUAL - cm),
  kneeFlexion: 100,
});

export const bentKneeFallOut: TestDefinition = {
  id: 'bent-knee-fall-out',
  name: 'Bent knee falling out',
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
      detectable: 3,
      detectableSource: 'rule of thumb for this test',
      norms: [ruleOfThumb(USUAL, 5, 'adults')],
      posture: (value, _context, out) => writeLeg(at(value), out),
    },
  ],
  sensations: [
    ...note('inner-thigh-high', 'inner-thigh-long', 'outer-hip', 'front-hip-crease'),
    ...stop('groin-pinch', 'knee'),
    ...note('nowhere'),
  ],
  drawn: { angles: (value) => ({ ...ON_BACK, ...drawnLeg(at(value)) }), view: { yaw: -60, pitch: 24 } },
};
