import { DEG, HALF, type Half } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, FROM_ABOVE, onTheBack, thighFrom } from './laid';
import { ANGLE, limits, note, published, ruleOfThumb, stop, TOWARDS_FEET } from './parts';

const spread = (value: number, knee: number, out: Half): void => {
  out.fill(0);
  out[HALF.hipAdduction] = -value * DEG;
  out[HALF.kneeFlexion] = knee * DEG;
};
const pua = 'computed from Pua 2008 (hips with wear; smallest of its range)';

export const supineAbduction = defineTest({
  id: 'supine-abduction',
  name: 'Leg sliding out',
  clinical: 'Supine hip abduction',
  kind: 'length',
  purpose: 'Adductors; the bent knee takes the gracilis out.',
  position: 'on the back',
  sided: true,
  start: 'On the back at the edge of the table, hips level, toes up.',
  hold: 'The other leg hooks over its edge or is held; one hand on the near front hip bone.',
  move: 'Slide the leg out without turning it. Then once more with the knee bent over the edge.',
  end: 'Stop when the pelvis hikes or the stop is firm.',
  spoils: ['pelvis hiking', 'leg turning out', 'hip bending'],
  care: 'Sharp pain at the pubic bone ends the test. Not with pubic pain in pregnancy.',
  limiters: limits({
    'adductors-short': 3,
    'adductor-magnus': 2,
    gracilis: 2,
    'hip-capsule-front': 2,
    'hip-bone': 2,
    hamstrings: 1,
  }),
  readouts: [
    {
      id: 'straight-knee',
      name: 'Out with the knee straight',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh in line with the trunk',
      min: 0,
      max: 80,
      better: 'higher',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8.6,
      detectableSource: pua,
      norms: [published(42, 11, 'adults 25–74', 'Roach & Miles 1991')],
      posture: (value, _context, out) => spread(value, 0, out),
    },
    {
      id: 'bent-knee',
      name: 'Out with the knee bent',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh in line with the trunk',
      min: 0,
      max: 80,
      better: 'higher',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8.6,
      detectableSource: pua,
      norms: [ruleOfThumb(45, 11, 'adults')],
      posture: (value, _context, out) => spread(value, 90, out),
    },
  ],
  sensations: [
    ...note('inner-thigh-high', 'inner-thigh-long', 'outer-hip'),
    ...stop('groin-pinch', 'knee'),
    ...note('nowhere'),
  ],
  drawn: byModel(onTheBack, { view: FROM_ABOVE, angle: () => thighFrom(TOWARDS_FEET) }),
});
