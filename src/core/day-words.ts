import { LOCALES, type Language } from './languages/language';
import { spokenLanguage } from './languages/spoken';

/**
 * A day, `YYYY-MM-DD`, as it is said in a sentence: "7 Oct 2026", or its month in full. A word that is no day stays as
 * it is.
 */
export function dayWords(day: string, month: 'short' | 'long' = 'short'): string {
  const at = new Date(`${day.slice(0, 10)}T12:00:00Z`);
  return Number.isNaN(at.getTime())
    ? day
    : at.toLocaleDateString(LOCALES[spokenLanguage()], { day: 'numeric', month, year: 'numeric', timeZone: 'UTC' });
}

/** A day within weeks that are known: "Tuesday 3 March"; in the teacher's language where none is told. */
export function weekdayWords(day: string, language: Language = spokenLanguage()): string {
  const at = new Date(`${day}T12:00:00Z`);
  const part = (options: Intl.DateTimeFormatOptions): string =>
    at.toLocaleDateString(LOCALES[language], { ...options, timeZone: 'UTC' });
  return `${part({ weekday: 'long' })}${language === 'en' ? '' : ','} ${part({ day: 'numeric', month: 'long' })}`;
}

/** Days of the week in their order, Monday first. */
export const weekdays = (): string[] =>
  [1, 2, 3, 4, 5, 6, 7].map((day) =>
    // The first of January 2024 was a Monday.
    new Date(Date.UTC(2024, 0, day)).toLocaleDateString(LOCALES[spokenLanguage()], {
      weekday: 'long',
      timeZone: 'UTC',
    }),
  );
