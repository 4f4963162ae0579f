import type { Pace } from './pace';
import { transitionBefore, type PracticeItem } from './practice';

/** A rung of a practice with the sides that follow each other: what a teacher moves, lengthens and swaps as one. */
export interface Block {
  /** Id of its first item. */
  id: string;
  pose: string;
  rung: number;
  phase: PracticeItem['phase'];
  /** In the order in which they are done. */
  items: PracticeItem[];
  /** Seconds of the way to it. */
  before: number;
  /** Seconds from the beginning of the practice to its first hold, and of its holds with the ways between them. */
  at: number;
  seconds: number;
}

/** Items as blocks, with their place on the clock. */
export function blocksOf(items: readonly PracticeItem[], pace: Pace = 'usual'): Block[] {
  const out: Block[] = [];
  let clock = 0;
  items.forEach((item, i) => {
    const way = transitionBefore(items, i, pace);
    const seconds = item.holdSeconds * item.repeats;
    const last = out.at(-1);
    clock += way;
    if (
      last?.pose === item.pose &&
      last.rung === item.rung &&
      last.phase === item.phase &&
      last.items.every((x) => x.side !== item.side)
    ) {
      last.items.push(item);
      last.seconds += way + seconds;
    } else {
      const { id, pose, rung, phase } = item;
      out.push({ id, pose, rung, phase, items: [item], before: way, at: clock, seconds });
    }
    clock += seconds;
  });
  return out;
}
