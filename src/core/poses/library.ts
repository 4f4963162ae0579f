import { checkAngles, type Rung, type Shape } from './format';
import { KNEELING } from './kneeling';
import { ON_THE_BACK } from './on-the-back';
import { ON_THE_FRONT } from './on-the-front';
import { SEATED_AND_STANDING } from './seated-and-standing';

/** All shapes with their ladders. */
export const LIBRARY: readonly Shape[] = [...ON_THE_BACK, ...ON_THE_FRONT, ...KNEELING, ...SEATED_AND_STANDING];
for (const shape of LIBRARY) for (const rung of shape.rungs) [rung.entry, rung.full].forEach(checkAngles);

export const shapeById = (id: string): Shape | null => LIBRARY.find((s) => s.id === id) ?? null;

/** A rung by its number from 1, mildest first; null where the shape or rung is unknown. */
export function rungOf(pose: string, rung: number): { shape: Shape; rung: Rung } | null {
  const shape = shapeById(pose);
  const found = shape?.rungs[rung - 1];
  return shape && found ? { shape, rung: found } : null;
}
