import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, FROM_BESIDE, onTheBack, thighFrom } from './laid';
import { ANGLE, ease, limits, note, published, stop, TOWARDS_FEET } from './parts';

/** Degrees of the reading that are the pelvis curling before it is seen; our default without an inclinometer. */
export const PELVIS_BEFORE_SEEN = 9;

export const kneeToChest = defineTest({
  id: 'knee-to-chest',
  name: 'Knee to chest',
  clinical: 'Passive hip flexion, knee bent',
  kind: 'length',
  purpose: 'Bending of the hip without the hamstrings.',
  position: 'on the back',
  sided: true,
  start: 'On the back, other leg straight on the floor, low back as it lies.',
  hold: 'The other thigh stays down.',
  move: 'Bring the thigh to the chest, knee free to bend.',
  end: 'Stop when the pelvis begins to curl, something pinches, or thigh meets belly.',
  spoils: ['pelvis curling', 'knee drifting out', 'other thigh lifting'],
  care: 'A pinch in the groin stops the test; note the angle where it began.',
  limiters: limits({ 'hip-bone': 3, 'gluteus-maximus': 2, 'hip-capsule-back': 2, 'adductor-magnus': 1 }),
  variants: [
    {
      id: 'side-lying',
      name: 'lying on the side',
      how: 'On the other side; draw the upper knee towards the chest and past the belly, thigh resting on your arm.',
      opens: ['pregnancy-late'],
      sameMeasure: true,
    },
  ],
  readouts: [
    {
      id: 'hip-flexion',
      name: 'Thigh above the floor',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh on the floor',
      min: 40,
      max: 160,
      better: 'higher',
      movement: 'hip-flexion-knee-bent',
      manner: 'pushed',
      pelvisShares: true,
      detectable: 8.6,
      detectableSource: 'computed from Pua 2008 (hips with wear; smallest of its range)',
      norms: [published(121, 13, 'adults 25–74', 'Roach & Miles 1991')],
      posture: (value, context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = (value - (context.pelvicTilt ?? PELVIS_BEFORE_SEEN)) * DEG;
        out[HALF.kneeFlexion] = 130 * DEG;
      },
    },
  ],
  sensations: [
    ...note('whole-buttock', 'deep-buttock'),
    ...stop('groin-pinch', 'knee'),
    ...ease('low-back'),
    ...note('nowhere'),
  ],
  drawn: byModel(onTheBack, { view: FROM_BESIDE, angle: () => thighFrom(TOWARDS_FEET) }),
});
