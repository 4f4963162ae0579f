import { DEG, HALF, type Half } from '@/core/body';
import { defineTest } from '../definition';
import { ALONG_THE_THIGH, byModel, shinFrom, sitting } from './laid';
import { ANGLE, limits, note, published, stop, DOWN, ON_CHAIR } from './parts';

const pua = 'computed from Pua 2008 (hips with wear; smallest of its range)';
const sit = (rotation: number, out: Half): void => {
  out.fill(0);
  out[HALF.hipFlexion] = 85 * DEG;
  out[HALF.hipRotation] = rotation * DEG;
  out[HALF.kneeFlexion] = 90 * DEG;
};

export const seatedHipRotation = defineTest({
  id: 'seated-hip-rotation',
  name: 'Thigh turning, sitting',
  clinical: 'Seated hip rotation',
  kind: 'length',
  purpose: 'Turning of the thigh with the hip bent.',
  position: 'sitting',
  sided: true,
  start: 'Sitting on the table, thighs level, a roll under the knee, hands beside.',
  hold: 'Both sit bones stay heavy, the trunk upright.',
  move: 'Turning in: the foot travels outwards. Turning out: the foot travels inwards.',
  end: 'Stop when a sit bone lifts, the trunk leans or the stop is firm. Read the shin against upright.',
  spoils: ['sit bone lifting', 'trunk leaning', 'thigh lifting'],
  care: 'A pinch in the groin or a twist in the knee stops the test. Not after hip surgery from behind.',
  limiters: limits({
    'hip-bone': 3,
    'hip-capsule-back': 3,
    'deep-external-rotators': 2,
    'gluteus-medius': 2,
    'tensor-fasciae-latae': 2,
    'hip-version': 2,
    'gluteus-maximus': 1,
  }),
  readouts: [
    {
      id: 'internal-rotation',
      name: 'Turning in, hip bent',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright',
      min: -20,
      max: 80,
      better: 'higher',
      movement: 'internal-rotation-flexed',
      manner: 'pushed',
      pelvisShares: false,
      limiters: limits({ 'hip-bone': 3, 'hip-capsule-back': 3, 'deep-external-rotators': 2, 'gluteus-maximus': 1 }),
      detectable: 8.6,
      detectableSource: pua,
      norms: [published(33, 7, 'college age, active range', 'Simoneau 1998')],
      posture: (value, _context, out) => sit(value, out),
    },
    {
      id: 'external-rotation',
      name: 'Turning out, hip bent',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright',
      min: -20,
      max: 90,
      better: 'higher',
      movement: 'external-rotation-flexed',
      manner: 'pushed',
      pelvisShares: false,
      limiters: limits({
        'tensor-fasciae-latae': 2,
        'gluteals-front': 2,
        piriformis: 2,
        'hip-capsule-back': 2,
        'hip-version': 2,
      }),
      detectable: 8.6,
      detectableSource: pua,
      norms: [published(36, 7, 'college age, active range', 'Simoneau 1998')],
      posture: (value, _context, out) => sit(-value, out),
    },
  ],
  sensations: [...note('deep-buttock', 'outer-hip'), ...stop('groin-pinch', 'knee'), ...note('nowhere')],
  drawn: byModel(sitting, { view: ALONG_THE_THIGH, angle: () => shinFrom(DOWN), props: ON_CHAIR }),
});
