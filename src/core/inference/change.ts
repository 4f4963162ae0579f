import { readoutOf } from '@/core/assessment/battery';
import { detectableAt } from '@/core/assessment/definition';
import { kindOf, meanOf, type Reading } from '@/core/assessment/reading';
import type { MovementFinding } from './statements';
import { dayOf } from '@/core/day-of';

/** A movement's own reading against the same reading of an earlier day. */
export interface MovementChange {
  before: number;
  now: number;
  /** Day of the earlier one, `YYYY-MM-DD`. */
  on: string;
  /** Smallest change that is more than the error of measuring, in the unit of the reading. */
  detectable: number;
  verdict: 'further' | 'less' | 'within-error';
  /** True where one was taken warm and the other not: then they are hardly to be compared. */
  otherState: boolean;
}

/**
 * Change of a movement's own reading since the last earlier day on which it was read the same way; null without one.
 */
export function changeOf(
  m: Pick<MovementFinding, 'test' | 'readout' | 'side'>,
  readings: readonly Reading[],
): MovementChange | null {
  const readout = readoutOf(m.test, m.readout);
  const own = readings
    .filter((r) => kindOf(r) === kindOf({ test: m.test, readout: m.readout, side: m.side }))
    .sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1));
  const newest = own.at(-1);
  const earlier = newest && own.filter((r) => dayOf(r) < dayOf(newest)).at(-1);
  if (!readout || !newest || !earlier || newest.pain || earlier.pain) return null;
  const before = meanOf(earlier.trials),
    now = meanOf(newest.trials);
  const detectable = detectableAt(readout, before);
  const further = (now - before) * (readout.better === 'lower' ? -1 : 1);
  return {
    before,
    now,
    on: dayOf(earlier),
    detectable,
    verdict: Math.abs(further) < detectable ? 'within-error' : further > 0 ? 'further' : 'less',
    otherState: (newest.warm ?? false) !== (earlier.warm ?? false),
  };
}
