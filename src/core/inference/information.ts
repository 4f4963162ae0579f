import { GROUPS, type Side } from '@/core/body';
import { PLACES } from '@/core/students/student';
import { normFor, type Context, type ModelledReadout } from '@/core/assessment/definition';
import { errorScale, ERROR } from './likelihood';
import { placesOf } from './evidence';
import { COUNT, DIMENSIONS } from './prior';
import { type Random } from './random';
import { drawCount, weightsOf } from './summarise';
import type { Draws } from './hamiltonian-sampler';
import { stopTableFor } from './stop-table';
import type { Known } from './known';

const VALUE_BINS = 4;

/** Draws that the question is asked of: more tell little more and cost the teacher's time. */
export const ASKED_DRAWS = 800;
const CELLS = PLACES.length * VALUE_BINS;
/** Groups, and one label for draws in which nothing is in question. */
const LABELS = GROUPS.length + 1;
export const NO_LIMITER = GROUPS.length;

/** Entropy in bits of `width` counts from `from`, with the Miller–Madow correction for few samples. */
function entropy(counts: Int32Array, from: number, width: number): number {
  let n = 0,
    h = 0,
    seen = 0;
  for (let k = from; k < from + width; k++) n += counts[k];
  if (n === 0) return 0;
  for (let k = from; k < from + width; k++) {
    const c = counts[k];
    if (c === 0) continue;
    h -= (c / n) * Math.log2(c / n);
    seen++;
  }
  return h + (seen - 1) / (2 * n * Math.LN2);
}

const together = new Int32Array(CELLS * LABELS);
const labelled = new Int32Array(LABELS);

/** Mutual information in bits between limiter labels and outcome cells (below `CELLS`) over the same draws. */
export function informationGain(labels: Uint8Array, cells: Uint16Array): number {
  together.fill(0);
  labelled.fill(0);
  for (let d = 0; d < labels.length; d++) {
    labelled[labels[d]]++;
    together[cells[d] * LABELS + labels[d]]++;
  }
  let conditional = 0;
  for (let cell = 0; cell < CELLS; cell++) {
    let n = 0;
    for (let k = 0; k < LABELS; k++) n += together[cell * LABELS + k];
    if (n > 0) conditional += (n / labels.length) * entropy(together, cell * LABELS, LABELS);
  }
  return Math.max(0, entropy(labelled, 0, LABELS) - conditional);
}

/** Every so-manieth draw, as one chain. */
export function thinnedTo(draws: Draws, most: number): Draws {
  const n = drawCount(draws);
  if (n <= most) return draws;
  const x = new Float32Array(most * DIMENSIONS);
  for (let k = 0; k < most; k++) {
    const d = Math.floor((k * n) / most);
    x.set(draws.x.subarray(d * DIMENSIONS, (d + 1) * DIMENSIONS), k * DIMENSIONS);
  }
  return { ...draws, x, chains: 1, perChain: most };
}

/** A reading that could be taken: of a read-out, a side and perhaps another way of doing it. */
export interface AskedReadout {
  test: string;
  readout: ModelledReadout;
  side: Side;
  variant?: string;
}

/** Outcome cell of a simulated reading in each draw: quarter of the values × place felt. */
export function simulate(
  { test, readout, side, variant }: AskedReadout,
  context: Context,
  { draws, person, model }: Omit<Known, 'terms'>,
  random: Random,
): Uint16Array {
  const table = stopTableFor(readout, context, normFor(readout, person.sexForNorms), model);
  const n = drawCount(draws);
  const scale = errorScale(readout, { trials: [0, 0], side, test, variant });
  const values = new Float64Array(n);
  const places = new Uint16Array(n);
  const weights = weightsOf(draws, side);
  const { active } = table;
  for (let d = 0; d < n; d++) {
    const { end, pulls } = table.crossing(weights, d * COUNT);
    values[d] = end + scale * random.studentT(ERROR.degrees);
    // What stops it first, then where that is felt: the same chances as of all together, at a tenth of the work.
    const stops = active[random.pick(pulls.subarray(0, active.length))];
    places[d] = random.pick(placesOf[stops]);
  }
  const sorted = Float64Array.from(values).sort();
  const cuts = Array.from({ length: VALUE_BINS - 1 }, (_, i) => sorted[Math.floor(((i + 1) / VALUE_BINS) * n)]);
  const cells = new Uint16Array(n);
  for (let d = 0; d < n; d++) {
    let bin = 0;
    while (bin < cuts.length && values[d] >= cuts[bin]) bin++;
    cells[d] = places[d] * VALUE_BINS + bin;
  }
  return cells;
}
