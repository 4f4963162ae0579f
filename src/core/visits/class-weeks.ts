import { say } from '@/core/languages/spoken';
import { within } from '@/core/languages/in-sentence';
import { digest } from '@/core/digest';
import type { DayOut } from '@/core/progress/calendar';
import type { Visit } from './visit';
import type { YogaClass } from '@/core/classes/class';
import { themeName } from '@/core/classes/themes';
import { CLASS_ASK_WORDS, type ClassWeek } from '@/core/classes/weeks';

/** When on its day a class meets: the hour on the wall, `HH:MM`, where it has one, and for how many minutes. */
export interface Meets {
  at?: string;
  minutes: number;
}

/**
 * Weeks of a class as days of anybody's calendar: what each is about, and nobody's name. A week that is laid out on
 * another day is the same event there.
 */
export const weekDays = (
  one: Pick<YogaClass, 'id' | 'name'>,
  weeks: readonly ClassWeek[],
  { at, minutes }: Meets,
): DayOut[] =>
  weeks.map(({ week, day, theme, asks }) => ({
    uid: `class.${one.id}.week${week + 1}@kolpos`,
    day,
    ...(at !== undefined && { at }),
    minutes,
    title: `${one.name}: ${within(themeName(theme))}`,
    description: say('Week {{count}}. {{asks}}', { count: week + 1, asks: say(CLASS_ASK_WORDS[asks]) }),
  }));

/**
 * Visits of a class for its weeks from a day on (`YYYY-MM-DD`), but for days on which it stands in the day book
 * already. The same weeks give the same visits: pressed twice, nothing is there twice.
 * @param now moment of writing
 */
export function weekVisits(
  one: Pick<YogaClass, 'id'>,
  weeks: readonly ClassWeek[],
  { at, minutes }: Meets,
  { from, there, now }: { from: string; there: readonly Pick<Visit, 'class' | 'day'>[]; now: string },
): Visit[] {
  const taken = new Set(there.filter((v) => v.class === one.id).map((v) => v.day));
  return weeks
    .filter(({ day }) => day >= from && !taken.has(day))
    .map(({ day }) => ({
      id: `week-${digest(`${one.id} ${day}`)}`,
      class: one.id,
      day,
      ...(at !== undefined && { at }),
      minutes,
      createdAt: now,
      updatedAt: now,
    }));
}
