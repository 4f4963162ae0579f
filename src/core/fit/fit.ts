import {
  GROUPS,
  GROUP_OF,
  halfOf,
  newHalf,
  otherSide,
  ELEMENT_IDS,
  StrandModel,
  type Build,
  type GroupId,
  type Side,
} from '@/core/body';
import { DIMENSIONS, ELEMENT_COUNT, type Posterior } from '@/core/inference';
import { strainsOf, type Strain } from '@/core/statics/strains';
import { verdictOf } from '@/core/cautions/screen';
import { anglesAt, demandsOf, isSided, postureAt, type Rung, type Shape } from '@/core/poses';
import { loadsAt } from './loads-at';
import { propsOf, type FittedProp } from './props';
import { shareAt } from '@/core/body';
import { enoughOf, USUAL_WAY, type FitWay } from './way';

/** SD below her end from which she is near it. Ours; the same from which a caution that eases counts. */
const NEAR = -1;
const STEPS = 20;
/** Different pairs of bones kept for a rung: a studio has few students with measured bones. */
const KEPT = 24;

export interface FittedPose {
  pose: string;
  rung: number;
  side: Side | 'both';
  /** 0 entry … 1 full rung. */
  depth: number;
  /** True where the rung's full depth is reached before anything stops it. */
  full: boolean;
  /** True where even the entry asks for more than she has. */
  beyondEntry: boolean;
  /** Set where a caution keeps her from her end and the entry is already near it: then it is not for her. */
  tooNear?: true;
  /** What stops it first, with its probability; `anySide` is that of the structure on either side where something stops at all. */
  limiter: { structure: GroupId; side: Side; probability: number; anySide: number };
  /** What would stop it next, were the first out of the way; null where nothing would before the full rung. */
  next: { structure: GroupId; side: Side; depth: number } | null;
  /** Share of tolerance used at that depth, 0–1, by side and group (0 where nothing is felt). */
  stretch: Record<Side, Record<GroupId, number>>;
  /** Share of capacity that holding it asks for, 0–1, by side and group; computed from statics. */
  load: Record<Side, Partial<Record<GroupId, number>>>;
  /** The same muscle by muscle, from a twentieth on. */
  work: { structure: string; side: Side; load: number }[];
  /** True where the model cannot hold the shape up: then its loads are not told. */
  beyondModel: boolean;
  /** True where nothing keeps the body from tipping over or sliding. */
  tips: boolean;
  strains: Strain[];
  props: FittedProp[];
  /** Joint angles at the fitted depth, degrees. */
  angles: Record<string, number>;
}

/** Tables by rung and by the twist of the thigh bones, which alone of a build changes what is stretched where. */
const tables = new WeakMap<Rung, Map<string, Float32Array>>();
let model: StrandModel | null = null;

/** Standing z of all elements, both sides, along the path with the right side worked: [step × DIMENSIONS + i]. */
function tableOf(rung: Rung, worked: number, other: number): Float32Array {
  let own = tables.get(rung);
  if (!own) tables.set(rung, (own = new Map()));
  const key = `${worked}/${other}`;
  const known = own.get(key);
  if (known) return known;
  if (own.size >= KEPT) own.clear();
  const out = pathTable(rung, worked, other, (model ??= new StrandModel()));
  own.set(key, out);
  return out;
}

/**
 * Standing z of all elements along a rung's path in a given body, right side worked: `[step × DIMENSIONS + i]`.
 * @param worked twist of the thigh bone against the usual, radians, of the worked and of the other side
 */
export function pathTable(rung: Rung, worked: number, other: number, strands: StrandModel): Float32Array {
  const out = new Float32Array((STEPS + 1) * DIMENSIONS);
  const half = newHalf(),
    z = new Float64Array(ELEMENT_COUNT);
  for (let i = 0; i <= STEPS; i++) {
    const q = postureAt(rung, 'right', i / STEPS);
    out.set(strands.standing(halfOf(q, 'left', half, other), 'pushed', z), i * DIMENSIONS);
    out.set(strands.standing(halfOf(q, 'right', half, worked), 'pushed', z), i * DIMENSIONS + ELEMENT_COUNT);
  }
  return out;
}

/** Elements that a path lengthens, which alone can stop it, with their columns in the table. */
interface Movers {
  elements: Int32Array;
  columns: Int32Array;
}

