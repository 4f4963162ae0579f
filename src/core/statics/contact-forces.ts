import { fleshOf, norm, SIDES, sub, type Reach, type Side, type Skeleton, type Vec3 } from '@/core/body';
import type { Contact, Rung } from '@/core/poses';
import { partOf, type BodyPart } from './degrees-of-freedom';
import { BEARS, pricesOf, STEADIES, type Prices } from './prices';

/**
 * Friction of skin or cloth on mat and prop, on a wall, and of limb on limb. A mat is made to hold hands and feet. Our
 * defaults.
 */
const FRICTION = 1;
const FRICTION_WALL = 0.3;
const FRICTION_LIMB = 0.5;
/** Most that a hand holds or a strap draws, share of body weight. Our default. */
const GRIP = 0.35;
/** Flesh from this thickness on bears over its breadth, metres. */
const BROAD = 0.05;
/**
 * A hand holds what it lies on: its wrist is no further than this from the middle of the limb, metres (half a limb and
 * a hand).
 */
const WITHIN_GRASP = 0.105;
/** A hand laid on a wall to steady a standing shape: what it bears, share of body weight, and its friction. Ours. */
const STEADY_MOST = 0.1;
const FRICTION_HAND = 0.5;

/**
 * One direction in which a contact can push the body, with its price; the answer falls on another part where it has
 * one.
 */
export interface PushDirection {
  contact: number;
  part: BodyPart;
  at: Vec3;
  direction: Vec3;
  /** The other part, pushed the opposite way at the same place. */
  against?: BodyPart;
  price: number;
  /** Share of body weight. */
  most: number;
}

/** A place where the body is held, as it is told. */
export interface Touch {
  point: string;
  on: Contact['on'] | 'hand';
  limb?: string;
}

