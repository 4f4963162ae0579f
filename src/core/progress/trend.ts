import { daysBetween } from '@/core/day-count';
import type { Readout } from '@/core/assessment/definition';
import { detectableAt } from '@/core/assessment/definition';
import { betterBy, OTHER_TOOL, changeVerdict, type Point, type ChangeVerdict } from './point';

/** What all days of a reading say together, as if it had gone evenly. */
export interface Trend {
  /** Change a month (30 days), in the unit of the reading; + is better. */
  perMonth: number;
  /** 95 % interval. */
  low: number;
  high: number;
  /** Days it rests on. */
  of: number;
  verdict: ChangeVerdict;
  /** Values of the straight line on the first and the last day, as they are read. */
  ends: [number, number];
  /** False where the days lie further from the line than errors of measuring would leave them once in twenty. */
  even: boolean;
}

const MONTH_DAYS = 30;
const Z95 = 1.96;
/**
 * 95 % of chi squared with 1, 2, 3 … degrees of freedom (any table of it); beyond, Wilson and Hilferty's approximation.
 */
const CHI95 = [3.841, 5.991, 7.815, 9.488, 11.07, 12.59, 14.07, 15.51, 16.92, 18.31];
const chi95 = (df: number): number => CHI95[df - 1] ?? df * (1 - 2 / (9 * df) + 1.645 * Math.sqrt(2 / (9 * df))) ** 3;

/**
 * Weighted least squares of a reading over days; the error of each day is the published one (SEM = MDC95 / (1.96 √2)),
 * half as much again where the instrument is not the first day's, so that the interval does not rest on the scatter of
 * three points.
 * @returns null with fewer than three days: then first and last say it all
 */
export function trendOf(readout: Readout, points: readonly Point[], norm?: { mean: number } | null): Trend | null {
  if (points.length < 3) return null;
  const t = points.map((p) => daysBetween(points[0].day, p.day));
  const [{ instrument }] = points;
  const sem = points.map((p) => {
    const other = instrument !== undefined && p.instrument !== undefined && p.instrument !== instrument;
    return (detectableAt(readout, p.value) / (Z95 * Math.SQRT2)) * (other ? OTHER_TOOL : 1);
  });
  const w = sem.map((s) => 1 / (s * s));
  const sum = (f: (i: number) => number): number => points.reduce((s, _, i) => s + w[i] * f(i), 0);
  const all = sum(() => 1);
  const tm = sum((i) => t[i]) / all,
    vm = sum((i) => points[i].value) / all;
  const spread = sum((i) => (t[i] - tm) ** 2);
  const slope = sum((i) => (t[i] - tm) * (points[i].value - vm)) / spread;
  const at = (day: number): number => vm + slope * (day - tm);
  const left = sum((i) => (points[i].value - at(t[i])) ** 2);
  const days = t[t.length - 1];
  const ends: [number, number] = [at(0), at(days)];
  // Which way is better may turn at the middle: then the way from end to end counts.
  const perMonth = (betterBy(readout, ends[0], ends[1], norm) / days) * MONTH_DAYS;
  const half = (Z95 * MONTH_DAYS) / Math.sqrt(spread);
  return {
    perMonth,
    low: perMonth - half,
    high: perMonth + half,
    of: points.length,
    verdict: changeVerdict(perMonth, half),
    ends,
    even: left <= chi95(points.length - 2),
  };
}
