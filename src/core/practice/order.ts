import type { Phase, Position } from '@/core/poses';
import { stanceOf } from './stance';
import { stepsBetween } from './transitions';
import { prepares, needsPreparation, needsCounter, counters, preparersOf, type PracticeUnit } from './units';

/**
 * The order of chosen units: phases one after the other, in each the order with the least changes of position and props
 * in which what prepares comes before what it prepares. Exact by dynamic programming over subsets (Held and Karp 1962)
 * up to `EXACT` units of a phase; beyond, the cheapest insertion, improved by moving single units, and told so.
 */

export const EXACT = 13;

/** Height above the floor, so to speak: what a change of position costs grows with it. */
const HEIGHT: Readonly<Record<Position, number>> = {
  'on the back': 0,
  'on the side': 0.4,
  'on the front': 0.7,
  'all-fours': 1.2,
  kneeling: 1.6,
  seated: 1,
  standing: 3,
};
const CHANGE = 0.5;
/** Another ground is a journey. */
const JOURNEY = 1.2;
const FETCH = 0.3;
const FALL = 0.4;
const OTHER = 0.15;
/** Back to work after a stretch on the same ground. */
const BACK_TO_WORK = 0.4;
/** Work on one leg after work on one leg: an ankle and a hip want something else between. */
const SAME_LEG = 0.5;
/** Between the mat and standing up, or lying down for rest, at both ends. */
const FIRST: Position = 'on the back';

const onOneLeg = (u: PracticeUnit): boolean =>
  u.kind === 'strength' && stanceOf(u.shape, u.rung, 'right').base === 'one';

/** What it costs to go from one unit to the next, in small inconveniences. Ours. */
export const stepCost = (from: PracticeUnit | null, to: PracticeUnit | null): number => costOf(from, to, FALL);

function costOf(from: PracticeUnit | null, to: PracticeUnit | null, fall: number): number {
  const a = from?.position ?? FIRST,
    b = to?.position ?? FIRST;
  const journey = from && to && from.ground !== to.ground ? JOURNEY : 0;
  const turn = journey + (a === b ? 0 : CHANGE) + Math.abs(HEIGHT[a] - HEIGHT[b]) * 0.4;
  const fetch = to ? to.props.filter((p) => !from?.props.includes(p)).length * FETCH : 0;
  // Depth rises on each ground; where everything lies down at last it may fall. A deeper rung of the same shape follows
  // by itself.
  const falls =
    from && to && from.ground === to.ground && to.station !== 'lying'
      ? Math.max(0, from.intensity - to.intensity) * fall
      : 0;
  const back =
    from && to && from.kind === 'stretch' && to.kind === 'strength' && from.ground === to.ground ? BACK_TO_WORK : 0;
  const tired = from && to && from.shape.id !== to.shape.id && onOneLeg(from) && onOneLeg(to) ? SAME_LEG : 0;
  return turn + fetch + falls + back + tired + (from && to && from.shape.id !== to.shape.id ? OTHER : 0);
}

/** The same in a flow, where each move more than one between two shapes breaks it, and depth may come and go. */
export function flowCost(from: PracticeUnit | null, to: PracticeUnit | null): number {
  const moves = from && to ? movesBetween(from, to) : 0;
  return costOf(from, to, FALL_IN_FLOW) + BREAKS * Math.max(0, moves - 1) + (keepsFoot(from, to) ? 0 : OTHER_FOOT);
}
const BREAKS = 0.4;
const OTHER_FOOT = 0.1;
const FALL_IN_FLOW = 0.15;

/**
 * True where the foot that is in front stays in front, so that one side can go on; or where none is before and after.
 */
function keepsFoot(from: PracticeUnit | null, to: PracticeUnit | null): boolean {
  if (!from || !to) return true;
  const leads = (u: PracticeUnit) => u.sides.map((r) => stanceOf(u.shape, u.rung, r.side).lead);
  const [a, b] = [leads(from), leads(to)];
  return a.every((l) => l === null) ? b.every((l) => l === null) : a.some((l) => l !== null && b.includes(l));
}

