import { DEG, HALF } from '@/core/body';
import type { TestDefinition } from '../definition';
import { note, ruleOfThumb, stop } from './parts';

/** Degrees of the shin's lean that foot and arch take, not the ankle; our default. */
const FOOT = 6;

export const kneeToWall: TestDefinition = {
  id: 'knee-to-wall',
  name: 'Knee to the wall',
  position: 'standing',
  start: 'Standing at the wall, foot straight, knee in line with the second toe.',
  hold: 'The heel stays on the floor, the arch stays up.',
  move: 'Bring the knee to the wall; move the foot back until it only just gets there.',
  end: 'The last place with the heel down. Read the shin against upright.',
  spoils: ['heel lifting', 'arch sinking', 'foot turning out'],
  care: 'A hot, swollen or tender calf is never tested: urgent care.',
  readouts: [
    {
      id: 'shin-angle',
      name: 'Shin from upright, knee bent',
      unit: 'deg',
      zero: 'shin upright',
      min: 0,
      max: 65,
      better: 'higher',
      movement: 'ankle-dorsiflexion-knee-bent',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 4.7,
      detectableSource: 'Powden 2015, same rater',
      norms: [ruleOfThumb(39, 6, 'healthy adults', 'rule of thumb; method Bennell 1998')],
      posture: (value, _context, out) => {
        out.fill(0);
        out[HALF.hipFlexion] = 30 * DEG;
        out[HALF.kneeFlexion] = 70 * DEG;
        out[HALF.ankleDorsiflexion] = (value - FOOT) * DEG;
      },
    },
  ],
  sensations: [...note('calf-low', 'calf-high', 'behind-knee', 'ankle-front'), ...stop('knee'), ...note('nowhere')],
};
