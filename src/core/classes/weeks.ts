import { z } from 'zod';
import { daysLater, weekdayOf } from '@/core/day-count';
import { progression, type Progression } from '@/core/progress/plan';
import type { PracticeRequest } from '@/core/practice/request';
import { daySchema } from '@/core/students/student';
import type { SharedAim } from './shared';
import { THEME_IDS, themeOf, weekThemeSchema, type ThemeId, type WeekTheme } from './themes';

/**
 * Weeks ahead of a class: a theme a week, in turn by how much the class needs each; every fourth week lighter and about
 * all of it.
 */

/** Most weeks that are laid out at once, as for one student. */
export const MOST_WEEKS = 16;

export const classWeeksSchema = z.object({
  /** From which day weeks are counted. */
  start: daySchema,
  weeks: z.number().int().min(1).max(MOST_WEEKS),
  /** The day of the week on which the class meets, 1 Monday to 7 Sunday. */
  day: z.number().int().min(1).max(7),
  /** Themes that the teacher chose herself, by week from 0 (`"0"`); the other weeks follow by need. */
  themes: z.record(z.string().regex(/^(\d|1[0-5])$/), weekThemeSchema).default({}),
});
export type ClassWeeks = z.infer<typeof classWeeksSchema>;

/** How much a class needs a theme, and who does. */
export interface ThemeNeed {
  theme: ThemeId;
  /** Weight of all aims of it, as a share of all aims of the class, 0 to 1. */
  share: number;
  /** Ids of the students with an aim of it. */
  who: string[];
}

/** What a week asks beyond the last one about the same. */
export type ClassAsk = Extract<Progression, 'as-they-are' | 'longer' | 'next-rung' | 'light'>;

/** The same in words. */
export const CLASS_ASK_WORDS: Readonly<Record<ClassAsk, string>> = {
  'as-they-are': 'Holds as they are.',
  longer: 'A breath longer, for those who found it easy.',
  'next-rung': 'Offer the next rung to those who found it easy.',
  light: 'A lighter week: milder shapes, nothing new.',
};

export interface ClassWeek {
  /** From 0. */
  week: number;
  /** The day on which the class meets. */
  day: string;
  theme: WeekTheme;
  /** Whether the teacher chose the theme. */
  chosen: boolean;
  /** What it asks beyond the last week of the same theme. */
  asks: ClassAsk;
}

/** What the aims of a class come to by theme, the most needed first; themes that nobody needs are left out. */
export function themeNeeds(shared: readonly SharedAim[]): ThemeNeed[] {
  const total = shared.reduce((s, a) => s + a.aim.weight, 0);
  return THEME_IDS.flatMap((theme): ThemeNeed[] => {
    const own = shared.filter((s) => themeOf(s.aim) === theme);
    const weight = own.reduce((s, a) => s + a.aim.weight, 0);
    return weight > 0 ? [{ theme, share: weight / total, who: [...new Set(own.flatMap((s) => s.who))] }] : [];
  }).sort((a, b) => b.share - a.share);
}

/**
 * How many weeks a theme gets of its share of need, levelled by the root: a class wants to meet the rest of the body
 * too. Ours.
 */
const LEVELLED = 0.5;

/**
 * The weeks of a class. Every week each theme gains its levelled share; the one that has gained most has the week and
 * pays it back (weighted round robin: each has about its share of any run of weeks). What the teacher chose is paid for
 * too, so that the following weeks make up for it. Empty where the class has no aims.
 */
export function planClassWeeks(needs: readonly ThemeNeed[], choice: ClassWeeks): ClassWeek[] {
  if (needs.length === 0) return [];
  const all = needs.reduce((s, n) => s + n.share ** LEVELLED, 0);
  const gained = new Map<ThemeId, number>(needs.map((n) => [n.theme, 0]));
  const of = (theme: ThemeId): number => gained.get(theme) ?? 0;
  const times = new Map<ThemeId, number>();
  const first = daysLater(choice.start, (choice.day - weekdayOf(choice.start) + 7) % 7);
  const weeks: ClassWeek[] = [];
  for (let week = 0; week < choice.weeks; week++) {
    const chosen = choice.themes[String(week)];
    const light = progression(week) === 'light';
    const settled = chosen ?? (light ? 'all' : null);
    if (settled !== 'all') for (const n of needs) gained.set(n.theme, of(n.theme) + n.share ** LEVELLED / all);
    const theme = settled ?? mostGained(needs, of);
    if (theme !== 'all') gained.set(theme, of(theme) - 1);
    weeks.push({
      week,
      day: daysLater(first, week * 7),
      theme,
      chosen: chosen !== undefined,
      asks: light ? 'light' : theme === 'all' ? 'as-they-are' : stepOf(theme, times),
    });
  }
  return weeks;
}

/** The theme that has waited for most; of equals the most needed. */
const mostGained = (needs: readonly ThemeNeed[], gained: (theme: ThemeId) => number): ThemeId =>
  needs.reduce((best, n) => (gained(n.theme) > gained(best.theme) + 1e-9 ? n : best)).theme;

/** A theme asks for more each time it comes: as it is, longer, then the next rung; counts the time. */
function stepOf(theme: ThemeId, times: Map<ThemeId, number>): ClassAsk {
  const before = times.get(theme) ?? 0;
  times.set(theme, before + 1);
  return before === 0 ? 'as-they-are' : before % 2 === 1 ? 'longer' : 'next-rung';
}

/** What a practice of this week is asked for: a lighter one leaves out the most demanding shapes that were wished. */
export const requestOfWeek = (week: ClassWeek, request: PracticeRequest): PracticeRequest =>
  week.asks === 'light' && request.level > 1 ? { ...request, level: request.level === 3 ? 2 : 1 } : request;

/** The week that a day lies in; null before the first and after the last. */
export const weekOn = (weeks: readonly ClassWeek[], day: string): ClassWeek | null =>
  weeks.find((w) => w.day <= day && day < daysLater(w.day, 7)) ?? null;
