import { firstKnown, LANGUAGES, type Language } from '@/core/languages/language';

/** Kept as a cookie, unlike other choices of this device: the server writes the language into the first line. */
export const LANGUAGE_COOKIE = 'kolpos-language';
const YEAR_S = 31_536_000;

/** The language chosen here, by a line of cookies; undefined where none was chosen. */
export function languageChosen(cookies: string): Language | undefined {
  const value = cookies
    .split(';')
    .map((c) => c.trim().split('='))
    .find(([name]) => name === LANGUAGE_COOKIE)?.[1];
  return LANGUAGES.find((l) => l === value);
}

/** The language the teacher is to be spoken to in: the one chosen on this device, else the browser's. */
export const wantedLanguage = (): Language => languageChosen(document.cookie) ?? firstKnown(navigator.languages);

/** Keeps the choice on this device and begins anew: every sentence of the page is said again. */
export function chooseLanguage(language: Language): void {
  document.cookie = `${LANGUAGE_COOKIE}=${language}; path=/; max-age=${YEAR_S}; samesite=lax`;
  window.location.reload();
}
