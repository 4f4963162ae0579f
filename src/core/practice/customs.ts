import type { PracticeRequest } from './request';

/** What every teacher keeps to without thinking of it. All figures are ours. */

/** Minutes for which anybody stands still at the end, at least and at most. */
const STANDING_STILL = { least: 1, most: 3 } as const;

/** Share of the minutes that the rest at the end takes. */
export function restOf({ arc, place, minutes }: Pick<PracticeRequest, 'arc' | 'place' | 'minutes'>): {
  least: number;
  most: number;
} {
  const usual = arc === 'quiet' ? { least: 0.07, most: 0.2 } : { least: 0.06, most: 0.12 };
  if (place !== 'standing') return usual;
  return {
    least: Math.min(usual.least, STANDING_STILL.least / minutes),
    most: Math.min(usual.most, STANDING_STILL.most / minutes),
  };
}

/** Share of the minutes that may be given back instead of being filled with what nobody needs. */
export const GIVEN_BACK = 0.25;

/** Shapes that wake the joints, at least. */
export function wakingAtLeast({ minutes, arc }: Pick<PracticeRequest, 'minutes' | 'arc'>): number {
  if (minutes < 10) return 0;
  if (arc === 'quiet' || minutes < 20) return 1;
  return minutes < 45 ? 2 : 3;
}

/** Shapes that move in and out, at least and at most. */
export const movingBetween = ({
  minutes,
  arc,
}: Pick<PracticeRequest, 'minutes' | 'arc'>): { least: number; most: number } => ({
  least: minutes < 15 ? 0 : minutes < 45 || arc === 'quiet' ? 1 : 2,
  most: arc === 'quiet' ? 1 : 2 + Math.floor(minutes / 30),
});

/** Rests in the middle of a practice. */
export const MOST_PAUSES = 2;

/** Minutes from which hips and back are brought to the middle, lying, before the rest. */
export const NEUTRAL_FROM = 15;

/** Shapes that a practice has at most: few and long where it is quiet, many and short where it flows. */
export function itemsAtMost({ minutes, arc }: Pick<PracticeRequest, 'minutes' | 'arc'>): number {
  if (arc === 'quiet') return Math.max(5, Math.round(4 + minutes / 9));
  return Math.round(3 + minutes * (arc === 'flow' ? 0.65 : 0.4));
}

/** Minutes of the longest so many shapes, each held as long as it may be on all its sides. */
export const minutesOfLongest = (
  units: readonly { sides: readonly unknown[]; most: number }[],
  count: number,
): number =>
  units
    .map((u) => u.sides.length * u.most)
    .sort((a, b) => b - a)
    .slice(0, count)
    .reduce((s, v) => s + v, 0);

/** What one shape may give an aim: a share of what is wanted, or so many minutes. */
export const MOST_OF_ONE_SHAPE = { share: 0.6, least: 1.5 } as const;
