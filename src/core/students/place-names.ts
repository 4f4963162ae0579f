/**
 * Places on the body where a student may complain; also used for where a stretch is felt. Only ever added to, at the
 * end: what a phone gives back counts them.
 */
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
export type Place = (typeof PLACES)[number];