/** Fewest moves from one unit to the next, whichever sides are done one after the other. */
function movesBetween(from: PracticeUnit, to: PracticeUnit): number {
  const stances = (u: PracticeUnit) => u.sides.map((r) => stanceOf(u.shape, u.rung, r.side));
  return Math.min(...stances(from).flatMap((a) => stances(to).map((b) => stepsBetween(a, b)?.length ?? MANY)));
}
const MANY = 4;

type StepCost = typeof stepCost;

/** True where `before` must not stand after `after` in a practice. */
export const mustPrecede = (before: PracticeUnit, after: PracticeUnit): boolean =>
  (needsPreparation(after) && before.shape.id === after.shape.id && before.number < after.number) ||
  (needsCounter(before) && counters(after) && !needsCounter(after)) ||
  // Joints are moved before they are held.
  (after.station === before.station && before.kind === 'mobility' && after.kind !== 'mobility' && !after.peak) ||
  leadsTo(before, after) ||
  // What brings hips and back to the middle is the last before the rest.
  (after.station === before.station && after.neutral && !before.neutral && !goesOnFromNeutral(before)) ||
  // Everything leads to the peak; only what rounds it again comes after.
  (after.peak && !before.peak && !before.neutral && !(needsCounter(after) && counters(before)));

/**
 * True for a milder shape of the same kind, which comes first whichever of the two is deeper today: work of the same
 * muscles on one ground, and what lies on the front, where everything bends back. Levels rise along each shape, so that
 * this and the order of its rungs never go round in a circle; nor do what must be rounded and what rounds it.
 */
const leadsTo = (before: PracticeUnit, after: PracticeUnit): boolean =>
  before.station === after.station &&
  before.ground === after.ground &&
  before.rung.level < after.rung.level &&
  isPlain(before) &&
  isPlain(after) &&
  (isOnFront(before, after) || worksTheSame(before, after));

/** A deeper rung of a shape that brings hips and back to the middle: it comes after that one, not before it. */
const goesOnFromNeutral = ({ shape, number }: PracticeUnit): boolean =>
  shape.rungs.slice(0, number - 1).some((r) => r.level === 1 && r.phases.includes('counter'));

/** No other rule of the order speaks of it. */
const isPlain = (u: PracticeUnit): boolean =>
  u.kind !== 'mobility' && !u.peak && !u.neutral && !needsCounter(u) && !counters(u);
const isOnFront = (a: PracticeUnit, b: PracticeUnit): boolean =>
  a.position === 'on the front' && b.position === 'on the front';
const worksTheSame = (a: PracticeUnit, b: PracticeUnit): boolean =>
  a.kind === 'strength' && b.kind === 'strength' && a.shape.works.some((m) => b.shape.works.includes(m));

export interface Placed {
  unit: PracticeUnit;
  phase: Phase;
}

/** Cost of units in an order, from lying down to lying down; infinite where the order breaks a rule. */
export function orderCost(
  units: readonly PracticeUnit[],
  start: PracticeUnit | null = null,
  end = true,
  step: StepCost = stepCost,
): number {
  let cost = 0,
    last = start;
  for (const [i, u] of units.entries()) {
    if (units.slice(i + 1).some((later) => mustPrecede(later, u))) return Infinity;
    if (needsPreparation(u)) {
      const helpers = units.filter((m) => prepares(m, u));
      const first = units.slice(0, i).filter((m) => prepares(m, u)).length;
      if (first < Math.min(preparersOf(u), helpers.length)) return Infinity;
    }
    cost += step(last, u);
    last = u;
  }
  return cost + (end ? step(last, null) : 0);
}

/**
 * The best order of one phase, coming from `start`; `end`: lying down follows.
 * @param before what stands earlier and may have prepared it
 */
export function orderPhase(
  units: readonly PracticeUnit[],
  start: PracticeUnit | null,
  end: boolean,
  before: readonly PracticeUnit[] = [],
  step: StepCost = stepCost,
): { order: PracticeUnit[]; exact: boolean } {
  if (units.length <= 1) return { order: [...units], exact: true };
  return units.length <= EXACT
    ? { order: bySubsets(units, start, end, before, step), exact: true }
    : { order: byInsertion(units, start, end, step), exact: false };
}

