import { cholesky, solveLower, solveUpper } from './cholesky';
import type { Gaussian } from './gaussian-approximation';
import type { Draws } from './hamiltonian-sampler';
import type { Likelihood } from './likelihood';
import { COUNT, DIMENSIONS, priorGradient } from './prior';

const N = DIMENSIONS;
/** Draws over which the curvature is averaged. */
const POINTS = 8;
/** SD over which a slope is compared: wide enough to see past the kinks of the stop tables' grid. */
const STEP = 0.1;

/**
 * Gaussian whose precision is the mean curvature of the log posterior over a few of its own draws: the space in which a
 * sampler moves most freely (Titsias 2023, "Optimal preconditioning and Fisher adaptive Langevin sampling"). Unlike the
 * curvature at one place it sees directions that are soft on the whole, such as the exchange between two muscles either
 * of which may have stopped a movement. Where what it finds is no precision of anything, the Gaussian it was given.
 *
 * @param rough draws of a short first run
 */
export function meanCurvature(likelihood: Likelihood, rough: Draws, near: Gaussian): Gaussian {
  const points = thinned(rough);
  const precision = ofLikelihood(likelihood, points);
  addPrior(precision);
  try {
    return { mean: meanOf(points), factor: cholesky(inverse(cholesky(precision, N)), N) };
  } catch {
    return near;
  }
}

function thinned({ x, chains, perChain }: Draws): Float64Array[] {
  const all = chains * perChain;
  const at = (k: number): number => N * Math.min(all - 1, Math.floor(((k + 1) * all) / POINTS) - 1);
  return Array.from({ length: POINTS }, (_, k) => Float64Array.from(x.subarray(at(k), at(k) + N)));
}

function meanOf(points: readonly Float64Array[]): Float64Array {
  const mean = new Float64Array(N);
  for (const p of points) for (let i = 0; i < N; i++) mean[i] += p[i] / points.length;
  return mean;
}

/** −∂² ln likelihood, mean over the points, symmetric. No reading joins two sides, so both are stepped at once. */
function ofLikelihood(likelihood: Likelihood, points: readonly Float64Array[]): Float64Array {
  const out = new Float64Array(N * N),
    here = new Float64Array(N),
    there = new Float64Array(N);
  for (const p of points) {
    here.fill(0);
    likelihood.withGradient(p, here);
    for (let g = 0; g < COUNT; g++) {
      const [left, right] = [p[g], p[COUNT + g]];
      p[g] += STEP;
      p[COUNT + g] += STEP;
      there.fill(0);
      likelihood.withGradient(p, there);
      p[g] = left;
      p[COUNT + g] = right;
      for (const side of [0, COUNT])
        for (let j = 0; j < COUNT; j++) {
          const half = (here[side + j] - there[side + j]) / (2 * STEP * points.length);
          out[(side + g) * N + side + j] += half;
          out[(side + j) * N + side + g] += half;
        }
    }
  }
  return out;
}

function addPrior(precision: Float64Array): void {
  const unit = new Float64Array(N),
    row = new Float64Array(N);
  for (let i = 0; i < N; i++) {
    unit[i] = 1;
    priorGradient(unit, row);
    // The gradient of xᵀ K⁻¹ x is twice K⁻¹ x.
    for (let j = 0; j < N; j++) precision[i * N + j] += row[j] / 2;
    unit[i] = 0;
  }
}

/** Inverse of a matrix from its lower Cholesky factor. */
function inverse(lower: Float64Array): Float64Array {
  const out = new Float64Array(N * N);
  for (let i = 0; i < N; i++) {
    const column = out.subarray(i * N, (i + 1) * N);
    column[i] = 1;
    solveUpper(lower, N, solveLower(lower, N, column));
  }
  return out;
}
