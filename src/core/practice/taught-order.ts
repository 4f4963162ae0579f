import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';

/**
 * Rounds and sets: shapes that are gone through on one side, then on the other, as a flow is taught; work that is done
 * once more after its other side, or after a rest. Items are kept shape by shape, each side once; here they are put
 * into the order in which they are taught. Light, so that a phone may import it.
 */

/** Sets of one item, or times through a round, at most. */
export const MOST_SETS = 5;

/** What of an item says where it stands in a round. */
export interface Rounded {
  pose: string;
  rung: number;
  side: 'left' | 'right' | 'both';
  /** Items that follow each other and have the same number are one round. */
  round?: number;
  /** How often it is gone through, with its other side or its round between; once where nothing is said. */
  sets?: number;
  /** Breaths of a hold, and how often it is repeated. */
  breaths?: number;
  repeats?: number;
  /** Which of how many, once the sets stand one after the other. */
  set?: SetPlace;
}

/** Where an item stands among its sets: `{ number: 2, of: 3 }`. */
export interface SetPlace {
  number: number;
  of: number;
}

const alike = (a: Rounded, b: Rounded): boolean => a.pose === b.pose && a.rung === b.rung;

/** An item as it comes up in teaching, and the item of the practice that it is of. */
export interface TaughtStep<T> {
  taught: T;
  of: T;
}

/**
 * What is taught one after the other: in each round the first sides of all its shapes, then the second, and all of that
 * for each set.
 */
export function taughtSteps<T extends Rounded & { id: string }>(items: readonly T[]): TaughtStep<T>[] {
  const out: TaughtStep<T>[] = [];
  for (let i = 0; i < items.length;) {
    const run = runAt(items, i);
    const first = run.filter((x, k) => !run.slice(0, k).some((y) => alike(x, y)));
    const once = keepsOrder(run) ? run : [...first, ...run.filter((x) => !first.includes(x))];
    const sets = Math.max(...run.map(setsOf));
    for (let number = 1; number <= sets; number++)
      for (const item of once) out.push({ of: item, taught: sets > 1 ? inSet(item, { number, of: sets }) : item });
    i += run.length;
  }
  return out;
}

/**
 * True for what is taught as it stands: no round, or one with shapes of both sides among its shapes, as a salutation
 * is.
 */
const keepsOrder = (run: readonly Rounded[]): boolean =>
  run[0].round === undefined || run.some((x) => x.side === 'both');

/** Items as they are taught. The same where they are put so already. */
export const taughtOrder = <T extends Rounded & { id: string }>(items: readonly T[]): T[] =>
  taughtSteps(items).map((s) => s.taught);

/** How often an item is gone through: 1 where nothing is said, never more than `MOST_SETS`. */
export const setsOf = ({ sets }: Pick<Rounded, 'sets'>): number => Math.max(1, Math.min(MOST_SETS, sets ?? 1));

/** Which set it is, in words: "set 2 of 3"; "" where it is done once. */
export const setWords = ({ set }: Pick<Rounded, 'set'>, say: Say = spoken): string =>
  set && set.of > 1 ? say('set {{number}} of {{of}}', { number: set.number, of: set.of }) : '';

/** One set of an item; the first keeps its name. */
function inSet<T extends Rounded & { id: string }>(item: T, set: SetPlace): T {
  const own: T = { ...item, set, ...(set.number > 1 && { id: `${item.id}~set${set.number}` }) };
  delete own.sets;
  return own;
}

/** True for the side that is still missing of a shape that is done in as many sets. */
const isOtherSide = (here: readonly Rounded[], next: Rounded): boolean =>
  next.round === undefined && here.every((x) => alike(x, next) && x.side !== next.side && setsOf(x) === setsOf(next));

/**
 * The items of one round from a place on; where there is none, the sides of a shape that is done in sets; else one
 * item.
 */
function runAt<T extends Rounded>(items: readonly T[], from: number): T[] {
  const first = items[from];
  let to = from + 1;
  if (first.round !== undefined) while (to < items.length && items[to].round === first.round) to++;
  else if (setsOf(first) > 1) while (to < items.length && isOtherSide(items.slice(from, to), items[to])) to++;
  return items.slice(from, to);
}

/** Items of a round as they are kept: both sides of a shape together. The opposite of `taughtOrder`. */
export function shapeByShape<T extends Rounded>(taught: readonly T[]): T[] {
  const out: T[] = [];
  for (let i = 0; i < taught.length;) {
    const run = runAt(taught, i);
    const shapes = run.filter((x, k) => !run.slice(0, k).some((y) => alike(x, y)));
    out.push(...(keepsOrder(run) ? run : shapes.flatMap((s) => run.filter((x) => alike(x, s)))));
    i += run.length;
  }
  return out;
}

/** True for an item, in the order taught, that grows out of the one before it on the same side of a round. */
export function isWithinRound(taught: readonly Rounded[], i: number): boolean {
  const { round } = taught[i];
  const here = (k: number): boolean => taught[k].round === round && taught[k].set?.number === taught[i].set?.number;
  if (i === 0 || round === undefined || !here(i - 1)) return false;
  let from = i - 1;
  while (from > 0 && here(from - 1)) from--;
  let to = i + 1;
  while (to < taught.length && here(to)) to++;
  if (keepsOrder(taught.slice(from, to))) return true;
  const again = (k: number): boolean => taught.slice(from, k).some((x) => alike(x, taught[k]));
  // Where the other side begins, the body has to change over.
  return again(i) === again(i - 1);
}
