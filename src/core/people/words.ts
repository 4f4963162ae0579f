import type { Place } from './student';

export const PLACE_WORDS: Readonly<Record<Place, string>> = {
  'front-hip-crease': 'front of the hip',
  'front-thigh': 'front of the thigh',
  'outer-hip': 'outer hip',
  'outer-thigh': 'outer thigh',
  'deep-buttock': 'deep in the buttock',
  'whole-buttock': 'whole buttock',
  'back-thigh': 'back of the thigh',
  'behind-knee': 'behind the knee',
  'inner-thigh-high': 'inner thigh, high',
  'inner-thigh-long': 'inner thigh, long',
  'groin-pinch': 'pinch in the groin',
  'calf-high': 'upper calf',
  'calf-low': 'lower calf',
  'ankle-front': 'front of the ankle',
  instep: 'top of the foot',
  knee: 'knee',
  'low-back': 'low back',
  'sit-bone': 'sit bone, one point',
  'leg-line': 'tingling down the leg',
  nowhere: 'nowhere',
};
