import type { Time } from './asked';
import { GIVEN_BACK, restOf } from './customs';
import { TRANSITIONS } from './pace';
import type { PracticeRequest } from './request';

const SETTLE = { share: 0.06, least: 30, most: 120 } as const;
/** Shortest rest at the end, seconds. */
const REST_LEAST = 45;
/** Share of the minutes that may be missing or too much: nobody's matter. */
export const TIME_SLACK = 0.01;

const clamp = (v: number, least: number, most: number): number => Math.min(most, Math.max(least, v));

/** What stands in a practice whatever is chosen for the aims. */
export interface Standing {
  /** True where there is a shape to arrive in, and one to rest in at the end. */
  settles: boolean;
  rests: boolean;
  /** Seconds of salutations with the way to them. */
  saluting: number;
  /** Seconds that rounds are known to save on the way: they are taught, too. */
  spared: number;
}

/** What of the minutes is settled before anything is chosen, seconds. */
export interface TimeFrame {
  all: number;
  settle: number;
  restLeast: number;
  restMost: number;
  /** For the shapes between arriving and the end, rest among them. */
  open: number;
  spared: number;
}

/** The frame of a request. */
export function frameOf(request: PracticeRequest, { settles, rests, saluting, spared }: Standing): TimeFrame {
  const { breathSeconds, pace } = request;
  const round = (seconds: number) => Math.max(1, Math.round(seconds / breathSeconds)) * breathSeconds;
  const all = request.minutes * 60;
  const settle = settles ? round(clamp(all * SETTLE.share, SETTLE.least, SETTLE.most)) : 0;
  const rest = restOf(request);
  const restLeast = rests ? round(Math.max(rest.least * all, REST_LEAST)) : 0;
  // The way to rest; the first item has none before it where nothing settles.
  const toRest = (rests ? TRANSITIONS[pace].shape : 0) - (settles ? 0 : TRANSITIONS[pace].shape);
  return {
    all,
    settle,
    restLeast,
    restMost: rests ? Math.max(restLeast, all * rest.most) : 0,
    open: all + spared - settle - toRest - saluting,
    spared,
  };
}

/** What a frame leaves to the program, minutes. */
export const timeIn = (f: TimeFrame): Time => ({
  work: f.open / 60,
  slack: (f.all * TIME_SLACK) / 60,
  restLeast: f.restLeast / 60,
  restMost: f.restMost / 60,
  giveMost: (f.all * GIVEN_BACK) / 60,
});

/** What holds in whole breaths may take: no less, what fills it, no more; seconds. */
export interface Space {
  least: number;
  full: number;
  most: number;
}

/**
 * The space of a frame, a hundredth more or less; where no rest can fill it up, nothing else would meet the minutes at
 * all.
 */
export function spaceIn(f: TimeFrame): Space {
  const some = f.all * TIME_SLACK;
  return {
    least: f.open - f.all * GIVEN_BACK - f.restMost - some,
    full: f.open - f.restMost,
    most: f.open - f.restLeast + some,
  };
}

/**
 * Seconds of rest that fill what is left, in whole breaths.
 * @param free seconds from the end of what stands before it
 */
export function restIn(f: TimeFrame, free: number, breathSeconds: number): { breaths: number; holdSeconds: number } {
  const filled = clamp(free, f.restLeast, f.restMost + breathSeconds / 2);
  const breaths = Math.max(1, Math.round(filled / breathSeconds));
  return { breaths, holdSeconds: Math.max(3, breaths * breathSeconds) };
}
