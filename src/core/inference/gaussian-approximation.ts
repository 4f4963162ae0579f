import { KAPPA } from '@/core/body';
import { cholesky, solveLower, solveUpper } from './cholesky';
import { beyondReading, ERROR, type Term } from './likelihood';
import { COUNT, DIMENSIONS, priorCovariance } from './prior';

const N = DIMENSIONS;
const ITERATIONS = 8;

/** A Gaussian near the posterior: mean and lower Cholesky factor of its covariance. */
export interface Gaussian {
  mean: Float64Array;
  factor: Float64Array;
}

/** The stops made straight round a mean: a row for each reading. */
interface Linear {
  /** What a tolerance more does to each stop. */
  jacobian: Float64Array;
  /** What is read beyond what the straight stops say where every tolerance is 0. */
  miss: Float64Array;
  /** Variance of each reading, as its t-distributed error weighs it here. */
  noise: Float64Array;
}

const weights = new Float64Array(N),
  shares = new Float64Array(COUNT);

function linearised(used: readonly Term[], mean: Float64Array): Linear {
  const m = used.length;
  const jacobian = new Float64Array(m * N),
    miss = new Float64Array(m),
    noise = new Float64Array(m);
  for (let i = 0; i < N; i++) weights[i] = Math.exp(-KAPPA * mean[i]);
  used.forEach((term, t) => {
    const { end, gain } = term.table.stop(weights, term.offset, shares);
    let along = 0;
    for (const g of term.table.active) {
      if (g === term.table.fixed) continue;
      jacobian[t * N + term.offset + g] = gain * shares[g];
      along += gain * shares[g] * mean[term.offset + g];
    }
    miss[t] = term.value - end + along;
    const r = beyondReading(term, end);
    noise[t] = (term.scale ** 2 * (ERROR.degrees + r * r)) / (ERROR.degrees + 1);
  });
  return { jacobian, miss, noise };
}

/** Covariance of tolerances with readings, a row a reading, and the Cholesky factor of the readings' own. */
function gainOf(prior: Float64Array, { jacobian, noise }: Linear): { cross: Float64Array; lower: Float64Array } {
  const m = noise.length;
  const cross = new Float64Array(m * N);
  const own = new Float64Array(m * m);
  for (let t = 0; t < m; t++)
    for (let i = 0; i < N; i++) {
      let sum = 0;
      for (let j = 0; j < N; j++) sum += prior[i * N + j] * jacobian[t * N + j];
      cross[t * N + i] = sum;
    }
  for (let a = 0; a < m; a++)
    for (let b = 0; b < m; b++) {
      let sum = a === b ? noise[a] : 0;
      for (let i = 0; i < N; i++) sum += jacobian[a * N + i] * cross[b * N + i];
      own[a * m + b] = sum;
    }
  return { cross, lower: cholesky(own, m) };
}

/** Covariance of the tolerances once the readings are known. */
function covarianceAfter(prior: Float64Array, cross: Float64Array, lower: Float64Array, m: number): Float64Array {
  const covariance = Float64Array.from(prior);
  const columns = new Float64Array(m * N);
  for (let i = 0; i < N; i++) {
    const column = solveLower(
      lower,
      m,
      Float64Array.from({ length: m }, (_, t) => cross[t * N + i]),
    );
    for (let t = 0; t < m; t++) columns[t * N + i] = column[t];
  }
  for (let i = 0; i < N; i++)
    for (let j = 0; j < N; j++)
      for (let t = 0; t < m; t++) covariance[i * N + j] -= columns[t * N + i] * columns[t * N + j];
  return covariance;
}

/**
 * Gaussian close to the posterior by repeated linearisation of the stops (iterated Kalman update; Bell & Cathey 1993),
 * with the t-distributed errors as weights. Places felt are left to the sampler. Used only to steer the sampler, never
 * shown: on its own it is too modest.
 */
export function approximate(terms: readonly Term[]): Gaussian {
  const prior = priorCovariance();
  const used = terms.filter((t) => !t.atLeast);
  const m = used.length;
  const mean = new Float64Array(N);
  let covariance = prior;
  for (let round = 0; round < ITERATIONS && m > 0; round++) {
    const linear = linearised(used, mean);
    const { cross, lower } = gainOf(prior, linear);
    const solved = solveUpper(lower, m, solveLower(lower, m, Float64Array.from(linear.miss)));
    for (let i = 0; i < N; i++) {
      let next = 0;
      for (let t = 0; t < m; t++) next += cross[t * N + i] * solved[t];
      // Half steps: the soft minimum switches limiters and full steps can swing between two of them.
      mean[i] += 0.6 * (next - mean[i]);
    }
    if (round === ITERATIONS - 1) covariance = covarianceAfter(prior, cross, lower, m);
  }
  const factor = cholesky(
    covariance.map((v, i) => v + (i % (N + 1) === 0 ? 1e-6 : 0)),
    N,
  );
  return { mean, factor };
}