/** Draws that tell a probability to two in a hundred: more would make ranking slower and not surer. */
const ENOUGH_DRAWS = 400;
/** What the path lengthens by less than this, SD, cannot be what stops it. */
const MOVES_SD = 0.1;

function moversOf(table: Float32Array, mirrored: boolean, without: number, anySide = false): Movers {
  const elements: number[] = [],
    columns: number[] = [];
  for (let e = 0; e < DIMENSIONS; e++) {
    const column = mirrored ? (e + ELEMENT_COUNT) % DIMENSIONS : e;
    if (table[STEPS * DIMENSIONS + column] - table[column] < MOVES_SD) continue;
    if (without >= 0 && (anySide ? groupKey(e) % GROUPS.length === without % GROUPS.length : groupKey(e) === without))
      continue;
    elements.push(e);
    columns.push(column);
  }
  return { elements: Int32Array.from(elements), columns: Int32Array.from(columns) };
}

/**
 * First place on the path (in steps) where an element reaches its comfortable share, and which; -1 when none does.
 * @param enough SD from the end, 0 or −, at which an element of a side has enough
 * @param without a group's key to be left out
 */
export function firstStop(
  table: Float32Array,
  x: ArrayLike<number>,
  at: number,
  mirrored: boolean,
  enough: Float64Array,
  without = -1,
  movers: Movers = moversOf(table, mirrored, without),
): { step: number; element: number } {
  let best = Infinity,
    element = -1;
  for (let k = 0; k < movers.elements.length; k++) {
    const e = movers.elements[k],
      column = movers.columns[k];
    const limit = x[at + e] + enough[e % ELEMENT_COUNT];
    if (table[STEPS * DIMENSIONS + column] < limit) continue;
    let i = 0;
    while (table[i * DIMENSIONS + column] < limit && i < STEPS && i <= best) i++;
    const above = table[i * DIMENSIONS + column];
    const below = i > 0 ? table[(i - 1) * DIMENSIONS + column] : above;
    const step = i === 0 ? 0 : i - 1 + (limit - below) / Math.max(1e-6, above - below);
    if (step < best) {
      best = step;
      element = e;
    }
  }
  return { step: best, element };
}

/** Element that stands nearest to its end at the full rung. */
function nearest(table: Float32Array, x: ArrayLike<number>, at: number, mirrored: boolean): number {
  let most = -Infinity,
    element = 0;
  for (let e = 0; e < DIMENSIONS; e++) {
    const column = mirrored ? (e + ELEMENT_COUNT) % DIMENSIONS : e;
    const near = table[STEPS * DIMENSIONS + column] - x[at + e];
    if (near > most) {
      most = near;
      element = e;
    }
  }
  return element;
}

/** Standing z of an element at a depth, between the steps of a table. */
function standingAt(table: Float32Array, mirrored: boolean, e: number, depth: number): number {
  const column = mirrored ? (e + ELEMENT_COUNT) % DIMENSIONS : e;
  const s = depth * STEPS,
    i = Math.min(STEPS - 1, Math.floor(s));
  const a = table[i * DIMENSIONS + column],
    b = table[(i + 1) * DIMENSIONS + column];
  return a + (b - a) * (s - i);
}

/** What a rung asks of a student at any depth: who is stretched, who works, what strains. */
export type PoseReading = Pick<FittedPose, 'stretch' | 'load' | 'work' | 'beyondModel' | 'tips' | 'strains'>;

/** Loads below this share are not told. */
const LEAST_LOAD = 0.05;

/** Share of its tolerance that each element uses at a depth, left then right. */
function usedAt(rung: Rung, side: Side, depth: number, posterior: Posterior, build: Build): (e: number) => number {
  const table = tableOf(rung, build.version[side], build.version[otherSide(side)]);
  return (e) => shareAt(e % ELEMENT_COUNT, standingAt(table, side === 'left', e, depth) - posterior.mean[e]);
}

/** Share of the tolerance used, by side and group: of a group the element that is nearest to its end. */
function groupsOf(used: (e: number) => number): FittedPose['stretch'] {
  const stretch = { left: {}, right: {} } as FittedPose['stretch'];
  for (const s of ['left', 'right'] as const) for (const g of GROUPS) stretch[s][g] = 0;
  for (let e = 0; e < DIMENSIONS; e++) {
    const s: Side = e < ELEMENT_COUNT ? 'left' : 'right';
    const group = GROUPS[GROUP_OF[e % ELEMENT_COUNT]];
    stretch[s][group] = Math.max(stretch[s][group], used(e));
  }
  return stretch;
}

