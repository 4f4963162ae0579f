import { daysLater, weekdayOf } from '@/core/day-count';
import { z } from 'zod';
import { daySchema } from '@/core/students/student';

/**
 * Weeks ahead: which days, how long, what for; strength with a day between, a lighter week now and then, and when to
 * test again.
 */

/** An hour on the wall, `HH:MM`. */
export const hourSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);

export const planSchema = z.object({
  student: z.string().min(1).max(64),
  start: daySchema,
  weeks: z.number().int().min(1).max(16),
  /** Days of the week there are, 1 Monday to 7 Sunday. */
  days: z.array(z.number().int().min(1).max(7)).min(1).max(7),
  minutes: z.number().int().min(5).max(120),
  /** What became of planned days; a day may be moved to another one. */
  marks: z.record(daySchema, z.enum(['done', 'missed'])).default({}),
  moved: z.record(daySchema, daySchema).default({}),
  /** Weeks, from 0, that stay as the week before them, by what came back of it. */
  held: z.array(z.number().int().min(0).max(15)).max(16).optional(),
  /** The hour on the wall at which she practises, `HH:MM`; without one a day has no hour. */
  at: hourSchema.optional(),
  /**
   * Days that were saved as a calendar, by where they were planned: those that are planned no more are called off in
   * the next one.
   */
  saved: z.array(daySchema).max(800).optional(),
  /** A pose that the weeks lead to. */
  peak: z.string().max(60).optional(),
});
export type PlanChoice = z.infer<typeof planSchema>;

/** An aim with what a week of it should hold. */
export interface WeeklyAim {
  key: string;
  /** Minutes of useful stretch a week; 0 where it is not to be lengthened. */
  minutes: number;
  /** Days of strength a week; 0 where it is not to be strengthened. */
  strengthDays: number;
}

export interface PlannedDay {
  /** Where it stands now; `was` is where it was planned. */
  day: string;
  was: string;
  /** From 0. */
  week: number;
  minutes: number;
  /** Useful minutes of stretch for each aim, and the aims that are strengthened. */
  stretch: Readonly<Record<string, number>>;
  strength: readonly string[];
  light: boolean;
  retest: ('length' | 'strength')[];
  mark: 'done' | 'missed' | null;
}

export interface Plan {
  /** The day from which weeks are counted. */
  start: string;
  days: PlannedDay[];
  /** What the days and minutes given do not hold, a week: useful minutes, or days of strength. */
  short: { key: string; kind: 'stretch' | 'strength'; wanted: number; given: number }[];
}

/** Share of a practice in which aims are worked for; arriving, ways and rest take the rest. Ours. */
const USEFUL = 0.65;
/** More minutes for one aim on one day hardly help (Ingram 2025, as recalled). */
const MOST_A_DAY = 4;
/** Useful minutes that a day of strength takes for one aim: three holds or sets with rests between. Ours. */
const STRENGTH_MINUTES = 1.5;
/** Every fourth week is lighter. Ours. */
const LIGHT_EVERY = 4;
const LIGHT = 0.6;
/** Days after the start on which length and strength are worth testing again. */
const RETEST = { length: 35, strength: 49 } as const;

/**
 * The most of the given days of the week, no two of them neighbours in the week or across its end, at most `most`; of
 * equals the most even, then the earliest.
 */
export function strengthDays(days: readonly number[], most: number): number[] {
  const list = [...new Set(days)].sort((a, b) => a - b);
  let best: number[] = [],
    evenness = Infinity;
  for (let bits = 0; bits < 1 << list.length; bits++) {
    const own = list.filter((_, i) => bits & (1 << i));
    if (own.length > most) continue;
    const gaps = own.map((d, i) => (own[(i + 1) % own.length] - d + 7) % 7 || 7);
    if (own.length > 1 && gaps.some((g) => g < 2)) continue;
    const uneven = Math.max(0, ...gaps) - Math.min(7, ...gaps);
    if (own.length > best.length || (own.length === best.length && own.length > 0 && uneven < evenness)) {
      best = own;
      evenness = uneven;
    }
  }
  return best;
}

