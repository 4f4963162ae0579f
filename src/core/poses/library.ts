import paths from './data/paths.json';
import type { PoseAngles, Rung, Shape } from './format';
import { SKETCHES } from './shapes';
import { finished } from './sketch';

type Stored = readonly [PoseAngles, PoseAngles, PoseAngles];
const stored = paths as unknown as Readonly<Record<string, Stored>>;

/** The settled path of a rung of the library; undefined for one that has not been settled yet. */
function pathOf(id: string, rung: number): Rung['path'] | undefined {
  const own = stored[`${id}/${rung}`];
  if (!own) return undefined;
  const [entry, middle, full] = own;
  return [entry, { ...entry, ...middle }, { ...entry, ...full }];
}

/** Every shape of the library. */
export const LIBRARY: readonly Shape[] = SKETCHES.map((sketch) => finished(sketch, (rung) => pathOf(sketch.id, rung)));

const byId = new Map(LIBRARY.map((s) => [s.id, s]));

/** A shape by its id, or null. */
export const shapeById = (id: string): Shape | null => byId.get(id) ?? null;

/** A rung with its shape, numbered from 1, or null. */
export function rungOf(id: string, rung: number): { shape: Shape; rung: Rung } | null {
  const shape = shapeById(id);
  const own = shape?.rungs[rung - 1];
  return shape && own ? { shape, rung: own } : null;
}
