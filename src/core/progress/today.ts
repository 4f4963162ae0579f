import type { LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { planWeeks, planWithTaught, type PlanChoice } from './plan';
import { retestsOf } from './retest';
import { dayOf } from '@/core/day-of';

/** What a day holds for one student, told in the list of today. */
export interface TodayOf {
  /** Minutes of the practice that is planned today and not done yet; null where none is. */
  practice: number | null;
  /** Planned days before today that are neither done nor missed. */
  open: number;
  /** Readings that are due again: not older than a year, or they are history. */
  due: number;
}

const HISTORY_DAYS = 365;

/** What today holds for a student, from her plan, log and readings. */
export function todayOf(
  choice: PlanChoice | undefined,
  logs: readonly LogEntry[],
  readings: readonly Reading[],
  today: string,
): TodayOf {
  const taught = new Set(logs.map((l) => dayOf(l)));
  const days = choice ? planWithTaught(planWeeks([], choice), taught).days.filter((d) => d.mark === null) : [];
  const due = retestsOf(readings, [], today).filter((r) => r.inDays <= 0 && r.inDays > -HISTORY_DAYS);
  return {
    practice: days.find((d) => d.day === today)?.minutes ?? null,
    open: days.filter((d) => d.day < today).length,
    due: due.length,
  };
}
