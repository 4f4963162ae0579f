import type { HomeFile } from '@/core/home/home-file';
import type { Say } from '@/core/languages/as-written';
import { LOCALES, languageOf } from '@/core/languages/language';
import type { Phrases } from '@/core/languages/phrases';
import { sayLightly } from '@/core/languages/say-lightly';
import type { Side } from '@/core/body';
import type { Memory } from './kept';

/** What every screen of the page is given: the file, what is kept, and the ways between screens. */
export interface Page {
  /** Says a sentence in the language of the page. */
  say: Say;
  home: HomeFile;
  memory: Memory;
  go: { cover: () => void; play: (practice: string) => void; tests: () => void; giveBack: () => void };
}

/** The phone's own day, `YYYY-MM-DD`, and zone. */
export const dayNow = (at = new Date()): string => at.toLocaleDateString('sv');
export function zoneNow(): string {
  try {
    return Intl.DateTimeFormat().resolvedOptions().timeZone;
  } catch {
    return '';
  }
}
/** The language of the page, as its own markup says. */
export const pageLanguage = () => languageOf(document.documentElement.lang);
/**
 * The voice of the page: its sentences stand beside its data, because they are no secret and are needed before it is
 * unlocked.
 */
export function pageSay(): Say {
  const phrases = document.getElementById('phrases')?.textContent ?? '{}';
  return sayLightly(pageLanguage(), JSON.parse(phrases) as Phrases);
}
/** A day in words: "Tue 3 Dec". */
export const dayWords = (day: string): string =>
  new Date(`${day}T12:00:00`).toLocaleDateString(LOCALES[pageLanguage()], {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  });
/** "left side", or "" for both. */
export const sideWords = (side: Side | 'both', say: Say): string =>
  side === 'both' ? '' : say('{{side}} side', { side: say(side, { context: 'stem' }) });
