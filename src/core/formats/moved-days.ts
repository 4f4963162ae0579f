import { daysBetween, daysLater } from '../day-count';
import type { KolposRecord } from './record';

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const MOMENT = /^(\d{4}-\d{2}-\d{2})(T.+Z)$/;

/**
 * A record as it would have been so many days later (or earlier): every day and moment in it, whatever it belongs to,
 * moves alike; everything else stays. The hour of a moment is kept as it stands, in UTC.
 */
export function movedDays(record: KolposRecord, days: number): KolposRecord {
  return moved(record, days) as KolposRecord;
}

function moved(value: unknown, days: number): unknown {
  if (typeof value === 'string') {
    if (DAY.test(value)) return daysLater(value, days);
    const moment = MOMENT.exec(value);
    return moment ? daysLater(moment[1], days) + moment[2] : value;
  }
  if (Array.isArray(value)) return value.map((v) => moved(v, days));
  if (value !== null && typeof value === 'object')
    return Object.fromEntries(
      Object.entries(value).map(([key, v]) => [DAY.test(key) ? daysLater(key, days) : key, moved(v, days)]),
    );
  return value;
}

/**
 * Whole weeks, in days, from one day to another: what moves a record and keeps its weekdays. Never further than the
 * second day.
 */
export const wholeWeeks = (from: string, to: string): number => 7 * Math.floor(daysBetween(from, to) / 7);
