import { ELEMENT_IDS, GROUP_OF, GROUPS, shareAt, type Build, type GroupId, type Side } from '@/core/body';
import { verdictOf } from '@/core/cautions/screen';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { anglesAt, asksUnder, isSided, postureAt } from '@/core/poses';
import { strainsOf, type Strain } from '@/core/statics/strains';
import { loadsAt } from './loads-at';
import {
  firstStop,
  groupKey,
  moversOf,
  nearest,
  rungPathOf,
  standingAt,
  STEPS,
  type RungPath,
  type Tolerances,
} from './path';
import { rungIn, type PosedRung, type StudentBody } from './posed-rung';
import { propsOf, type FittedProp } from './props';
import { shortestIn } from './shortest';
import { enoughOf, USUAL_WAY, type FitWay } from './way';

/** SD below her end from which she is near it. Ours; the same from which a caution that eases counts. */
const NEAR = -1;

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
  /**
   * What stops it first, with its probability; `anySide` is that of the structure on either side where something stops
   * at all.
   */
  limiter: { group: GroupId; side: Side; probability: number; anySide: number };
  /** What would stop it next, were the first out of the way; null where nothing would before the full rung. */
  next: { group: GroupId; side: Side; depth: number } | null;
  /** Share of tolerance used at that depth, 0–1, by side and group (0 where nothing is felt). */
  stretch: Record<Side, Record<GroupId, number>>;
  /**
   * The same of those muscles of a group that are short in her, where the others are not: what an aim to lengthen it
   * looks at.
   */
  ofShortest?: Record<Side, Partial<Record<GroupId, number>>>;
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

/** Draws that tell a probability to two in a hundred: more would make ranking slower and not surer. */
const ENOUGH_DRAWS = 400;

/** What a rung asks of a student at any depth: who is stretched, who works, what strains. */
export type PoseReading = Pick<
  FittedPose,
  'stretch' | 'ofShortest' | 'load' | 'work' | 'beyondModel' | 'tips' | 'strains'
>;

/** Loads below this share are not told. */
const LEAST_LOAD = 0.05;

