import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { bendOfKnee, byModel, FROM_BESIDE, onTheFront } from './laid';
import { ANGLE, limits } from './parts';

export const proneKneeBend = defineTest({
  id: 'prone-knee-bend',
  name: 'Heel to buttock, lying on the front',
  clinical: 'Ely test (prone knee bend)',
  kind: 'length',
  purpose: 'Rectus femoris with the hip straight; a look at the knee.',
  position: 'on the front',
  sided: true,
  start: 'Face down, legs together, forehead on the hands.',
  hold: 'One hand rests on the sacrum and feels for the pelvis tipping.',
  move: 'Bend the knee slowly, heel towards the buttock.',
  end: 'Stop when the pelvis tips, the hip lifts, the pull is firm or the heel arrives.',
  spoils: ['buttock lifting', 'low back arching', 'thigh sliding out'],
  care: 'Not with knee pain or a recent knee operation. Burning at the front of the thigh stops the test.',
  limiters: limits({ 'rectus-femoris': 3, 'knee-joint': 2, vasti: 1, 'femoral-nerve': 1 }),
  variants: [
    {
      id: 'side-lying',
      name: 'lying on the side',
      how: 'On the other side, lower knee hugged, upper thigh in line with the trunk. Bend the upper knee.',
      opens: ['pregnancy-middle', 'pregnancy-late'],
      sameMeasure: true,
    },
  ],
  readouts: [
    {
      id: 'knee-flexion',
      name: 'Bend of the knee',
      unit: 'deg',
      instruments: ANGLE,
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
  drawn: byModel(onTheFront, { view: FROM_BESIDE, angle: bendOfKnee }),
});
