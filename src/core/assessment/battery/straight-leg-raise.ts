import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, FROM_BESIDE, onTheBack, thighFrom } from './laid';
import { ANGLE, limits, TOWARDS_FEET } from './parts';

/** Share of the raise that is really the pelvis curling; our default (trial of the model) without an inclinometer. */
export const PELVIC_SHARE = 0.24;

/** The way of lifting a straight leg with the foot drawn up: hamstrings do not cross the ankle, the nerve does. */
export const ANKLE_UP = 'ankle-up';
/** How far a foot that is drawn up firmly stands beyond one that hangs loose, degrees (rule of thumb, ours). */
const FOOT_DRAWN_UP_DEG = 20;

export const straightLegRaise = defineTest({
  id: 'straight-leg-raise',
  name: 'Straight leg raise',
  clinical: 'Passive straight leg raise (SLR)',
  kind: 'length',
  purpose: 'Hamstrings over a straight knee, and how the nerve of the leg bears it.',
  position: 'on the back',
  sided: true,
  start: 'On the back, other leg straight on the floor, low back as it lies.',
  hold: 'The other thigh stays down.',
  move: 'Lift the straight leg, knee straight, ankle loose.',
  end: 'Stop when the knee wants to bend, the pelvis tips or the first strong pull comes.',
  spoils: ['pelvis curling', 'knee bending', 'leg turning out'],
  care: 'Tingling below the knee, or an ache in back or buttock before 40°, stops the test.',
  limiters: limits({
    hamstrings: 3,
    'sciatic-nerve': 2,
    gastrocnemius: 1,
    'hip-capsule-back': 1,
    'gluteus-maximus': 1,
  }),
  variants: [
    {
      id: 'other-knee-bent',
      name: 'other knee bent',
      how: 'The other foot stands on the floor, so that short hip flexors on that side do not tip the pelvis.',
      opens: ['low-back-leg-pain'],
      sameMeasure: true,
    },
    {
      id: ANKLE_UP,
      name: 'foot drawn up',
      how: 'Ankle-sensitised: draw the foot up firmly before the leg is lifted, then lift as before. Hamstrings do not mind; the nerve does.',
      context: { ankleUp: FOOT_DRAWN_UP_DEG },
    },
  ],
  readouts: [
    {
      id: 'hip-flexion',
      name: 'Leg above the floor',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'leg on the floor',
      min: 10,
      max: 150,
      better: 'higher',
      movement: 'hip-flexion-knee-straight',
      manner: 'pushed',
      pelvisShares: true,
      detectable: 9,
      detectableSource: 'rule of thumb for this test',
      norms: [
        {
          sex: 'female',
          mean: 76.3,
          sd: 9.5,
          group: 'women 20–79',
          source: 'Youdas 2005',
          confidence: 'published',
          primary: true,
        },
        {
          sex: 'male',
          mean: 68.5,
          sd: 6.8,
          group: 'men 20–79',
          source: 'Youdas 2005',
          confidence: 'published',
          primary: true,
        },
      ],
      posture: (value, context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = (value - (context.pelvicTilt ?? PELVIC_SHARE * value)) * DEG;
        out[HALF.ankleDorsiflexion] = (context.ankleUp ?? 0) * DEG;
      },
    },
  ],
  sensations: [
    { place: 'back-thigh', action: 'note' },
    { place: 'behind-knee', action: 'note' },
    { place: 'calf-high', action: 'note' },
    { place: 'whole-buttock', action: 'note' },
    { place: 'sit-bone', action: 'stop' },
    { place: 'leg-line', action: 'stop' },
    { place: 'low-back', action: 'ease' },
    { place: 'nowhere', action: 'note' },
  ],
  drawn: byModel(onTheBack, { view: FROM_BESIDE, angle: () => thighFrom(TOWARDS_FEET) }),
});
