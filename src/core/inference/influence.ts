import { GROUPS, type GroupId, type Side } from '@/core/body';
import type { Draws } from './hamiltonian-sampler';
import { termLogLikelihood, type Term } from './likelihood';
import { COUNT, DIMENSIONS, weigh } from './prior';

/** A reading that carries a statement, by what would become of it without. */
export interface Carrier {
  reading: string;
  /** Probability of the same limiter had this reading not been taken, 0–1. */
  without: number;
}

/** Draws that are weighed anew; more change the second figure only. */
const WEIGHED = 400;

/** What the draws say of every term, `terms.length × n`, draw by draw within a term. */
export interface LeftOut {
  /** Log-likelihood of every term at the weighed draws, draw by draw within a term. */
  logs: Float64Array;
  /** How far each term's movement would go in those draws, in the unit of its reading. */
  ends: Float64Array;
  /** Weights of those draws as if the term had not been read; they sum to 1 within a term. */
  without: Float64Array;
  /** The draws that were weighed. */
  of: Int32Array;
}

/** Weighs a thinned set of draws as if each reading had not been taken; made once for all movements. */
export function leaveOneOut(draws: Draws, terms: readonly Term[]): LeftOut {
  const all = draws.chains * draws.perChain;
  const n = Math.min(WEIGHED, all);
  const of = Int32Array.from({ length: n }, (_, k) => Math.floor((k * all) / n));
  const logs = new Float64Array(terms.length * n),
    ends = new Float64Array(terms.length * n);
  const weights = new Float64Array(DIMENSIONS),
    shares = new Float64Array(COUNT);
  for (let k = 0; k < n; k++) {
    const at = of[k] * DIMENSIONS;
    weigh(draws.x, at, weights, 0, DIMENSIONS);
    terms.forEach((term, t) => {
      logs[t * n + k] = termLogLikelihood(term, weights, shares, ends, t * n + k);
    });
  }
  const without = new Float64Array(terms.length * n);
  for (let t = 0; t < terms.length; t++)
    withoutIt(logs.subarray(t * n, (t + 1) * n), without.subarray(t * n, (t + 1) * n));
  return { logs, ends, without, of };
}

/** Weights one over the likelihood, cut at mean·√n (Ionides 2008), summing to 1. Into `out`. */
function withoutIt(logs: Float64Array, out: Float64Array): void {
  const n = logs.length;
  let least = Infinity,
    mean = 0,
    sum = 0;
  for (let k = 0; k < n; k++) least = Math.min(least, logs[k]);
  for (let k = 0; k < n; k++) mean += (out[k] = Math.exp(least - logs[k])) / n;
  const cap = mean * Math.sqrt(n);
  for (let k = 0; k < n; k++) sum += out[k] = Math.min(out[k], cap);
  for (let k = 0; k < n; k++) out[k] /= sum;
}

/**
 * The readings that a limiter rests on, ranked by how much its probability would fall or rise without them: posterior
 * draws weighed by one over the reading's likelihood, weights cut at mean·√n (truncated importance sampling, Ionides
 * 2008).
 * @param told the limiter that is told of a side; `group` is the one of each draw, as of `limitersPerDraw`
 */
export function carriersOf(
  { group, limiter, side }: { group: Uint8Array; limiter: GroupId; side: Side },
  terms: readonly Term[],
  left: LeftOut,
  most = 3,
): Carrier[] {
  const { of } = left;
  const n = of.length;
  const wanted = GROUPS.indexOf(limiter);
  const hit = Uint8Array.from(of, (d) => (group[d] === wanted ? 1 : 0));
  const now = hit.reduce((s, v) => s + v, 0) / n;
  // Changes below a millionth are roundings: which of them is larger differs from one JavaScript engine to the next.
  const change = (c: Carrier) => Math.round(1e6 * Math.abs(c.without - now));
  return terms
    .map((term, t) => ({ term, t }))
    .filter(({ term }) => term.side === side)
    .map(({ term, t }) => {
      let inside = 0;
      for (let k = 0; k < n; k++) inside += left.without[t * n + k] * hit[k];
      return { reading: term.reading.id, without: Math.min(1, inside) };
    })
    .sort((a, b) => change(b) - change(a) || (a.reading < b.reading ? -1 : 1))
    .slice(0, most);
}
