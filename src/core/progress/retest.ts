import { daysBetween, daysLater } from '@/core/day-count';
import { groupOf } from '@/core/body';
import type { Aim } from '@/core/students/student';
import { readoutOf, testById } from '@/core/assessment/battery';
import { latest, type Reading } from '@/core/assessment/reading';

/** What to test again, when, and in the same way as last time. */

export interface Retest {
  test: string;
  readout: string;
  side: Reading['side'];
  variant?: string;
  active?: boolean;
  /** The last reading of it. */
  last: Reading;
  /** Day from which it is worth while, `YYYY-MM-DD`. */
  due: string;
  /** Days until then; negative where it is over. */
  inDays: number;
  why: 'length' | 'strength' | 'hold' | 'painful';
  /** Aims that rest on it, `kind:group:side`. */
  aims: string[];
}

/**
 * Days between two tests of a kind (rules of thumb: length four to six weeks, strength six to eight, holds four,
 * painful two).
 */
export const RETEST_DAYS: Readonly<Record<Retest['why'], number>> = { length: 35, strength: 49, hold: 28, painful: 14 };

const whyOf = (r: Reading): Retest['why'] =>
  r.pain ? 'painful' : r.unit === 'Nm_kg' ? 'strength' : r.unit === 's' || r.unit === 'reps' ? 'hold' : 'length';

/** Share of a read-out's limiters from which it speaks of a group: the strongest and what comes near it. */
const SPEAKS = 0.66;

/** True where a reading tells about what an aim is for. */
export function tellsOf(
  r: Pick<Reading, 'test' | 'readout' | 'side'>,
  aim: Pick<Aim, 'kind' | 'group' | 'side'>,
): boolean {
  if (r.side !== 'both' && r.side !== aim.side) return false;
  const test = testById(r.test),
    readout = readoutOf(r.test, r.readout);
  if (!test || !readout) return false;
  const strength = readout.movement === undefined;
  if ((aim.kind === 'strengthen') !== strength) return false;
  const limiters = readout.limiters ?? test.limiters;
  const most = Math.max(0, ...limiters.map((l) => l.weight));
  return limiters.some((l) => l.weight >= SPEAKS * most && groupOf(l.structure) === aim.group);
}

/** Every kind of reading that there is, with its day; those that aims rest on first, then by day. */
export function retestsOf(readings: readonly Reading[], aims: readonly Aim[], today: string): Retest[] {
  const active = aims.filter((a) => a.kind !== 'leave' && a.weight > 0);
  return latest(readings)
    .map((last): Retest => {
      const { test, readout, side, variant, active: alone } = last;
      const why = whyOf(last);
      const due = daysLater(last.takenAt.slice(0, 10), RETEST_DAYS[why]);
      return {
        test,
        readout,
        side,
        ...(variant && { variant }),
        ...(alone && { active: alone }),
        last,
        due,
        inDays: daysBetween(today, due),
        why,
        aims: active.filter((a) => tellsOf(last, a)).map((a) => `${a.kind}:${a.group}:${a.side}`),
      };
    })
    .sort(
      (a, b) =>
        Number(b.aims.length > 0) - Number(a.aims.length > 0) ||
        (a.due < b.due ? -1 : a.due > b.due ? 1 : 0) ||
        (a.last.id < b.last.id ? -1 : 1),
    );
}