/** Members of a set. */
function bits(set: number): number {
  let n = 0;
  for (let s = set; s; s &= s - 1) n++;
  return n;
}

function bySubsets(
  units: readonly PracticeUnit[],
  start: PracticeUnit | null,
  end: boolean,
  before: readonly PracticeUnit[],
  step: StepCost,
): PracticeUnit[] {
  const n = units.length,
    full = (1 << n) - 1;
  // Sets of which every one, or at least so many, must stand before a unit.
  const all = units.map((u) => units.reduce((m, v, j) => (mustPrecede(v, u) ? m | (1 << j) : m), 0));
  const any = units.map((u) =>
    needsPreparation(u) ? units.reduce((m, v, j) => (prepares(v, u) ? m | (1 << j) : m), 0) : 0,
  );
  const needs = units.map((u) => Math.max(0, preparersOf(u) - before.filter((v) => prepares(v, u)).length));
  const steps = units.map((a) => units.map((b) => step(a, b)));
  const cost = new Float64Array((1 << n) * n).fill(Infinity);
  const from = new Int8Array((1 << n) * n).fill(-1);
  const free = (set: number, k: number) =>
    (all[k] & set) === all[k] && bits(any[k] & set) >= Math.min(needs[k], bits(any[k]));
  for (let k = 0; k < n; k++) if (free(0, k)) cost[(1 << k) * n + k] = step(start, units[k]);
  for (let set = 1; set <= full; set++)
    for (let last = 0; last < n; last++) {
      const here = cost[set * n + last];
      if (here === Infinity) continue;
      for (let k = 0; k < n; k++) {
        if (set & (1 << k) || !free(set, k)) continue;
        const next = set | (1 << k),
          c = here + steps[last][k];
        if (c < cost[next * n + k] - 1e-12) {
          cost[next * n + k] = c;
          from[next * n + k] = last;
        }
      }
    }
  let last = -1,
    least = Infinity;
  for (let k = 0; k < n; k++) {
    const c = cost[full * n + k] + (end ? step(units[k], null) : 0);
    if (c < least - 1e-12) {
      least = c;
      last = k;
    }
  }
  // Rules that go round in a circle leave no order: then the milder comes first and that is all.
  if (last < 0) return [...units].sort((a, b) => a.intensity - b.intensity || (a.key < b.key ? -1 : 1));
  const order: PracticeUnit[] = [];
  for (let set = full; last >= 0;) {
    order.unshift(units[last]);
    const earlier = from[set * n + last];
    set &= ~(1 << last);
    last = earlier;
  }
  return order;
}

function byInsertion(
  units: readonly PracticeUnit[],
  start: PracticeUnit | null,
  end: boolean,
  step: StepCost,
): PracticeUnit[] {
  const mildFirst = [...units].sort((a, b) => a.intensity - b.intensity || (a.key < b.key ? -1 : 1));
  let order: PracticeUnit[] = [];
  for (const u of mildFirst) order = cheapest(order, u, start, end, step) ?? [...order, u];
  for (let round = 0; round < 4; round++) {
    const before = orderCost(order, start, end, step);
    for (const u of [...order]) {
      const moved = cheapest(
        order.filter((o) => o !== u),
        u,
        start,
        end,
        step,
      );
      if (moved && orderCost(moved, start, end, step) < orderCost(order, start, end, step) - 1e-9) order = moved;
    }
    if (orderCost(order, start, end, step) > before - 1e-9) break;
  }
  return order;
}

/** The order with a unit put where it costs least, or null where it may stand nowhere. */
function cheapest(
  order: readonly PracticeUnit[],
  u: PracticeUnit,
  start: PracticeUnit | null,
  end: boolean,
  step: StepCost,
): PracticeUnit[] | null {
  let best: PracticeUnit[] | null = null,
    least = Infinity;
  for (let i = 0; i <= order.length; i++) {
    const tried = [...order.slice(0, i), u, ...order.slice(i)];
    const cost = orderCost(tried, start, end, step);
    if (cost < least - 1e-12) {
      least = cost;
      best = tried;
    }
  }
  return best;
}
