import { centreOfMass, fleshOf, norm, reachGoal, rodGap, sub, type Side, type Skeleton } from '@/core/body';
import { reachFor, type Contact, type Rung, type Shape } from './format';
import { outsideHull } from './hull';

/** What stands between a posture and its contacts: free height, free distance, hands that do not arrive, balance. */

/** Where on a rung's path: what may still hang in the air differs. */
export type Node = 'entry' | 'middle' | 'full';

/** A blanket up to this height pads and does not lift, centimetres. */
const PADDING_CM = 5;
/** A hand that holds a limb presses into its flesh by so much, metres. */
const HELD = 0.03;
const LIMB_OF: Readonly<Record<string, string>> = {
  knee: 'thigh',
  thigh: 'thigh',
  calf: 'shank',
  ankle: 'shank',
  heel: 'foot',
  ball: 'foot',
};

/** Limbs that each hand holds, by real names. */
export function heldBy(reach: Rung['reach'], worked: Side = 'right'): ReadonlySet<string> {
  const out = new Set<string>();
  for (const [side, way] of Object.entries(reachFor({ reach }, worked))) {
    const [point, of] = way.to.split('_');
    const limb = LIMB_OF[point];
    if (way.floor === undefined && limb)
      for (const own of limb === 'foot' || limb === 'shank' ? ['thigh', 'shank', 'foot'] : ['thigh', 'shank'])
        out.add([`forearm_${side}`, `${own}_${of}`].sort().join(' '));
  }
  return out;
}

/** How far two parts may overlap: nothing, or what a hand presses into what it holds. */
export const allowed = (between: readonly [string, string], holds: ReadonlySet<string>): number =>
  holds.has([...between].sort().join(' ')) ? HELD : 0;

/** Height of the floor: the mean of what is to lie on it, or of hands where only they do. */
export function floorOfContacts({ points }: Skeleton, contacts: readonly Contact[]): number {
  const on = contacts.filter((c) => c.on === 'floor');
  const bearing = on.filter((c) => !/^(wrist|elbow)/.test(c.point));
  const list = bearing.length > 0 ? bearing : on;
  if (list.length === 0) return Math.min(...Object.entries(points).map(([name, at]) => at[1] - fleshOf(name)));
  return list.reduce((s, c) => s + points[c.point][1] - fleshOf(c.point), 0) / list.length;
}

/** Signed gap of every contact, metres: above the floor or prop, off the wall, off the limb. */
export function contactGaps(
  skeleton: Skeleton,
  contacts: readonly Contact[],
  wall: Rung['wall'],
  node: Node = 'full',
): number[] {
  const { points: p } = skeleton;
  const floor = floorOfContacts(skeleton, contacts);
  const axis = wall === 'beside' ? 2 : 0;
  const sign = wall === 'behind' ? 1 : -1;
  const offWall = (c: Contact) => sign * p[c.point][axis] - fleshOf(c.point);
  const onWall = contacts.filter((c) => c.on === 'wall');
  const plane = onWall.reduce((s, c) => s + offWall(c), 0) / Math.max(1, onWall.length);
  return contacts.map((c) => {
    const above = p[c.point][1] - fleshOf(c.point) - floor;
    switch (c.on) {
      case 'floor':
        return above;
      case 'wall':
        return offWall(c) - plane;
      case 'limb':
        return rodGap(skeleton, c.point, c.limb ?? '') - fleshOf(c.point);
      default:
        // A prop's height follows the body; only sinking below the floor is wrong, and far off what it usually is.
        // Until full depth a support is as high as it must be; a chair and a folded blanket cannot grow.
        if (c.height_cm === undefined || (node !== 'full' && c.on !== 'chair' && c.height_cm > PADDING_CM))
          return Math.min(0, above);
        return above - c.height_cm / 100;
    }
  });
}

/** How far each reaching hand stays from where it goes, metres. */
export const handGaps = (skeleton: Skeleton, reach: ReturnType<typeof reachFor>): number[] =>
  (['left', 'right'] as const).flatMap((side) => {
    const way = reach[side];
    if (!way) return [];
    return [norm(sub(skeleton.points[`wrist_${side}`], reachGoal(skeleton, side, way)))];
  });

/** How far the centre of mass stands outside of what bears, metres; below 0 inside. */
export function beyondSupport(skeleton: Skeleton, contacts: readonly Contact[]): number {
  const bearing = contacts.filter((c) => c.on !== 'wall' && c.on !== 'limb' && c.on !== 'strap' && c.on !== 'post');
  const corners = bearing.flatMap((c): [number, number][] => {
    const [x, , z] = skeleton.points[c.point];
    const r = Math.max(0.02, 0.6 * fleshOf(c.point));
    return [
      [x - r, z],
      [x + r, z],
      [x, z - r],
      [x, z + r],
    ];
  });
  if (corners.length === 0) return 0;
  const [x, , z] = centreOfMass(skeleton);
  return outsideHull(corners, x, z);
}

/**
 * True where the hands carry and must be down from the entry on: on all fours and in work of the muscles, unless told.
 */
export const carriesOf = (shape: Pick<Shape, 'position'>, rung: Pick<Rung, 'kind' | 'carries'>): boolean =>
  rung.carries ?? (shape.position === 'all-fours' || rung.kind === 'strength');
