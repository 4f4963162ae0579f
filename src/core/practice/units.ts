import { coordinateIndex, DEG, GROUPS, isMuscleGroup, SIDES, type GroupId } from '@/core/body';
import { DEMANDS, mostOf } from '@/core/cautions/demands';
import {
  demandsOf,
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
import type { RankedPose } from '@/core/ranking/rank';
import type { Avoided, PracticeRequest } from './request';

/** A rung with all the sides that it is done on: what is chosen or not. */
export interface Unit {
  key: string;
  shape: Shape;
  rung: Rung;
  number: number;
  /** In the order in which they are taught; one where both sides work at once. */
  sides: readonly RankedPose[];
  /** Index of the side that gets less far, among `sides`; null where they are alike. */
  tighter: number | null;
  /** Minutes on one side, least and most. */
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
  /** How deep it goes: 0 … 1, and more for a demanding rung. */
  intensity: number;
  /** Low back at the depth reached, degrees; + rounded. */
  lowBack: number;
  /** True for the shape that everything is to lead to. */
  peak: boolean;
}

/** Stretch and load from which a group counts as reached. Ours. */
const STRETCHED = 0.55;
const WORKED = 0.25;
/** Most minutes on one side of one item, and in long, quiet practices. Ours. */
const LONGEST = 2;
const LONGEST_QUIET = 5;
/** In a flow nothing is held for longer. */
const LONGEST_FLOW = 0.75;

/** True where a rung bears on the wrists: hands that only lie beside a lying body do not. */
const onWrists = (shape: Shape, rung: Rung): boolean =>
  !(/^on the (back|side)$/.test(shape.position) && rung.kind !== 'strength') &&
  rung.contacts.some((c) => c.point.startsWith('wrist') && c.on !== 'limb') &&
  !Object.values(rung.reach).some((r) => r?.forearm) &&
  rung.carries !== false;

/** Whether a rung can be done where and with what the request says; the first thing in the way, or null. */
export function inTheWay(
  shape: Shape,
  rung: Rung,
  request: PracticeRequest,
): 'place' | 'props' | 'level' | Avoided | null {
  const chair = rung.props.includes('chair');
  if (request.place === 'standing' && shape.position !== 'standing') return 'place';
  if (request.place === 'chair' && !chair && shape.position !== 'standing') return 'place';
  if (request.props && rung.props.some((p) => p !== 'wall' && !request.props?.includes(p))) return 'props';
  if (request.props && rung.props.includes('wall') && !request.props.includes('wall')) return 'props';
  if (rung.level > request.level) return 'level';
  if (request.avoid.includes('wrists') && onWrists(shape, rung)) return 'wrists';
  const along = demandsOf(shape, rung);
  const asks = (a: Exclude<Avoided, 'wrists'>): boolean =>
    a === 'head-down' ? mostOf(along, 'head-low') > DEMANDS['head-low'].from : mostOf(along, a) > DEMANDS[a].from;
  return request.avoid.find((a) => a !== 'wrists' && asks(a)) ?? null;
}

/** Every unit that this request allows, in the order of their keys: the same input gives the same list. */
export function unitsFor(ranked: readonly RankedPose[], request: PracticeRequest): Unit[] {
  const byRung = new Map<string, RankedPose[]>();
  for (const r of ranked) {
    if (r.cautions.length > 0 || r.beyondEntry) continue;
    const key = `${r.pose}/${r.rung}`;
    byRung.set(key, [...(byRung.get(key) ?? []), r]);
  }
  const out: Unit[] = [];
  for (const key of [...byRung.keys()].sort()) {
    const list = byRung.get(key) ?? [];
    const found = rungOf(list[0].pose, list[0].rung);
    if (!found || found.rung.kind === 'rest') continue;
    const { shape, rung } = found;
    // A sided rung that only one side may do is left out: the second side is never forgotten.
    if (isSided(shape, rung) && list.length < 2) continue;
    if (inTheWay(shape, rung, request)) continue;
    // One repeat that is held for longer than a caution lets it cannot be cut in two.
    if (rung.repeats && grainOf(rung, request.breathSeconds) * request.breathSeconds > longestOf(list)) continue;
    const unit = unitOf(key, shape, rung, list, request);
    if (unit.most >= unit.least) out.push(unit);
  }
  return out;
}

/** A rung of a practice whatever the request says of it, from the fits of its sides; null where it is not here. */
export function unitOfRung(
  ranked: readonly RankedPose[],
  pose: string,
  rung: number,
  request: PracticeRequest,
): Unit | null {
  const found = rungOf(pose, rung);
  const list = ranked.filter((r) => r.pose === pose && r.rung === rung);
  return found && list.length > 0 ? unitOf(`${pose}/${rung}`, found.shape, found.rung, list, request) : null;
}

/** Longest hold that cautions allow on all sides, seconds. */
const longestOf = (list: readonly RankedPose[]): number => Math.min(...list.map((r) => r.verdict.hold_s ?? Infinity));

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

function unitOf(key: string, shape: Shape, rung: Rung, list: RankedPose[], request: PracticeRequest): Unit {
  const [right, left] = [...list].sort((a, b) => (a.side < b.side ? 1 : -1));
  const tight = left ? tighterOf(right, left) : null;
  const firstIs = request.first === 'left' ? left : request.first === 'tighter' ? (tight ?? right) : right;
  const sides = !left ? [right] : firstIs === left ? [left, right] : [right, left];
  const repeats = rung.repeats ?? [1, 1];
  const cap = request.arc === 'quiet' ? LONGEST_QUIET : request.arc === 'flow' ? LONGEST_FLOW : LONGEST;
  // Only what whole breaths, or whole repeats of them, can fill is offered to the choice.
  const grain = (grainOf(rung, request.breathSeconds) * request.breathSeconds) / 60;
  // A caution may say that a hold is over sooner than is usual.
  const longest = longestOf(list) / 60;
  const least =
    grain *
    Math.max(
      1,
      Math.ceil(Math.min((rung.hold[0] * repeats[0]) / 60, rung.repeats ? Infinity : longest) / grain - 1e-9),
    );
  const usual = Math.min((rung.hold[1] * repeats[1]) / 60, cap, rung.repeats ? MOST_REPEATS * grain : longest);
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
  return {
    key,
    shape,
    rung,
    number: list[0].rung,
    sides,
    tighter: tight ? sides.indexOf(tight) : null,
    least,
    most: Math.max(least, grain * Math.floor(usual / grain + 1e-9)),
    position: shape.position,
    kind: rung.kind,
    props: rung.props,
    phases: rung.phases,
    strain: costs.reduce((s, v) => s + v, 0) / costs.length,
    reaches,
    intensity: Math.max(...sides.map((r) => r.depth)) * (0.6 + 0.2 * rung.level),
    lowBack: q[coordinateIndex('lumbar_flexion')] / DEG,
    peak: shape.id === request.peak,
  };
}

/** Units that prepare another: milder, and on a group that it lengthens. The peak comes last, so it prepares only itself. */
export const prepares = (mild: Unit, deep: Unit): boolean =>
  mild !== deep &&
  (!mild.peak || deep.peak) &&
  (mild.shape.id === deep.shape.id
    ? mild.number < deep.number
    : mild.rung.level < deep.rung.level && [...deep.reaches].some((g) => mild.reaches.has(g)));

/** A unit that must not stand without something milder on the same muscles before it. */
export const needsPreparation = (u: Unit): boolean => u.kind === 'stretch' && u.rung.level >= 2;

/** Low back from which a back-bend asks for a counter, and what counters it, degrees. Ours. */
const ARCHED = -14;
const ROUNDED = 6;
export const needsCounter = (u: Unit): boolean => u.lowBack <= ARCHED;
export const counters = (u: Unit): boolean => u.lowBack >= ROUNDED && u.rung.level <= 2;
