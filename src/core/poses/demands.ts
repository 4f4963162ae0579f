import {
  coordinateIndex,
  DEG,
  dot,
  ELEMENTS,
  floorOf,
  halfOf,
  newHalf,
  SIDES,
  skeletonOf,
  StrandModel,
  sub,
  type Posture,
  type Reach,
  type Side,
  type Skeleton,
} from '@/core/body';
import { FROM_BELOW, type Asks, type AsksAlong, type AsksOfSides, type Demand } from '@/core/cautions/demands';
import { postureAt, reachFor, type Contact, type Rung, type Shape } from './format';

/** Steps of a way at which it is asked, entry and end with them. */
const STEPS = 5;
/** Hip and knee from which a hip counts as bent, as straight, and a knee as bent, degrees. Ours. */
const BENT = 60,
  STRAIGHT = 20,
  KNEE_BENT = 60;
/** Knee from which somebody sits back on the foot, and what that presses it further, degrees. Ours. */
const SAT_BACK = 120,
  PRESSED = 10;
/** A hip closed by less than this opening leaves the belly no room, degrees. Ours. */
const ROOM = -20;
/** Leg counts as in the air from here, degrees of hip bend. Ours. */
const LEG_UP = 20;
/** Trunk flatter than this counts as lying, degrees above the level. */
const FLAT = 25;
/** A pelvis this near to the floor lies or sits, metres. */
const LOW = 0.3;
/** Lying level, within so many degrees, the head is as good as above the heart: so many centimetres. */
const LEVEL = 15,
  PILLOW = 16;
/**
 * Trunk on the back that slopes down to the head from here, degrees, and what that counts as, centimetres beneath the
 * heart. Ours.
 */
const TIPPED = 18,
  HEAD_DOWN = 5;
/** What lying on the side puts on the outer hip, in the terms of the angle that presses as much. Ours. */
export const LIES_ON_HIP = 30;
/** What lying on the front puts on the belly, in the terms of a fold. Ours. */
export const LIES_ON_BELLY = 140;

const FOOT = /^(heel|ball|toe|ankle)_/;
const ARM = /^(wrist|elbow)_/;
const KNEE = /^knee_/;
/** What carries the body beside feet and arms. */
const SEAT = /^(buttock|back|chest|pubis|sacrum|thigh|hip|shoulder|waist|knee)/;
/** What somebody sits on. */
const SITS = /^(buttock|sacrum|thigh|hip)/;
/** What a foot can stand on; a foot on a chair, a wall or in a strap carries nobody. */
const STANDS = new Set<Contact['on']>(['floor', 'block', 'blanket']);

const half = newHalf(),
  standing = new Float64Array(ELEMENTS.length);
let strands: StrandModel | null = null;

/** How far the furthest muscle of these sides stands beyond the end of typical people, SD. */
function furthest(q: Posture, sides: readonly Side[]): number {
  strands ??= new StrandModel();
  let most = -Infinity;
  for (const side of sides) {
    strands.standing(halfOf(q, side, half), 'pushed', standing);
    for (const [i, e] of ELEMENTS.entries()) if (e.muscle) most = Math.max(most, standing[i]);
  }
  return most;
}

/**
 * What a posture itself asks, whoever holds it up: joints, head, how the trunk lies. Pose and test are read alike.
 * @param bones of that posture, where they are there already
 * @param legs of which legs it is asked what a leg does; the rest is of the whole body
 */
