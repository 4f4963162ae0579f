import { worthFor } from '@/core/ranking/rank';
import { givenTo, worthOf, type Asked, type Columns } from './asked';
import { customRows } from './custom-rows';
import { RUNGS_OF_SHAPE } from './customs';
import { OVER, RETURNS } from './doses';
import { isMeant, CROWD, FRESH_MINUTES, perMinute, PRICES, priceOf } from './measure';
import { TRANSITIONS } from './pace';
import { Program } from './program';
import { waysWithin } from './timing';
import {
  countersAfter,
  needsCounter,
  needsPreparation,
  preparersOf,
  preparesBefore,
  SERVING,
  type PracticeUnit,
} from './units';
import { styleOf } from './styles';

/** The mixed-integer program of a practice, put together row by row. */

export interface Built {
  program: Program;
  columns: Columns[];
  rest: number;
}

export function programOf(asked: Asked): Built {
  const program = new Program();
  const columns = asked.units.map((unit) => unitColumns(program, unit, asked));
  doseRows(program, columns, asked);
  const rest = timeRow(program, columns, asked);
  ruleRows(program, columns, asked);
  varietyRows(program, columns);
  apartRows(program, columns, asked.apart);
  customRows(program, columns, asked);
  return { program, columns, rest };
}

/** A unit: in with its least to its most minutes, or out. */
function unitColumns(p: Program, unit: PracticeUnit, { aims, request, time, locked }: Asked): Columns {
  const fixed = locked.find((l) => l.key === unit.key);
  const n = unit.sides.length;
  const serves = unit.peak || aims.some((a) => Math.max(...worthOf(unit, a)) >= SERVING);
  const unserving = styleOf(request.style).longestUnserving;
  const usual = serves || unit.kind === 'rest' ? unit.most : Math.min(unit.most, Math.max(unit.least, unserving));
  const least = fixed?.minutes ?? unit.least;
  const most = fixed?.minutes ?? Math.min(usual, Math.max(unit.least, time.work / n));
  const y = p.column(-priceOf(unit, request), fixed ? 1 : 0, 1, true);
  const t = p.column(perMinute(unit, time.work) * n, 0, most);
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
  // More time goes to the tighter side only where it does something for an aim there.
  const { tighter } = unit;
  const helps = tighter !== null && aims.some((a) => worthFor(unit.sides[tighter], a).worth > 0.05);
  if (!helps || request.ratio <= 1 || fixed || unit.rung.repeats) return { unit, y, t, e: null, most };
  const e = p.column(perMinute(unit, time.work), 0, most * (request.ratio - 1));
  p.row(
    [
      [e, 1],
      [t, 1 - request.ratio],
    ],
    -Infinity,
    0,
  );
  return { unit, y, t, e, most };
}

/** Doses with falling returns; what is beyond the last knee takes away again. */
function doseRows(p: Program, columns: readonly Columns[], { aims, wanted, already }: Asked): void {
  const total = aims.reduce((s, a) => s + a.weight, 0) || 1;
  aims.forEach((aim, a) => {
    const price = aim.weight / wanted[a] / total;
    const pieces = RETURNS.map(({ width, slope }) => p.column(price * slope, 0, width * wanted[a]));
    const over = p.column(-price * OVER, 0, Infinity);
    const given = columns.flatMap((c) => givenTo(aim, c)).map(([j, v]): [number, number] => [j, -v]);
    const sum = pieces.map((s): [number, number] => [s, 1]);
    p.row([...sum, ...given], -Infinity, already[a]);
    p.row([...sum, [over, 1], ...given], already[a], Infinity);
    const meant = p.column(price * PRICES.meant, 0, wanted[a]);
    const named = columns.filter((c) => isMeant(c.unit, aim)).flatMap((c) => givenTo(aim, c));
    p.row([[meant, 1], ...named.map(([j, v]): [number, number] => [j, -v])], -Infinity, 0);
  });
}

