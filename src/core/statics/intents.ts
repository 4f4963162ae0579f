import type { Vec3 } from '@/core/body';
import type { Touch } from './contact-forces';
import { partOf, type Freedoms } from './degrees-of-freedom';
import type { Held } from './held';

/** An action asked for beside holding the shape, by real names. */
export interface AskedAction {
  /** The world's answer at a landmark, share of body weight: forward, up, outward. */
  push?: { point: string; force: Vec3 };
  structure?: { id: string; side: 'left' | 'right'; least: number };
}

/** A push that the floor, a wall or a prop answers: their net force along it must reach what is asked. */
export interface AskedRow {
  /** Share of body weight. */
  least: number;
  /** What one unit of each push gives along the direction that is asked for. */
  along: Float64Array;
}

export interface AskedPushes {
  rows: AskedRow[];
  /** Contacts whose own pushes are replaced by the push that is asked for. */
  replaced: ReadonlySet<number>;
}

/**
 * Where a push that is asked for is answered. A hand that presses its own limb pushes the limb one way and itself the
 * other; a foot on the floor presses as hard as is asked or harder, in one balance with all that bears; what touches
 * nothing is answered by the whole body. The first and last are taken off what has to be held, `b`.
 */
export function askedPushes(
  asked: readonly AskedAction[],
  { skeleton, pushes, weight }: Held,
  touches: readonly Touch[],
  freedoms: Freedoms,
  b: Float64Array,
): AskedPushes {
  const rows: AskedRow[] = [];
  const replaced = new Set<number>();
  for (const { push } of asked) {
    const at = push && skeleton.points[push.point];
    if (!push || !at) continue;
    const part = partOf(push.point);
    const force: Vec3 = [push.force[0] * weight, push.force[1] * weight, push.force[2] * weight];
    const column = new Float64Array(b.length);
    const hand = touches.findIndex((t) => t.on === 'hand' && t.limb === push.point);
    if (hand >= 0) {
      freedoms.push(part, at, force, column);
      freedoms.push(partOf(touches[hand].point), at, force, column, -1);
      replaced.add(hand);
    } else {
      const size = Math.hypot(...push.force);
      const along = Float64Array.from(pushes, (p) => {
        const touch = touches[p.contact];
        // A sole answers as one; elsewhere only the place itself does: a seat does not hold the knee that squeezes a
        // block.
        if (touch.on === 'limb' || !(part.startsWith('foot_') || touch.point === push.point)) return 0;
        const way = p.part === part ? 1 : p.against === part ? -1 : 0;
        const [x, y, z] = p.direction;
        return size > 0 ? (way * (x * push.force[0] + y * push.force[1] + z * push.force[2])) / size : 0;
      });
      if (along.some((v) => v !== 0)) {
        rows.push({ least: size, along });
        continue;
      }
      freedoms.push(part, at, force, column);
    }
    // The whole body stays where it is: only the joints feel what is pressed.
    for (let i = 0; i < b.length; i++) b[i] -= column[i];
  }
  return { rows, replaced };
}
