import type { ShapeSketch } from '../sketch';
import { DEMANDING } from './demanding';
import { DRILLS } from './drills';
import { KNEELING } from './kneeling';
import { ON_A_CHAIR } from './on-a-chair';
import { ON_THE_BACK } from './on-the-back';
import { ON_THE_FRONT } from './on-the-front';
import { ON_ONE_FOOT } from './on-one-foot';
import { RESTFUL } from './restful';
import { REVOLVED } from './revolved';
import { SEATED } from './seated';
import { STANDING } from './standing';
import { STANDING_WORK } from './standing-work';

/** Every shape of the library as it was written. */
export const SKETCHES: readonly ShapeSketch[] = [
  ...ON_THE_BACK,
  ...ON_THE_FRONT,
  ...KNEELING,
  ...SEATED,
  ...ON_A_CHAIR,
  ...STANDING,
  ...STANDING_WORK,
  ...ON_ONE_FOOT,
  ...REVOLVED,
  ...RESTFUL,
  ...DRILLS,
  ...DEMANDING,
];
