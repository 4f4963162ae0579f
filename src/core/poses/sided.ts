import { MIRRORED, type PoseAngles, type Rung, type Shape } from './format';

/** Degrees between the sides that nobody sees. */
const SAME = 1.5;
const known = new WeakMap<Rung, boolean>();

const even = (angles: PoseAngles): boolean =>
  Object.entries(angles).every(([id, v]) => {
    if (MIRRORED.has(id)) return Math.abs(v) < SAME;
    const mate = id.endsWith('_worked')
      ? id.replace('_worked', '_other')
      : id.endsWith('_other')
        ? id.replace('_other', '_worked')
        : null;
    return mate === null || Math.abs(v - (angles[mate] ?? 0)) < SAME;
  });

/**
 * Whether a rung is done once on each side. A shape may have sides and one of its rungs none: heel raises on both feet
 * are done once, on one foot right and left. Read from the path: a rung in which both sides do the same along the whole
 * of it has no sides.
 */
export function isSided(shape: Pick<Shape, 'sided'>, rung: Rung): boolean {
  if (!shape.sided) return false;
  let sided = known.get(rung);
  if (sided === undefined) {
    sided = !rung.path.every(even);
    known.set(rung, sided);
  }
  return sided;
}

/** True where what is told of one side is told of the other: the same side, or a rung that has none. */
export const sameSide = (a: string, b: string): boolean => a === b || a === 'both' || b === 'both';
