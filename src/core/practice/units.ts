import { coordinateIndex, DEG, groupOf, GROUPS, isMuscleGroup, SIDES, type GroupId } from '@/core/body';
import { DEMANDS, mostOf } from '@/core/cautions/demands';
import { PAIN } from '@/core/cautions/screen';
import {
  demandsOf,
  isKnown,
  isSided,
  postureAt,
  rungOf,
  type Kind,
  type Phase,
  type Position,
  type PropId,
  type Rung,
  type Shape,
} from '@/core/poses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import { isLiked, isNever, NO_LIKES, type Likes } from './likes';
import { AVOIDED_DEMANDS, type Avoided, type PracticeRequest } from './request';
import { groundOf, stationOf, stationRank, wakesIn, type Ground, type Station } from './stations';
import { styleOf } from './styles';

/** A rung with all the sides that it is done on: what is chosen or not. */
export interface PracticeUnit {
  key: string;
  shape: Shape;
  rung: Rung;
  number: number;
  /** In the order in which they are taught; one where both sides work at once. */
  sides: readonly RankedPose[];
  /** Index of the side that gets less far, among `sides`; null where they are alike. */
  tighter: number | null;
  /** How often it is gone through: work in a practice of work is done in sets. */
  sets: number;
  /** Minutes on one side in all its sets, least and most. */
  least: number;
  most: number;
  position: Position;
  kind: Kind;
  props: readonly PropId[];
  phases: readonly Phase[];
  /** Share of what it strains that counts, 0–1, mean of its sides. */
  strain: number;
  /** Muscle groups that it lengthens well, or makes work, on either side. */
  reaches: ReadonlySet<GroupId>;
  /** How much it asks, mild to deep: by its level, and by how far into it this student goes. */
  intensity: number;
  /** Low back at the depth reached, degrees; + rounded. */
  lowBack: number;
  /** True for the shape that everything is to lead to. */
  peak: boolean;
  /** Where on the way of a practice it stands, and what carries the body there: a change of it is a journey. */
  station: Station;
  ground: Ground;
  /** True where most teachers know it by name. */
  known: boolean;
  /** True where the teacher has starred it. */
  liked: boolean;
  /** Wakes a joint before depth is asked of it; brings hips and back to the middle again, lying, before the rest. */
  wakes: boolean;
  neutral: boolean;
}

/** Stretch and load from which a group counts as reached. Ours. */
const STRETCHED = 0.55;
const WORKED = 0.25;
/**
 * What a level counts, and the whole way into a rung: half-way into a demanding one is more than all the way into a
 * mild one. Ours.
 */
const OF_LEVEL = 0.3,
  OF_DEPTH = 0.5;
/** What moves in and out asks less than what stays there. Ours. */
const MOVED = 0.3;
/** Low back from which a back-bend asks for a counter, and what counters it, degrees. Ours. */
const ARCHED = -14;
const ROUNDED = 6;

/** True where a rung bears on the wrists: hands that only lie beside a lying body do not. */
const onWrists = (shape: Shape, rung: Rung): boolean =>
  !(/^on the (back|side)$/.test(shape.position) && rung.kind !== 'strength') &&
  rung.contacts.some((c) => c.point.startsWith('wrist') && c.on !== 'limb') &&
  !Object.values(rung.reach).some((r) => r?.forearm) &&
  rung.carries !== false;

/** Height of the floor's hands at most, metres: on a seat or a high block nobody goes down. */
const LOW = 0.2;
/** True where hands, forearms or knees are on the floor: whoever wants a chair does not go down there. */
const goesDown = (rung: Rung): boolean =>
  rung.contacts.some((c) => /^(wrist|elbow|knee)/.test(c.point) && c.on === 'floor') ||
  Object.values(rung.reach).some((r) => r?.floor !== undefined && r.floor < LOW);

