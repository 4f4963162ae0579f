import type { Pace } from './pace';
import { transitionBefore, type PracticeItem } from './practice';
import { setsOf, taughtSteps } from './taught-order';
import { setSeconds } from './timing';

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
  /** How often it is gone through. */
  sets: number;
  /** Seconds of the way to it. */
  before: number;
  /** Seconds from the beginning of the practice to its first hold, and of its holds with the ways between them. */
  at: number;
  seconds: number;
  /** Where it stands on the clock, seconds: in one piece, or in a round once for each side and time through. */
  spans: { at: number; seconds: number }[];
}

/** Items as blocks, with their place on the clock. */
export function blocksOf(items: readonly PracticeItem[], pace: Pace = 'usual'): Block[] {
  const clock = clockOf(items, pace);
  const out: Block[] = [];
  for (const item of items) {
    const times = clock.get(item) ?? [];
    const own = times.map(({ at }) => ({ at, seconds: setSeconds(item) }));
    const last = out.at(-1);
    if (last && isSameBlock(last, item)) {
      last.items.push(item);
      last.seconds += times.reduce((s, t) => s + t.way, 0) + own.reduce((s, t) => s + t.seconds, 0);
      last.spans.push(...own);
    } else {
      const { id, pose, rung, phase, round } = item;
      const [{ way, at }] = times;
      out.push({
        id,
        pose,
        rung,
        phase,
        items: [item],
        ...(round !== undefined && { round }),
        sets: setsOf(item),
        before: way,
        at,
        // The way to it is not part of it; the ways back to it, for a further set, are.
        seconds: times.slice(1).reduce((s, t) => s + t.way, 0) + own.reduce((s, t) => s + t.seconds, 0),
        spans: own,
      });
    }
  }
  for (const block of out) if (block.round === undefined) block.spans = [{ at: block.at, seconds: block.seconds }];
  return out;
}

const isSameBlock = (block: Block, item: PracticeItem): boolean =>
  block.pose === item.pose &&
  block.rung === item.rung &&
  block.phase === item.phase &&
  block.round === item.round &&
  block.sets === setsOf(item) &&
  block.items.every((x) => x.side !== item.side);

/** Seconds of the way to each set of each item, and when its hold begins, as they are taught. */
function clockOf(items: readonly PracticeItem[], pace: Pace): Map<PracticeItem, { way: number; at: number }[]> {
  const steps = taughtSteps(items);
  const taught = steps.map((s) => s.taught);
  const out = new Map<PracticeItem, { way: number; at: number }[]>();
  let clock = 0;
  steps.forEach(({ of, taught: item }, i) => {
    const way = transitionBefore(taught, i, pace);
    out.set(of, [...(out.get(of) ?? []), { way, at: clock + way }]);
    clock += way + setSeconds(item);
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
