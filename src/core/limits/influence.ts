import { GROUPS, KAPPA, type GroupId } from '@/core/body';
import type { Draws } from './hamiltonian-sampler';
import { termLogLikelihood, type Term } from './likelihood';
import { COUNT, DIMENSIONS } from './prior';

/** A reading that carries a statement, by what would become of it without. */
export interface Carrier {
  reading: string;
  /** Probability of the same limiter had this reading not been taken, 0–1. */
  without: number;
}

/** Draws that are weighed anew; more change the second figure only. */
const WEIGHED = 400;

/**
 * Log-likelihood of every term at a thinned set of draws: `terms.length × n`, draw by draw within a term. Made once for all
 * movements.
 */
export function leaveOneOut(draws: Draws, terms: readonly Term[]): { logs: Float64Array; of: Int32Array } {
  const all = draws.chains * draws.perChain;
  const n = Math.min(WEIGHED, all);
  const of = Int32Array.from({ length: n }, (_, k) => Math.floor((k * all) / n));
  const logs = new Float64Array(terms.length * n);
  const weights = new Float64Array(DIMENSIONS),
    shares = new Float64Array(COUNT);
  for (let k = 0; k < n; k++) {
    const at = of[k] * DIMENSIONS;
    for (let i = 0; i < DIMENSIONS; i++) weights[i] = Math.exp(-KAPPA * draws.x[at + i]);
    terms.forEach((term, t) => {
      logs[t * n + k] = termLogLikelihood(term, weights, shares);
    });
  }
  return { logs, of };
}

/**
 * The readings that a limiter rests on, ranked by how much its probability would fall or rise without them: posterior draws
 * weighed by one over the reading's likelihood, weights cut at mean·√n (truncated importance sampling, Ionides 2008).
 * @param group limiter of each draw, as of `limitersPerDraw`
 */
export function carriersOf(
  group: Uint8Array,
  limiter: GroupId,
  terms: readonly Term[],
  side: 'left' | 'right',
  { logs, of }: { logs: Float64Array; of: Int32Array },
  most = 3,
): Carrier[] {
  const n = of.length;
  const wanted = GROUPS.indexOf(limiter);
  const hit = Uint8Array.from(of, (d) => (group[d] === wanted ? 1 : 0));
  const now = hit.reduce((s, v) => s + v, 0) / n;
  const w = new Float64Array(n);
  return terms
    .map((term, t) => ({ term, t }))
    .filter(({ term }) => term.side === side)
    .map(({ term, t }) => {
      let least = Infinity;
      for (let k = 0; k < n; k++) least = Math.min(least, logs[t * n + k]);
      let mean = 0;
      for (let k = 0; k < n; k++) mean += (w[k] = Math.exp(least - logs[t * n + k])) / n;
      const cap = mean * Math.sqrt(n);
      let sum = 0,
        inside = 0;
      for (let k = 0; k < n; k++) {
        const v = Math.min(w[k], cap);
        sum += v;
        inside += v * hit[k];
      }
      return { reading: term.reading.id, without: inside / sum };
    })
    .sort((a, b) => Math.abs(b.without - now) - Math.abs(a.without - now) || (a.reading < b.reading ? -1 : 1))
    .slice(0, most);
}
