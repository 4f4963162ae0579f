import type { Half } from './half-body';
import { halfFromDegrees } from './muscle-model';
import type { Manner, StrandModel } from './strands';
import { GROUP_OF, GROUPS, type GroupId } from './structures';
import type { HalfAngles } from './test-ends';

/** Sharpness of the soft first limiter, per SD (trial of the model). */
export const KAPPA = 2;

export interface Resistance {
  group: GroupId;
  /** Share of all resistance to the movement, 0–1. */
  share: number;
  /** How far the group is along its way to the typical end, SD; the most of its elements. */
  z: number;
}

/**
 * What resists a movement at one posture in typical people: share of `exp(κ z) · dz/dθ` over strands that the movement
 * lengthens (virtual work). Groups that do not resist are left out; the first resists most.
 *
 * @param at posture of one side, radians @param along movement, degrees per degree
 */
export function resistanceAt(model: StrandModel, at: Half, along: HalfAngles, manner: Manner): Resistance[] {
  const count = model.elementOfStrand.length;
  const step = (by: number): Float64Array => {
    const half = Float64Array.from(at),
      move = halfFromDegrees(along);
    for (let i = 0; i < half.length; i++) half[i] += move[i] * by;
    return model.strandStanding(half, manner, new Float64Array(count));
  };
  const before = step(-0.5),
    after = step(0.5),
    z = model.strandStanding(at, manner, new Float64Array(count));
  const share = new Map<GroupId, Resistance>();
  let whole = 0;
  for (let k = 0; k < count; k++) {
    const slope = after[k] - before[k];
    if (slope <= 1e-9) continue;
    const group = GROUPS[GROUP_OF[model.elementOfStrand[k]]];
    const pull = slope * Math.exp(KAPPA * z[k]);
    const own = share.get(group) ?? { group, share: 0, z: -Infinity };
    own.share += pull;
    own.z = Math.max(own.z, z[k]);
    share.set(group, own);
    whole += pull;
  }
  return [...share.values()].map((r) => ({ ...r, share: r.share / whole })).sort((a, b) => b.share - a.share);
}
