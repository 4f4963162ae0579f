import { deDE } from '@mui/material/locale';
import { deDE as deDates } from '@mui/x-date-pickers/locales';
import { setDefaultOptions, type Locale } from 'date-fns';
import { de } from 'date-fns/locale/de';
import type { Language } from '@/core/languages/language';

/** What parts of the interface library say by themselves, as properties they begin with. */
export type Parts = Readonly<Record<string, { defaultProps?: object }>>;

type Other = Exclude<Language, 'en'>;
const DAYS: Readonly<Record<Other, Locale>> = { de };
const PARTS: Readonly<Record<Other, Parts>> = { de: { ...deDE.components, ...deDates.components } };

/** Months and days of the week in a language, wherever a date is written. */
export function speakDays(language: Other): void {
  setDefaultOptions({ locale: DAYS[language] });
}

/** Words that parts of the interface library bring along: to open a list, the next month. */
export const partsIn = (language: Other): Parts => PARTS[language];
