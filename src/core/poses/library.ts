import paths from './data/paths.json';
import type { PoseAngles, Rung, Shape } from './format';
import { ownById, ownShapes } from './own';
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

/** The library and the teacher's own poses, those first that ship. The same list until her own change. */
export function allShapes(): readonly Shape[] {
  const own = ownShapes();
  if (own.length === 0) return LIBRARY;
  let known = together.get(own);
  if (!known) together.set(own, (known = [...LIBRARY, ...own.filter((s) => !shipped.has(s.id))]));
  return known;
}
const together = new WeakMap<readonly Shape[], readonly Shape[]>();

/** A shape by its id, or null. */
export const shapeById = (id: string): Shape | null => shipped.get(id) ?? ownById(id) ?? null;

/** A rung with its shape, numbered from 1, or null. */
export function rungOf(id: string, rung: number): { shape: Shape; rung: Rung } | null {
  const shape = shapeById(id);
  const found = shape?.rungs[rung - 1];
  return shape && found ? { shape, rung: found } : null;
}