/** SD of tolerance that each group lacks for a rung's full depth to be comfortable, by side. Parameters as in `readAt`. */
export function missingIn(
  shape: Shape,
  rungNumber: number,
  side: Side,
  posterior: Posterior,
  build: Build,
  way: FitWay,
): FittedPose['stretch'] {
  const rung = shape.rungs[rungNumber - 1];
  const table = tableOf(rung, build.version[side], build.version[otherSide(side)]);
  const enough = enoughOf(rung, way);
  return groupsOf((e) =>
    Math.max(0, standingAt(table, side === 'left', e, 1) - posterior.mean[e] - enough[e % ELEMENT_COUNT]),
  );
}

/** What the statics of a rung at a depth tell. */
export type Worked = Pick<FittedPose, 'load' | 'work' | 'beyondModel' | 'tips' | 'strains'>;

export interface ReadOptions {
  /** With the cues' actions, or just held; without it as the rung is meant. */
  active?: boolean;
  way?: FitWay;
  /** As if nothing had been asked before: slower, and the same to the last digit. */
  cold?: boolean;
}

/** Who works and what strains at a depth. */
export function workedAt(
  shape: Shape,
  rungNumber: number,
  side: Side,
  depth: number,
  posterior: Posterior,
  build: Build,
  { active, way = USUAL_WAY, cold }: ReadOptions = {},
): Worked {
  const rung = shape.rungs[rungNumber - 1];
  const used = usedAt(rung, side, depth, posterior, build);
  const stretch = groupsOf(used);
  const loads = loadsAt(shape, rungNumber, side, depth, posterior.mean, build, {
    active,
    capacity: way.capacity,
    cold,
  });
  return {
    load: loads.beyond ? { left: {}, right: {} } : loads.groups,
    work: loads.beyond ? [] : loads.structures.filter((s) => s.load > LEAST_LOAD),
    beyondModel: loads.beyond,
    tips: loads.tips,
    strains: strainsOf(postureAt(rung, side, depth), loads, (what, s) => {
      const element = ELEMENT_IDS.indexOf(what);
      return element < 0 ? (stretch[s][what as GroupId] ?? 0) : used(element + (s === 'left' ? 0 : ELEMENT_COUNT));
    }),
  };
}

/** A rung read at a depth: who is stretched, who works, what strains. Parameters as in `workedAt`. */
export function readAt(
  shape: Shape,
  rungNumber: number,
  side: Side,
  depth: number,
  posterior: Posterior,
  build: Build,
  options: ReadOptions = {},
): PoseReading {
  const used = usedAt(shape.rungs[rungNumber - 1], side, depth, posterior, build);
  return { stretch: groupsOf(used), ...workedAt(shape, rungNumber, side, depth, posterior, build, options) };
}

/** What of a fit needs no statics: how far she gets, what stops her and what is stretched there. */
export type Reached = Omit<FittedPose, keyof Worked | 'props' | 'angles'>;

/** Fits one rung with one side worked, to the student's tolerances and build. */
export function fitRung(
  shape: Shape,
  rungNumber: number,
  side: Side,
  posterior: Posterior,
  build: Build,
  way: FitWay = USUAL_WAY,
): FittedPose {
  return completed(reachedIn(shape, rungNumber, side, posterior, build, way), shape, side, posterior, build, way);
}

/** The second half: who works, what strains, props and joint angles where she gets to. */
export function completed(
  reached: Reached,
  shape: Shape,
  side: Side,
  posterior: Posterior,
  build: Build,
  way: FitWay = USUAL_WAY,
): FittedPose {
  const { depth, rung } = reached;
  return {
    ...reached,
    // Not from the last solution: the same student must get the same loads whatever was asked before.
    ...workedAt(shape, rung, side, depth, posterior, build, { way, cold: true }),
    props: propsOf(shape.rungs[rung - 1], side, depth, build),
    angles: anglesAt(shape.rungs[rung - 1], side, depth),
  };
}

