/** Languages of the application, of a student's own pages and of a lesson. */
export const LANGUAGES = ['en', 'de'] as const;
export type Language = (typeof LANGUAGES)[number];

/** Each by its own name, as who reads it would look for it. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch' };

/** How days and numbers are written (BCP 47). */
export const LOCALES: Readonly<Record<Language, string>> = { en: 'en-GB', de: 'de-DE' };

/** A day in words: "3 December 2026". */
export const dateIn = (language: Language, at = new Date()): string =>
  at.toLocaleDateString(LOCALES[language], { day: 'numeric', month: 'long', year: 'numeric' });

/** The language of a page or record; English for what is not known. */
export const languageOf = (text: string | undefined): Language => LANGUAGES.find((l) => l === text) ?? 'en';

/** The language of everybody: theirs where it is the same, English where it is not or nobody is there. */
export function languageOfAll(all: readonly (string | undefined)[]): Language {
  const [first, ...others] = [...new Set(all.map(languageOf))];
  return first !== undefined && others.length === 0 ? first : 'en';
}

/**
 * The first language that is wanted and that we have.
 * @param wanted tags as browsers say them, the dearest first: `de-AT`, `en`
 */
export const firstKnown = (wanted: readonly string[]): Language =>
  wanted.map((tag) => LANGUAGES.find((l) => l === tag.trim().slice(0, 2).toLowerCase())).find((l) => l !== undefined) ??
  'en';
