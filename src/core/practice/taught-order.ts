/**
 * Rounds: shapes that are gone through on one side, then on the other, as a flow is taught. Items are kept shape by shape, both sides together,
 * and marked with the round they belong to; here they are put into the order in which they are taught. Light, so that a phone may import it.
 */

/** What of an item says where it stands in a round. */
export interface Rounded {
  pose: string;
  rung: number;
  /** Items that follow each other and have the same number are one round. */
  round?: number;
}

const alike = (a: Rounded, b: Rounded): boolean => a.pose === b.pose && a.rung === b.rung;

/** Items as they are taught: in each round the first sides of all its shapes, then the second. The same order where it is put so already. */
export function taughtOrder<T extends Rounded>(items: readonly T[]): T[] {
  const out: T[] = [];
  for (let i = 0; i < items.length;) {
    const run = roundAt(items, i);
    const first = run.filter((x, k) => !run.slice(0, k).some((y) => alike(x, y)));
    out.push(...first, ...run.filter((x) => !first.includes(x)));
    i += run.length;
  }
  return out;
}

/** The items of one round from a place on; one item where there is no round. */
function roundAt<T extends Rounded>(items: readonly T[], from: number): T[] {
  const { round } = items[from];
  let to = from + 1;
  if (round !== undefined) while (to < items.length && items[to].round === round) to++;
  return items.slice(from, to);
}

/** Items of a round as they are kept: both sides of a shape together. The opposite of `taughtOrder`. */
export function shapeByShape<T extends Rounded>(taught: readonly T[]): T[] {
  const out: T[] = [];
  for (let i = 0; i < taught.length;) {
    const run = roundAt(taught, i);
    const shapes = run.filter((x, k) => !run.slice(0, k).some((y) => alike(x, y)));
    out.push(...shapes.flatMap((s) => run.filter((x) => alike(x, s))));
    i += run.length;
  }
  return out;
}

/** True for an item, in the order taught, that grows out of the one before it on the same side of a round. */
export function isWithinRound(taught: readonly Rounded[], i: number): boolean {
  const { round } = taught[i];
  if (i === 0 || round === undefined || taught[i - 1].round !== round) return false;
  let from = i - 1;
  while (from > 0 && taught[from - 1].round === round) from--;
  const again = (k: number): boolean => taught.slice(from, k).some((x) => alike(x, taught[k]));
  // Where the other side begins, the body has to change over.
  return again(i) === again(i - 1);
}
