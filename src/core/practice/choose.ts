import type { Highs } from 'highs';
import { solve } from './highs';
import type { Chosen } from './measure';
import type { Columns, Goal, Locked, Time } from './asked';
import { programOf } from './program-of';
import type { PracticeRequest } from './request';
import { countersAfter, needsCounter, movesFirst, needsPreparation, preparesBefore, type PracticeUnit } from './units';

/**
 * Which rungs, and for how long on each side: a mixed-integer program (`program-of.ts`) whose worth is told in
 * `measure.ts`. Time on a side is continuous here and made whole breaths afterwards (`compose.ts`).
 *
 * The program of the whole library is relaxed first; units are kept by what their best use could add at its prices, and
 * the rest priced out: `bound` holds for the whole library all the same.
 */

/**
 * Units that the search is made with at first, and at most where that does not come near enough to the bound of all:
 * then what is found is the start, and little is looked for beside the bound.
 */
const KEPT = [60, 240] as const;
/** Gap to the bound of the whole library that is good enough. */
const GOOD = 0.0075;

export interface Choice {
  chosen: Chosen[];
  rest: number;
  /** Worth of the choice before breaths are made whole, and what no choice from the whole library can exceed. */
  objective: number;
  bound: number;
  /** Units that the search was made with, of all that the request allows. */
  searched: number;
  of: number;
}

/** True where some choice fits the time and the rules at all. */
export function possible(
  highs: Highs,
  units: readonly PracticeUnit[],
  request: PracticeRequest,
  time: Time,
  locked: readonly Locked[] = [],
): boolean {
  if (locked.some((l) => !units.some((u) => u.key === l.key))) return false;
  const goal: Goal = { aims: [], wanted: [], already: [], work: time.work, request };
  const { program } = programOf({ ...goal, units, all: units, time, locked, apart: [] });
  return solve(highs, program, { relaxed: true }).status !== 'none';
}

/**
 * What a choice keeps to beside its goal: units that stay, and choices of earlier versions, of which a quarter must
 * change.
 */
export interface Keeps {
  locked?: readonly Locked[];
  apart?: readonly (readonly string[])[];
}

/** The best choice for a goal, or null where none fits. */
export function choose(
  highs: Highs,
  units: readonly PracticeUnit[],
  goal: Goal,
  time: Time,
  { locked = [], apart = [] }: Keeps = {},
): Choice | null {
  if (locked.some((l) => !units.some((u) => u.key === l.key))) return null;
  const build = (list: readonly PracticeUnit[]) => programOf({ ...goal, units: list, all: units, time, locked, apart });
  const whole = build(units);
  const relaxed = solve(highs, whole.program, { relaxed: true });
  if (relaxed.status === 'none') return null;
  const reduced = whole.program.reducedCosts(relaxed.rowDual);
  // What a unit could add at these prices at most: it takes part with its least or its most minutes.
  const score = new Map(
    whole.columns.map(({ unit, y, t, e }) => {
      const span = Math.max(reduced[t] * unit.least, reduced[t] * Math.max(unit.least, unit.most));
      return [unit.key, reduced[y] + span + (e === null ? 0 : Math.max(0, reduced[e]) * unit.most)];
    }),
  );
  const inOrder = [...units].sort(
    (a, b) => (score.get(b.key) ?? 0) - (score.get(a.key) ?? 0) || (a.key < b.key ? -1 : 1),
  );
  const attempt = (kept: number, known: Choice | null): Choice | null => {
    const list = withHelpers(inOrder.slice(0, kept), inOrder, locked);
    const built = build(list);
    const solved = solve(highs, built.program, known ? { known: startFrom(known, built.columns) } : {});
    if (solved.status === 'none') return null;
    const left = inOrder.filter((u) => !list.includes(u));
    // A choice that takes any unit left out is worth no more than the relaxation and that unit's best use.
    const without =
      left.length > 0
        ? relaxed.objective + Math.min(0, Math.max(...left.map((u) => score.get(u.key) ?? 0)))
        : -Infinity;
    return {
      chosen: built.columns
        .filter((c) => solved.x[c.y] > 0.5)
        .map((c) => ({ unit: c.unit, minutes: solved.x[c.t], extra: c.e === null ? 0 : solved.x[c.e], most: c.most })),
      rest: solved.x[built.rest],
      objective: solved.objective,
      bound: Math.min(relaxed.objective, Math.max(solved.bound, without)),
      searched: list.length,
      of: units.length,
    };
  };
  // More and more of the library until the bound is near enough.
  let best: Choice | null = null;
  for (const most of KEPT) {
    // A unit that even alone could not lift the bound beyond what is good enough need not be searched.
    const goal: number = best ? best.objective / (1 - GOOD) : -Infinity;
    const matters = inOrder.filter((u) => relaxed.objective + (score.get(u.key) ?? 0) > goal).length;
    const kept = Math.min(most, matters);
    const next = attempt(kept, best);
    if (next && best) next.bound = Math.min(next.bound, best.bound);
    if (next && (!best || next.objective >= best.objective)) best = next;
    else if (next && best) best.bound = next.bound;
    if ((best && gapOf(best) <= GOOD) || units.length <= kept) break;
  }
  return best;
}

/** A choice as columns of another program: who is in, and who is not. */
const startFrom = ({ chosen }: Choice, columns: readonly Columns[]): [number, number][] =>
  columns.map(({ unit, y }) => [y, chosen.some((c) => c.unit.key === unit.key) ? 1 : 0]);

const gapOf = (c: Choice): number => (c.bound - c.objective) / Math.max(1e-9, c.bound);

/** Likeliest units of each custom that a search always has. */
const CUSTOMARY = 4;

/**
 * A list with what prepares and counters its members, what wakes and what ends a practice, the likeliest first, and all
 * that is locked.
 */
function withHelpers(
  list: readonly PracticeUnit[],
  all: readonly PracticeUnit[],
  locked: readonly Locked[],
): PracticeUnit[] {
  const out = new Set(list);
  for (const u of all) if (locked.some((l) => l.key === u.key)) out.add(u);
  for (const is of [
    movesFirst,
    (u: PracticeUnit) => u.wakes,
    (u: PracticeUnit) => u.neutral,
    (u: PracticeUnit) => u.known && u.rung.level === 1,
  ])
    for (const u of all.filter(is).slice(0, CUSTOMARY)) out.add(u);
  for (const u of [...out]) {
    if (needsPreparation(u)) {
      // One of the third level asks for two.
      const known = [...out].filter((m) => preparesBefore(m, u)).length;
      const more = all.filter((m) => !out.has(m) && preparesBefore(m, u)).slice(0, Math.max(0, 2 - known));
      for (const m of more) out.add(m);
    }
    if (needsCounter(u) && ![...out].some((m) => m !== u && countersAfter(m, u))) {
      const helper = all.find((m) => m !== u && countersAfter(m, u));
      if (helper) out.add(helper);
    }
  }
  return all.filter((u) => out.has(u));
}
