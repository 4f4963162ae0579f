import { FRONT_OF_THE_HIP } from './front-of-the-hip';
import { BACK_OF_THE_THIGH } from './back-of-the-thigh';
import { BUTTOCK_AND_TURNING } from './buttock-and-turning';
import { INSIDE_AND_OUTSIDE } from './inside-and-outside';
import { CALF_AND_FOOT } from './calf-and-foot';
import { STRENGTH } from './strength';
import { THE_WHOLE } from './the-whole';
import type { ClinicalCase } from './case';

export { judge, type Judged } from './judge';
export type { ClinicalCase } from './case';

/** Cases as a clinician writes them, by what they are about. */
export const CLINICAL_CASES: Readonly<Record<string, readonly ClinicalCase[]>> = {
  'The front of the hip': FRONT_OF_THE_HIP,
  'The back of the thigh': BACK_OF_THE_THIGH,
  'Buttock and turning': BUTTOCK_AND_TURNING,
  'Inside and outside': INSIDE_AND_OUTSIDE,
  'Calf, foot': CALF_AND_FOOT,
  Strength: STRENGTH,
  'The whole and its limits': THE_WHOLE,
};
