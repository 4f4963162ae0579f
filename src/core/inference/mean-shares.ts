import type { Draws } from './hamiltonian-sampler';
import type { Term } from './likelihood';
import { COUNT, DIMENSIONS, weigh } from './prior';

/** Draws that are looked at: shares change little from one to the next. */
const LOOKED_AT = 60;

/** What each element of a term's side has of the stop, averaged over draws; the shares of its active elements add up to 1. */
export function meanShares(draws: Draws, term: Term): Float64Array {
  const n = draws.chains * draws.perChain;
  const shares = new Float64Array(COUNT),
    weights = new Float64Array(DIMENSIONS),
    mean = new Float64Array(COUNT);
  for (let k = 0; k < LOOKED_AT; k++) {
    weigh(draws.x, Math.floor((k * n) / LOOKED_AT) * DIMENSIONS, weights, 0, DIMENSIONS);
    term.table.stop(weights, term.offset, shares);
    for (const g of term.table.active) mean[g] += shares[g] / LOOKED_AT;
  }
  return mean;
}

/** Where a term's movement ends, averaged over draws, in the unit of its reading. */
export function meanEnd(draws: Draws, term: Term): number {
  const n = draws.chains * draws.perChain;
  const shares = new Float64Array(COUNT),
    weights = new Float64Array(DIMENSIONS);
  let mean = 0;
  for (let k = 0; k < LOOKED_AT; k++) {
    weigh(draws.x, Math.floor((k * n) / LOOKED_AT) * DIMENSIONS, weights, 0, DIMENSIONS);
    mean += term.table.stop(weights, term.offset, shares).end / LOOKED_AT;
  }
  return mean;
}
