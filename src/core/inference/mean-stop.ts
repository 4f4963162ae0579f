import type { Draws } from './hamiltonian-sampler';
import type { Term } from './likelihood';
import { COUNT, DIMENSIONS, weigh } from './prior';

/** Draws that are looked at: shares change little from one to the next. */
const LOOKED_AT = 60;

/**
 * A term's stop averaged over draws: what each element of its side has of it (the shares of its active elements add up
 * to 1), and where it comes, in the unit of the reading.
 */
export function meanStop(draws: Draws, term: Term): { shares: Float64Array; end: number } {
  const n = draws.chains * draws.perChain;
  const scratch = new Float64Array(COUNT),
    weights = new Float64Array(DIMENSIONS),
    shares = new Float64Array(COUNT);
  let end = 0;
  for (let k = 0; k < LOOKED_AT; k++) {
    weigh(draws.x, Math.floor((k * n) / LOOKED_AT) * DIMENSIONS, weights, 0, DIMENSIONS);
    end += term.table.stop(weights, term.offset, scratch).end / LOOKED_AT;
    for (const g of term.table.active) shares[g] += scratch[g] / LOOKED_AT;
  }
  return { shares, end };
}
