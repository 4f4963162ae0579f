import type { PracticeRequest } from './request';
import { styleOf } from './styles';
import type { PracticeUnit } from './units';

/** What every teacher keeps to without thinking of it. All figures are ours. */

/** Minutes for which anybody stands still at the end, at least and at most. */
const STANDING_STILL = { least: 1, most: 3 } as const;

/** Share of the minutes that the rest at the end takes. */
export function restOf({ style, place, minutes }: Pick<PracticeRequest, 'style' | 'place' | 'minutes'>): {
  least: number;
  most: number;
} {
  const usual = styleOf(style).rest;
  if (place !== 'standing') return usual;
  return {
    least: Math.min(usual.least, STANDING_STILL.least / minutes),
    most: Math.min(usual.most, STANDING_STILL.most / minutes),
  };
}

/** Share of the minutes that may be given back instead of being filled with what nobody needs. */
export const GIVEN_BACK = 0.25;

/** Minutes from which joints are woken and moved before depth is asked of them. Ours. */
const WAKES_FROM = 10;

/** Shapes that wake the joints, at least. */
export function wakingAtLeast({ minutes, style }: Pick<PracticeRequest, 'minutes' | 'style'>): number {
  if (minutes < WAKES_FROM) return 0;
  return styleOf(style).waking ?? (minutes < 20 ? 1 : minutes < 45 ? 2 : 3);
}

/** Shapes that move in and out, at least and at most. */
export function movingBetween({ minutes, style }: Pick<PracticeRequest, 'minutes' | 'style'>): {
  least: number;
  most: number;
} {
  const most = styleOf(style).moving ?? 2 + Math.floor(minutes / 30);
  return { least: Math.min(most, minutes < WAKES_FROM ? 0 : minutes < 45 ? 1 : 2), most };
}

/** Rests in the middle of a practice. */
export const MOST_PAUSES = 2;

/** Minutes from which hips and back are brought to the middle, lying, before the rest. */
export const NEUTRAL_FROM = 15;

/** Shapes that a practice has at most: few and long where it is quiet, many and short where it flows. */
export const itemsAtMost = ({ minutes, style }: Pick<PracticeRequest, 'minutes' | 'style'>): number =>
  styleOf(style).shapes(minutes);

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

/** Rungs of one shape, at most. */
export const RUNGS_OF_SHAPE = 2;

/** True for work lying down after everything else that few know by name: an exercise, where a flow has ended. */
export const isDrillAtEnd = (u: Pick<PracticeUnit, 'kind' | 'known' | 'station' | 'peak'>): boolean =>
  u.kind === 'strength' && !u.known && u.station === 'lying' && !u.peak;