/** Share of its tolerance that each element uses at a depth, left then right. */
function usedAt(path: RungPath, depth: number, { mean }: Posterior): (e: number) => number {
  return (e) => shareAt(e % ELEMENT_COUNT, standingAt(path, e, depth) - mean[e]);
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

/** What the short muscles of a group use where its others are not short; null where all groups are of a piece. */
function shortestUsed(used: (e: number) => number, posterior: Posterior): FittedPose['ofShortest'] | null {
  const short = shortestIn(posterior);
  if (short.length === 0) return null;
  const out: NonNullable<FittedPose['ofShortest']> = { left: {}, right: {} };
  for (const { side, group, elements } of short) out[side][group] = Math.max(...elements.map(used));
  return out;
}

/** SD of tolerance that each group lacks for a rung's full depth to be comfortable, by side. */
export function missingIn(posed: PosedRung, { posterior, build }: StudentBody, way: FitWay): FittedPose['stretch'] {
  const path = rungPathOf(posed, build);
  const enough = enoughOf(rungIn(posed), way);
  return groupsOf((e) => Math.max(0, standingAt(path, e, 1) - posterior.mean[e] - enough[e % ELEMENT_COUNT]));
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
  posed: PosedRung,
  depth: number,
  { posterior, build }: StudentBody,
  { active, way = USUAL_WAY, cold }: ReadOptions = {},
): Worked {
  const used = usedAt(rungPathOf(posed, build), depth, posterior);
  const stretch = groupsOf(used);
  const tolerances = posterior.mean;
  const loads = loadsAt(posed, depth, { tolerances, build }, { active, capacity: way.capacity, cold });
  return {
    load: loads.beyond ? { left: {}, right: {} } : loads.groups,
    work: loads.beyond ? [] : loads.structures.filter((s) => s.load > LEAST_LOAD),
    beyondModel: loads.beyond,
    tips: loads.tips,
    strains: strainsOf(postureAt(rungIn(posed), posed.side, depth), loads, (what, s) => {
      const element = ELEMENT_IDS.indexOf(what);
      return element < 0 ? (stretch[s][what as GroupId] ?? 0) : used(element + (s === 'left' ? 0 : ELEMENT_COUNT));
    }),
  };
}

/** A rung read at a depth: who is stretched, who works, what strains. Parameters as in `workedAt`. */
export function readAt(posed: PosedRung, depth: number, body: StudentBody, options: ReadOptions = {}): PoseReading {
  const used = usedAt(rungPathOf(posed, body.build), depth, body.posterior);
  const ofShortest = shortestUsed(used, body.posterior);
  return { stretch: groupsOf(used), ...(ofShortest && { ofShortest }), ...workedAt(posed, depth, body, options) };
}

/** What of a fit needs no statics: how far she gets, what stops her and what is stretched there. */
export type ReachedFit = Omit<FittedPose, keyof Worked | 'props' | 'angles'>;

/** Fits one rung with one side worked, to the student's tolerances and build. */
export function fitRung(posed: PosedRung, body: StudentBody, way: FitWay = USUAL_WAY): FittedPose {
  return completed(reachedIn(posed, body, way), posed, body, way);
}

/** The second half: who works, what strains, props and joint angles where she gets to. */
export function completed(
  reached: ReachedFit,
  posed: PosedRung,
  body: StudentBody,
  way: FitWay = USUAL_WAY,
): FittedPose {
  const { depth } = reached;
  const rung = rungIn(posed);
  return {
    ...reached,
    // Not from the last solution: the same student must get the same loads whatever was asked before.
    ...workedAt(posed, depth, body, { way, cold: true }),
    props: propsOf(rung, posed.side, depth, body.build),
    angles: anglesAt(rung, posed.side, depth),
  };
}

/** The first half of `fitRung`, in a tenth of its time. */
export function reachedIn(posed: PosedRung, { posterior, build }: StudentBody, way: FitWay = USUAL_WAY): ReachedFit {
  const { shape, side } = posed;
  const rung = rungIn(posed),
    path = rungPathOf(posed, build);
  const sided = isSided(shape, rung);
  const limit =
    way.under && way.under.cautions.length > 0
      ? verdictOf(way.under, asksUnder(way.under, shape, rung, sided ? side : 'both'))
      : null;
  const enough = enoughOf(rung, way, limit?.share);
  const mean: Tolerances = { of: posterior.mean, from: 0 };
  const stop = firstStop(path, mean, enough);
  const unstopped = stop.element < 0;
  const depth = Math.min(unstopped ? 1 : stop.step / STEPS, limit?.depth ?? 1, 1);
  const who = groupKey(unstopped ? nearest(path, mean) : stop.element);
  let over = -Infinity;
  for (let e = 0; e < DIMENSIONS; e++) over = Math.max(over, standingAt(path, e, 0) - posterior.mean[e]);
  const used = usedAt(path, depth, posterior);
  const ofShortest = shortestUsed(used, posterior);
  return {
    pose: shape.id,
    rung: posed.rung,
    side: sided ? side : 'both',
    depth,
    full: unstopped && depth === 1,
    beyondEntry: over > 0,
    ...(typeof limit?.share === 'number' && over > NEAR && { tooNear: true as const }),
    limiter: limiterOf(who, stopsIn(path, posterior, enough), sided),
    next: unstopped ? null : nextStop(path, mean, enough, groupKey(stop.element), !sided),
    stretch: groupsOf(used),
    ...(ofShortest && { ofShortest }),
  };
}

/** Share of the draws in which each group stops a path first, by `groupKey`; where nothing does it is nobody's. */
function stopsIn(path: RungPath, { draws, drawCount }: Posterior, enough: Float64Array): Map<number, number> {
  const movers = moversOf(path);
  const stride = Math.max(1, Math.floor(drawCount / ENOUGH_DRAWS));
  const counts = new Map<number, number>();
  let counted = 0;
  for (let d = 0; d < drawCount; d += stride) {
    counted += 1;
    const { element } = firstStop(path, { of: draws, from: d * DIMENSIONS }, enough, movers);
    if (element >= 0) counts.set(groupKey(element), (counts.get(groupKey(element)) ?? 0) + 1);
  }
  return new Map([...counts].map(([key, n]) => [key, n / counted]));
}

/** What stops a rung, with how sure that is. @param who its `groupKey` @param shares of the draws, by group and side */
function limiterOf(who: number, shares: ReadonlyMap<number, number>, sided: boolean): FittedPose['limiter'] {
  const own = shares.get(who) ?? 0,
    mate = shares.get((who + GROUPS.length) % (2 * GROUPS.length)) ?? 0;
  const stopped = [...shares.values()].reduce((s, n) => s + n, 0);
  return {
    group: GROUPS[who % GROUPS.length],
    side: who < GROUPS.length ? 'left' : 'right',
    // A shape without sides is stopped by the structure, whichever side comes first.
    probability: sided ? own : own + mate,
    anySide: (own + mate) / Math.max(1e-9, stopped),
  };
}

/**
 * Group that stops a rung first in each draw; where nothing does, the one that comes nearest to it. As indexes of
 * `GROUPS`.
 * @param x tolerances, draw after draw, DIMENSIONS each
 */
export function limitersInPose(posed: PosedRung, x: ArrayLike<number>, draws: number, build: Build): Uint8Array {
  const path = rungPathOf(posed, build);
  const movers = moversOf(path),
    enough = enoughOf(rungIn(posed), USUAL_WAY);
  return Uint8Array.from({ length: draws }, (_, d) => {
    const at: Tolerances = { of: x, from: d * DIMENSIONS };
    const { element } = firstStop(path, at, enough, movers);
    return GROUP_OF[(element < 0 ? nearest(path, at) : element) % ELEMENT_COUNT];
  });
}

/** The first structure of another group that would stop the path. */
function nextStop(
  path: RungPath,
  mean: Tolerances,
  enough: Float64Array,
  first: number,
  anySide: boolean,
): FittedPose['next'] {
  const { step, element } = firstStop(path, mean, enough, moversOf(path, first, anySide));
  if (element < 0) return null;
  const who = groupKey(element);
  return {
    group: GROUPS[who % GROUPS.length],
    side: who < GROUPS.length ? 'left' : 'right',
    depth: Math.min(1, step / STEPS),
  };
}