/** Whether a rung can be done where and with what the request says; the first thing in the way, or null. */
export function inTheWay(
  shape: Shape,
  rung: Rung,
  request: PracticeRequest,
): 'place' | 'props' | 'level' | Avoided | null {
  const chair = rung.props.includes('chair');
  if (request.place === 'standing' && shape.position !== 'standing') return 'place';
  if (request.place === 'chair' && !chair && (shape.position !== 'standing' || goesDown(rung))) return 'place';
  if (request.props && rung.props.some((p) => p !== 'wall' && !request.props?.includes(p))) return 'props';
  if (request.props && rung.props.includes('wall') && !request.props.includes('wall')) return 'props';
  if (rung.level > request.level) return 'level';
  if (request.avoid.includes('wrists') && onWrists(shape, rung)) return 'wrists';
  const asks = (a: Exclude<Avoided, 'wrists'>): boolean => {
    // What a rung asks takes some working out, and is seldom asked here.
    const demand = AVOIDED_DEMANDS[a];
    return mostOf(demandsOf(shape, rung), demand) > DEMANDS[demand].from;
  };
  return request.avoid.find((a) => a !== 'wrists' && asks(a)) ?? null;
}

/** Shortest rest in the middle of a practice, minutes. Ours. */
const SHORTEST_PAUSE = 0.5;
/** Seconds for which a shape can be held at least where a practice stays. Ours. */
const STAYED = 60;
/** What a quiet practice leaves out wherever it is free to: work, standing up, and what cannot be stayed in. */
const loud = (shape: Shape, rung: Rung, request: PracticeRequest): boolean =>
  styleOf(request.style).stays &&
  request.place === 'anywhere' &&
  shape.id !== request.peak &&
  (rung.kind === 'strength' || shape.position === 'standing' || (rung.kind !== 'mobility' && rung.hold[1] < STAYED));
/** Worth for an aim from which a rung serves it. Ours. */
export const SERVING = 0.15;
/**
 * True where demanding work is done for an aim: to strengthen what it names or works well, or to lengthen what its
 * shape is known to lengthen.
 */
export const workServes = (shape: Shape, r: RankedPose, aims: readonly Aim[]): boolean =>
  aims.some((aim) => {
    const group = groupOf(aim.group);
    if (!group || (aim.kind === 'lengthen' && !shape.reaches.includes(group))) return false;
    return worthFor(r, aim).worth >= SERVING;
  });
/** True for what moves a joint where a practice wakes; and for what is held or works there, which comes after it. */
export const movesFirst = (u: Pick<PracticeUnit, 'station' | 'kind'>): boolean =>
  u.station === 'wake' && u.kind === 'mobility';
export const isHeldFirst = (u: Pick<PracticeUnit, 'station' | 'kind'>): boolean =>
  u.station === 'wake' && (u.kind === 'stretch' || u.kind === 'strength');

/** Work that is demanding, or that presses a kneecap beyond its limit. */
export const isHeavy = (rung: Pick<Rung, 'level' | 'kind'>, sides: readonly RankedPose[]): boolean =>
  rung.kind === 'strength' &&
  (rung.level === 3 || sides.some((r) => r.strains.some((s) => s.id === 'kneecap' && s.share > 1)));
/** Heavy work that serves none of the aims has no place, but where work or flow is what was asked for. */
const needless = (shape: Shape, rung: Rung, list: readonly RankedPose[], request: PracticeRequest): boolean =>
  isHeavy(rung, list) &&
  !styleOf(request.style).workForItself &&
  shape.id !== request.peak &&
  !list.some((r) =>
    workServes(
      shape,
      r,
      r.gives.map((g) => g.aim),
    ),
  );
/**
 * Rests that may stand in the middle: what rounds or turns the back, and in a quiet practice whatever a prop carries;
 * never the last rest.
 */
const pauses = (shape: Shape, rung: Rung, request: PracticeRequest): boolean =>
  rung.phases.includes('counter') &&
  (rung.level === 1 || styleOf(request.style).stays) &&
  (shape.position !== 'on the back' ||
    !rung.phases.includes('rest') ||
    (styleOf(request.style).stays && rung.props.length > 0 && !shape.id.startsWith('resting')));

/** Hip flexion, and turning of the back, that bring hips and back to the middle again, degrees. Ours. */
const DRAWN_IN = 70;
const TURNED = 20;
function drawnIn(q: ReturnType<typeof postureAt>): boolean {
  const at = (id: string): number => q[coordinateIndex(id)] / DEG;
  return (
    Math.max(at('hip_flexion_left'), at('hip_flexion_right')) >= DRAWN_IN ||
    Math.abs(at('lumbar_rotation') + at('thorax_rotation')) >= TURNED
  );
}

