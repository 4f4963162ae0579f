import paths from './data/paths.json';
import type { PoseAngles, Rung, Shape } from './format';
import { SKETCHES } from './shapes';
import { finished, type SettledRung } from './sketch';

/** Entry, what changes of it half-way and at full depth, and hands that had to go elsewhere than written. */
type Stored = readonly [PoseAngles, PoseAngles, PoseAngles, Rung['reach']?];
const stored = paths as unknown as Readonly<Record<string, Stored>>;

/** What settling made of a rung of the library; undefined for one that has not been settled yet. */
function settledOf(id: string, rung: number): SettledRung | undefined {
  const own = stored[`${id}/${rung}`];
  if (!own) return undefined;
  const [entry, middle, full, hands] = own;
  return { path: [entry, { ...entry, ...middle }, { ...entry, ...full }], ...(hands && { hands }) };
}

/** Every shape of the library. */
export const LIBRARY: readonly Shape[] = SKETCHES.map((sketch) =>
  finished(sketch, (rung) => settledOf(sketch.id, rung)),
);

const shipped = new Map(LIBRARY.map((s) => [s.id, s]));
let own: { list: readonly Shape[]; byId: ReadonlyMap<string, Shape> } = { list: [], byId: new Map() };

/**
 * Sets the teacher's own poses beside the library; each thread (page, worker, command line) is told once they change.
 * @param offered those that are ranked and built in; one that is still being made is only found by its id
 */
export function setOwnShapes(all: readonly Shape[], offered: readonly Shape[] = all): void {
  own = { list: offered.filter((s) => !shipped.has(s.id)), byId: new Map(all.map((s) => [s.id, s])) };
}

/** The library and the teacher's own poses, those first that ship. The same list until her own change. */
export function allShapes(): readonly Shape[] {
  if (own.list.length === 0) return LIBRARY;
  let known = together.get(own.list);
  if (!known) together.set(own.list, (known = [...LIBRARY, ...own.list]));
  return known;
}
const together = new WeakMap<readonly Shape[], readonly Shape[]>();

/** A shape by its id, or null. */
export const shapeById = (id: string): Shape | null => shipped.get(id) ?? own.byId.get(id) ?? null;

/** A rung with its shape, numbered from 1, or null. */
export function rungOf(id: string, rung: number): { shape: Shape; rung: Rung } | null {
  const shape = shapeById(id);
  const found = shape?.rungs[rung - 1];
  return shape && found ? { shape, rung: found } : null;
}
