import { mix, sub, type Side, type Vec3 } from '@/core/body';
import type { Held } from './held';

/**
 * Moment of everything that pushes on shin and foot, and of their weight, about the knee; across its hinge only.
 * @param amounts of the pushes, share of body weight
 */
export function kneeMoments(
  { skeleton, masses, pushes, weight }: Held,
  amounts: Float64Array,
  side: Side,
): { twist_Nm: number; sideways_Nm: number } {
  const centre = skeleton.points[`shin_${side}`];
  const shank = `shank_${side}`,
    foot = `foot_${side}`;
  const moment = [0, 0, 0];
  const add = (at: Vec3, f: Vec3, times: number) => {
    const r = sub(at, centre);
    moment[0] += times * (r[1] * f[2] - r[2] * f[1]);
    moment[1] += times * (r[2] * f[0] - r[0] * f[2]);
    moment[2] += times * (r[0] * f[1] - r[1] * f[0]);
  };
  pushes.forEach((push, k) => {
    if (amounts[k] === 0) return;
    const inside = push.part === shank || push.part === foot,
      against = push.against === shank || push.against === foot;
    if (inside !== against) add(push.at, push.direction, amounts[k] * weight * (inside ? 1 : -1));
  });
  for (const s of masses) {
    if (s.segment !== `shank-${side}` && s.segment !== `foot-${side}`) continue;
    add(mix(s.from, s.to, s.at), [0, -weight * s.share, 0], 1);
  }
  const t = skeleton.frames[`shank_${side}`].turn;
  return {
    twist_Nm: moment[0] * t[1] + moment[1] * t[4] + moment[2] * t[7],
    sideways_Nm: moment[0] * t[0] + moment[1] * t[3] + moment[2] * t[6],
  };
}
