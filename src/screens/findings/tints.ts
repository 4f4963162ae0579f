import { ELEMENTS, type GroupId, type Side } from '@/core/body';
import type { Limit } from '@/core/inference';
import type { Tint } from '@/figure/draw';
import { seaTint } from '@/figure/scales';

/** Tints for a drawn body of the muscles of a group on a side; `depth` 0–1 as on the sea scale. */
export const tintsOf = (group: GroupId, side: Side, depth: number) =>
  ELEMENTS.filter((e) => e.group === group).flatMap((e) =>
    e.structures.map((structure) => ({ structure, side, fill: seaTint(Math.min(1, depth)) })),
  );

/** How deep what stops a movement is tinted: the further below typical, the deeper. */
export const depthOf = (band: number): number => -band / 2.2;

/** A limit as it is painted: deeper the more it limits, its outline heavier the surer it is. */
export const tintsOfLimit = ({ group, side, band, probability }: Limit): Tint[] =>
  tintsOf(group, side, depthOf(band) * probability + 0.1).map((t) => ({ ...t, sure: probability }));
