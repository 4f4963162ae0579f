import {
  type Build,
  TYPICAL_BUILD,
  ELEMENTS,
  halfOf,
  LINES,
  newHalf,
  SIDES,
  StrandModel,
  typicalEnd,
  type Posture,
  type Side,
} from '@/core/body';
import { COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { linePullSd, shareAt } from '@/core/body';

export interface StructureStretch {
  structure: string;
  side: Side;
  /** Share of the tolerance used; 0 where nothing is felt, above 1 beyond it. */
  stretch: number;
}

let model: StrandModel | null = null;

/**
 * How far each muscle is stretched at a posture, against this student's tolerances (SD, left then right), or against
 * typical people when none are given. Only muscles that are felt at all.
 */
export function stretchAt(
  posture: Posture,
  tolerances?: ArrayLike<number>,
  build: Build = TYPICAL_BUILD,
): StructureStretch[] {
  const strands = (model ??= new StrandModel());
  const half = newHalf(),
    z = new Float64Array(ELEMENT_COUNT);
  return SIDES.flatMap((side, s) => {
    strands.standing(halfOf(posture, side, half, build.version[side]), 'pushed', z);
    const most = new Map<string, number>();
    ELEMENTS.forEach((e, g) => {
      if (!e.muscle) return;
      const stretch = shareAt(g, z[g] - (tolerances ? tolerances[s * ELEMENT_COUNT + g] : 0));
      if (stretch <= 0) return;
      for (const structure of e.structures) most.set(structure, Math.max(stretch, most.get(structure) ?? 0));
    });
    return [...most].map(([structure, stretch]) => ({ structure, side, stretch }));
  });
}

/**
 * How far every muscle with a typical end is stretched at a posture in typical people, by its line nearest to its end:
 * also those of the trunk and the shin, which no finding speaks of. Muscles that are not felt at all get 0.
 */
export function typicalStretchAt(posture: Posture): StructureStretch[] {
  const strands = (model ??= new StrandModel());
  const half = newHalf();
  return SIDES.flatMap((side) => {
    const elongation = strands.elongations(halfOf(posture, side, half));
    const most = new Map<string, number>();
    LINES.forEach((line, i) => {
      const typical = typicalEnd(line.line, 'pushed');
      const stretch = typical ? 1 + (elongation[i] - typical.end) / typical.sd / linePullSd(i) : 0;
      most.set(line.structure, Math.max(stretch, most.get(line.structure) ?? 0));
    });
    return [...most].map(([structure, stretch]) => ({ structure, side, stretch }));
  });
}
