import { GROUP_OF, GROUPS, halfOf, newHalf, otherSide, StrandModel, type Build } from '@/core/body';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { postureAt, type Rung } from '@/core/poses';
import { rungIn, type PosedRung } from './posed-rung';

/** Steps in which a path is looked at. */
export const STEPS = 20;
/** Different pairs of bones kept for a rung: a studio has few students with measured bones. */
const KEPT = 24;

/**
 * The way into a rung as the elements of a body stand along it: `[step × DIMENSIONS + column]`, made with the right
 * side worked.
 */
export interface RungPath {
  table: Float32Array;
  /** True where the left side is worked. */
  mirrored: boolean;
}

/** Tolerances of both sides, SD, beginning somewhere in a list of draws. */
export interface Tolerances {
  of: ArrayLike<number>;
  from: number;
}

/** The way into a rung for a student of this build. */
export function rungPathOf(posed: PosedRung, { version }: Pick<Build, 'version'>): RungPath {
  const { side } = posed;
  return { table: tableOf(rungIn(posed), version[side], version[otherSide(side)]), mirrored: side === 'left' };
}

/** The column of an element where it is mirrored or not. */
const columnOf = ({ mirrored }: RungPath, e: number): number => (mirrored ? (e + ELEMENT_COUNT) % DIMENSIONS : e);

/** Group and side of an element as one number: left groups, then right ones. */
export const groupKey = (element: number): number =>
  GROUP_OF[element % ELEMENT_COUNT] + (element < ELEMENT_COUNT ? 0 : GROUPS.length);

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

/** What the path lengthens by less than this, SD, cannot be what stops it. */
const MOVES_SD = 0.1;

export function moversOf(path: RungPath, without = -1, anySide = false): Movers {
  const { table } = path;
  const elements: number[] = [],
    columns: number[] = [];
  for (let e = 0; e < DIMENSIONS; e++) {
    const column = columnOf(path, e);
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
 */
export function firstStop(
  path: RungPath,
  { of: x, from }: Tolerances,
  enough: Float64Array,
  movers: Movers = moversOf(path),
): { step: number; element: number } {
  const { table } = path;
  let best = Infinity,
    element = -1;
  for (let k = 0; k < movers.elements.length; k++) {
    const e = movers.elements[k],
      column = movers.columns[k];
    const limit = x[from + e] + enough[e % ELEMENT_COUNT];
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
export function nearest(path: RungPath, { of: x, from }: Tolerances): number {
  let most = -Infinity,
    element = 0;
  for (let e = 0; e < DIMENSIONS; e++) {
    const column = columnOf(path, e);
    const near = path.table[STEPS * DIMENSIONS + column] - x[from + e];
    if (near > most) {
      most = near;
      element = e;
    }
  }
  return element;
}

/** Standing z of an element at a depth, between the steps of a table. */
export function standingAt(path: RungPath, e: number, depth: number): number {
  const { table } = path;
  const column = columnOf(path, e);
  const s = depth * STEPS,
    i = Math.min(STEPS - 1, Math.floor(s));
  const a = table[i * DIMENSIONS + column],
    b = table[(i + 1) * DIMENSIONS + column];
  return a + (b - a) * (s - i);
}
