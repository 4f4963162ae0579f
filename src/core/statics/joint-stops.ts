import { DEG, norm, SIDES, sub, type Posture, type Skeleton, type Vec3 } from '@/core/body';
import type { Contact } from '@/core/poses';
import { at } from './axes';
import { freedom } from './degrees-of-freedom';

/**
 * A joint at its end: the torque that ligament and bone can give there without effort, N·m, + where it raises the
 * coordinate.
 */
export interface JointStop {
  freedom: number;
  torque_Nm: number;
}

/** Ends of joints where ligament and bone hold without effort: from this angle on, against going further. Ours. */
const STOPS: readonly { coordinate: string; from_deg: number; way: 1 | -1; most_Nm: number }[] = [
  { coordinate: 'knee_flexion', from_deg: 6, way: 1, most_Nm: 200 },
  { coordinate: 'hip_flexion', from_deg: -8, way: 1, most_Nm: 60 },
  { coordinate: 'lumbar_flexion', from_deg: 28, way: -1, most_Nm: 160 },
  { coordinate: 'lumbar_flexion', from_deg: -20, way: 1, most_Nm: 120 },
  { coordinate: 'thorax_flexion', from_deg: 20, way: -1, most_Nm: 100 },
  { coordinate: 'thorax_flexion', from_deg: -12, way: 1, most_Nm: 100 },
];
/** An arm bent less than this is as good as straight, and locks. Ours. */
const STRAIGHT_ARM = { from_deg: 18, most_Nm: 60 };

/** Joints that stand at their end in a posture. */
export const jointStopsAt = (posture: Posture): JointStop[] =>
  STOPS.flatMap((stop) =>
    (/^(hip|knee)/.test(stop.coordinate) ? SIDES : ([null] as const)).flatMap((side): JointStop[] => {
      const id = side ? `${stop.coordinate}_${side}` : stop.coordinate;
      const deg = at(posture, id) / DEG;
      if (stop.way === 1 ? deg > stop.from_deg : deg < stop.from_deg) return [];
      return [{ freedom: freedom(id), torque_Nm: stop.way * stop.most_Nm }];
    }),
  );

/** Elbows of straight arms that prop the body up; arms that lie beside a lying trunk do not. */
export function straightArms(skeleton: Skeleton, bearing: readonly Contact[]): JointStop[] {
  if (bearing.some((c) => /^(back|chest|head)/.test(c.point) && c.on === 'floor')) return [];
  const { points: p } = skeleton;
  return SIDES.filter((s) => bendOf(p[`shoulder_${s}`], p[`elbow_${s}`], p[`wrist_${s}`]) <= STRAIGHT_ARM.from_deg).map(
    (s) => ({ freedom: freedom(`elbow_${s}`), torque_Nm: STRAIGHT_ARM.most_Nm }),
  );
}

/** Bend of a joint between two limbs, degrees; 0 straight. */
function bendOf(a: Vec3, b: Vec3, c: Vec3): number {
  const u = sub(b, a),
    v = sub(c, b);
  const cosine = (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / (norm(u) * norm(v));
  return Math.acos(Math.max(-1, Math.min(1, cosine))) / DEG;
}
