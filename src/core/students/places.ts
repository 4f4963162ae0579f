import { z } from 'zod';

/** Places on the body where a student may complain; also used for where a stretch is felt. */
export const PLACES = [
  'front-hip-crease',
  'front-thigh',
  'outer-hip',
  'outer-thigh',
  'deep-buttock',
  'whole-buttock',
  'back-thigh',
  'behind-knee',
  'inner-thigh-high',
  'inner-thigh-long',
  'groin-pinch',
  'calf-high',
  'calf-low',
  'ankle-front',
  'instep',
  'knee',
  'low-back',
  'sit-bone',
  'leg-line',
  'nowhere',
] as const;
export const placeSchema = z.enum(PLACES);
export type Place = z.infer<typeof placeSchema>;

/** A day as `YYYY-MM-DD`. */
export const daySchema = z.iso.date();
