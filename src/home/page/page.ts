import type { HomeFile } from '@/core/home/home-file';
import type { Memory } from './kept';

/** What every screen of the page is given: the file, what is kept, and the ways between screens. */
export interface Page {
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
/** A day in words: "Tue 3 Dec". */
export const dayWords = (day: string): string =>
  new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** What a practice may never go without. */
export const FOOT =
  'A pull is fine, pain is not. Come out slowly at pain, pinching, tingling or numbness, and tell your teacher. This is no medical advice.';