/** Two directions across a third. */
function across(n: Vec3): [Vec3, Vec3] {
  const helper: Vec3 = Math.abs(n[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  const u = cross(n, helper),
    size = norm(u) || 1;
  const a: Vec3 = [u[0] / size, u[1] / size, u[2] / size];
  return [a, cross(n, a)];
}
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const plus = (a: Vec3, b: Vec3, f: number): Vec3 => [a[0] + f * b[0], a[1] + f * b[1], a[2] + f * b[2]];

/**
 * Friction at which a price of shear is a price of the edge: what is dear is pushing sideways, however well the ground
 * holds.
 */
const PRICED_AT = 0.8;

/** A direction in which something can push, with its price. */
interface Edge {
  direction: Vec3;
  price: number;
}

/** The normal and the four edges of a friction cone round it (linearised), each with its price. */
function cone(normal: Vec3, friction: number, shear: number): Edge[] {
  const [u, v] = across(normal);
  const price = friction > PRICED_AT ? shear * (friction / PRICED_AT) ** 2 : shear;
  return [
    { direction: normal, price: BEARS },
    { direction: plus(normal, u, friction), price },
    { direction: plus(normal, u, -friction), price },
    { direction: plus(normal, v, friction), price },
    { direction: plus(normal, v, -friction), price },
  ];
}

/** Every direction of space, as something that is held can be moved. */
const ANY_WAY: readonly Vec3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
  [-1, 0, 0],
  [0, -1, 0],
  [0, 0, -1],
];

const LIMB_PARTS: Readonly<Record<string, readonly [string, string]>> = {
  thigh: ['hip', 'knee'],
  shank: ['knee', 'ankle'],
  forearm: ['elbow', 'wrist'],
  'upper-arm': ['shoulder', 'elbow'],
};

/** Place on a limb's axis nearest to a point, or the landmark itself. */
function onLimb(skeleton: Skeleton, limb: string, at: Vec3): Vec3 {
  const side = limb.endsWith('_left') ? 'left' : 'right';
  const ends = LIMB_PARTS[limb.replace(/_(left|right)$/, '')];
  if (!ends) return skeleton.points[limb];
  const a = skeleton.points[`${ends[0]}_${side}`],
    b = skeleton.points[`${ends[1]}_${side}`];
  const way = sub(b, a);
  const t = Math.min(1, Math.max(0, dot(sub(at, a), way) / Math.max(1e-9, dot(way, way))));
  return plus(a, way, t);
}
const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** Length of thigh next to the hip that the trunk cannot lie on, metres. */
const CREASE = 0.13;
/**
 * The calf bears on the thigh only where the knee is bent further than this, degrees, and so much of body weight a
 * degree (ours).
 */
const CALF_FROM = 130;
const CALF_BEARS = 0.015;

/** Bend of a knee, degrees; 0 straight. */
function kneeBend(p: Skeleton['points'], side: Side): number {
  const thigh = sub(p[`knee_${side}`], p[`hip_${side}`]),
    shin = sub(p[`ankle_${side}`], p[`knee_${side}`]);
  return (Math.acos(Math.max(-1, Math.min(1, dot(thigh, shin) / (norm(thigh) * norm(shin))))) * 180) / Math.PI;
}

/** Nearness, metres, at which soft parts of one's own body lie on each other and bear. */
const NEAR = 0.035;
const folds = (side: Side): readonly (readonly [string, string, BodyPart, BodyPart])[] => [
  ['calf', 'thigh', `shank_${side}`, `thigh_${side}`],
  ['buttock', 'heel', 'pelvis', `foot_${side}`],
  ['chest', 'thigh', 'thorax', `thigh_${side}`],
  ['waist', 'thigh', 'lower', `thigh_${side}`],
];
const FOLDS = { left: folds('left'), right: folds('right') };

/** A body where it is, and what it is held by. */
interface Surroundings {
  skeleton: Skeleton;
  contacts: readonly Contact[];
  reach: Partial<Record<Side, Reach>>;
  rung: Pick<Rung, 'wall' | 'props' | 'kind'>;
  prices: Prices;
}

/** Places where the body is held, each with the ways in which it can be pushed there. */
class PushList {
  readonly pushes: PushDirection[] = [];
  readonly touches: Touch[] = [];

  add(touch: Touch, list: readonly Omit<PushDirection, 'contact'>[]): void {
    const contact = this.touches.push(touch) - 1;
    // All written in one order: what is alike in memory is read quickly.
    for (const { part, at, direction, against, price, most } of list)
      this.pushes.push({ contact, part, at, direction, against, price, most });
  }
}

/**
 * Every way in which what is touched can push: floor, props and walls along friction cones; limbs on limbs with an
 * answer on the other; hands that hold a part of the body in any direction up to a grip; a strap from hand to foot by
 * its pull; flesh folded on flesh (calf on thigh, belly on thigh), which bears like a cushion.
 */
export function pushesOf(
  skeleton: Skeleton,
  contacts: readonly Contact[],
  reach: Partial<Record<Side, Reach>>,
  rung: Pick<Rung, 'wall' | 'props' | 'kind'>,
): { pushes: PushDirection[]; touches: Touch[] } {
  const held = new PushList();
  const about: Surroundings = { skeleton, contacts, reach, rung, prices: pricesOf(rung.kind) };
  for (const c of contacts)
    if (c.on === 'limb') onOwnLimb(held, c, about);
    else onGround(held, c, about);
  for (const side of SIDES) byHand(held, side, about);
  for (const side of SIDES) byFolds(held, side, skeleton);
  steadied(held, about);
  return held;
}

/** What is laid on one's own limb. */
function onOwnLimb(held: PushList, { point, limb = '' }: Contact, { skeleton, rung, prices }: Surroundings): void {
  const at = skeleton.points[point];
  const other = onLimb(skeleton, limb, at);
  const way = sub(at, other),
    size = norm(way) || 1;
  const normal: Vec3 = [way[0] / size, way[1] / size, way[2] / size];
  const middle = plus(other, way, 0.5);
  // What is laid on a limb to rest there bears by its weight too, wherever on the round of the limb it lies.
  const resting: Edge[] = rung.kind === 'strength' ? [] : [{ direction: [0, 1, 0], price: BEARS }];
  held.add(
    { point, on: 'limb', limb },
    [...cone(normal, FRICTION_LIMB, prices.limbShear), ...resting].map(({ direction, price }) => ({
      part: partOf(point),
      at: middle,
      direction,
      against: partOf(limb),
      price,
      most: Infinity,
    })),
  );
}

/** What stands, sits or lies on floor, prop or wall. */
function onGround(held: PushList, c: Contact, { skeleton, contacts, rung, prices }: Surroundings): void {
  const at = skeleton.points[c.point],
    part = partOf(c.point);
  const wall: Vec3 =
    rung.wall === 'behind' ? [1, 0, 0] : rung.wall === 'ahead' ? [-1, 0, 0] : [0, 0, -Math.sign(at[2]) || 1];
  const normal: Vec3 = c.on === 'wall' ? wall : [0, 1, 0];
  const flesh = fleshOf(c.point);
  const foot = plus(plus(at, normal, -flesh), underSacrum(skeleton, c), 1);
  // Broad flesh bears over its breadth, not at a point: a seat does not roll over its middle.
  const aside = across(normal)[1];
  const breadth = flesh >= BROAD ? [plus(foot, aside, 0.6 * flesh), plus(foot, aside, -0.6 * flesh)] : [foot];
  // Whoever works with the chest lifted lies on thighs and pubic bone.
  const lifted = rung.kind === 'strength' && contacts.some((x) => x.point.startsWith('thigh_') && x.on === 'floor');
  const places = lifted ? breadth : [...breadth, ...bellyOf(skeleton, c, foot)];
  const edges = cone(normal, c.on === 'wall' ? FRICTION_WALL : FRICTION, prices.shear);
  held.add(
    { point: c.point, on: c.on },
    places.flatMap((place) =>
      edges.map(({ direction, price }) => ({ part, at: place, direction, price, most: Infinity })),
    ),
  );
}

/** What a hand that reaches for something holds: a strap, a post, the wall, or a part of the own body. */
function byHand(held: PushList, side: Side, { skeleton, reach, rung, prices }: Surroundings): void {
  const way = reach[side];
  if (!way || way.floor !== undefined || way.free) return;
  const p = skeleton.points,
    point = `wrist_${side}`,
    part: BodyPart = `forearm_${side}`;
  const at = p[point],
    taken = partOf(way.to);
  const price = prices.holds,
    most = GRIP;
  const reached = grasp(skeleton, way.to, at) <= WITHIN_GRASP;
  const strap =
    (rung.props.includes('strap') && /^(ankle|calf|knee|shoulder)/.test(way.to) && strapFoot(skeleton, side, way)) ||
    // Who does not reach her leg takes a strap to it, so that nobody has to hold it up.
    (rung.kind !== 'strength' && !reached && /^(ankle|calf|heel|ball|toe)/.test(way.to)
      ? { at: p[way.to], part: taken }
      : false);
  if (strap) {
    const line = sub(strap.at, at),
      size = norm(line) || 1;
    const direction: Vec3 = [line[0] / size, line[1] / size, line[2] / size];
    held.add({ point, on: 'strap' }, [{ part, at, direction, against: strap.part, price, most }]);
    return;
  }
  const post = rung.props.includes('post');
  const own: BodyPart[] = [part, `arm_${side}`, 'thorax'];
  if (post || (rung.props.includes('wall') && way.to.startsWith('shoulder')))
    held.add(
      { point, on: post ? 'post' : 'wall' },
      ANY_WAY.map((direction) => ({ part, at, direction, price, most })),
    );
  else if (!own.includes(taken) && reached)
    held.add(
      { point, on: 'hand', limb: way.to },
      ANY_WAY.map((direction) => ({ part, at, direction, against: taken, price, most })),
    );
}

/** Flesh that lies on flesh. */
function byFolds(held: PushList, side: Side, skeleton: Skeleton): void {
  const p = skeleton.points;
  for (const [a, b, partA, partB] of FOLDS[side]) {
    const from = p[`${a}_${side}`] ?? p[a];
    const to = LIMB_PARTS[b] ? onLimb(skeleton, `${b}_${side}`, from) : p[`${b}_${side}`];
    const way = sub(from, to),
      size = norm(way) || 1;
    const free = size - fleshOf(a === 'waist' ? 'chest' : a) - (LIMB_PARTS[b] ? 0.06 : fleshOf(b));
    // The calf comes near the thigh long before it lies on it: flesh must be pressed.
    if (free > (a === 'calf' ? -0.01 : NEAR)) continue;
    const most = a === 'calf' ? CALF_BEARS * (kneeBend(p, side) - CALF_FROM) : Infinity;
    if (most <= 0) continue;
    // The trunk lies on the thigh only beyond its root: in the crease they are always near.
    if (b === 'thigh' && a !== 'calf' && norm(sub(to, p[`hip_${side}`])) < CREASE) continue;
    const direction: Vec3 = [way[0] / size, way[1] / size, way[2] / size];
    held.add({ point: `${a}_${side}` in p ? `${a}_${side}` : a, on: 'limb', limb: `${b}_${side}` }, [
      { part: partA, at: plus(to, way, 0.5), direction, against: partB, price: BEARS, most },
    ]);
  }
}

/** A free hand on a wall steadies a standing shape. */
function steadied(held: PushList, { skeleton, reach, rung }: Surroundings): void {
  const side = SIDES.filter((s) => !reach[s]).at(-1);
  if (!side || !rung.props.includes('wall') || rung.wall || held.touches.some((t) => t.on === 'wall')) return;
  const point = `wrist_${side}`;
  held.add(
    { point, on: 'wall' },
    cone([0, 0, side === 'right' ? -1 : 1], FRICTION_HAND, STEADIES).map(({ direction }) => ({
      part: `forearm_${side}` as BodyPart,
      at: skeleton.points[point],
      direction,
      price: STEADIES,
      most: STEADY_MOST,
    })),
  );
}

/** Who lies on the back bears on the sacrum and the upper part of the buttocks, this far towards the head, metres. */
const SACRUM = 0.06;

/** From the landmark of a buttock on the floor to where it bears: nothing when sitting, towards the head when lying. */
function underSacrum(skeleton: Skeleton, { point, on }: Contact): Vec3 {
  if (on !== 'floor' || !point.startsWith('buttock_')) return [0, 0, 0];
  const { turn } = skeleton.frames.pelvis;
  return Math.abs(turn[4]) < 0.5 ? [SACRUM * turn[1], 0, SACRUM * turn[7]] : [0, 0, 0];
}

/** Who lies on the front bears on the belly too, from the pubic bone this far towards the head, metres. Ours. */
const BELLY = 0.16;

/** Where the belly bears beside the pubic bone on the floor: nowhere unless the pelvis lies on its front. */
function bellyOf(skeleton: Skeleton, { point, on }: Contact, at: Vec3): Vec3[] {
  const { turn } = skeleton.frames.pelvis;
  if (on !== 'floor' || point !== 'pubis' || Math.abs(turn[4]) > 0.5) return [];
  return [plus(at, [turn[1], 0, turn[7]], BELLY)];
}

/**
 * How far a wrist is from what it reaches for: from the axis of the limb that carries the landmark, or from the
 * landmark.
 */
function grasp(skeleton: Skeleton, to: string, wrist: Vec3): number {
  const limb = partOf(to);
  const axis = LIMB_PARTS[limb.replace(/_(left|right)$/, '')]
    ? norm(sub(wrist, onLimb(skeleton, limb, wrist)))
    : Infinity;
  return Math.min(axis, norm(sub(wrist, skeleton.points[to])));
}

/** The foot a strap runs to: the one of the side it is held towards. */
function strapFoot(skeleton: Skeleton, hand: Side, way: Reach): { at: Vec3; part: BodyPart } | null {
  const side: Side = way.to.endsWith('_left') ? 'left' : way.to.endsWith('_right') ? 'right' : hand;
  // Straps held before the chest go to the raised foot.
  const foot = way.to.startsWith('shoulder')
    ? skeleton.points.ball_left[1] > skeleton.points.ball_right[1]
      ? 'left'
      : 'right'
    : side;
  return { at: skeleton.points[`ball_${foot}`], part: `foot_${foot}` };
}
