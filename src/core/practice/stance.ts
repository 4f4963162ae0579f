import { coordinateIndex, DEG, floorOf, SIDES, skeletonOf, type Posture, type Side, type Vec3 } from '@/core/body';
import { contactsFor, postureAt, reachFor, type Rung, type Shape } from '@/core/poses';
import { groundOf } from './stations';

/** What carries the body, as ways between shapes begin and end with it. */
export const BASES = [
  ...(['back', 'side', 'front', 'fours', 'plank', 'dog', 'kneel', 'lunge', 'seat', 'chair'] as const),
  ...(['stand', 'split', 'wide', 'one'] as const),
] as const;
export type Base = (typeof BASES)[number];

/** How a rung stands on the ground. */
export interface Stance {
  base: Base;
  /**
   * The foot in front, that stands, or to which a wide stance bends; the side that lies below. Null where there is
   * none.
   */
  lead: Side | null;
}

/** Metres from which feet stand apart front to back, and apart to the sides. Ours. */
const APART = 0.19,
  WIDE = 0.6;
/**
 * A knee or wrist this near to the floor is on it; a hand this far from the feet carries the body with them, metres.
 */
const DOWN = 0.14,
  AWAY = 0.5;
/**
 * By how much more one knee bends, degrees, or how much nearer to one foot the head is, metres, for a wide stance to
 * have a side. Ours.
 */
const BENDS = 12,
  LEANS = 0.12;
/** What stands under a foot without lifting it off the ground. */
const UNDER_FOOT = new Set(['floor', 'block', 'blanket']);

const known = new WeakMap<Rung['path'], Partial<Record<Side, Stance>>>();

/** How a rung stands, read from its settled posture half-way along. @param side the worked side */
export function stanceOf(shape: Pick<Shape, 'position'>, rung: Rung, side: Side | 'both'): Stance {
  const worked = side === 'left' ? 'left' : 'right';
  let own = known.get(rung.path);
  if (!own) known.set(rung.path, (own = {}));
  return (own[worked] ??= read(shape, rung, worked));
}

/** A body on its contacts, as it is looked at here. */
interface Seen {
  q: Posture;
  points: Readonly<Record<string, Vec3>>;
  /** Metres of a landmark above the lowest. */
  high: (point: string) => number;
  /** Sides whose foot stands on the ground, and whose hand is down far from the feet. */
  feet: readonly Side[];
  hands: readonly Side[];
  /** How far the right foot is ahead of the left, and out to its own side, metres. */
  ahead: number;
  aside: number;
}

function read({ position }: Pick<Shape, 'position'>, rung: Rung, worked: Side): Stance {
  const seen = look(rung, worked);
  switch (position) {
    case 'on the back':
      return { base: 'back', lead: null };
    case 'on the front':
      return { base: 'front', lead: null };
    case 'on the side':
      return { base: 'side', lead: seen.points.hip_left[1] < seen.points.hip_right[1] ? 'left' : 'right' };
    case 'seated':
      return { base: groundOf({ position }, rung) === 'chair' ? 'chair' : 'seat', lead: null };
    case 'all-fours':
      return { base: onKnees(seen).length > 0 ? 'fours' : 'plank', lead: null };
    case 'kneeling':
      return (
        lunge(seen) ??
        (onKnees(seen).length > 1 || seen.aside > WIDE / 1.5 ? { base: 'kneel', lead: null } : onFeet(seen))
      );
    case 'standing':
      return (
        lunge(seen) ?? (seen.hands.length === 2 && seen.feet.length > 0 ? { base: 'dog', lead: null } : onFeet(seen))
      );
  }
}

function look(rung: Rung, worked: Side): Seen {
  const reach = reachFor(rung, worked);
  const q = postureAt(rung, worked, 0.5);
  const { points } = skeletonOf(q, reach);
  const floor = floorOf(points, reach);
  const high = (p: string): number => points[p][1] - floor;
  const contacts = contactsFor(rung, worked).filter(
    (c) => UNDER_FOOT.has(c.on) && /^(heel|ball|toe|ankle)_/.test(c.point),
  );
  const [ahead, aside] = apart(points);
  return {
    q,
    points,
    high,
    ahead,
    aside,
    feet: SIDES.filter((s) => contacts.some((c) => c.point.endsWith(s))),
    hands: SIDES.filter((s) => Math.min(high(`wrist_${s}`), high(`elbow_${s}`)) < DOWN && away(points, s) > AWAY),
  };
}

const onKnees = ({ high }: Seen): Side[] => SIDES.filter((s) => high(`knee_${s}`) < DOWN);

/** One knee down, the other foot ahead of it on the floor. */
function lunge(seen: Seen): Stance | null {
  const down = onKnees(seen);
  const front: Side = seen.ahead > 0 ? 'right' : 'left';
  if (down.length !== 1 || down[0] === front || Math.abs(seen.aside) > WIDE / 1.5) return null;
  return Math.abs(seen.ahead) > APART && seen.feet.includes(front) ? { base: 'lunge', lead: front } : null;
}

function onFeet(seen: Seen): Stance {
  const { feet, ahead, aside } = seen;
  if (feet.length === 1) return { base: 'one', lead: feet[0] };
  if (feet.length === 2 && Math.abs(ahead) > APART && Math.abs(ahead) > Math.abs(aside) * 0.9)
    return { base: 'split', lead: ahead > 0 ? 'right' : 'left' };
  if (feet.length === 2 && Math.abs(aside) > WIDE) return { base: 'wide', lead: bends(seen) };
  return { base: 'stand', lead: null };
}

/** The side to which a wide stance goes: that of the bent knee, else that to which the trunk leans. */
function bends({ q, points }: Seen): Side | null {
  const knee = (s: Side): number => q[coordinateIndex(`knee_flexion_${s}`)] / DEG;
  const more = knee('right') - knee('left');
  if (Math.abs(more) > BENDS) return more > 0 ? 'right' : 'left';
  const far = (s: Side): number => level(points.neck, points[`ankle_${s}`]);
  const by = far('left') - far('right');
  return Math.abs(by) > LEANS ? (by > 0 ? 'right' : 'left') : null;
}

/** How far the right foot is ahead of the left and out to its own side, metres, as the hips are turned. */
function apart(points: Readonly<Record<string, Vec3>>): [number, number] {
  const across = [points.hip_right[0] - points.hip_left[0], points.hip_right[2] - points.hip_left[2]];
  const n = Math.hypot(...across);
  const [sx, sz] = [across[0] / n, across[1] / n];
  const d = [points.ankle_right[0] - points.ankle_left[0], points.ankle_right[2] - points.ankle_left[2]];
  return [d[0] * sz - d[1] * sx, d[0] * sx + d[1] * sz];
}

const level = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[2] - b[2]);
/** Level distance of a hand from the nearer foot, metres. */
const away = (points: Readonly<Record<string, Vec3>>, s: Side): number =>
  Math.min(...SIDES.map((f) => level(points[`wrist_${s}`], points[`ankle_${f}`])));