export function asksOfPosture(
  q: Posture,
  reach: Readonly<Partial<Record<Side, Reach>>> = {},
  bones: Skeleton = skeletonOf(q, reach),
  legs: readonly Side[] = SIDES,
): Record<string, number> {
  const deg = (id: string): number => q[coordinateIndex(id)] / DEG;
  const out: Record<Demand, number> = {} as Record<Demand, number>;
  const ask = (demand: Demand, n: number): void => {
    out[demand] = Math.max(out[demand] ?? -Infinity, n);
  };
  const lumbar = deg('lumbar_flexion');
  const { points, frames } = bones;
  const trunk = sub(points.neck, points.pelvis);
  const rise = Math.asin(trunk[1] / Math.sqrt(dot(trunk, trunk))) / DEG;
  const ahead = frames.pelvis.turn[3];
  const flat = rise < FLAT;
  if (flat && ahead > 0.6) ask('lying-on-back', 1);
  // On all fours, hinged or folded the trunk is level too, but nothing carries the head.
  const folded = ahead < -0.3 && Math.max(deg('hip_flexion_left'), deg('hip_flexion_right')) > BENT;
  const lies = Math.abs(rise) < LEVEL && points.pelvis[1] - floorOf(points, reach) < LOW && !folded;
  for (const side of SIDES) {
    const flexion = deg(`hip_flexion_${side}`);
    if (deg(`hip_adduction_${side}`) > ROOM) ask('belly-pressed', flexion + Math.max(0, lumbar));
  }
  for (const side of legs) {
    const flexion = deg(`hip_flexion_${side}`),
      adduction = deg(`hip_adduction_${side}`),
      rotation = deg(`hip_rotation_${side}`),
      knee = deg(`knee_flexion_${side}`);
    ask('hip-bend', flexion);
    ask('hip-behind', -flexion);
    ask('crossing', adduction);
    ask('wide', -adduction);
    ask('turning-in', rotation);
    if (flexion >= BENT) {
      ask('crossing-bent', adduction);
      ask('turning-in-bent', rotation);
    } else ask('outer-hip-pressed', adduction);
    if (flexion <= STRAIGHT) ask('turning-out-straight', -rotation);
    ask('knee-bend', knee);
    ask('ankle-bent', deg(`ankle_dorsiflexion_${side}`));
    ask('ankle-pointed', -deg(`ankle_dorsiflexion_${side}`));
    if (knee >= KNEE_BENT) ask('knee-twist', -rotation);
    ask('back-of-leg', flexion - 0.8 * Math.max(0, knee) + 0.5 * Math.max(0, lumbar));
  }
  ask('legs-uneven', Math.abs(deg('hip_flexion_left') - deg('hip_flexion_right')));
  ask('low-back-rounding', lumbar);
  ask('low-back-arching', -lumbar);
  ask('chest-rounding', deg('thorax_flexion'));
  ask('twist', Math.abs(deg('lumbar_rotation') + deg('thorax_rotation')));
  ask('neck-bend', Math.max(Math.abs(deg('neck_flexion')), Math.abs(deg('neck_rotation'))));
  ask('head-low', 100 * (points.chest[1] - points.head[1]) - (lies ? PILLOW : 0));
  // On the back with the hips well above the shoulders the trunk runs down to the head.
  if (ahead > 0.6 && rise < -TIPPED) ask('head-low', HEAD_DOWN);
  out['end-of-range'] = furthest(q, legs);
  return out;
}

/**
 * Of which sides a hand or forearm carries: one that lies there, and not one that holds a limb or is free. On all fours
 * both, whichever is lifted: nobody comes there but by both hands.
 */
function armsDown(position: Shape['position'], rung: Rung, hands: readonly Contact[]): ReadonlySet<Leg> {
  if (position === 'all-fours') return new Set(SIDES_OF_RUNG);
  const down = SIDES_OF_RUNG.filter((at) => {
    const way = rung.reach[at];
    return (
      hands.some((c) => c.point.endsWith(at) || c.point.endsWith('both')) ||
      (way !== undefined && (way.floor !== undefined || way.bears === true || way.forearm === true))
    );
  });
  // Weight on hands of which none is seen to lie: either may carry it.
  return new Set(down.length > 0 ? down : SIDES_OF_RUNG);
}

