import { blocksOf } from '@/core/practice/blocks';
import { shapeByShape } from '@/core/practice/taught-order';
import { setSeconds, type PracticeItem } from '@/core/practice/practice';
import { secondsLeft, type PlayerState } from './player';

/** Running late: by how much, and what would end on time all the same. */

/** Seconds by which it will end later than it was to end when it began; 0 before it began. */
export function lateBy(state: PlayerState, now: number): number {
  if (state.begunAt === undefined || state.plannedSeconds === undefined || state.stage === 'finished') return 0;
  return (now - state.begunAt) / 1000 + secondsLeft(state) - state.plannedSeconds;
}

/** Rest that is never taken away, seconds. Ours. */
const LEAST_REST = 45;

export interface OnTime {
  /** What is still to come, shorter. */
  later: PracticeItem[];
  /** Seconds that are won by it. */
  won: number;
  /** Seconds taken from rest, and from holds. */
  fromRest: number;
  fromHolds: number;
}

/**
 * What is still to come, shorter by so many seconds: first from rest, down to three quarters of a minute, then a breath
 * at a time from the longest holds, both sides alike, never below a breath. Nothing is left out, so that it may win
 * less than was asked.
 */
export function onTime(state: PlayerState, seconds: number): OnTime {
  const later = state.items.slice(state.index + 1).map((i) => ({ ...i }));
  let fromRest = 0,
    fromHolds = 0;
  const breathOf = (i: PracticeItem) => i.holdSeconds / i.breaths;
  const cut = (i: PracticeItem): number => {
    const breath = breathOf(i);
    i.breaths -= 1;
    i.holdSeconds -= breath;
    return breath * i.repeats;
  };
  const rests = later.filter((i) => i.phase === 'rest').reverse();
  for (const rest of rests)
    while (fromRest < seconds && rest.breaths > 1 && rest.holdSeconds - breathOf(rest) >= LEAST_REST)
      fromRest += cut(rest);
  // A side that was held keeps its hold, and so does the one under way: the other side then is not cut either.
  const begun = state.items.slice(0, state.index + 1);
  while (fromRest + fromHolds < seconds) {
    const blocks = blocksOf(shapeByShape(later))
      .map((b) => later.filter((i) => b.items.some((x) => x.id === i.id)))
      .filter((own) =>
        own.every(
          (i) =>
            i.phase !== 'rest' &&
            i.breaths > 1 &&
            i.holdSeconds - breathOf(i) >= 3 &&
            !begun.some((b) => b.pose === i.pose && b.rung === i.rung),
        ),
      )
      .sort((a, b) => setSeconds(b[0]) - setSeconds(a[0]));
    if (blocks.length === 0) break;
    for (const item of blocks[0]) fromHolds += cut(item);
  }
  return { later, won: fromRest + fromHolds, fromRest, fromHolds };
}
