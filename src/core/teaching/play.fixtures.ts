import type { PracticeItem } from '@/core/practice/practice';
import { advance, type PlayerEvent, type PlayerState } from './player';

/** A player for tests: items, and events at seconds with ticks in between. */

/** The moment at which every tested practice begins. */
export const T0 = Date.UTC(2026, 4, 1, 10);

export const item = (
  id: string,
  pose: string,
  side: PracticeItem['side'],
  breaths: number,
  more: Partial<PracticeItem> = {},
): PracticeItem => ({
  id,
  pose,
  rung: 1,
  side,
  holdSeconds: breaths * 6,
  breaths,
  repeats: 1,
  phase: 'warm',
  because: [],
  ...more,
});

/** Runs events at seconds after the start; ticks four times a second in between, as the screen does. */
export function played(steps: readonly [number, PlayerEvent][], state: PlayerState): PlayerState {
  let s = state,
    t = 0;
  for (const [at, event] of steps) {
    for (; t + 0.25 <= at; t += 0.25) s = advance(s, { type: 'tick' }, T0 + t * 1000);
    s = advance(s, event, T0 + at * 1000);
    t = at;
  }
  return s;
}
