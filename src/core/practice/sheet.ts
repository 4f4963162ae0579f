import { blocksOf, roundSpan } from './blocks';
import type { Pace } from './pace';
import type { PracticeItem } from './practice';
import { taughtOrder } from './taught-order';
import { wayTo } from './transitions';

export { clock } from './clock';

/** A line of a printed practice: the sides of a rung that follow each other stand in one. */
export interface SheetRow {
  pose: string;
  rung: number;
  phase: PracticeItem['phase'];
  /** In the order in which they are done. */
  sides: { side: PracticeItem['side']; breaths: number; repeats: number; seconds: number }[];
  /** Its place in a round, from 1, and how many shapes that has. */
  round?: { place: number; of: number };
  /** How one comes to it from what is taught before it; "" where the body stays as it is. */
  way: string;
  /** Seconds from the beginning of the practice. */
  at: number;
  note?: string;
}

/** Lines of a practice with their beginning on the clock. */
export function sheetRows(items: readonly PracticeItem[], pace: Pace = 'usual'): SheetRow[] {
  const taught = taughtOrder(items);
  const blocks = blocksOf(items, pace);
  return blocks.map(({ pose, rung, phase, at, round, items: own }, k) => {
    const note = own.flatMap((i) => i.note ?? []).join(' ');
    const [from, to] = roundSpan(blocks, k);
    return {
      pose,
      rung,
      phase,
      at,
      sides: own.map(({ side, breaths, repeats, holdSeconds }) => ({
        side,
        breaths,
        repeats,
        seconds: holdSeconds * repeats,
      })),
      ...(round !== undefined && to > from && { round: { place: k - from + 1, of: to - from + 1 } }),
      way: wayTo(taught, taught.indexOf(own[0])),
      ...(note && { note }),
    };
  });
}

/** How long each side is held, in words: "5 breaths", "2 breaths, 10 times", "right 5, left 8 breaths". */
export function holdWords(row: Pick<SheetRow, 'sides'>): string {
  const [first] = row.sides;
  const times = first.repeats > 1 ? `, ${first.repeats} times` : '';
  const plural = (n: number) => (n === 1 ? '1 breath' : `${n} breaths`);
  if (row.sides.every((s) => s.breaths === first.breaths && s.repeats === first.repeats))
    return `${plural(first.breaths)}${times}`;
  return `${row.sides.map((s) => `${s.side} ${s.breaths}`).join(', ')} breaths${times}`;
}

/** Which sides, in words: "right, then left", or "" where both work at once; in a round how many shapes a side is gone through. */
export function sidesWords(row: Pick<SheetRow, 'sides' | 'round'>): string {
  const sides = row.sides
    .filter((s) => s.side !== 'both')
    .map((s) => s.side)
    .join(', then ');
  if (!row.round) return sides;
  return row.round.place === 1
    ? `round of ${row.round.of}: ${sides}`
    : `round, ${row.round.place} of ${row.round.of}: ${sides}`;
}
