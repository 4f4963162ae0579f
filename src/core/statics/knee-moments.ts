import { mix, segmentMasses, sub, type Side, type Skeleton, type Vec3 } from '@/core/body';
import type { Push } from './contact-forces';
import type { Part } from './degrees-of-freedom';

/**
 * Moment of everything that pushes on shin and foot, and of their weight, about the knee; across its hinge only.
 * @param amounts of the pushes, share of body weight; `weight` in N
 */
export function kneeMoments(
  skeleton: Skeleton,
  pushes: readonly Push[],
  amounts: Float64Array,
  weight: number,
  side: Side,
): { twist_Nm: number; sideways_Nm: number } {
  const centre = skeleton.points[`shin_${side}`];
  const own = new Set<Part>([`shank_${side}`, `foot_${side}`]);
  const moment = [0, 0, 0];
  const add = (at: Vec3, f: Vec3, times: number) => {
    const r = sub(at, centre);
    moment[0] += times * (r[1] * f[2] - r[2] * f[1]);
    moment[1] += times * (r[2] * f[0] - r[0] * f[2]);
    moment[2] += times * (r[0] * f[1] - r[1] * f[0]);
  };
  pushes.forEach((push, k) => {
    const inside = own.has(push.part),
      against = push.against !== undefined && own.has(push.against);
    if (inside !== against) add(push.at, push.direction, amounts[k] * weight * (inside ? 1 : -1));
  });
  for (const s of segmentMasses(skeleton)) {
    if (s.segment !== `shank-${side}` && s.segment !== `foot-${side}`) continue;
    add(mix(s.from, s.to, s.at), [0, -weight * s.share, 0], 1);
  }
  const t = skeleton.frames[`shank_${side}`].turn;
  return {
    twist_Nm: moment[0] * t[1] + moment[1] * t[4] + moment[2] * t[7],
    sideways_Nm: moment[0] * t[0] + moment[1] * t[3] + moment[2] * t[6],
  };
}
