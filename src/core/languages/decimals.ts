import type { Language } from './language';

/** Languages whose decimals stand behind a comma. */
const COMMA: ReadonlySet<Language> = new Set(['de']);

/** `9.5 cm` as the language writes it. What is no number with its unit stays. */
export const decimals = (value: string, language: Language): string =>
  COMMA.has(language) && /^[+−-]?\d+\.\d+( ?\S+)?$/.test(value) ? value.replace('.', ',') : value;
