import { distance } from 'fastest-levenshtein';

/** Words from this length on are found with one letter wrong, missing or too many. Ours. */
const FORGIVING = 4;

/** Lower case without marks and with plain apostrophes and hyphens, so that a name is found however it is typed. */
const folded = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/ø/gi, 'o')
    .replace(/[’‘]/g, "'")
    .replace(/[-–—/]/g, ' ')
    .toLowerCase();

/**
 * Words of a text as they are compared, lower case and without marks, in any script: a student's name need not be
 * written in Latin letters.
 */
export const wordsOf = (text: string): string[] =>
  folded(text)
    .replaceAll("'", '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** True where a word, or its beginning, is the one that was typed, but for one letter or two that changed places. */
const near = (word: string, typed: string): boolean =>
  typed.length >= FORGIVING &&
  [typed.length - 1, typed.length, typed.length + 1].some(
    (n) => n <= word.length && (distance(word.slice(0, n), typed) <= 1 || swapped(word.slice(0, n), typed)),
  );

/** How much alike two words are: 1 the same, 0.85 but for one letter or two that changed places, 0 not. */
export function alike(a: string, b: string): number {
  if (a === b) return 1;
  if (Math.min(a.length, b.length) < FORGIVING) return 0;
  return distance(a, b) <= 1 || swapped(a, b) ? 0.85 : 0;
}

/** True where two neighbouring letters of a word changed places. */
function swapped(a: string, b: string): boolean {
  if (a.length !== b.length) return false;
  const at = [...a].findIndex((letter, i) => letter !== b[i]);
  return a[at] === b[at + 1] && a[at + 1] === b[at] && a.slice(at + 2) === b.slice(at + 2);
}

/**
 * True where everything that was typed is in a text: every word somewhere in it, in any order and case, without accents
 * and with at most one letter wrong. Nothing typed finds everything, signs without a letter nothing.
 */
export function finds(text: string, typed: string): boolean {
  const words = wordsOf(text),
    wanted = wordsOf(typed);
  if (wanted.length === 0) return typed.trim() === '';
  return wanted.every((t) => words.some((w) => w.includes(t) || near(w, t)));
}

/**
 * How near the names of something are to what was typed: 0 its first name begins so, 1 another of its names does, 2 the
 * words stand in a name as they are, 3 only nearly.
 */
export function nearness(names: readonly string[], typed: string): 0 | 1 | 2 | 3 {
  const wanted = wordsOf(typed);
  const begins = (name: string) => wordsOf(name).join(' ').startsWith(wanted.join(' '));
  if (names.length > 0 && begins(names[0])) return 0;
  if (names.some(begins)) return 1;
  const stands = (name: string) => {
    const words = wordsOf(name);
    return wanted.every((t) => words.some((w) => w.startsWith(t)));
  };
  return names.some(stands) ? 2 : 3;
}
