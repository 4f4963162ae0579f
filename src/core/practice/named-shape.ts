import { allShapes, namesOf, type Shape } from '@/core/poses';
import { alike, wordsOf } from '@/core/text-search';

/** Which pose of the library a written name means, and how surely. */

export interface NamedShape {
  shape: Shape;
  /** Rung that the words name too, 1 first; null where they do not. */
  rung: number | null;
  /** 0 nothing in common, 1 the very name. */
  score: number;
}

export interface Named {
  /** The pose that is meant, where there is no doubt; else null. */
  sure: NamedShape | null;
  /** What it may be, likeliest first; none where nothing is like it. */
  likely: NamedShape[];
}

/** Words that say nothing about which pose is meant. */
const IDLE = new Set([
  'pose',
  'posture',
  'asana',
  'the',
  'a',
  'an',
  'of',
  'with',
  'in',
  'and',
  'to',
  'on',
  'at',
  'into',
  'your',
]);
/** A name this near is taken, if the next is so much further away. Ours. */
const SURE = 0.8;
const AHEAD = 0.08;
/** Below this there is no likeness. */
const LIKE = 0.35;
const MOST_LIKELY = 6;

/** What teachers write for words of the names. */
const SAME: Readonly<Record<string, string>> = {
  dwn: 'down',
  downward: 'down',
  upward: 'up',
  facing: '',
  fwd: 'forward',
  warr: 'warrior',
  '1': 'i',
  '2': 'ii',
  '3': 'iii',
  '4': 'four',
};
const told = (text: string): string[] =>
  wordsOf(text)
    .map((w) => SAME[w] ?? w)
    .filter((w) => w !== '' && !IDLE.has(w));

/** How much of some words is in others: 1 for each that stands there, a little less for one that nearly does. */
const within = (words: readonly string[], list: readonly string[]): number =>
  words.reduce((sum, w) => sum + Math.max(0, ...list.map((x) => alike(w, x))), 0);

/**
 * How much two names have in common: words that are shared, of both; further words that a rung's name has count for
 * what was written.
 */
function likeness(written: readonly string[], name: readonly string[], beside: readonly string[]): number {
  if (written.length === 0 || name.length === 0) return 0;
  const shared = within(name, written);
  if (shared === 0) return 0;
  const ofName = shared / name.length,
    ofWritten = within(written, [...name, ...beside]) / written.length;
  return (2 * ofName * ofWritten) / (ofName + ofWritten);
}

/** The poses that a name may mean. @param shapes the library and the teacher's own by default */
export function shapesNamed(name: string, shapes: readonly Shape[] = allShapes()): Named {
  const written = told(name);
  const all = shapes.flatMap((shape): NamedShape[] => {
    const rungs = shape.rungs.map((r) => told(r.name));
    let best = 0;
    for (const known of namesOf(shape)) best = Math.max(best, likeness(written, told(known), rungs.flat()));
    if (best < LIKE) return [];
    // The rung whose own words stand there too, if one does more than the others.
    const more = written.filter((w) => !namesOf(shape).some((n) => told(n).some((x) => alike(w, x) > 0)));
    const counts = rungs.map((words) => within(more, words));
    const most = Math.max(...counts);
    const rung = most > 0 && counts.filter((c) => c === most).length === 1 ? counts.indexOf(most) + 1 : null;
    return [{ shape, rung, score: best }];
  });
  const likely = all.sort((a, b) => b.score - a.score || (a.shape.id < b.shape.id ? -1 : 1)).slice(0, MOST_LIKELY);
  const [first, second] = likely;
  const sure = first && first.score >= SURE && (!second || first.score - second.score >= AHEAD);
  return { sure: sure ? first : null, likely };
}
