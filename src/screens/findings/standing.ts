import { postureFrom } from '@/core/body';

/** How a body stands where findings are shown on it. */
export const STANDING = postureFrom({
  shoulder_adduction_left: -14,
  shoulder_adduction_right: -14,
  hip_adduction_left: -5,
  hip_adduction_right: -5,
});
