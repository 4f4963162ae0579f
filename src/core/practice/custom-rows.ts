import { worthFor } from '@/core/ranking/rank';
import {
  isDrillAtEnd,
  itemsAtMost,
  minutesOfLongest,
  MOST_OF_ONE_SHAPE,
  MOST_PAUSES,
  movingBetween,
  NEUTRAL_FROM,
  wakingAtLeast,
} from './customs';
import { MOST_DRILLS, PRICES } from './measure';
import type { Program } from './program';
import { givenTo, type Asked, type Columns } from './asked';
import { stationRank } from './stations';
import { styleOf } from './styles';
import { isHeldFirst, movesFirst, type PracticeUnit } from './units';

/**
 * What every teacher would see at once, as rows of the program; `customs-kept.ts` reads the same in a finished
 * practice. Whether a custom can be kept at all is asked of the whole library, so that a part of it is never freer than
 * the whole and the bound holds.
 */
export function customRows(p: Program, columns: readonly Columns[], asked: Asked): void {
  wakingRow(p, columns, asked);
  movedFirstRows(p, columns, asked);
  movingRow(p, columns, asked);
  pauseRows(p, columns, asked);
  neutralRow(p, columns, asked);
  numberRow(p, columns, asked);
  drillsRow(p, columns, asked);
  flowEndRow(p, columns, asked);
  sharedRows(p, columns, asked);
}

const oneEach = (list: readonly Columns[]): [number, number][] => list.map((c) => [c.y, 1]);

/** Something wakes the joints before depth is asked of them. */
function wakingRow(p: Program, columns: readonly Columns[], { all, request }: Asked): void {
  const least = Math.min(all.filter(isEarly).length, wakingAtLeast(request));
  if (least > 0) p.row(oneEach(columns.filter((c) => isEarly(c.unit))), least, Infinity);
}
const isEarly = (unit: PracticeUnit): boolean =>
  unit.wakes && stationRank(unit.station) <= stationRank('standing') && unit.kind !== 'rest';

/**
 * Whoever is held or works lying, before anything else, was moved there first: where something that moves lying is open
 * at all.
 */
function movedFirstRows(p: Program, columns: readonly Columns[], { all, request, locked }: Asked): void {
  if (wakingAtLeast(request) === 0 || !all.some(movesFirst)) return;
  const isLocked = (c: Columns): boolean => locked.some((l) => l.key === c.unit.key);
  const moving = columns.filter((c) => movesFirst(c.unit));
  // What was chosen by hand may leave no room for it.
  const full = columns.filter((c) => c.unit.kind === 'mobility' && isLocked(c)).length >= movingBetween(request).most;
  for (const c of columns)
    if (isHeldFirst(c.unit) && !isLocked(c) && !full)
      p.row([[c.y, 1], ...moving.map((m): [number, number] => [m.y, -1])], -Infinity, 0);
}

/** Joints are moved before they are held, and not for half an hour. */
function movingRow(p: Program, columns: readonly Columns[], { all, request, locked }: Asked): void {
  const moving = columns.filter((c) => c.unit.kind === 'mobility');
  const { least, most } = movingBetween(request);
  const fixed = moving.filter((c) => locked.some((l) => l.key === c.unit.key)).length;
  const could = all.filter((u) => u.kind === 'mobility').length;
  if (could > 0) p.row(oneEach(moving), Math.min(could, least), Math.max(most, fixed));
}

/** A rest in the middle is one shape, and there are few. */
function pauseRows(p: Program, columns: readonly Columns[], { locked }: Asked): void {
  const pauses = columns.filter((c) => c.unit.kind === 'rest' && !locked.some((l) => l.key === c.unit.key));
  if (pauses.length === 0) return;
  p.row(oneEach(pauses), -Infinity, MOST_PAUSES);
  for (const id of new Set(pauses.map((c) => c.unit.shape.id)))
    p.row(oneEach(pauses.filter((c) => c.unit.shape.id === id)), -Infinity, 1);
}

/** Before the rest lying down, hips and back come to the middle. */
function neutralRow(p: Program, columns: readonly Columns[], { all, request, time }: Asked): void {
  if (request.minutes < NEUTRAL_FROM || time.restLeast <= 0 || !all.some((u) => u.neutral)) return;
  p.row(oneEach(columns.filter((c) => c.unit.neutral)), 1, Infinity);
}

/** How much longer than the time the longest shapes together must be for the number of shapes to be held. */
const ROOM = 1.1;

/** No more shapes than can be taught; where so few would not fill the minutes, as many as it takes. */
function numberRow(p: Program, columns: readonly Columns[], { all, request, time, locked }: Asked): void {
  const most = itemsAtMost(request);
  if (minutesOfLongest(all, most) > ROOM * time.work && locked.length < most) p.row(oneEach(columns), -Infinity, most);
}

/** Drills beyond a third of the time cost. */
function drillsRow(p: Program, columns: readonly Columns[], { time }: Asked): void {
  const over = p.column(-PRICES.drills / time.work, 0, Infinity);
  const minutes = columns.flatMap(({ unit, t, e }): [number, number][] => {
    const share = (unit.known ? 0 : 1) - MOST_DRILLS;
    return [[t, unit.sides.length * share], ...(e !== null ? [[e, share] as [number, number]] : [])];
  });
  p.row([...minutes, [over, -1]], -Infinity, 0);
}

/** A flow ends lying down, and not with a row of exercises. */
function flowEndRow(p: Program, columns: readonly Columns[], { request, locked }: Asked): void {
  const most = styleOf(request.style).drillsAtEnd;
  const drills = columns.filter((c) => isDrillAtEnd(c.unit));
  const kept = drills.filter((c) => locked.some((l) => l.key === c.unit.key)).length;
  if (drills.length > most) p.row(oneEach(drills), -Infinity, Math.max(most, kept));
}

/** Worth from which a shape counts as one that could serve an aim. */
const COULD = 0.3;
/** Shapes from which an aim is not left to one alone, and minutes from which a practice is long enough for two. */
const THREE = 3;
const LONG = 15;

/** No aim is served by one shape alone where three could. */
function sharedRows(p: Program, columns: readonly Columns[], { all, aims, wanted, request, locked }: Asked): void {
  if (request.minutes < LONG) return;
  aims.forEach((aim, a) => {
    const could = new Set(
      all.filter((u) => u.sides.some((r) => worthFor(r, aim).worth >= COULD)).map((u) => u.shape.id),
    );
    if (could.size < THREE) return;
    for (const id of could) {
      const own = columns.filter((c) => c.unit.shape.id === id);
      if (own.length === 0 || own.some(({ unit }) => unit.peak || locked.some((l) => l.key === unit.key))) continue;
      const most = Math.max(MOST_OF_ONE_SHAPE.least, MOST_OF_ONE_SHAPE.share * wanted[a]);
      p.row(
        own.flatMap((c) => givenTo(aim, c)),
        -Infinity,
        most,
      );
    }
  });
}