/**
 * Shapes that are demanding in all their rungs, or of which cautions leave a milder one: where they close all of these,
 * the demanding one is not the way in.
 */
function openMildly(ranked: readonly RankedPose[]): ReadonlySet<string> {
  const closed = new Set<string>(),
    open = new Set<string>();
  for (const r of ranked) {
    const level = rungOf(r.pose, r.rung)?.rung.level ?? 3;
    if (level < 3) (r.cautions.length > 0 ? closed : open).add(r.pose);
  }
  return new Set(ranked.map((r) => r.pose).filter((pose) => open.has(pose) || !closed.has(pose)));
}

/**
 * Every unit that this request allows, in the order of their keys: the same input gives the same list.
 * @param kept keys of rungs that stay although their shape is never taught
 */
export function unitsFor(
  ranked: readonly RankedPose[],
  request: PracticeRequest,
  likes: Likes = NO_LIKES,
  kept: readonly string[] = [],
): PracticeUnit[] {
  const byRung = new Map<string, RankedPose[]>();
  for (const r of ranked) {
    if (r.cautions.length > 0 || r.beyondEntry) continue;
    const key = `${r.pose}/${r.rung}`;
    byRung.set(key, [...(byRung.get(key) ?? []), r]);
  }
  const mildly = openMildly(ranked);
  const out: PracticeUnit[] = [];
  for (const key of [...byRung.keys()].sort()) {
    const list = byRung.get(key) ?? [];
    const found = rungOf(list[0].pose, list[0].rung);
    if (!found) continue;
    const { shape, rung } = found;
    if (isNever(likes, shape.id) && shape.id !== request.peak && !kept.includes(key)) continue;
    if (rung.kind === 'rest' && !pauses(shape, rung, request)) continue;
    if (loud(shape, rung, request)) continue;
    if (needless(shape, rung, list, request) && !kept.includes(key)) continue;
    if (rung.level === 3 && !mildly.has(shape.id) && shape.id !== request.peak && !kept.includes(key)) continue;
    // A sided rung that only one side may do is left out: the second side is never forgotten. But for a side that a
    // caution or pain closes the other goes on alone, where that serves an aim.
    if (isSided(shape, rung) && list.length < 2 && !(servesAlone(list[0]) && otherIsClosed(ranked, list[0]))) continue;
    if (inTheWay(shape, rung, request)) continue;
    // One repeat that is held for longer than a caution lets it cannot be cut in two.
    if (rung.repeats && grainOf(rung, request.breathSeconds) * request.breathSeconds > longestOf(list)) continue;
    const unit = { ...unitOf(key, shape, rung, list, request), liked: isLiked(likes, shape.id, list[0].rung) };
    // A rest in the middle is there to round what was arched, or to end what was worked.
    if (unit.kind === 'rest' && !styleOf(request.style).stays && !unit.neutral && !counters(unit)) continue;
    if (unit.most >= unit.least) out.push(unit);
  }
  // What a shape's own warning tells not to do is for those to whom nothing cleaner of it is open.
  const clean = new Set(out.filter((u) => !u.rung.loose).map((u) => u.shape.id));
  const tidy = out.filter((u) => !u.rung.loose || !clean.has(u.shape.id) || kept.includes(u.key));
  // A quiet practice stays on the floor, where there is enough to do there.
  if (!styleOf(request.style).stays || request.place !== 'anywhere') return tidy;
  const floor = tidy.filter((u) => u.ground !== 'chair' || kept.includes(u.key));
  return floor.length >= ENOUGH ? floor : tidy;
}
/** True where a side serves an aim of its own. */
const servesAlone = (r: RankedPose): boolean => r.gives.some((g) => g.aim.side === r.side && g.worth >= SERVING);

/** The other side of a fit, where a caution of that leg or pain closes it and this one is open; null elsewhere. */
export function closedSide(
  ranked: readonly RankedPose[],
  one: Pick<RankedPose, 'pose' | 'rung' | 'side'>,
): RankedPose | null {
  const other = ranked.find((r) => r.pose === one.pose && r.rung === one.rung && r.side !== one.side);
  if (!other || other.cautions.length === 0) return null;
  // What closes both sides, or this one by how far she gets, leaves no side to do alone.
  return other.verdict.because.every((b) => b.side !== undefined || b.caution === PAIN) ? other : null;
}
const otherIsClosed = (ranked: readonly RankedPose[], one: RankedPose): boolean => closedSide(ranked, one) !== null;

