import type { PlainReadout, ReadoutId } from '../definition';
import { HOLD, HOLD_ERROR, PUSH, PUSH_ERROR, ruleOfThumb } from './parts';

/** Grades of a hand test, worst first; the value is the place in the list. */
export const HAND_GRADES = [
  'nothing seen or felt',
  'tightens, nothing moves',
  'moves with gravity taken away',
  'moves against gravity',
  'holds a moderate push',
  'holds the strongest push',
] as const;

/** Seconds of a hold, with the mean and spread that the teacher's bands come from. */
export const holdFor = (name: string, max: number, mean: number, sd: number, bands: string): PlainReadout => ({
  id: 'hold',
  name,
  unit: 's',
  instruments: HOLD,
  zero: 'the start of the hold',
  min: 0,
  max,
  better: 'higher',
  ...HOLD_ERROR,
  norms: [ruleOfThumb(mean, sd, 'adults', `set so that ${bands}; rule of thumb`)],
});

/** Grade of a hand test. Hides large losses in strong people, so it is offered instead of another read-out. */
export const gradeFor = (name: string, insteadOf: ReadoutId = 'hold'): PlainReadout => ({
  id: 'grade',
  name,
  unit: 'grade',
  zero: 'nothing seen or felt',
  min: 0,
  max: 5,
  better: 'higher',
  detectable: 1,
  detectableSource: 'one step; grades 4 and 5 hide large losses',
  grades: HAND_GRADES,
  norms: [ruleOfThumb(5, 0.5, 'adults')],
  insteadOf,
});

/** Torque of a push against a fixed pad, per kilogram of body mass. */
export const torqueFor = (
  name: string,
  mean: number,
  sd: number,
  extra: Partial<Pick<PlainReadout, 'id' | 'insteadOf'>> = {},
): PlainReadout => ({
  id: 'torque',
  name,
  unit: 'Nm_kg',
  instruments: PUSH,
  zero: 'no push',
  min: 0,
  max: 6,
  better: 'higher',
  ...PUSH_ERROR,
  norms: [ruleOfThumb(mean, sd, 'adults 20–50, make test')],
  insteadOf: 'hold',
  ...extra,
});
