import { DEG, HALF, type Half } from '@/core/body';
import type { TestDefinition } from '../definition';

const spread = (value: number, knee: number, out: Half): void => {
  out.fill(0);
  out[HALF.hipAdduction] = -value * DEG;
  out[HALF.kneeFlexion] = knee * DEG;
};
const pua = 'computed from Pua 2008 (hips with wear; smallest of its range)';

export const supineAbduction: TestDefinition = {
  id: 'supine-abduction',
  name: 'Leg sliding out',
  position: 'on the back',
  start: 'On the back at the edge of the table, hips level, toes up.',
  hold: 'The other leg hooks over its edge or is held; one hand on the near front hip bone.',
  move: 'Slide the leg out without turning it. Then once more with the knee bent over the edge.',
  end: 'Stop when the pelvis hikes or the stop is firm.',
  spoils: ['pelvis hiking', 'leg turning out', 'hip bending'],
  care: 'Sharp pain at the pubic bone ends the test. Not with pubic pain in pregnancy.',
  readouts: [
    {
      id: 'straight-knee',
      name: 'Out with the knee straight',
      unit: 'deg',
      zero: 'thigh in line with the trunk',
      min: 0,
      max: 80,
      better: 'higher',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8.6,
      detectableSource: pua,
      norms: [
        {
          sex: 'all',
          mean: 42,
          sd: 11,
          group: 'adults 25–74',
          source: 'Roach & Miles 1991',
          confidence: 'published',
          primary: true,
        },
      ],
      posture: (value, _context, out) => spread(value, 0, out),
    },
    {
      id: 'bent-knee',
      name: 'Out with the knee bent',
      unit: 'deg',
      zero: 'thigh in line with the trunk',
      min: 0,
      max: 80,
      better: 'higher',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8.6,
      detectableSource: pua,
      norms: [
        {
          sex: 'all',
          mean: 45,
          sd: 11,
          group: 'adults',
          source: 'rule of thumb',
          confidence: 'teaching-default',
          primary: true,
        },
      ],
      posture: (value, _context, out) => spread(value, 90, out),
    },
  ],
  sensations: [
    { place: 'inner-thigh-high', action: 'note' },
    { place: 'inner-thigh-long', action: 'note' },
    { place: 'outer-hip', action: 'note' },
    { place: 'groin-pinch', action: 'stop' },
    { place: 'knee', action: 'stop' },
    { place: 'nowhere', action: 'note' },
  ],
};
