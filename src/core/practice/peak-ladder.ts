import { GROUPS, isMuscleGroup, SIDES, type Build, type GroupId, type Side } from '@/core/body';
import { missingIn, reachedIn } from '@/core/fit/fit';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { isSided, type Shape } from '@/core/poses';

/** A rung on the way to a peak: how far she gets in it today, and what is missing to all of it. */
export interface LadderStep {
  rung: number;
  /** `through`: all of it, on each side, is within reach; `open`: its entry is; `ahead`: not yet. */
  state: 'through' | 'open' | 'ahead';
  /** How far into it she gets, 0–1, on the side that gets less far; nothing where even its entry is out of reach. */
  depth: number;
  /** Length that is missing to all of it, most first. */
  missing: MissingLength[];
}

export interface MissingLength {
  group: GroupId;
  side: Side;
  /** SD of typical people. */
  sd: number;
  /** False for joint, bone and nerve: no practice lengthens them, and the shape has to be changed instead. */
  trained: boolean;
}

/** Less than this is not told: it is within what a posterior can say. Ours, SD. */
const TOLD_SD = 0.1;

/**
 * The rungs of a shape as steps for a student. What is missing is told for each group by itself, as the tolerance that
 * would make the rung's full depth comfortable, both sides worked.
 */
export function peakLadder(shape: Shape, posterior: Posterior, build: Build, way: FitWay): LadderStep[] {
  return shape.rungs.map((rung, i): LadderStep => {
    const sides: readonly Side[] = isSided(shape, rung) ? SIDES : ['right'];
    const fits = sides.map((s) => reachedIn({ shape, rung: i + 1, side: s }, { posterior, build }, way));
    const lacks = sides.map((s) => missingIn({ shape, rung: i + 1, side: s }, { posterior, build }, way));
    const missing = SIDES.flatMap((side) =>
      GROUPS.map((group): MissingLength => {
        const sd = Math.max(...lacks.map((f) => f[side][group]));
        return { group, side, sd, trained: isMuscleGroup(group) };
      }),
    ).filter((m) => m.sd >= TOLD_SD);
    const open = fits.every((f) => !f.beyondEntry);
    return {
      rung: i + 1,
      state: !open ? 'ahead' : fits.every((f) => f.full) ? 'through' : 'open',
      depth: open ? Math.min(...fits.map((f) => f.depth)) : 0,
      missing: missing.sort((a, b) => b.sd - a.sd),
    };
  });
}

/**
 * Where on its ladder she works: the furthest rung that is open, or the first one ahead; −1 where she is through all of
 * it.
 */
export function workingAt(steps: readonly LadderStep[]): number {
  if (steps.at(-1)?.state === 'through') return -1;
  for (let i = steps.length - 1; i >= 0; i--)
    if (steps[i].state !== 'ahead') return steps[i].state === 'open' ? i : i + 1;
  return 0;
}

/**
 * Weeks at one rung before testing again tells whether the next is open: a change of length is told after four to six
 * (rule of thumb).
 */
export const WEEKS_A_STEP = 5;

export interface LadderWeeks {
  step: LadderStep;
  /** Weeks of the plan, from 0; `to` is the last. */
  from: number;
  to: number;
}

/**
 * Weeks of a plan by the rung that is worked at: the furthest open one first, then one rung further each time, if the
 * tests allow it. What does not fit into the weeks is left for later.
 */
export function ladderWeeks(steps: readonly LadderStep[], weeks: number): LadderWeeks[] {
  const start = workingAt(steps);
  if (start < 0) return [];
  return steps.slice(start).flatMap((step, k): LadderWeeks[] => {
    const from = k * WEEKS_A_STEP;
    return from < weeks ? [{ step, from, to: Math.min(weeks, from + WEEKS_A_STEP) - 1 }] : [];
  });
}
