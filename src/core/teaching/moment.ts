import type { PracticeItem } from '@/core/practice/practice';
import { setSeconds } from '@/core/practice/timing';
import type { Cue, CueRole } from '@/core/practice/cues';
import type { PlayerState } from './player';

/** What there is to see and say at a moment of a practice, from the player's state alone. */

export interface Count {
  /** Which time it is, of how many. */
  time: number;
  of: number;
  /** Breaths left of this time, and where in its breath she is: 0 … 1, in up to `IN`, then out. */
  breathsLeft: number;
  breath: number;
  /** Seconds since the hold began. */
  elapsed: number;
}

/** Share of a breath that goes in. Ours. */
export const IN = 0.42;

/** Counts of a hold that is under way; null on the way and at the end. */
export function countOf(state: PlayerState): Count | null {
  const item = state.items[state.index];
  if (!item || state.stage !== 'holding') return null;
  const elapsed = Math.max(0, setSeconds(item) - state.left);
  const time = Math.min(item.repeats, Math.floor(elapsed / item.holdSeconds + 1e-9) + 1);
  const within = elapsed - (time - 1) * item.holdSeconds;
  const breath = item.holdSeconds / item.breaths;
  return {
    time,
    of: item.repeats,
    breathsLeft: Math.max(0, Math.ceil((item.holdSeconds - within) / breath - 1e-9)),
    breath: (within / breath) % 1,
    elapsed,
  };
}

/** A part of a hold in which she works, lets go, or sinks. */
export interface HoldPart {
  part: 'arrive' | 'press' | 'release' | 'sink';
  /** Seconds left of it. */
  left: number;
}

/** What is to be done in each part, in a word. */
export const PART_WORDS: Readonly<Record<HoldPart['part'], string>> = {
  arrive: 'arrive',
  press: 'press',
  release: 'let go',
  sink: 'sink',
};

/**
 * Work inside a hold, where its rung asks for some: arrive, then press five seconds, let go, sink, over again. Three to
 * six seconds at a part of one's strength, then ten to thirty of stretch (Garber 2011); two to four times. Seconds
 * between are ours.
 */
export const ACTIVE = { arrive: 10, press: 5, release: 2, sink: 13, times: 4, from: 28 } as const;

/** The part of an active hold at a time; null where the hold is too short for it. */
export function partAt(item: Pick<PracticeItem, 'holdSeconds' | 'repeats'>, elapsed: number): HoldPart | null {
  if (item.repeats > 1 || item.holdSeconds < ACTIVE.from) return null;
  if (elapsed < ACTIVE.arrive) return { part: 'arrive', left: ACTIVE.arrive - elapsed };
  const round = ACTIVE.press + ACTIVE.release + ACTIVE.sink;
  const into = elapsed - ACTIVE.arrive;
  const at = into % round;
  // No press that could not be let go of again before the end, and none after the last.
  const rest = item.holdSeconds - elapsed;
  if (Math.floor(into / round) >= ACTIVE.times || (at < ACTIVE.press && rest + at < ACTIVE.press + ACTIVE.release + 5))
    return { part: 'sink', left: rest };
  if (at < ACTIVE.press) return { part: 'press', left: ACTIVE.press - at };
  if (at < ACTIVE.press + ACTIVE.release) return { part: 'release', left: ACTIVE.press + ACTIVE.release - at };
  return { part: 'sink', left: Math.min(rest, round - at) };
}

const GOING_IN: readonly CueRole[] = ['like', 'enter', 'action'];
/** Seconds before the end from which leaving is spoken of. */
const LEAVING_S = 6;

/** The one line to say now: going in on the way, then what to keep and how to deepen, at last how to leave. */
export function cueNow(cues: readonly Cue[], state: PlayerState): string {
  const item = state.items[state.index];
  if (!item || cues.length === 0) return '';
  const into = cues.filter((c) => GOING_IN.includes(c.role)),
    leave = cues.filter((c) => c.role === 'leave'),
    inside = cues.filter((c) => !GOING_IN.includes(c.role) && c.role !== 'leave');
  const at = (list: readonly Cue[], share: number): string =>
    list[Math.min(list.length - 1, Math.floor(Math.max(0, share) * list.length))]?.words ?? '';
  const whole = setSeconds(item);
  // Her own lines follow each other through the hold.
  if (cues.every((c) => c.role === 'own')) return at(cues, state.stage === 'holding' ? 1 - state.left / whole : 0);
  if (state.stage === 'moving' || (state.left >= whole && !state.running)) return at(into, 0) || at(inside, 0);
  if (leave.length > 0 && state.left <= LEAVING_S) return at(leave, 0);
  // What of going in was not said on the way comes first.
  return at([...into.slice(1), ...inside], 1 - state.left / whole);
}