/** What carries a rung, which is the same all along its way. @param legs of which sides it is asked what they bear */
function asksOfSupport(
  shape: Pick<Shape, 'position' | 'works'>,
  rung: Rung,
  legs: readonly Leg[],
): Partial<Record<Demand, number>> {
  const out: Partial<Record<Demand, number>> = {};
  const { position } = shape;
  const bears = rung.contacts.filter((c) => c.on !== 'limb' && c.on !== 'strap' && c.on !== 'post');
  const feet = new Set(bears.filter((c) => FOOT.test(c.point) && STANDS.has(c.on)).map((c) => c.point.split('_')[1]));
  const seated = bears.some((c) => SEAT.test(c.point));
  const hands = bears.filter((c) => ARM.test(c.point));
  const held = hands.length > 0 || rung.wall !== undefined || rung.props.some((p) => p === 'chair' || p === 'post');
  const onOneLeg = position === 'standing' && feet.size === 1 && !feet.has('both') && !seated;
  if (onOneLeg) {
    if (legs.some((leg) => feet.has(leg))) out['one-leg'] = 1;
    if (!held) out['balance-alone'] = 1;
  }
  const leans =
    position === 'all-fours' ||
    (rung.kind === 'strength' && position === 'on the side' && hands.length > 0) ||
    (hands.length > 0 && !seated) ||
    rung.carries === true;
  const onHands = leans && (hands.length > 0 || Object.keys(rung.reach).length > 0);
  if (onHands) {
    const down = armsDown(position, rung, hands);
    if (legs.some((side) => down.has(side))) out['weight-on-hands'] = 1;
  }
  // Hands and one leg that carry the whole body work, whatever the shape is there for.
  if (onOneLeg && onHands) out['strong-work'] = rung.level;
  // The head on the floor with nothing of the trunk beside it carries weight, also on the back with the shoulders up.
  if (
    bears.some((c) => c.point.startsWith('head') || c.point.startsWith('crown')) &&
    !bears.some((c) => /^(back|chest|shoulder|buttock|waist)/.test(c.point))
  )
    out['weight-on-head'] = 1;
  // A seat that is lifted off the floor sits no more, and a side that hand or forearm holds up does not lie.
  const sits = position === 'seated' && bears.some((c) => SITS.test(c.point));
  const liesOnSide = position === 'on the side' && !onHands;
  if (!sits && !liesOnSide) out['not-seated-or-side'] = 1;
  if (position === 'on the front') {
    out['lying-on-front'] = 1;
    out['belly-pressed'] = LIES_ON_BELLY;
  }
  const knees = bears.filter((c) => c.point.startsWith('knee'));
  const ofLegs = knees.some((c) => legs.some((leg) => c.point.endsWith(leg) || c.point.endsWith('both')));
  if (position !== 'on the back' && ofLegs) out.kneeling = 1;
  // Whoever kneels with nothing told of the knees kneels on both.
  if (position === 'kneeling' && (knees.length === 0 || ofLegs)) out.kneeling = 1;
  if (sits) out.seated = 1;
  out.demanding = rung.level;
  if (rung.kind === 'strength') {
    out['strong-work'] = rung.level;
    if (shape.works.includes('adductors')) out['adductor-work'] = rung.level;
    if (shape.works.includes('lateral-hip')) out['abductor-work'] = rung.level;
    if (shape.works.includes('deep-hip-flexor')) out['hip-flexor-work'] = rung.level;
    if (shape.works.includes('calf')) out['calf-work'] = rung.level;
    if (shape.works.includes('vasti') && rung.level > 1) out['knee-work'] = rung.level;
  }
  return out;
}

/** True where a hand or strap holds that leg or it stands on something. */
const legHeld = (rung: Rung, side: 'worked' | 'other'): boolean =>
  rung.contacts.some(
    (c) => c.on !== 'limb' && FOOT.test(c.point) && (c.point.endsWith(side) || c.point.endsWith('both')),
  ) || Object.values(rung.reach).some((r) => r && r.floor === undefined && /^(knee|thigh|calf|ankle|heel)/.test(r.to));

/** A side as a rung names it. */
type Leg = 'worked' | 'other';
const SIDES_OF_RUNG: readonly Leg[] = ['worked', 'other'];

/** Both legs: the side that is right when the right is worked, and the name that a rung gives it. */
const LEGS = [
  ['right', 'worked'],
  ['left', 'other'],
] as const;
/** Points of the trunk that bear where a body lies, on its back and on its front. */
const BACK = /^(back|sacrum|shoulder)/,
  FRONT = /^(chest|pubis|waist)/;

/**
 * What a rung asks at a depth from 0 (entry) to 1 (full), in the typical body: worst of both legs, or what one of them
 * and the body as a whole are asked.
 */
