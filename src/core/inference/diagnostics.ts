import type { Draws } from './hamiltonian-sampler';
import { DIMENSIONS } from './prior';

/**
 * Convergence of the chains for one quantity: potential scale reduction (R-hat; Gelman & Rubin 1992, split chains)
 * and effective sample size from the autocorrelation, cut at its first negative pair (Geyer 1992).
 */
export function convergence(draws: Draws, coordinate: number): { rhat: number; effective: number } {
  const { chains, perChain, x } = draws;
  const half = Math.floor(perChain / 2);
  const parts: Float64Array[] = [];
  for (let c = 0; c < chains; c++)
    for (let h = 0; h < 2; h++) {
      const part = new Float64Array(half);
      for (let i = 0; i < half; i++) part[i] = x[(c * perChain + h * half + i) * DIMENSIONS + coordinate];
      parts.push(part);
    }
  const means = parts.map(mean);
  const grand = mean(means);
  const within = mean(parts.map((p, i) => variance(p, means[i])));
  const between = (half * means.reduce((s, m) => s + (m - grand) ** 2, 0)) / (parts.length - 1);
  const pooled = ((half - 1) / half) * within + between / half;
  const rho = (lag: number) => {
    let sum = 0;
    parts.forEach((p, k) => {
      for (let i = 0; i + lag < half; i++) sum += (p[i] - means[k]) * (p[i + lag] - means[k]);
    });
    return sum / (parts.length * half) / pooled;
  };
  let time = 1;
  for (let lag = 1; lag + 1 < half; lag += 2) {
    const pair = rho(lag) + rho(lag + 1);
    if (pair <= 0) break;
    time += 2 * pair;
  }
  const total = parts.length * half;
  return { rhat: Math.sqrt(pooled / within), effective: Math.min(total, total / time) };
}

/** Worst of both measures over all tolerances. */
export function worstConvergence(draws: Draws): { rhat: number; effective: number } {
  let rhat = 0,
    effective = Infinity;
  for (let i = 0; i < DIMENSIONS; i++) {
    const c = convergence(draws, i);
    rhat = Math.max(rhat, c.rhat);
    effective = Math.min(effective, c.effective);
  }
  return { rhat, effective };
}

function mean(values: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += values[i];
  return sum / values.length;
}

function variance(values: Float64Array, about: number): number {
  let sum = 0;
  for (const v of values) sum += (v - about) ** 2;
  return sum / (values.length - 1);
}
