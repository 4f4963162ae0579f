import type { Pace } from './pace';
import { transitionBefore, type PracticeItem } from './practice';
import { taughtOrder } from './taught-order';

/** A rung of a practice with the sides that follow each other: what a teacher moves, lengthens and swaps as one. */
export interface Block {
  /** Id of its first item. */
  id: string;
  pose: string;
  rung: number;
  phase: PracticeItem['phase'];
  /** In the order in which they are done. */
  items: PracticeItem[];
  /** Number of the round that it is part of: then its sides are done apart, with the others' between them. */
  round?: number;
  /** Seconds of the way to it. */
  before: number;
  /** Seconds from the beginning of the practice to its first hold, and of its holds with the ways between them. */
  at: number;
  seconds: number;
  /** Where it stands on the clock, seconds: in one piece, or in a round in two. */
  spans: { at: number; seconds: number }[];
}

/** Items as blocks, with their place on the clock. */
export function blocksOf(items: readonly PracticeItem[], pace: Pace = 'usual'): Block[] {
  const clock = clockOf(items, pace);
  const out: Block[] = [];
  for (const item of items) {
    const { way, at } = clock.get(item) ?? { way: 0, at: 0 };
    const seconds = item.holdSeconds * item.repeats;
    const last = out.at(-1);
    if (last && isSameBlock(last, item)) {
      last.items.push(item);
      last.seconds += way + seconds;
      if (last.round === undefined) last.spans[0].seconds += way + seconds;
      else last.spans.push({ at, seconds });
    } else {
      const { id, pose, rung, phase, round } = item;
      out.push({
        id,
        pose,
        rung,
        phase,
        items: [item],
        ...(round !== undefined && { round }),
        before: way,
        at,
        seconds,
        spans: [{ at, seconds }],
      });
    }
  }
  return out;
}

const isSameBlock = (block: Block, item: PracticeItem): boolean =>
  block.pose === item.pose &&
  block.rung === item.rung &&
  block.phase === item.phase &&
  block.round === item.round &&
  block.items.every((x) => x.side !== item.side);

/** Seconds of the way to each item, and when its hold begins, as they are taught. */
function clockOf(items: readonly PracticeItem[], pace: Pace): Map<PracticeItem, { way: number; at: number }> {
  const taught = taughtOrder(items);
  const out = new Map<PracticeItem, { way: number; at: number }>();
  let clock = 0;
  taught.forEach((item, i) => {
    const way = transitionBefore(taught, i, pace);
    out.set(item, { way, at: clock + way });
    clock += way + item.holdSeconds * item.repeats;
  });
  return out;
}

/** First and last place of the round that a block stands in; its own place where it stands in none. */
export function roundSpan(blocks: readonly Pick<Block, 'round'>[], at: number): [from: number, to: number] {
  const { round } = blocks[at];
  let from = at,
    to = at;
  if (round !== undefined) {
    while (from > 0 && blocks[from - 1].round === round) from--;
    while (to + 1 < blocks.length && blocks[to + 1].round === round) to++;
  }
  return [from, to];
}
