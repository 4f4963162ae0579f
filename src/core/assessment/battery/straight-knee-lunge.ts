import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, FROM_BESIDE, shinOverFoot, standing } from './laid';
import { ANGLE, limits, note, ruleOfThumb, stop } from './parts';

/** Degrees of the shin's lean that foot and arch take, not the ankle; our default. */
const FOOT = 7;

export const straightKneeLunge = defineTest({
  id: 'straight-knee-lunge',
  name: 'Heel down, knee straight',
  clinical: 'Gastrocnemius length, weight-bearing lunge',
  kind: 'length',
  purpose: 'Gastrocnemius.',
  position: 'standing',
  sided: true,
  start: 'Standing in a step, hands on the wall. Back knee and back foot straight.',
  hold: 'The heel stays down, the arch stays up.',
  move: 'Lean forward over the back foot.',
  end: 'Stop when the heel lifts or the knee bends. Read the shin against upright.',
  spoils: ['heel lifting', 'arch sinking', 'foot turning out'],
  care: 'A hot, swollen or tender calf is never tested: urgent care.',
  limiters: limits({ gastrocnemius: 3, soleus: 2, 'ankle-joint': 1, 'sciatic-nerve': 1 }),
  readouts: [
    {
      id: 'ankle-dorsiflexion',
      name: 'Shin from upright, knee straight',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright',
      min: 0,
      max: 60,
      better: 'higher',
      movement: 'ankle-dorsiflexion-knee-straight',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 5,
      detectableSource: 'rule of thumb for this test',
      norms: [ruleOfThumb(33, 6, 'adults')],
      posture: (value, _context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = 0 * DEG;
        out[HALF.kneeFlexion] = 0 * DEG;
        out[HALF.ankleDorsiflexion] = (value - FOOT) * DEG;
      },
    },
  ],
  sensations: [...note('calf-high', 'calf-low', 'behind-knee', 'ankle-front'), ...stop('knee'), ...note('nowhere')],
  drawn: byModel(standing(), { view: FROM_BESIDE, angle: shinOverFoot }),
});
