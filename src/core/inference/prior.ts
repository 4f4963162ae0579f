import { ELEMENTS, KAPPA } from '@/core/body';

/** Elements a side. Tolerances `x` are in SD of typical people: x[side × COUNT + element], left first. */
export const COUNT = ELEMENTS.length;
export const DIMENSIONS = 2 * COUNT;
/** Independent normals behind the tolerances: one for the whole person, one an element, one an element and side. */
export const LATENT = 1 + COUNT + DIMENSIONS;

/**
 * Shares of the variance, our defaults after the trial of the inference: a generally stiff or mobile person 0.25, what
 * both sides of a muscle share 0.35, the rest of one side's own. So two muscles of a leg correlate 0.25 and the
 * same muscle of both legs 0.60.
 */
const GENERAL = Math.sqrt(0.25);
const BOTH_SIDES = Math.sqrt(0.35);
const OWN = Math.sqrt(0.4);

/** Tolerances from independent standard normals, written into `out` (length DIMENSIONS). */
export function tolerancesFrom(latent: Float64Array, out: Float64Array): Float64Array {
  for (let g = 0; g < COUNT; g++) {
    const shared = GENERAL * latent[0] + BOTH_SIDES * latent[1 + g];
    out[g] = shared + OWN * latent[1 + COUNT + g];
    out[COUNT + g] = shared + OWN * latent[1 + 2 * COUNT + g];
  }
  return out;
}

/** Covariance of the tolerances among people, row-major DIMENSIONS × DIMENSIONS. */
export function priorCovariance(): Float64Array {
  const k = new Float64Array(DIMENSIONS * DIMENSIONS);
  for (let i = 0; i < DIMENSIONS; i++)
    for (let j = 0; j < DIMENSIONS; j++) {
      const same = i % COUNT === j % COUNT;
      k[i * DIMENSIONS + j] = GENERAL ** 2 + (same ? BOTH_SIDES ** 2 : 0) + (i === j ? OWN ** 2 : 0);
    }
  return k;
}

const ALPHA = 2 * BOTH_SIDES ** 2 + OWN ** 2;
const BETA = 2 * GENERAL ** 2;

/**
 * `xᵀ K⁻¹ x` for the prior covariance K, in closed form: sums and differences of the two sides are independent, and the
 * sums' covariance is a multiple of the identity plus a constant (Sherman–Morrison).
 */
export function priorQuadratic(x: Float64Array): number {
  let differences = 0,
    squares = 0,
    total = 0;
  for (let g = 0; g < COUNT; g++) {
    const d = x[g] - x[COUNT + g],
      s = (x[g] + x[COUNT + g]) * Math.SQRT1_2;
    differences += (d * d) / 2;
    squares += s * s;
    total += s;
  }
  return differences / OWN ** 2 + squares / ALPHA - (BETA / (ALPHA * (ALPHA + COUNT * BETA))) * total * total;
}

/** Gradient of `priorQuadratic`, written into `out` (length DIMENSIONS). */
export function priorGradient(x: Float64Array, out: Float64Array): Float64Array {
  let total = 0;
  for (let g = 0; g < COUNT; g++) total += (x[g] + x[COUNT + g]) * Math.SQRT1_2;
  const pull = 2 * (BETA / (ALPHA * (ALPHA + COUNT * BETA))) * total;
  for (let g = 0; g < COUNT; g++) {
    const difference = (x[g] - x[COUNT + g]) / OWN ** 2;
    const sum = ((2 * (x[g] + x[COUNT + g]) * Math.SQRT1_2) / ALPHA - pull) * Math.SQRT1_2;
    out[g] = sum + difference;
    out[COUNT + g] = sum - difference;
  }
  return out;
}

/** Writes what the elements resist with, `exp(−κ x)`, for `count` tolerances from `from` into `out` from `at`. */
export function weigh(x: ArrayLike<number>, from: number, out: Float64Array, at: number, count: number): void {
  for (let i = 0; i < count; i++) out[at + i] = Math.exp(-KAPPA * x[from + i]);
}
