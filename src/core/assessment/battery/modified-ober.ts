import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, onTheSide, thighFrom } from './laid';
import { ANGLE, ease, limits, note, published, stop } from './parts';

/** Degrees that the thigh is held behind the trunk while it sinks; our default for how it is usually done. */
const BEHIND = 8;

export const modifiedOber = defineTest({
  id: 'modified-ober',
  name: 'Upper leg sinking, lying on the side',
  clinical: 'Modified Ober test',
  kind: 'length',
  purpose: 'Outer hip and thigh, with little strain on the knee.',
  position: 'on the side',
  sided: true,
  start: 'On the other side, under knee bent. The upper leg is straight, a little behind the trunk.',
  hold: 'One hand presses the pelvis down and forward, so that the waist stays open and the hips stay stacked.',
  move: 'Let the upper leg sink towards the table, knee straight.',
  end: 'Stop when the pelvis begins to tilt or the leg rests. Read the thigh against level.',
  spoils: ['pelvis rolling back', 'pelvis dropping', 'hip bending', 'thigh turning in'],
  care: 'Soreness on the outer hip bone stops the test; do not repeat it.',
  limiters: limits({ 'gluteus-medius': 2, 'gluteus-minimus': 2, 'tensor-fasciae-latae': 2, 'hip-capsule-front': 2 }),
  readouts: [
    {
      id: 'hip-adduction',
      name: 'Thigh below level',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh level; + below, − above',
      min: -25,
      max: 55,
      better: 'higher',
      movement: 'hip-adduction',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 5.7,
      detectableSource: 'computed from Reese & Bandy 2003 (reliability .91)',
      norms: [published(23.2, 6.9, 'healthy adults', 'Reese & Bandy 2003')],
      posture: (value, _context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = -BEHIND * DEG;
        out[HALF.hipAdduction] = value * DEG;
        out[HALF.kneeFlexion] = 5 * DEG;
      },
    },
  ],
  sensations: [...note('outer-thigh'), ...stop('outer-hip', 'knee'), ...ease('low-back'), ...note('nowhere')],
  drawn: byModel(onTheSide, { view: { yaw: -78, pitch: 12 }, angle: () => thighFrom({ along: 'pelvis' }) }),
});