export function demandsAt(shape: Pick<Shape, 'position' | 'works'>, rung: Rung, depth: number, leg?: Leg): Asks {
  const reach = reachFor(rung, 'right');
  const { position } = shape;
  const lying = position === 'on the back' || position === 'on the front' || position === 'on the side';
  const q = postureAt(rung, 'right', depth);
  const bones = skeletonOf(q, reach);
  const own = LEGS.filter(([, at]) => !leg || at === leg);
  const sides = own.map(([side]) => side),
    legs = own.map(([, at]) => at);
  const asks: Partial<Record<Demand, number>> = asksOfPosture(q, reach, bones, sides);
  // Whoever lies on the side lies on the hip that is lower.
  const lower = bones.points.hip_left[1] < bones.points.hip_right[1] ? 'left' : 'right';
  if (position === 'on the side' && sides.includes(lower)) asks['outer-hip-pressed'] = LIES_ON_HIP;
  const onFloor = rung.contacts.filter((c) => c.on !== 'limb');
  // What a shape calls itself and what it lies on both count.
  if (position !== 'on the back' && !onFloor.some((c) => BACK.test(c.point))) delete asks['lying-on-back'];
  if (onFloor.some((c) => FRONT.test(c.point))) asks['lying-on-front'] = 1;
  const support = asksOfSupport(shape, rung, legs);
  for (const [demand, n] of Object.entries(support) as [Demand, number][])
    asks[demand] = Math.max(asks[demand] ?? -Infinity, n);
  for (const [side, at] of LEGS) {
    const flexion = q[coordinateIndex(`hip_flexion_${side}`)] / DEG;
    if (rung.kind === 'strength' && /back|seated/.test(position) && flexion >= LEG_UP && !legHeld(rung, at))
      asks['legs-held-up'] = 1;
  }
  // Whichever knee is down, both feet are sat back on.
  const kneels = (leg ? asksOfSupport(shape, rung, ['worked', 'other']) : support).kneeling !== undefined;
  for (const [side, at] of own) {
    const knee = q[coordinateIndex(`knee_flexion_${side}`)] / DEG;
    const bears = (part: RegExp): boolean =>
      onFloor.some((c) => part.test(c.point) && STANDS.has(c.on) && (c.point.endsWith(at) || c.point.endsWith('both')));
    // Whoever kneels and sits back on a foot presses it further than it points.
    const pointed = -q[coordinateIndex(`ankle_dorsiflexion_${side}`)] / DEG;
    if (kneels && knee >= SAT_BACK && pointed > 0)
      asks['ankle-pointed'] = Math.max(asks['ankle-pointed'] ?? 0, pointed + PRESSED);
    // Feet that stand carry the bend of their knees.
    const stands = bears(FOOT);
    if (stands && !lying && position !== 'seated') {
      asks['knee-bend-loaded'] = Math.max(asks['knee-bend-loaded'] ?? 0, knee);
      // Where the knee is down its foot carries little.
      if (!bears(KNEE)) asks['knee-turned-loaded'] = Math.max(asks['knee-turned-loaded'] ?? 0, turnedOverKnee(q, side));
    }
  }
  const { points } = bones;
  if (floorOf(points, reach) > points.crown[1] - 0.02 && !lying) asks['weight-on-head'] = 1;
  return Object.fromEntries(Object.entries(asks).filter(([d, n]) => n > 0 || FROM_BELOW.has(d as Demand))) as Asks;
}

/** Bend from which a knee that stands can be turned, degrees: straight it is locked. Ours. */
const UNLOCKED = 20;

/**
 * What turns over a bent knee whose foot stands: the trunk, the thigh turning in, or the other thigh coming across;
 * degrees, 0 where it is straight.
 */
export function turnedOverKnee(q: Posture, side: Side): number {
  const deg = (id: string): number => q[coordinateIndex(id)] / DEG;
  if (deg(`knee_flexion_${side}`) < UNLOCKED) return 0;
  const other = side === 'left' ? 'right' : 'left';
  return Math.max(
    Math.abs(deg('lumbar_rotation') + deg('thorax_rotation')),
    deg(`hip_rotation_${side}`),
    deg(`hip_adduction_${other}`),
  );
}

const kept = new WeakMap<Rung, AsksAlong>(),
  keptOfLegs = new WeakMap<Rung, Record<Leg, AsksAlong>>();
const along = (shape: Pick<Shape, 'position' | 'works'>, rung: Rung, leg?: Leg): AsksAlong =>
  Array.from({ length: STEPS + 1 }, (_, k) => demandsAt(shape, rung, k / STEPS, leg));

/**
 * What a rung asks of the body that cautions speak about: numbers along its way from entry (first) to full depth
 * (last), from its angles, contacts and what it is for.
 */
export function demandsOf(shape: Pick<Shape, 'position' | 'works'>, rung: Rung): AsksAlong {
  let own = kept.get(rung);
  if (!own) kept.set(rung, (own = along(shape, rung)));
  return own;
}

/**
 * The same with legs and arms told apart, for a rung done on a side; of both sides, or where both do alike, each is
 * asked what either is.
 */
export function demandsOfSide(shape: Pick<Shape, 'position' | 'works'>, rung: Rung, side: Side | 'both'): AsksOfSides {
  const whole = demandsOf(shape, rung);
  if (side === 'both') return { whole, left: whole, right: whole };
  let legs = keptOfLegs.get(rung);
  if (!legs)
    keptOfLegs.set(rung, (legs = { worked: along(shape, rung, 'worked'), other: along(shape, rung, 'other') }));
  return side === 'left'
    ? { whole, left: legs.worked, right: legs.other }
    : { whole, left: legs.other, right: legs.worked };
}
