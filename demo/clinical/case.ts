import type { Reading } from '@/core/assessment/reading';
import type { GroupId, Side } from '@/core/body';
import type { HintKind } from '@/core/inference/hints';
import type { TestId } from '@/core/assessment/battery';
import type { Movement, ReadoutId } from '@/core/assessment/definition';
import type { Complaint } from '@/core/students/student';

/**
 * One value as a clinician notes it: test, read-out, value, and what was said or seen. Left side where no other is
 * told.
 */
export type Noted = readonly [test: TestId, readout: ReadoutId, value: number, more?: Partial<Reading>];

/** What an experienced clinician would and would not say. */
export interface Expected {
  /** What stops a movement of the left side: any of these groups is right. */
  stops?: Readonly<Partial<Record<Movement, readonly GroupId[]>>>;
  /** Groups of the left side that she would call short, and groups that she would not. */
  short?: readonly GroupId[];
  notShort?: readonly GroupId[];
  /** Aims that must be there and that must not, as `kind group side`; `*` stands for any. */
  aims?: readonly string[];
  noAims?: readonly string[];
  hints?: readonly HintKind[];
  noHints?: readonly HintKind[];
  /** Whether a clinician should look first. */
  refer?: boolean;
  /** One of these is asked next, on either side; an empty list: nothing more is needed. */
  next?: readonly TestId[];
}

export interface ClinicalCase {
  name: string;
  /** What an experienced clinician would say, in her own words. */
  says: string;
  /** What Kolpos said before it was mended, where that was wrong. */
  before?: string;
  readings: readonly Noted[];
  complaints?: readonly Complaint[];
  birthYear?: number;
  expected: Expected;
}

export const R: { side: Side } = { side: 'right' };
export const felt = (placeFelt: Reading['placeFelt'], more: Partial<Reading> = {}): Partial<Reading> => ({
  placeFelt,
  ...more,
});
/** The same value on both sides. */
export const both = (
  test: TestId,
  readout: ReadoutId,
  value: number,
  more: Partial<Reading> = {},
): readonly Noted[] => [
  [test, readout, value, more],
  [test, readout, value, { ...more, ...R }],
];
/** A hanging leg: thigh below level (− above), bend of the knee, drift outward. */
export const hanging = (thigh: number, knee: number, drift = 15, more: Partial<Reading> = {}): readonly Noted[] => [
  ['modified-thomas', 'hip-extension', thigh, more],
  ['modified-thomas', 'knee-flexion', knee, 'side' in more ? R : {}],
  ['modified-thomas', 'hip-abduction', drift, 'side' in more ? R : {}],
];
export const straightened = (thigh: number): Noted => [
  'modified-thomas',
  'hip-extension',
  thigh,
  { variant: 'knee-straight' },
];