/** Lays out the weeks for aims and what each week of them should hold. The same choice gives the same plan. */
export function planWeeks(aims: readonly WeeklyAim[], choice: PlanChoice): Plan {
  const days = [...new Set(choice.days)].sort((a, b) => a - b);
  const strong = strengthDays(days, Math.max(0, ...aims.map((a) => a.strengthDays)));
  const useful = choice.minutes * USEFUL;
  const toStrengthen = aims.filter((a) => a.strengthDays > 0);
  // A day of strength takes its share first; what it leaves goes to length.
  const strengthOn = (d: number): WeeklyAim[] =>
    toStrengthen
      .filter((a) => strong.filter((x) => x <= d).length <= a.strengthDays && strong.includes(d))
      .slice(0, Math.max(1, Math.floor(useful / STRENGTH_MINUTES)));
  const stretchOn = (d: number): Record<string, number> => {
    const room = Math.max(0, useful - strengthOn(d).length * STRENGTH_MINUTES);
    const wanted = aims
      .filter((a) => a.minutes > 0)
      .map((a) => ({ key: a.key, minutes: Math.min(MOST_A_DAY, a.minutes / days.length) }));
    const all = wanted.reduce((s, w) => s + w.minutes, 0);
    const share = all > room ? room / all : 1;
    return Object.fromEntries(wanted.map((w) => [w.key, Math.round(w.minutes * share * 100) / 100]));
  };
  const planned: PlannedDay[] = [];
  const due = { length: daysLater(choice.start, RETEST.length), strength: daysLater(choice.start, RETEST.strength) };
  const tested = { length: !aims.some((a) => a.minutes > 0), strength: toStrengthen.length === 0 };
  for (let k = 0; k < choice.weeks * 7; k++) {
    const was = daysLater(choice.start, k);
    const d = weekdayOf(was);
    if (!days.includes(d)) continue;
    const week = Math.floor(k / 7);
    const light = (week + 1) % LIGHT_EVERY === 0;
    const retest = (['length', 'strength'] as const).filter((kind) => !tested[kind] && was >= due[kind]);
    for (const kind of retest) tested[kind] = true;
    const by = light ? LIGHT : 1;
    planned.push({
      day: choice.moved[was] ?? was,
      was,
      week,
      minutes: Math.max(5, Math.round(choice.minutes * by)),
      stretch: Object.fromEntries(
        Object.entries(stretchOn(d)).map(([key, m]) => [key, Math.round(m * by * 100) / 100]),
      ),
      strength: strengthOn(d).map((a) => a.key),
      light,
      retest,
      mark: choice.marks[was] ?? null,
    });
  }
  const short: Plan['short'] = [];
  for (const a of aims) {
    const stretch = days.reduce((s, d) => s + (stretchOn(d)[a.key] ?? 0), 0);
    if (a.minutes > 0 && stretch < a.minutes - 0.1)
      short.push({ key: a.key, kind: 'stretch', wanted: a.minutes, given: stretch });
    const work = days.filter((d) => strengthOn(d).includes(a)).length;
    if (work < a.strengthDays) short.push({ key: a.key, kind: 'strength', wanted: a.strengthDays, given: work });
  }
  return { start: choice.start, days: planned.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)), short };
}

/** Days of the weeks ahead from one day to another, both counted, whatever is done on them. */
export const plannedBetween = (choice: PlanChoice, from: string, to: string): PlannedDay[] =>
  planWeeks([], choice).days.filter((d) => d.day >= from && d.day <= to);

/** A plan with the days on which something was taught marked as done: nobody has to say so again. */
export const planWithTaught = (plan: Plan, taught: ReadonlySet<string>): Plan => ({
  ...plan,
  days: plan.days.map((d) => (d.mark === null && taught.has(d.day) ? { ...d, mark: 'done' } : d)),
});

/**
 * Where a missed day could go: the next day of the same week that has no practice, and no strength beside it where this
 * day has some; null where there is none. Nothing goes on a day on which something was done.
 */
export function catchUp(
  plan: Plan,
  missed: PlannedDay,
  today: string,
  taught: ReadonlySet<string> = new Set(),
): string | null {
  const taken = new Set([...taught, ...plan.days.filter((d) => d !== missed).map((d) => d.day)]);
  const strong = new Set(
    plan.days.filter((d) => d !== missed && d.strength.length > 0 && d.mark !== 'missed').map((d) => d.day),
  );
  // Within the week of the plan: what belongs to this week is not pushed into the next.
  const last = daysLater(plan.start, missed.week * 7 + 6);
  for (let k = 1; k < 7; k++) {
    const day = daysLater(missed.day, k);
    if (day > last) return null;
    if (day < today || taken.has(day)) continue;
    if (missed.strength.length > 0 && (strong.has(daysLater(day, -1)) || strong.has(daysLater(day, 1)))) continue;
    return day;
  }
  return null;
}

export type Progression = 'as-they-are' | 'longer' | 'next-rung' | 'light' | 'as-last-week';

/**
 * What a week asks for beyond the last one; a rule, told in words, that the teacher follows or not. What a held week
 * would have asked for the next one asks for.
 * @param week from 0
 * @param held weeks that stay as the one before
 */
export function progression(week: number, held: readonly number[] = []): Progression {
  if ((week + 1) % LIGHT_EVERY === 0) return 'light';
  if (held.includes(week)) return 'as-last-week';
  const first = week - (week % LIGHT_EVERY);
  const stayed = held.filter((w) => w >= first && w < week).length;
  const step = (week % LIGHT_EVERY) - stayed;
  return step <= 0 ? 'as-they-are' : step === 1 ? 'longer' : 'next-rung';
}