/** Units on the floor from which a quiet practice needs no chair. Ours. */
const ENOUGH = 20;

/** A rung of a practice whatever the request says of it, from the fits of its sides; null where it is not here. */
export function unitOfRung(
  ranked: readonly RankedPose[],
  pose: string,
  rung: number,
  request: PracticeRequest,
): PracticeUnit | null {
  const found = rungOf(pose, rung);
  const list = ranked.filter((r) => r.pose === pose && r.rung === rung);
  return found && list.length > 0 ? unitOf(`${pose}/${rung}`, found.shape, found.rung, list, request) : null;
}

/** Longest hold that cautions allow on all sides, seconds. */
const longestOf = (list: readonly RankedPose[]): number => Math.min(...list.map((r) => r.verdict.hold_s ?? Infinity));

/** Minutes from which there is time for more than one set. Ours. */
const SETS_FROM = 20;
/** How often a rung is gone through: work as was asked, or as the style has it; everything else once. */
export const setsFor = (rung: Pick<Rung, 'kind'>, { style, sets, minutes }: PracticeRequest): number =>
  rung.kind !== 'strength' ? 1 : (sets ?? (minutes >= SETS_FROM ? styleOf(style).setsOfWork : 1));

/** Repeats that an item may have. */
export const MOST_REPEATS = 20;
/** Breaths by which a hold grows: one, or those of one repeat where a rung is done over and over. */
export const grainOf = (rung: Rung, breathSeconds: number): number =>
  rung.repeats ? Math.max(1, Math.round((rung.hold[0] + rung.hold[1]) / 2 / breathSeconds)) : 1;

/** Difference of depth, or of the stretch that is nearest to its end, from which two sides are not alike. Ours. */
const ALIKE = 0.03;

/** The side that gets less far, or at the same depth is nearer to its end; null where they are alike. */
function tighterOf(right: RankedPose, left: RankedPose): RankedPose | null {
  if (Math.abs(right.depth - left.depth) > ALIKE) return right.depth < left.depth ? right : left;
  const most = (r: RankedPose) => Math.max(...SIDES.flatMap((s) => GROUPS.map((g) => r.stretch[s][g])));
  const by = most(right) - most(left);
  return Math.abs(by) > ALIKE ? (by > 0 ? right : left) : null;
}

/** Holds of work that are too short to be felt, seconds; a single one of them is no item. Ours. */
const SHORTEST_WORK = 18;
/** Repeats are counted where each is as short as this, seconds; longer ones are a hold that is moved in. */
const COUNTED = 8;

/**
 * Minutes on one side, least and most: whole breaths or whole repeats, as long as the rung, the style and cautions let
 * it be.
 */
function minutesOf(
  rung: Rung,
  list: readonly RankedPose[],
  { style, breathSeconds }: PracticeRequest,
): [number, number] {
  const pause = rung.kind === 'rest';
  const allowed = styleOf(style);
  const cap = pause ? allowed.longestPause : allowed.longest;
  // Only what whole breaths, or whole repeats of them, can fill is offered to the choice.
  const grain = (grainOf(rung, breathSeconds) * breathSeconds) / 60;
  if (rung.repeats) {
    const [few, many] = rung.repeats;
    const counted = rung.hold[0] <= COUNTED;
    const least = counted ? few : Math.ceil((rung.hold[0] * few) / 60 / grain - 1e-9);
    const most = counted ? many : Math.floor((rung.hold[1] * many) / 60 / grain + 1e-9);
    const capped = Math.min(most, MOST_REPEATS, Math.floor(cap / grain + 1e-9));
    return [grain * Math.max(1, Math.min(least, capped)), grain * Math.max(1, capped)];
  }
  // A caution may say that a hold is over sooner than is usual.
  const longest = longestOf(list);
  const felt = rung.kind === 'strength' ? Math.min(SHORTEST_WORK, rung.hold[1]) : 0;
  const shortest = pause ? SHORTEST_PAUSE * 60 : Math.max(rung.hold[0], felt);
  const least = grain * Math.max(1, Math.ceil(Math.min(shortest, longest) / 60 / grain - 1e-9));
  const usual = Math.min(rung.hold[1] / 60, cap, longest / 60);
  return [least, Math.max(least, grain * Math.floor(usual / grain + 1e-9))];
}

