import { armsAt, LINE_STRUCTURES, linesOfStructure } from './actions';
import { HALF_COUNT, type Half } from './half-body';
import { LINES } from './lines';
import type { MuscleModel } from './muscle-model';

export interface Partner {
  structure: string;
  /** Cosine between the two muscles' turning effects, −1 … 1. */
  likeness: number;
}

/** From this likeness on two muscles help each other, from minus this on they oppose (our default). */
export const ALIKE = 0.5;

/**
 * Muscles of the same side that turn the joints as this one does at a posture, and those that turn them the other way.
 * A muscle's effect is the sum over its lines of greatest force × arm, about every coordinate; likeness is the cosine
 * between two effects. Nothing is said of who is active: it is what each could do.
 */
export function partnersAt(
  model: MuscleModel,
  half: Half,
  structure: string,
): { helpers: Partner[]; opposers: Partner[] } {
  const arms = armsAt(model, half);
  const effect = (name: string): Float64Array => {
    const out = new Float64Array(HALF_COUNT);
    for (const i of linesOfStructure(name))
      for (let c = 0; c < HALF_COUNT; c++) out[c] += LINES[i].maximumForce_N * arms[i * HALF_COUNT + c];
    return out;
  };
  const own = effect(structure);
  const length = (v: Float64Array) => Math.sqrt(v.reduce((s, x) => s + x * x, 0));
  const all = LINE_STRUCTURES.filter((s) => s !== structure).map((name): Partner => {
    const other = effect(name);
    const product = own.reduce((s, v, c) => s + v * other[c], 0);
    return { structure: name, likeness: product / Math.max(1e-12, length(own) * length(other)) };
  });
  return {
    helpers: all.filter((p) => p.likeness >= ALIKE).sort((a, b) => b.likeness - a.likeness),
    opposers: all.filter((p) => p.likeness <= -ALIKE).sort((a, b) => a.likeness - b.likeness),
  };
}
