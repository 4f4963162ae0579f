import type { Aim } from '@/core/students/student';
import { aimKey } from '@/core/practice/aim-key';
import { activeAims } from '@/core/practice/doses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import type { LogEntry } from '@/core/teaching/log';
import { dayOf } from '@/core/day-of';

/** What taught practices gave the aims, beside what a week should hold. */

export interface DoneDose {
  aim: Aim;
  /** Useful minutes in all, and the days on which there was at least half a minute. */
  minutes: number;
  days: number;
}

/** Useful seconds from which a day counts as one of work for an aim. Ours. */
const COUNTS_S = 30;

/** Useful minutes and days for each aim from what was truly done, first and last day counted. */
export function doneDoses(
  logs: readonly LogEntry[],
  aims: readonly Aim[],
  ranked: readonly RankedPose[],
  from: string,
  to: string,
): DoneDose[] {
  const byKey = new Map(ranked.map((r) => [`${r.pose}/${r.rung}/${r.side}`, r]));
  const within = logs.filter((l) => dayOf(l) >= from && dayOf(l) <= to);
  return activeAims(aims).map((aim) => {
    const byDay = new Map<string, number>();
    for (const log of within)
      for (const item of log.items) {
        const fit = byKey.get(`${item.pose}/${item.rung}/${item.side}`);
        if (!fit) continue;
        const day = dayOf(log);
        byDay.set(day, (byDay.get(day) ?? 0) + worthFor(fit, aim).worth * item.doneSeconds);
      }
    const seconds = [...byDay.values()];
    return { aim, minutes: seconds.reduce((s, v) => s + v, 0) / 60, days: seconds.filter((v) => v >= COUNTS_S).length };
  });
}

/** Done doses by their aim. */
export const doneFor = (done: readonly DoneDose[], aim: Pick<Aim, 'kind' | 'group' | 'side'>): DoneDose | undefined =>
  done.find((d) => aimKey(d.aim) === aimKey(aim));