function unitOf(key: string, shape: Shape, rung: Rung, list: RankedPose[], request: PracticeRequest): PracticeUnit {
  const [right, left] = [...list].sort((a, b) => (a.side < b.side ? 1 : -1));
  const tight = left ? tighterOf(right, left) : null;
  const firstIs = request.first === 'left' ? left : request.first === 'tighter' ? (tight ?? right) : right;
  const sides = !left ? [right] : firstIs === left ? [left, right] : [right, left];
  const sets = setsFor(rung, request);
  const [least, most] = minutesOf(rung, list, request).map((m) => m * sets);
  const reaches = new Set<GroupId>();
  for (const r of sides)
    for (const side of SIDES)
      for (const g of GROUPS)
        if (isMuscleGroup(g) && (r.stretch[side][g] >= STRETCHED || (r.load[side][g] ?? 0) >= WORKED)) reaches.add(g);
  const costs = sides.map(
    (r) => r.costs.knee + r.costs.lowBack + r.costs.hipFront + r.costs.offAim + r.costs.leaveAlone,
  );
  const [{ depth, side }] = sides;
  const q = postureAt(rung, side === 'left' ? 'left' : 'right', depth);
  const lowBack = q[coordinateIndex('lumbar_flexion')] / DEG;
  const ground = groundOf(shape, rung);
  const wakes = wakesIn(rung);
  const station = stationOf(shape, rung, ground, request);
  return {
    key,
    shape,
    rung,
    number: list[0].rung,
    sides,
    tighter: tight ? sides.indexOf(tight) : null,
    sets,
    least,
    most,
    position: shape.position,
    kind: rung.kind,
    props: rung.props,
    phases: rung.phases,
    strain: costs.reduce((s, v) => s + v, 0) / costs.length,
    reaches,
    intensity:
      (OF_LEVEL * rung.level + OF_DEPTH * Math.max(...sides.map((r) => r.depth))) *
      (rung.kind === 'mobility' ? MOVED : 1),
    lowBack,
    peak: shape.id === request.peak,
    station,
    ground,
    known: isKnown(shape, request.place === 'chair'),
    liked: false,
    wakes,
    neutral:
      station === 'lying' &&
      rung.kind !== 'strength' &&
      rung.level === 1 &&
      rung.phases.includes('counter') &&
      lowBack > ARCHED &&
      drawnIn(q),
  };
}

/**
 * Units that prepare another: milder, and on a group that it lengthens. The peak comes last, so it prepares only
 * itself.
 */
export const prepares = (mild: PracticeUnit, deep: PracticeUnit): boolean =>
  mild !== deep &&
  (!mild.peak || deep.peak) &&
  (mild.shape.id === deep.shape.id
    ? mild.number < deep.number
    : mild.rung.level < deep.rung.level && [...deep.reaches].some((g) => mild.reaches.has(g)));

/** Units that prepare another and stand before it, or may: everything leads to a peak. */
export const preparesBefore = (mild: PracticeUnit, deep: PracticeUnit): boolean =>
  prepares(mild, deep) && (deep.peak || stationRank(mild.station) <= stationRank(deep.station));

/** Milder units that must stand before one of the third level; one before a stretch of the second. Ours. */
export const preparersOf = (u: PracticeUnit): number => (u.rung.level === 3 ? 2 : 1);

/** A unit that must not stand without something milder on the same muscles before it. */
export const needsPreparation = (u: PracticeUnit): boolean =>
  u.rung.level === 3 ? u.kind !== 'rest' : u.kind === 'stretch' && u.rung.level === 2;

export const needsCounter = (u: PracticeUnit): boolean => u.lowBack <= ARCHED;
export const counters = (u: PracticeUnit): boolean => (u.lowBack >= ROUNDED || u.neutral) && u.rung.level <= 2;
/** Counters a unit and stands after it. */
export const countersAfter = (round: PracticeUnit, arched: PracticeUnit): boolean =>
  counters(round) && !needsCounter(round) && stationRank(round.station) >= stationRank(arched.station);