/** The first half of `fitRung`, in a tenth of its time. */
export function reachedIn(
  shape: Shape,
  rungNumber: number,
  side: Side,
  posterior: Posterior,
  build: Build,
  way: FitWay = USUAL_WAY,
): Reached {
  const rung = shape.rungs[rungNumber - 1];
  const table = tableOf(rung, build.version[side], build.version[otherSide(side)]);
  const mirrored = side === 'left';
  const limit = way.under && way.under.cautions.length > 0 ? verdictOf(way.under, demandsOf(shape, rung)) : null;
  const enough = enoughOf(rung, way, limit?.share);
  const stop = firstStop(table, posterior.mean, 0, mirrored, enough);
  const unstopped = stop.element < 0;
  const reach = unstopped ? 1 : Math.min(1, stop.step / STEPS);
  const depth = Math.min(reach, limit?.depth ?? 1);
  const full = unstopped && depth === 1;
  const counts = new Map<number, number>();
  const movers = moversOf(table, mirrored, -1);
  const stride = Math.max(1, Math.floor(posterior.drawCount / ENOUGH_DRAWS));
  let counted = 0;
  for (let d = 0; d < posterior.drawCount; d += stride) {
    counted += 1;
    const first = firstStop(table, posterior.draws, d * DIMENSIONS, mirrored, enough, -1, movers).element;
    if (first >= 0) {
      const key = groupKey(first);
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
  }
  const who = groupKey(unstopped ? nearest(table, posterior.mean, 0, mirrored) : stop.element);

  const share = (key: number): number => (counts.get(key) ?? 0) / counted;
  const stopped = [...counts.values()].reduce((s, n) => s + n, 0) / counted;
  const mate = (who + GROUPS.length) % (2 * GROUPS.length);
  const sided = isSided(shape, rung);

  let over = -Infinity;
  for (let e = 0; e < DIMENSIONS; e++) over = Math.max(over, standingAt(table, mirrored, e, 0) - posterior.mean[e]);
  return {
    pose: shape.id,
    rung: rungNumber,
    side: sided ? side : 'both',
    depth,
    full,
    beyondEntry: over > 0,
    ...(typeof limit?.share === 'number' && over > NEAR && { tooNear: true as const }),
    limiter: {
      structure: GROUPS[who % GROUPS.length],
      side: who < GROUPS.length ? 'left' : 'right',
      // A shape without sides is stopped by the structure, whichever side comes first.
      probability: sided ? share(who) : share(who) + share(mate),
      anySide: (share(who) + share(mate)) / Math.max(1e-9, stopped),
    },
    next: unstopped ? null : nextStop(table, posterior.mean, mirrored, enough, groupKey(stop.element), !sided),
    stretch: groupsOf(usedAt(rung, side, depth, posterior, build)),
  };
}

/**
 * Group that stops a rung first in each draw; where nothing does, the one that comes nearest to it. As indexes of `GROUPS`.
 * @param x tolerances, draw after draw, DIMENSIONS each
 */
export function limitersInPose(
  shape: Shape,
  rungNumber: number,
  side: Side,
  x: ArrayLike<number>,
  draws: number,
  build: Build,
): Uint8Array {
  const rung = shape.rungs[rungNumber - 1];
  const table = tableOf(rung, build.version[side], build.version[otherSide(side)]);
  const mirrored = side === 'left';
  const movers = moversOf(table, mirrored, -1),
    enough = enoughOf(rung, USUAL_WAY);
  return Uint8Array.from({ length: draws }, (_, d) => {
    const at = d * DIMENSIONS;
    const { element } = firstStop(table, x, at, mirrored, enough, -1, movers);
    return GROUP_OF[(element < 0 ? nearest(table, x, at, mirrored) : element) % ELEMENT_COUNT];
  });
}

const groupKey = (element: number): number =>
  GROUP_OF[element % ELEMENT_COUNT] + (element < ELEMENT_COUNT ? 0 : GROUPS.length);

/** The first structure of another group that would stop the path. */
function nextStop(
  table: Float32Array,
  x: ArrayLike<number>,
  mirrored: boolean,
  enough: Float64Array,
  first: number,
  anySide: boolean,
): FittedPose['next'] {
  const { step, element } = firstStop(table, x, 0, mirrored, enough, first, moversOf(table, mirrored, first, anySide));
  if (element < 0) return null;
  const who = groupKey(element);
  return {
    structure: GROUPS[who % GROUPS.length],
    side: who < GROUPS.length ? 'left' : 'right',
    depth: Math.min(1, step / STEPS),
  };
}
