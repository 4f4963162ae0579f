import type { Norm, Readout } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';

/** One day's reading of a kind. */
export interface Point {
  id: string;
  day: string;
  value: number;
  warm: boolean;
  instrument?: Reading['instrument'];
}

/** What a change says against the error of measuring. */
export type ChangeVerdict = 'changed' | 'worse' | 'too-small';
/** Between two testers or two tools the error is half as much again (rule of thumb). */
export const OTHER_TOOL = 1.5;

/**
 * How much better a value is than another, in the unit of the reading: further, stronger, or nearer to the middle where
 * both ends matter.
 */
export function betterBy(readout: Readout, before: number, now: number, norm?: Pick<Norm, 'mean'> | null): number {
  if (readout.better === 'higher') return now - before;
  if (readout.better === 'lower') return before - now;
  const middle = norm?.mean ?? (readout.min + readout.max) / 2;
  return Math.abs(before - middle) - Math.abs(now - middle);
}

/** What a change of so much says where so much is the error of measuring. */
export const changeVerdict = (by: number, detectable: number): ChangeVerdict =>
  Math.abs(by) < detectable ? 'too-small' : by > 0 ? 'changed' : 'worse';
