import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { bendOfKnee, byModel, FROM_BESIDE, onTheBack } from './laid';
import { ANGLE, limits } from './parts';

/** Hip flexion against the pelvis when the thigh stands at 90°: 13° of it are the pelvis (trial of the model). */
export const PELVIS_AT_90_90 = 13;

export const kneeExtension9090 = defineTest({
  id: 'knee-extension-90-90',
  name: 'Knee straightening, thigh upright',
  clinical: '90/90 knee extension (popliteal angle)',
  kind: 'length',
  purpose: 'Hamstrings with the pelvis better held.',
  position: 'on the back',
  sided: true,
  start: 'On the back, thigh upright and held with both hands, other leg straight on the floor.',
  hold: 'The thigh stays upright from beginning to end.',
  move: 'Straighten the knee, ankle loose.',
  end: 'Stop at the first firm pull or when the thigh leaves upright.',
  spoils: ['thigh sinking back', 'pelvis curling'],
  care: 'Tingling below the knee, or one sharp point at the sit bone, stops the test.',
  limiters: limits({ hamstrings: 3, 'biceps-femoris-short-head': 1, gastrocnemius: 1, 'sciatic-nerve': 2 }),
  readouts: [
    {
      id: 'missing-extension',
      name: 'What is missing to straight',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'straight knee; + still bent',
      min: -10,
      max: 95,
      better: 'lower',
      movement: 'hip-flexion-knee-straight',
      manner: 'pushed',
      pelvisShares: true,
      detectable: 9,
      detectableSource: 'rule of thumb for this test',
      norms: [
        {
          sex: 'female',
          mean: 28,
          sd: 10.6,
          group: 'women 20–79',
          source: 'Youdas 2005',
          confidence: 'published',
          primary: true,
        },
        {
          sex: 'male',
          mean: 38.6,
          sd: 8.1,
          group: 'men 20–79',
          source: 'Youdas 2005',
          confidence: 'published',
          primary: true,
        },
      ],
      posture: (value, context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = (90 - (context.pelvicTilt ?? PELVIS_AT_90_90)) * DEG;
        out[HALF.kneeFlexion] = value * DEG;
      },
    },
  ],
  sensations: [
    { place: 'back-thigh', action: 'note' },
    { place: 'behind-knee', action: 'note' },
    { place: 'calf-high', action: 'note' },
    { place: 'sit-bone', action: 'stop' },
    { place: 'leg-line', action: 'stop' },
    { place: 'nowhere', action: 'note' },
  ],
  drawn: byModel(onTheBack, { view: FROM_BESIDE, angle: bendOfKnee }),
});