/** The minutes: items with the way to each, rest, and what is given back. */
function timeRow(p: Program, columns: readonly Columns[], { request, time }: Asked): number {
  const rest = p.column(0, time.restLeast, time.restMost);
  const given = p.column(-PRICES.given / time.work, 0, time.giveMost);
  const way = TRANSITIONS[request.pace].shape;
  p.row(
    [
      ...columns.flatMap(({ unit, y, t, e }): [number, number][] => [
        [t, unit.sides.length],
        [y, (way + waysWithin(unit.sides.length, unit.sets, request.pace)) / 60],
        ...(e !== null ? [[e, 1] as [number, number]] : []),
      ]),
      [rest, 1],
      [given, 1],
    ],
    time.work - time.slack,
    time.work + time.slack,
  );
  return rest;
}

const one = (column: number): [number, number] => [column, 1];

/**
 * At most two rungs of a shape; nothing deep without something milder before it, no arch without something round after
 * it.
 */
function ruleRows(p: Program, columns: readonly Columns[], { all, locked, request }: Asked): void {
  const byKey = new Map(columns.map((c) => [c.unit.key, c]));
  const shapes = new Map<string, Columns[]>();
  for (const c of columns) shapes.set(c.unit.shape.id, [...(shapes.get(c.unit.shape.id) ?? []), c]);
  const again = styleOf(request.style).secondRung;
  for (const list of shapes.values()) {
    if (list.length > RUNGS_OF_SHAPE)
      p.row(
        list.map(({ y }) => one(y)),
        -Infinity,
        RUNGS_OF_SHAPE,
      );
    if (again > 0 && list.length > 1 && !list[0].unit.peak)
      p.row([...list.map(({ y }) => one(y)), [p.column(-again, 0, Infinity), -1]], -Infinity, 1);
  }
  for (const { unit, y } of columns) {
    const after = (list: readonly PracticeUnit[], times = 1) => {
      const here = list.flatMap((u): [number, number][] => {
        const own = byKey.get(u.key);
        return own ? [[own.y, -1]] : [];
      });
      p.row([[y, times], ...here], -Infinity, 0);
    };
    // What nothing in the whole library prepares or counters cannot be asked to be.
    if (needsPreparation(unit) && !locked.some((l) => l.key === unit.key)) {
      const milder = all.filter((u) => preparesBefore(u, unit));
      if (milder.length > 0) after(milder, Math.min(preparersOf(unit), milder.length));
    }
    if (needsCounter(unit)) {
      const against = all.filter((u) => u !== unit && countersAfter(u, unit));
      // What arches on the front is rounded on hands and knees, before anybody sits or lies down.
      const soon = unit.ground === 'front' ? against.filter((u) => u.ground === 'kneeling') : [];
      if (against.length > 0) after(soon.length > 0 ? soon : against);
    }
  }
}

/** What a further ground costs, and what a further group is worth. */
function varietyRows(p: Program, columns: readonly Columns[]): void {
  for (const ground of new Set(columns.map((c) => c.unit.ground))) {
    const here = columns.filter((c) => c.unit.ground === ground).map((c) => c.y);
    const visited = p.column(-PRICES.ground, 0, 1);
    const crowd = p.column(-PRICES.crowd, 0, Infinity);
    for (const y of here) p.row([one(y), [visited, -1]], -Infinity, 0);
    p.row([...here.map(one), [crowd, -1]], -Infinity, CROWD[ground]);
  }
  for (const group of new Set(columns.flatMap((c) => [...c.unit.reaches]))) {
    const z = p.column(PRICES.fresh, 0, 1);
    const here = columns
      .filter((c) => c.unit.reaches.has(group))
      .flatMap(({ unit, t, e }): [number, number][] => [
        [t, -unit.sides.length / FRESH_MINUTES],
        ...(e !== null ? [[e, -1 / FRESH_MINUTES] as [number, number]] : []),
      ]);
    p.row([[z, 1], ...here], -Infinity, 0);
  }
}

/** A quarter of every earlier version changes. */
function apartRows(p: Program, columns: readonly Columns[], apart: Asked['apart']): void {
  for (const keys of apart) {
    const here = columns.filter((c) => keys.includes(c.unit.key)).map((c): [number, number] => [c.y, 1]);
    const leave = Math.max(1, Math.round(keys.length / 4));
    if (here.length > 0) p.row(here, -Infinity, Math.max(0, keys.length - leave));
  }
}
