import { blocksOf } from './blocks';
import type { Pace } from './pace';
import type { PracticeItem } from './practice';

export { clock } from './clock';

/** A line of a printed practice: the sides of a rung that follow each other stand in one. */
export interface SheetRow {
  pose: string;
  rung: number;
  phase: PracticeItem['phase'];
  /** In the order in which they are done. */
  sides: { side: PracticeItem['side']; breaths: number; repeats: number; seconds: number }[];
  /** Seconds from the beginning of the practice. */
  at: number;
  note?: string;
}

/** Lines of a practice with their beginning on the clock. */
export const sheetRows = (items: readonly PracticeItem[], pace: Pace = 'usual'): SheetRow[] =>
  blocksOf(items, pace).map(({ pose, rung, phase, at, items: own }) => {
    const note = own.flatMap((i) => i.note ?? []).join(' ');
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
      ...(note && { note }),
    };
  });

/** How long each side is held, in words: "5 breaths", "2 breaths, 10 times", "right 5, left 8 breaths". */
export function holdWords(row: Pick<SheetRow, 'sides'>): string {
  const [first] = row.sides;
  const times = first.repeats > 1 ? `, ${first.repeats} times` : '';
  const plural = (n: number) => (n === 1 ? '1 breath' : `${n} breaths`);
  if (row.sides.every((s) => s.breaths === first.breaths && s.repeats === first.repeats))
    return `${plural(first.breaths)}${times}`;
  return `${row.sides.map((s) => `${s.side} ${s.breaths}`).join(', ')} breaths${times}`;
}

/** Which sides, in words: "right, then left", or "" where both work at once. */
export const sidesWords = (row: Pick<SheetRow, 'sides'>): string =>
  row.sides
    .filter((s) => s.side !== 'both')
    .map((s) => s.side)
    .join(', then ');
