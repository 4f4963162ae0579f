import { asWritten, type Say } from '@/core/languages/as-written';
import type { Language } from '@/core/languages/language';

/** What says sentences to somebody, and in which language. */
export interface Told {
  language: Language;
  say: Say;
}
export const IN_ENGLISH: Told = { language: 'en', say: asWritten };

/** The sentences of somebody's language, fetched where it is another one; English where they cannot be fetched. */
export async function toldIn(language: Language): Promise<Told> {
  if (language === 'en') return IN_ENGLISH;
  try {
    const { sayIn } = await import('@/core/languages/catalogues');
    return { language, say: sayIn(language) };
  } catch {
    return IN_ENGLISH;
  }
}
