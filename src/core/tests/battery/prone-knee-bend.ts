import { DEG, HALF } from '@/core/body';
import type { TestDefinition } from '../definition';

export const proneKneeBend: TestDefinition = {
  id: 'prone-knee-bend',
  name: 'Heel to buttock, lying on the front',
  position: 'on the front',
  start: 'Face down, legs together, forehead on the hands.',
  hold: 'One hand rests on the sacrum and feels for the pelvis tipping.',
  move: 'Bend the knee slowly, heel towards the buttock.',
  end: 'Stop when the pelvis tips, the hip lifts, the pull is firm or the heel arrives.',
  spoils: ['buttock lifting', 'low back arching', 'thigh sliding out'],
  care: 'Not with knee pain or a recent knee operation. Burning at the front of the thigh stops the test.',
  readouts: [
    {
      id: 'knee-flexion',
      name: 'Bend of the knee',
      unit: 'deg',
      zero: 'straight knee',
      min: 20,
      max: 165,
      better: 'higher',
      movement: 'knee-flexion-hip-extended',
      manner: 'pushed',
      pelvisShares: true,
      detectable: 10,
      detectableSource: 'rule of thumb for this test',
      norms: [
        {
          sex: 'female',
          mean: 135,
          sd: 12,
          group: 'women',
          source: 'rule of thumb',
          confidence: 'teaching-default',
          primary: true,
        },
        {
          sex: 'male',
          mean: 125,
          sd: 12,
          group: 'men',
          source: 'rule of thumb',
          confidence: 'teaching-default',
          primary: true,
        },
      ],
      posture: (value, context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = -(context.pelvicTilt ?? 0) * DEG;
        out[HALF.kneeFlexion] = value * DEG;
      },
    },
  ],
  sensations: [
    { place: 'front-thigh', action: 'note' },
    { place: 'front-hip-crease', action: 'note' },
    { place: 'outer-thigh', action: 'note' },
    { place: 'knee', action: 'stop' },
    { place: 'low-back', action: 'ease' },
    { place: 'nowhere', action: 'note' },
  ],
};
