import { z } from 'zod';
import { daysLater, weekdayOf } from '@/core/day-count';
import { dayOf } from '@/core/day-of';
import { weekdayWords } from '@/core/day-words';
import { hourSchema } from '@/core/progress/plan';
import { daySchema, momentSchema } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';

/** What became of a visit: the student came (a class took place), did not come, or it was called off. */
export const BECAME = ['came', 'missed', 'off'] as const;
export type Became = (typeof BECAME)[number];
export const BECAME_WORDS: Readonly<Record<Became, string>> = {
  came: 'came',
  missed: 'did not come',
  off: 'called off',
};
/** The same of a class. */
export const CLASS_BECAME_WORDS: Readonly<Record<Became, string>> = {
  came: 'took place',
  missed: 'nobody came',
  off: 'called off',
};

const idSchema = z.string().min(1).max(64);

/** How long a visit may last. Ours. */
export const VISIT_MINUTES = { least: 5, most: 480 } as const;

/** A time at which a student, or a class, comes to the studio. */
export const visitSchema = z
  .object({
    id: idSchema,
    /** Whose it is: one of the two. */
    student: idSchema.optional(),
    class: idSchema.optional(),
    /** The day of the wall clock in the studio. */
    day: daySchema,
    /** The hour on the wall, `HH:MM`; without one the visit stands for the day. */
    at: hourSchema.optional(),
    minutes: z.number().int().min(VISIT_MINUTES.least).max(VISIT_MINUTES.most),
    became: z.enum(BECAME).optional(),
    createdAt: momentSchema,
    updatedAt: momentSchema,
  })
  .refine((v) => (v.student === undefined) !== (v.class === undefined), {
    message: 'A visit is of a student or of a class.',
    path: ['student'],
  });
export type Visit = z.infer<typeof visitSchema>;

/** Whose a visit is. */
export interface Comer {
  kind: 'student' | 'class';
  id: string;
}
export const comerOf = (v: Pick<Visit, 'student' | 'class'>): Comer =>
  v.student !== undefined ? { kind: 'student', id: v.student } : { kind: 'class', id: v.class ?? '' };
/** The field of a visit that says whose it is. */
export const fieldOf = ({ kind, id }: Comer): Pick<Visit, 'student' | 'class'> =>
  kind === 'student' ? { student: id } : { class: id };

/** When a visit is, in words: "Thursday 3 December, 07:15". */
export const whenWords = ({ day, at }: Pick<Visit, 'day' | 'at'>): string =>
  at === undefined ? weekdayWords(day) : `${weekdayWords(day)}, ${at}`;

/** Earlier first; of a day what has no hour stands before what has one. */
export const byTime = (a: Visit, b: Visit): number => {
  const [x, y] = [a, b].map((v) => `${v.day} ${v.at ?? ''} ${v.id}`);
  return x < y ? -1 : x > y ? 1 : 0;
};

/** Visits of the days from one to another, both counted, in their order. */
export const visitsBetween = (visits: readonly Visit[], from: string, to: string): Visit[] =>
  visits.filter((v) => v.day >= from && v.day <= to).sort(byTime);

/** The Monday of a day's week, and its Sunday. */
export function weekOf(day: string): { from: string; to: string } {
  const weekday = weekdayOf(day);
  return { from: daysLater(day, 1 - weekday), to: daysLater(day, 7 - weekday) };
}

/**
 * The next visit of a student, her own or of a class that she is in; null where none is planned.
 * @param classes ids of the classes that she is in
 * @param day today
 * @param at the hour now, `HH:MM`: what is over by then is no next one
 */
export function nextVisit(
  visits: readonly Visit[],
  student: string,
  classes: readonly string[],
  day: string,
  at: string,
): Visit | null {
  const coming = visits.filter(
    (v) =>
      v.became === undefined &&
      (v.student === student || (v.class !== undefined && classes.includes(v.class))) &&
      (v.day > day || (v.day === day && endOf(v) >= at)),
  );
  return coming.sort(byTime).at(0) ?? null;
}

const minutesOf = (at: string): number => Number(at.slice(0, 2)) * 60 + Number(at.slice(3));
/** The hour on the wall at which a visit ends; of one that goes past midnight, or has no hour, the last of the day. */
export function endOf({ at, minutes }: Pick<Visit, 'at' | 'minutes'>): string {
  const end = at === undefined ? Infinity : minutesOf(at) + minutes;
  if (end >= 24 * 60) return '23:59';
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${two(Math.floor(end / 60))}:${two(end % 60)}`;
}

/** Visits that stand at the same time as this one, but for itself and what was called off. */
export function clashesWith(visit: Visit, visits: readonly Visit[]): Visit[] {
  const { at } = visit;
  if (at === undefined || visit.became === 'off') return [];
  return visits.filter(
    (v) =>
      v.id !== visit.id &&
      v.day === visit.day &&
      v.became !== 'off' &&
      v.at !== undefined &&
      v.at < endOf(visit) &&
      at < endOf(v),
  );
}

/** Weeks that a visit may be repeated for. */
export const MOST_VISIT_WEEKS = 52;

/** The same visit each week, so many times, the first where it stands; each with its own id. */
export const weekly = (first: Visit, times: number, newId: () => string): Visit[] =>
  Array.from({ length: Math.min(MOST_VISIT_WEEKS, Math.max(1, Math.round(times))) }, (_, k) =>
    k === 0 ? first : { ...first, id: newId(), day: daysLater(first.day, 7 * k) },
  );

/** How often a student came and did not, of what was planned for her alone. */
export interface Attendance {
  came: number;
  missed: number;
  off: number;
  /** The last day on which she came; null for never. */
  last: string | null;
}
export function attendanceOf(visits: readonly Visit[], student: string): Attendance {
  const own = visits.filter((v) => v.student === student);
  const count = (what: Became): number => own.filter((v) => v.became === what).length;
  const last = own
    .filter((v) => v.became === 'came')
    .reduce<string | null>((d, v) => (d && d > v.day ? d : v.day), null);
  return { came: count('came'), missed: count('missed'), off: count('off'), last };
}

/** Visits of days that are over and of which nobody said what became of them. */
export const unsaid = (visits: readonly Visit[], today: string): Visit[] =>
  visits.filter((v) => v.became === undefined && v.day < today).sort(byTime);

/** A visit as it is shown. */
export interface SeenVisit extends Visit {
  /** True where nobody said what became of it, and a lesson of that day is in the log. */
  taught?: true;
}

/**
 * Visits with those said to have come of whom a lesson of that day is in the log; nothing is written by it. What was
 * done at home is no visit, and a lesson of a class is a visit of the class alone.
 * @param classes ids of the classes that there are
 */
export function visitsWithTaught(
  visits: readonly Visit[],
  logs: readonly LogEntry[],
  classes: readonly string[],
): SeenVisit[] {
  const lessons = new Set(
    logs
      .filter((l) => l.source !== 'home')
      .map((l) => `${classes.includes(l.practice) ? l.practice : l.student} ${dayOf(l)}`),
  );
  return visits.map((v) =>
    v.became === undefined && lessons.has(`${comerOf(v).id} ${v.day}`) ? { ...v, became: 'came', taught: true } : v,
  );
}
