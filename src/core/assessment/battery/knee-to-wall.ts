import { DEG, HALF, type Half } from '@/core/body';
import { defineTest } from '../definition';
import { byModel, FROM_BESIDE, shinOverFoot, standing } from './laid';
import { ANGLE, limits, note, ruleOfThumb, stop } from './parts';

/** Degrees of the shin's lean that foot and arch take, not the ankle; our default. */
export const FOOT = 6;
/** Degrees of the shin for a centimetre of toe distance (Bennell 1998), and the usual distance. */
export const DEGREES_PER_CM = 3.6;
export const USUAL_CM = 10;
/** The shin at the usual distance, degrees from upright (rule of thumb; method Bennell 1998). */
export const USUAL_SHIN = 39;

const lunge = (shin: number, out: Half): void => {
  out.fill(0);
  out[HALF.hipFlexion] = 30 * DEG;
  out[HALF.kneeFlexion] = 70 * DEG;
  out[HALF.ankleDorsiflexion] = (shin - FOOT) * DEG;
};

export const kneeToWall = defineTest({
  id: 'knee-to-wall',
  name: 'Knee to the wall',
  clinical: 'Weight-bearing lunge (knee-to-wall) test',
  kind: 'length',
  purpose: 'Soleus and the ankle joint.',
  position: 'standing',
  sided: true,
  start: 'Standing at the wall, foot straight, knee in line with the second toe.',
  hold: 'The heel stays on the floor, the arch stays up.',
  move: 'Bring the knee to the wall; move the foot back until it only just gets there.',
  end: 'The last place with the heel down. Read the shin against upright, or the toe to the wall.',
  spoils: ['heel lifting', 'arch sinking', 'foot turning out'],
  care: 'A hot, swollen or tender calf is never tested: urgent care.',
  limiters: limits({ soleus: 3, 'ankle-joint': 3, gastrocnemius: 1 }),
  readouts: [
    {
      id: 'shin-angle',
      name: 'Shin from upright, knee bent',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright',
      min: 0,
      max: 65,
      better: 'higher',
      movement: 'ankle-dorsiflexion-knee-bent',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 4.7,
      detectableSource: 'Powden 2015, same rater',
      norms: [ruleOfThumb(USUAL_SHIN, 6, 'healthy adults', 'rule of thumb; method Bennell 1998')],
      posture: (value, _context, out) => lunge(value, out),
    },
    {
      id: 'toe-distance',
      name: 'Toe to the wall',
      unit: 'cm',
      zero: 'toe at the wall',
      min: 0,
      max: 25,
      better: 'higher',
      movement: 'ankle-dorsiflexion-knee-bent',
      manner: 'pushed',
      pelvisShares: false,
      degreesPerUnit: DEGREES_PER_CM,
      detectable: 1.9,
      detectableSource: 'Powden 2015, same rater',
      norms: [ruleOfThumb(USUAL_CM, 3.5, 'healthy adults', 'rule of thumb; method Bennell 1998')],
      insteadOf: 'shin-angle',
      posture: (value, _context, out) => lunge(USUAL_SHIN + (value - USUAL_CM) * DEGREES_PER_CM, out),
    },
  ],
  sensations: [...note('calf-low', 'calf-high', 'behind-knee', 'ankle-front'), ...stop('knee'), ...note('nowhere')],
  drawn: byModel(standing(FOOT), { view: FROM_BESIDE, angle: shinOverFoot }),
});
