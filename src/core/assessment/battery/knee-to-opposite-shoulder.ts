import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, onTheBack, thighFrom } from './laid';
import { ANGLE, limits, note, ruleOfThumb, stop, UP } from './parts';

/** Degrees across that the hip joint has more than the eye sees, because the pelvis gives a little; our default. */
const PELVIS = 6;

export const kneeToOppositeShoulder = defineTest({
  id: 'knee-to-opposite-shoulder',
  name: 'Knee to the opposite shoulder',
  clinical: 'Piriformis length test, supine',
  kind: 'length',
  purpose: 'Back and outside of the hip, bent and crossed.',
  position: 'on the back',
  sided: true,
  start: 'On the back, hip bent to about a right angle.',
  hold: 'The pelvis stays flat: a hand on the front hip bone of the same side.',
  move: 'Draw the knee across, towards the opposite shoulder.',
  end: 'Stop at the first pull in the buttock, when the pelvis rolls, or at a pinch.',
  spoils: ['pelvis rolling', 'low back turning'],
  care: 'A pinch in the groin stops the test: this is the position of a hip that meets bone. Not after hip surgery from behind.',
  limiters: limits({
    'hip-bone': 3,
    piriformis: 2,
    'gluteus-maximus': 2,
    'gluteus-medius-back': 2,
    'hip-capsule-back': 2,
  }),
  readouts: [
    {
      id: 'hip-adduction',
      name: 'Thigh past the midline',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh pointing straight up; + across',
      min: -20,
      max: 50,
      better: 'higher',
      movement: 'cross-body',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8,
      detectableSource: 'rule of thumb for this test',
      norms: [ruleOfThumb(20, 8, 'adults')],
      posture: (value, _context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = 85 * DEG;
        out[HALF.hipAdduction] = (value + PELVIS) * DEG;
        out[HALF.kneeFlexion] = 110 * DEG;
      },
    },
  ],
  sensations: [
    ...note('deep-buttock', 'whole-buttock', 'outer-hip'),
    ...stop('groin-pinch', 'leg-line'),
    ...note('nowhere'),
  ],
  drawn: byModel(onTheBack, { view: { yaw: -60, pitch: 18 }, angle: () => thighFrom(UP) }),
});
