import { GROUPS, isMuscleGroup, SIDES, type GroupId, type Side } from '@/core/body';
import type { FittedPose, ReachedFit } from '@/core/fit/fit';
import { sameSide } from '@/core/poses';
import type { Hurt } from '@/core/students/hurt';

/** A muscle and side that a pose asked for which hurt. */
export interface Sore {
  group: GroupId;
  side: Side;
  /** The pose that hurt, and the day. */
  pose: string;
  on: string;
}

/**
 * Share of tolerance or capacity from which a muscle may have been what hurt, and from which another pose asks for it
 * again. Ours.
 */
const MAY_HURT = 0.5;

type Fit = ReachedFit & Partial<Pick<FittedPose, 'load'>>;
const asks = (fit: Fit, group: GroupId, side: Side): boolean =>
  fit.stretch[side][group] >= MAY_HURT || (fit.load?.[side][group] ?? 0) >= MAY_HURT;

/** Muscles that poses which hurt ask for, as far as they go in this student; the newest time of each. */
export function soreIn(hurt: readonly Hurt[], fits: readonly Fit[]): Sore[] {
  const out = new Map<string, Sore>();
  for (const h of hurt) {
    const fit = fits.find((f) => f.pose === h.pose && f.rung === h.rung && sameSide(f.side, h.side));
    if (!fit) continue;
    for (const side of SIDES)
      for (const group of GROUPS) {
        const key = `${group}/${side}`;
        if (isMuscleGroup(group) && !out.has(key) && asks(fit, group, side))
          out.set(key, { group, side, pose: h.pose, on: h.on });
      }
  }
  return [...out.values()];
}

/** What of it a pose asks for again; nothing where it leaves all of it alone. */
export function askedAgain(fit: Fit, sore: readonly Sore[]): { sore?: Sore[] } {
  const again = sore.filter((s) => s.pose !== fit.pose && asks(fit, s.group, s.side));
  return again.length > 0 ? { sore: again } : {};
}
