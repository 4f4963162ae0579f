import { DEG, HALF } from '@/core/body';
import { defineTest } from '../definition';
import { ALONG_THE_THIGH, byModel, onTheFront, shinFrom } from './laid';
import { ANGLE, limits, UP } from './parts';

const simoneau = { group: 'college age, active range', source: 'Simoneau 1998', confidence: 'published' as const };

export const proneHipRotation = defineTest({
  id: 'prone-hip-rotation',
  name: 'Thigh turning, lying on the front',
  clinical: 'Prone hip rotation',
  kind: 'length',
  purpose: 'Turning of the thigh with the hip straight: outward rotators against inward ones, capsule and bone.',
  position: 'on the front',
  sided: true,
  start: 'Face down, thighs parallel, knee bent to a right angle.',
  hold: 'One hand on the sacrum. For turning in the opposite buttock stays down, for turning out the same one.',
  move: 'Turning in: the foot travels outwards. Turning out: the foot travels inwards, across.',
  end: 'Stop when the pelvis begins to roll or the stop is firm. Read the shin against upright.',
  spoils: ['buttock lifting', 'knee angle changing', 'knee giving instead of the hip'],
  care: 'After a knee ligament injury hold above the knee. Not after hip surgery from the front.',
  limiters: limits({
    'hip-version': 3,
    'hip-capsule-front': 3,
    piriformis: 2,
    'deep-external-rotators': 2,
    'gluteus-maximus': 2,
    'gluteus-medius': 2,
    'tensor-fasciae-latae': 2,
  }),
  readouts: [
    {
      id: 'internal-rotation',
      name: 'Turning in (foot outwards)',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright',
      min: -20,
      max: 85,
      better: 'higher',
      movement: 'internal-rotation-extended',
      manner: 'pushed',
      pelvisShares: false,
      limiters: limits({
        'hip-version': 3,
        piriformis: 2,
        'deep-external-rotators': 2,
        'gluteus-maximus': 2,
        'gluteus-medius-back': 2,
        'hip-capsule-back': 2,
      }),
      detectable: 5.6,
      detectableSource: 'computed from Ellison 1990 (reliability .95)',
      norms: [{ sex: 'all', mean: 36, sd: 9, ...simoneau, primary: true }],
      posture: (value, _context, out) => {
        out.fill(0);
        out[HALF.hipRotation] = value * DEG;
        out[HALF.kneeFlexion] = 90 * DEG;
      },
    },
    {
      id: 'external-rotation',
      name: 'Turning out (foot inwards)',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright',
      min: -20,
      max: 95,
      better: 'higher',
      movement: 'external-rotation-extended',
      manner: 'pushed',
      pelvisShares: false,
      limiters: limits({ 'hip-version': 3, 'hip-capsule-front': 3, 'tensor-fasciae-latae': 2, 'gluteals-front': 2 }),
      detectable: 5.6,
      detectableSource: 'computed from Ellison 1990 (reliability .95)',
      norms: [{ sex: 'all', mean: 45, sd: 10, ...simoneau, primary: true }],
      posture: (value, _context, out) => {
        out.fill(0);
        out[HALF.hipRotation] = -value * DEG;
        out[HALF.kneeFlexion] = 90 * DEG;
      },
    },
  ],
  sensations: [
    { place: 'deep-buttock', action: 'note' },
    { place: 'front-hip-crease', action: 'note' },
    { place: 'outer-hip', action: 'note' },
    { place: 'groin-pinch', action: 'stop' },
    { place: 'knee', action: 'stop' },
    { place: 'nowhere', action: 'note' },
  ],
  drawn: byModel(onTheFront, { view: ALONG_THE_THIGH, angle: () => shinFrom(UP) }),
});
