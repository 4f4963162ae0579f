import { GROUPS, isMuscleGroup, SIDES } from '@/core/body';
import type { RankedPose } from '@/core/ranking/rank';
import { blocksOf, type Block } from './blocks';
import type { Pace } from './pace';
import type { PracticeItem } from './practice';

/** A block on the chart of a practice: how deep it goes and how hard it works. */
export interface Sounding {
  block: Block;
  /** Furthest stretch of any muscle on any of its sides, and greatest load, as shares; 0 where it is not fitted. */
  stretch: number;
  load: number;
}

/** Every block with its stretch and load, in order. */
export function profileOf(items: readonly PracticeItem[], ranked: readonly RankedPose[], pace: Pace): Sounding[] {
  const byKey = new Map(ranked.map((r) => [`${r.pose}/${r.rung}/${r.side}`, r]));
  const most = (of: 'stretch' | 'load', list: readonly RankedPose[]): number =>
    Math.max(
      0,
      ...list.flatMap((r) => SIDES.flatMap((s) => GROUPS.filter(isMuscleGroup).map((g) => r[of][s][g] ?? 0))),
    );
  return blocksOf(items, pace).map((block) => {
    const fits = block.items.flatMap((i) => byKey.get(`${i.pose}/${i.rung}/${i.side}`) ?? []);
    return { block, stretch: most('stretch', fits), load: most('load', fits) };
  });
}
