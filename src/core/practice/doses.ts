import type { Aim } from '@/core/students/student';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import { aimKey, BESIDE } from './aim-key';
import type { PracticeItem } from './practice';
import { workSeconds } from './timing';

/** Minutes of useful work per aim, and what they are worth. */
export interface Dose {
  aim: Aim;
  minutes: number;
  wanted: number;
}

/** Worth from which an item is said to be there for an aim (our default): a stretch of 0.55 or a load of 0.25. */
const SERVES = 0.5;

/** Aims that a practice works for: those that lengthen or strengthen and have a weight. */
export const activeAims = (aims: readonly Aim[]): Aim[] => aims.filter((a) => a.kind !== 'leave' && a.weight > 0);

/** Keys of the aims that a fitted pose serves well enough to be the reason for it. */
export const servedBy = (r: RankedPose, aims: readonly Aim[]): string[] =>
  aims.filter((a) => a.kind !== 'leave' && worthFor(r, a).worth >= SERVES).map(aimKey);

/** Most minutes that an aim wants in one practice: more hardly helps on a day (Ingram 2025, as recalled). */
const MOST_WANTED = 4;
const LEAST_WANTED = 0.5;

/**
 * Minutes wanted for each of the active aims: its share by weight of the working time, at most four.
 * @param about keys of the aims that the practice is about, where it is about some: of the others less is enough
 */
export function wantedMinutes(active: readonly Aim[], work: number, about?: readonly string[]): number[] {
  const total = active.reduce((s, a) => s + a.weight, 0) || 1;
  return active.map((a) => {
    const most = !about || about.includes(aimKey(a)) ? MOST_WANTED : BESIDE * MOST_WANTED;
    return Math.min(most, Math.max(LEAST_WANTED, (work * a.weight) / total));
  });
}

/** Places on the curve of falling returns, as shares of what is wanted; between them it is straight. Ours. */
const KNEES = [0, 0.25, 0.5, 0.8, 1.2, 1.5] as const;
/**
 * What each further share of what is wanted takes away: beyond half as much again it is for something else to have.
 * Ours.
 */
export const OVER = 0.5;
const whole = (x: number): number => 1 - Math.exp(-1.6 * x);

/** Pieces of the curve: width as a share of what is wanted, and worth of a share within it; falling. */
export const RETURNS: readonly { width: number; slope: number }[] = KNEES.slice(1).map((to, i) => ({
  width: to - KNEES[i],
  slope: (whole(to) - whole(KNEES[i])) / (to - KNEES[i]),
}));

/** Worth of a dose with falling returns, at most 1, straight between its knees; it falls again beyond the last. */
export function worthOfDose(minutes: number, wanted: number): number {
  let left = minutes / wanted,
    worth = 0;
  for (const { width, slope } of RETURNS) {
    const part = Math.min(left, width);
    if (part <= 0) break;
    worth += part * slope;
    left -= part;
  }
  return worth - OVER * Math.max(0, left);
}

/** Minutes of useful work per aim in any list of items, for the builder and for what the teacher changed by hand. */
export function dosesOf(
  items: readonly PracticeItem[],
  aims: readonly Aim[],
  ranked: readonly RankedPose[],
  wanted?: readonly number[],
): Dose[] {
  const active = activeAims(aims);
  const work =
    items.filter((i) => i.phase !== 'settle' && i.phase !== 'rest').reduce((s, i) => s + workSeconds(i), 0) / 60;
  const byKey = new Map(ranked.map((r) => [`${r.pose}/${r.rung}/${r.side}`, r]));
  const want = wanted ?? wantedMinutes(active, work);
  return active.map((aim, a) => {
    let seconds = 0;
    for (const item of items) {
      const rung = `${item.pose}/${item.rung}`;
      const r = byKey.get(`${rung}/${item.side}`) ?? byKey.get(`${rung}/both`);
      if (r) seconds += worthFor(r, aim).worth * workSeconds(item);
    }
    return { aim, minutes: seconds / 60, wanted: want[a] };
  });
}
