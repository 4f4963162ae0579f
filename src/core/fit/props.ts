import { floorOf, gapUnder, norm, skeletonOf, sub, type Build, type Side } from '@/core/body';
import { contactsFor, postureAt, reachFor, type PropId, type Rung } from '@/core/poses';

export interface FittedProp {
  prop: PropId;
  /** Height of what lies under the body, centimetres; null for what has none. */
  height_cm: number | null;
  /** Length of strap between hand and foot with a loop round the foot, centimetres. */
  length_cm?: number;
}

/** What a loop round the foot takes of a strap, and what stays in the hand, centimetres. Our default. */
const LOOP_CM = 40;

/** Props of a rung at a depth in a build, with what each must measure. */
export function propsOf(rung: Rung, side: Side, depth: number, build: Build): FittedProp[] {
  if (rung.props.length === 0) return [];
  const reach = reachFor(rung, side);
  const { points } = skeletonOf(postureAt(rung, side, depth), reach, build);
  const floor = floorOf(points, reach);
  const contacts = contactsFor(rung, side);
  return rung.props.map((prop): FittedProp => {
    if (prop === 'strap') {
      const hand: Side = reach[side] ? side : side === 'left' ? 'right' : 'left';
      const raised: Side = points.ball_left[1] > points.ball_right[1] ? 'left' : 'right';
      const foot = reach[hand]?.to.startsWith('shoulder') ? raised : side;
      const way = norm(sub(points[`ball_${foot}`], points[`wrist_${hand}`])) * 100;
      return { prop, height_cm: null, length_cm: Math.ceil((2 * way + LOOP_CM) / 10) * 10 };
    }
    const under = contacts.find((c) => c.on === prop);
    if (!under || prop === 'wall') return { prop, height_cm: null };
    return { prop, height_cm: Math.max(2, Math.round(gapUnder(points, under.point, floor) * 100)) };
  });
}
