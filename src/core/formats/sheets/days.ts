import { isValid, parse } from 'date-fns';
import { daysLater } from '@/core/day-count';

/** Days as they are written in tables. */

export type DayOrder = 'day-month' | 'month-day';
export type ReadDay = { day: string } | 'either' | null;

const pad = (n: number): string => String(n).padStart(2, '0');
const full = (year: number): number => (year < 100 ? 2000 + year : year);
/** A day that the calendar has, `YYYY-MM-DD`; null otherwise. */
function made(year: number, month: number, day: number): { day: string } | null {
  const text = `${String(full(year)).padStart(4, '0')}-${pad(month)}-${pad(day)}`;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text) ? { day: text } : null;
}

/** Days since the end of 1899, as programs for tables count them; of the years 2000 to 2100. */
const SERIAL = { least: 36_526, most: 73_415 } as const;
const LONG = [
  'd MMM yyyy',
  'd MMMM yyyy',
  'd. MMMM yyyy',
  'MMM d, yyyy',
  'MMMM d, yyyy',
  'd-MMM-yyyy',
  'd-MMM-yy',
] as const;

/**
 * The day of a cell; a time behind it is left out. `either` where day and month could stand in either order and nobody
 * said which.
 * @param order how days are written in this table, where it is known
 */
export function dayIn(text: string, order?: DayOrder): ReadDay {
  const plain = text.trim().replace(/[T ]\d{1,2}:\d{2}.*$/, '');
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(plain);
  if (iso) return made(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const three = /^(\d{1,2})([./-])(\d{1,2})[./-](\d{4}|\d{2})$/.exec(plain);
  if (three) {
    const [a, b, year] = [Number(three[1]), Number(three[3]), Number(three[4])];
    const dayFirst = made(year, b, a),
      monthFirst = made(year, a, b);
    // With points the day stands first everywhere.
    if (three[2] === '.' || !monthFirst) return dayFirst;
    if (!dayFirst || a === b) return monthFirst;
    return order === 'day-month' ? dayFirst : order === 'month-day' ? monthFirst : 'either';
  }
  if (/^\d{5}$/.test(plain)) {
    const serial = Number(plain);
    if (serial < SERIAL.least || serial > SERIAL.most) return null;
    return { day: daysLater('1899-12-30', serial) };
  }
  for (const form of LONG) {
    const at = parse(plain, form, new Date(2000, 0, 1));
    if (isValid(at)) return made(at.getFullYear(), at.getMonth() + 1, at.getDate());
  }
  return null;
}

/** The order of day and month that a whole column can only have; undefined where each of its days could be either. */
export function dayOrderOf(cells: readonly string[]): DayOrder | undefined {
  for (const cell of cells) {
    const three = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4}|\d{2})\b/.exec(cell.trim());
    if (!three) continue;
    if (Number(three[1]) > 12) return 'day-month';
    if (Number(three[2]) > 12) return 'month-day';
  }
  return undefined;
}
