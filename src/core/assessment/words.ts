import type { Movement, Unit } from './definition';
import type { EndFeel, Reading } from './reading';

/** A movement as it is said of a side: "left …". */
export const MOVEMENT_WORDS: Readonly<Record<Movement, string>> = {
  'hip-extension': 'hip straightening',
  'knee-flexion-hip-extended': 'knee bend with the hip straight',
  'hip-flexion-knee-straight': 'straight leg raise',
  'hip-adduction': 'thigh coming to the midline',
  'internal-rotation-extended': 'thigh turning in',
  'external-rotation-extended': 'thigh turning out',
  'hip-flexion-knee-bent': 'hip bending with the knee bent',
  'hip-abduction': 'leg going out',
  'cross-body': 'knee going across',
  'internal-rotation-flexed': 'bent thigh turning in',
  'external-rotation-flexed': 'bent thigh turning out',
  'ankle-dorsiflexion-knee-straight': 'ankle bending with the knee straight',
  'ankle-dorsiflexion-knee-bent': 'ankle bending with the knee bent',
  kneeling: 'sitting back on the heels',
};

/** Ends a teacher can choose; pain is a button of its own. */
export const END_FEEL_WORDS: Readonly<Record<EndFeel, string>> = {
  'stretch-firm': 'firm stretch',
  'hard-block': 'hard stop',
  pinch: 'pinch',
  pain: 'pain',
  'nerve-like': 'tingling',
  guarding: 'guarded',
  compensation: 'pelvis moved',
  'body-contact': 'body met body',
  fear: 'held back',
};

/** Units as they are said. */
export const UNIT_WORDS: Readonly<Record<Unit, string>> = {
  deg: 'degrees',
  cm: 'centimetres',
  s: 'seconds',
  reps: 'times',
  grade: 'grade',
  Nm_kg: 'newton metres a kilogram',
};

export const INSTRUMENT_WORDS: Readonly<Record<NonNullable<Reading['instrument']>, string>> = {
  inclinometer: 'inclinometer',
  photo: 'photo',
  goniometer: 'hand goniometer',
  eye: 'by eye',
  tape: 'tape',
  'force-gauge': 'force gauge',
  stopwatch: 'stopwatch',
  counter: 'counter',
};
