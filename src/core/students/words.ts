import type { PainKind } from './hurt';
import type { COMPLAINT_TIMES, Place, QUALITIES, STYLES } from './student';

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

export const TIME_WORDS: Readonly<Record<(typeof COMPLAINT_TIMES)[number], string>> = {
  sitting: 'sitting',
  'getting-up': 'getting up',
  standing: 'standing',
  walking: 'walking or running',
  stairs: 'stairs',
  bending: 'bending or squatting',
  practice: 'in practice',
  'lying-on-it': 'lying on it',
  night: 'at night',
  always: 'always',
};

export const QUALITY_WORDS: Readonly<Record<(typeof QUALITIES)[number], string>> = {
  pull: 'a pull',
  stiff: 'stiff',
  ache: 'an ache',
  pinch: 'a pinch',
  sharp: 'sharp',
  burning: 'burning',
  tingling: 'tingling or numb',
  click: 'a snap or click',
};

export const STYLE_WORDS: Readonly<Record<(typeof STYLES)[number], string>> = {
  quiet: 'quiet',
  flowing: 'flowing',
  'long-holds': 'long holds',
  strong: 'strong',
  'few-words': 'few words',
  'much-explained': 'much explained',
};

/** Kinds of pain as a student may say them. */
export const PAIN_WORDS: Readonly<Record<PainKind, string>> = {
  sharp: 'sharp',
  pinching: 'pinching',
  pulling: 'pulling hard',
  tingling: 'tingling or numb',
  dizzy: 'dizzy',
  breathless: 'short of breath',
};
