import type { Highs } from 'highs';
import type { Aim } from '@/core/students/student';
import { worthFor } from '@/core/ranking/rank';
import { RETURNS, worthOfDose } from './doses';
import { solve } from './highs';
import { Program } from './program';
import { TRANSITIONS } from './pace';
import type { PracticeRequest } from './request';
import { counters, needsCounter, needsPreparation, prepares, type Unit } from './units';

/**
 * Which rungs, and for how long on each side: a mixed-integer program. Worth is the aims' doses with falling returns, less what
 * items, changes of position and strain cost, and a little for every further group that is reached. Time on a side is continuous here and
 * made whole breaths afterwards (`compose.ts`).
 *
 * The program of the whole library is relaxed first; units are kept by what their best use could add at its prices, and the
 * rest priced out: `bound` holds for the whole library all the same.
 */

/** Prices in shares of everything that could be reached. Ours. */
const ITEM = 0.004;
const POSITION = 0.006;
const STRAIN = 0.25;
const FRESH = 0.008;
/** Rungs of one shape in a practice. */
const RUNGS_OF_SHAPE = 2;
/** Units that the search is made with at first, and at most. */
const KEPT = 55;
const MOST_KEPT = 110;
/** Gap to the bound of the whole library that is good enough. */
const GOOD = 0.01;

export interface Time {
  /** Minutes for items with the way between them and what is left for rest at the end. */
  work: number;
  /** How much of it may be missing or too much: the same as whole breaths may leave, so that the bound holds for them. */
  slack: number;
  restLeast: number;
  restMost: number;
}

export interface Chosen {
  unit: Unit;
  /** Minutes on each side, and more on the tighter one. */
  minutes: number;
  extra: number;
}

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

/** A unit that must be in, with its minutes a side where these are fixed too. */
export interface Locked {
  key: string;
  minutes?: number;
}

/** Minutes that a unit takes beside its holds. */
const betweenOf = (u: Unit, { pace }: PracticeRequest): number =>
  (TRANSITIONS[pace].shape + (u.sides.length - 1) * TRANSITIONS[pace].side) / 60;

interface Columns {
  unit: Unit;
  y: number;
  t: number;
  e: number | null;
}

interface Built {
  program: Program;
  columns: Columns[];
  rest: number;
}

function programOf(
  units: readonly Unit[],
  all: readonly Unit[],
  aims: readonly Aim[],
  wanted: readonly number[],
  request: PracticeRequest,
  time: Time,
  locked: readonly Locked[],
  apart: readonly (readonly string[])[],
): Built {
  const p = new Program();
  const total = aims.reduce((s, a) => s + a.weight, 0) || 1;
  const columns = units.map((unit): Columns => {
    const fixed = locked.find((l) => l.key === unit.key);
    const n = unit.sides.length;
    const least = fixed?.minutes ?? unit.least;
    const most = fixed?.minutes ?? Math.min(unit.most, Math.max(unit.least, time.work / n));
    const y = p.column(-ITEM, fixed ? 1 : 0, 1, true);
    const t = p.column((-STRAIN * unit.strain * n) / time.work, 0, most);
    p.row(
      [
        [t, 1],
        [y, -least],
      ],
      0,
      Infinity,
    );
    p.row(
      [
        [t, 1],
        [y, -most],
      ],
      -Infinity,
      0,
    );
    let e: number | null = null;
    const { tighter } = unit;
    // More time goes to the tighter side only where it does something for an aim there.
    const helps = tighter !== null && aims.some((a) => worthFor(unit.sides[tighter], a).worth > 0.05);
    if (helps && request.ratio > 1 && !fixed && !unit.rung.repeats) {
      e = p.column((-STRAIN * unit.strain) / time.work, 0, most * (request.ratio - 1));
      p.row(
        [
          [e, 1],
          [t, 1 - request.ratio],
        ],
        -Infinity,
        0,
      );
    }
    return { unit, y, t, e };
  });
  aims.forEach((aim, a) => {
    const pieces = RETURNS.map(({ width, slope }) =>
      p.column((aim.weight * slope) / wanted[a] / total, 0, width * wanted[a]),
    );
    const given = columns.flatMap(({ unit, t, e }): [number, number][] => {
      const worth = unit.sides.map((r) => worthFor(r, aim).worth);
      const sum = worth.reduce((s, v) => s + v, 0);
      if (sum < 1e-6) return [];
      return [
        [t, -sum],
        ...(e !== null && unit.tighter !== null && worth[unit.tighter] > 1e-6
          ? [[e, -worth[unit.tighter]] as [number, number]]
          : []),
      ];
    });
    p.row([...pieces.map((s): [number, number] => [s, 1]), ...given], -Infinity, 0);
  });
  const rest = p.column(0, time.restLeast, time.restMost);
  p.row(
    [
      ...columns.flatMap(({ unit, y, t, e }): [number, number][] => [
        [t, unit.sides.length],
        [y, betweenOf(unit, request)],
        ...(e !== null ? [[e, 1] as [number, number]] : []),
      ]),
      [rest, 1],
    ],
    time.work - time.slack,
    time.work + time.slack,
  );
  const byKey = new Map(columns.map((c) => [c.unit.key, c]));
  const shapes = new Map<string, Columns[]>();
  for (const c of columns) shapes.set(c.unit.shape.id, [...(shapes.get(c.unit.shape.id) ?? []), c]);
  for (const list of shapes.values())
    if (list.length > RUNGS_OF_SHAPE)
      p.row(
        list.map((c) => [c.y, 1]),
        -Infinity,
        RUNGS_OF_SHAPE,
      );
  for (const c of columns) {
    const { unit } = c;
    const after = (list: readonly Unit[]) => {
      const here = list.flatMap((u): [number, number][] => {
        const own = byKey.get(u.key);
        return own ? [[own.y, -1]] : [];
      });
      p.row([[c.y, 1], ...here], -Infinity, 0);
    };
    // What nothing in the whole library prepares or counters cannot be asked to be.
    if (needsPreparation(unit) && !locked.some((l) => l.key === unit.key)) {
      const milder = all.filter((u) => prepares(u, unit));
      if (milder.length > 0) after(milder);
    }
    if (needsCounter(unit)) {
      const against = all.filter((u) => u !== unit && counters(u));
      if (against.length > 0) after(against);
    }
  }
  for (const position of new Set(columns.map((c) => c.unit.position))) {
    const v = p.column(-POSITION, 0, 1);
    for (const c of columns)
      if (c.unit.position === position)
        p.row(
          [
            [c.y, 1],
            [v, -1],
          ],
          -Infinity,
          0,
        );
  }
  for (const group of new Set(columns.flatMap((c) => [...c.unit.reaches]))) {
    const z = p.column(FRESH, 0, 1);
    p.row(
      [[z, 1], ...columns.filter((c) => c.unit.reaches.has(group)).map((c): [number, number] => [c.y, -1])],
      -Infinity,
      0,
    );
  }
  for (const keys of apart) {
    const here = keys.flatMap((k): [number, number][] => {
      const own = byKey.get(k);
      return own ? [[own.y, 1]] : [];
    });
    const leave = Math.max(1, Math.round(keys.length / 4));
    if (here.length > 0) p.row(here, -Infinity, Math.max(0, keys.length - leave));
  }
  return { program: p, columns, rest };
}

