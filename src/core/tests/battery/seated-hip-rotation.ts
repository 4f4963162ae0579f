import { DEG, HALF, type Half } from '@/core/body';
import type { TestDefinition } from '../definition';
import { note, published, stop } from './parts';

const pua = 'computed from Pua 2008 (hips with wear; smallest of its range)';
const sit = (rotation: number, out: Half): void => {
  out.fill(0);
  out[HALF.hipFlexion] = 85 * DEG;
  out[HALF.hipRotation] = rotation * DEG;
  out[HALF.kneeFlexion] = 90 * DEG;
};

export const seatedHipRotation: TestDefinition = {
  id: 'seated-hip-rotation',
  name: 'Thigh turning, sitting',
  position: 'sitting',
  start: 'Sitting on the table, thighs level, a roll under the knee, hands beside.',
  hold: 'Both sit bones stay heavy, the trunk upright.',
  move: 'Turning in: the foot travels outwards. Turning out: the foot travels inwards.',
  end: 'Stop when a sit bone lifts, the trunk leans or the stop is firm. Read the shin against upright.',
  spoils: ['sit bone lifting', 'trunk leaning', 'thigh lifting'],
  care: 'A pinch in the groin or a twist in the knee stops the test. Not after hip surgery from behind.',
  readouts: [
    {
      id: 'internal-rotation',
      name: 'Turning in, hip bent',
      unit: 'deg',
      zero: 'shin upright',
      min: -20,
      max: 80,
      better: 'higher',
      movement: 'internal-rotation-flexed',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8.6,
      detectableSource: pua,
      norms: [published(33, 7, 'college age, active range', 'Simoneau 1998')],
      posture: (value, _context, out) => sit(value, out),
    },
    {
      id: 'external-rotation',
      name: 'Turning out, hip bent',
      unit: 'deg',
      zero: 'shin upright',
      min: -20,
      max: 90,
      better: 'higher',
      movement: 'external-rotation-flexed',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 8.6,
      detectableSource: pua,
      norms: [published(36, 7, 'college age, active range', 'Simoneau 1998')],
      posture: (value, _context, out) => sit(-value, out),
    },
  ],
  sensations: [...note('deep-buttock', 'outer-hip'), ...stop('groin-pinch', 'knee'), ...note('nowhere')],
};