/** What a choice is worth by the program's own measure, its doses at these minutes. */
export function valueOf(
  chosen: readonly Chosen[],
  aims: readonly Aim[],
  wanted: readonly number[],
  time: Pick<Time, 'work'>,
): number {
  const total = aims.reduce((s, a) => s + a.weight, 0) || 1;
  let value = 0;
  aims.forEach((aim, a) => {
    const dose = chosen.reduce(
      (s, c) =>
        s +
        c.unit.sides.reduce(
          (d, r, i) => d + worthFor(r, aim).worth * (c.minutes + (i === c.unit.tighter ? c.extra : 0)),
          0,
        ),
      0,
    );
    value += (aim.weight * worthOfDose(dose, wanted[a])) / total;
  });
  for (const { unit, minutes, extra } of chosen)
    value -= ITEM + (STRAIN * unit.strain * (unit.sides.length * minutes + extra)) / time.work;
  value -= POSITION * new Set(chosen.map((c) => c.unit.position)).size;
  value += FRESH * new Set(chosen.flatMap((c) => [...c.unit.reaches])).size;
  return value;
}

/** True where some choice fits the time and the rules at all. */
export function possible(
  highs: Highs,
  units: readonly Unit[],
  request: PracticeRequest,
  time: Time,
  locked: readonly Locked[] = [],
): boolean {
  if (locked.some((l) => !units.some((u) => u.key === l.key))) return false;
  const { program } = programOf(units, units, [], [], request, time, locked, []);
  return solve(highs, program, true).status !== 'none';
}

/** The best choice for a request, or null where none fits. @param apart choices of earlier versions: a quarter of each must change */
export function choose(
  highs: Highs,
  units: readonly Unit[],
  aims: readonly Aim[],
  wanted: readonly number[],
  request: PracticeRequest,
  time: Time,
  locked: readonly Locked[] = [],
  apart: readonly (readonly string[])[] = [],
): Choice | null {
  if (locked.some((l) => !units.some((u) => u.key === l.key))) return null;
  const build = (list: readonly Unit[]) => programOf(list, units, aims, wanted, request, time, locked, apart);
  const whole = build(units);
  const relaxed = solve(highs, whole.program, true);
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
  const attempt = (kept: number): Choice | null => {
    const list = withHelpers(inOrder.slice(0, kept), inOrder, locked);
    const built = build(list);
    const solved = solve(highs, built.program);
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
        .map((c) => ({ unit: c.unit, minutes: solved.x[c.t], extra: c.e === null ? 0 : solved.x[c.e] })),
      rest: solved.x[built.rest],
      objective: solved.objective,
      bound: Math.min(relaxed.objective, Math.max(solved.bound, without)),
      searched: list.length,
      of: units.length,
    };
  };
  const first = attempt(KEPT);
  if (first && gapOf(first) <= GOOD) return first;
  if (units.length <= KEPT) return first;
  const second = attempt(MOST_KEPT);
  if (!first || !second) return second ?? first;
  const better = second.objective >= first.objective ? second : first;
  return { ...better, bound: Math.min(first.bound, second.bound) };
}

const gapOf = (c: Choice): number => (c.bound - c.objective) / Math.max(1e-9, c.bound);

/** A list with what prepares and counters its members, the likeliest first, and all that is locked. */
function withHelpers(list: readonly Unit[], all: readonly Unit[], locked: readonly Locked[]): Unit[] {
  const out = new Set(list);
  for (const u of all) if (locked.some((l) => l.key === u.key)) out.add(u);
  for (const u of [...out]) {
    if (needsPreparation(u) && ![...out].some((m) => prepares(m, u))) {
      const helper = all.find((m) => prepares(m, u));
      if (helper) out.add(helper);
    }
    if (needsCounter(u) && ![...out].some((m) => m !== u && counters(m))) {
      const helper = all.find((m) => m !== u && counters(m));
      if (helper) out.add(helper);
    }
  }
  return all.filter((u) => out.has(u));
}
