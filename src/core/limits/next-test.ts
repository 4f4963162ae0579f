import { KAPPA, GROUPS, SIDES, type Side, type StrandModel } from '@/core/body';
import { PLACES } from '@/core/people/student';
import { BATTERY, MOVEMENTS } from '@/core/tests/battery';
import { normFor, type Readout } from '@/core/tests/definition';
import { boneContext, errorScale, ERROR, type Term, type Compared } from './likelihood';
import { placeGiven } from './evidence';
import type { NextTest } from './findings';
import { COUNT, DIMENSIONS } from './prior';
import { Random } from './random';
import { drawCount, limitersPerDraw, tableOf } from './summarise';
import type { Draws } from './hamiltonian-sampler';
import { stopTableFor } from './stop-table';

const VALUE_BINS = 4;

/** Entropy in bits of counts, with the Miller–Madow correction for few samples. */
function entropy(counts: readonly number[]): number {
  const n = counts.reduce((s, c) => s + c, 0);
  if (n === 0) return 0;
  let h = 0,
    seen = 0;
  for (const c of counts)
    if (c > 0) {
      h -= (c / n) * Math.log2(c / n);
      seen++;
    }
  return h + (seen - 1) / (2 * n * Math.LN2);
}

/** Mutual information in bits between limiter labels and outcome cells over the same draws. */
export function informationGain(labels: Uint8Array, cells: Uint16Array): number {
  const all = new Array<number>(GROUPS.length).fill(0);
  const byCell = new Map<number, number[]>();
  for (let d = 0; d < labels.length; d++) {
    all[labels[d]]++;
    let counts = byCell.get(cells[d]);
    if (!counts) byCell.set(cells[d], (counts = new Array<number>(GROUPS.length).fill(0)));
    counts[labels[d]]++;
  }
  let conditional = 0;
  for (const counts of byCell.values())
    conditional += (counts.reduce((s, c) => s + c, 0) / labels.length) * entropy(counts);
  return Math.max(0, entropy(all) - conditional);
}

/**
 * Tests not yet done, by how much they are expected to tell about what stops this side's movements: mutual information
 * between the limiter and a simulated outcome (reading with its error, place felt) over the posterior draws.
 */
export function nextTests(
  draws: Draws,
  terms: readonly Term[],
  person: Compared,
  model: StrandModel,
  seed: number,
): NextTest[] {
  const done = new Set(terms.map((t) => `${t.reading.test}/${t.reading.readout}/${t.reading.side}`));
  const random = new Random(seed + 29);
  return SIDES.flatMap((side) => {
    const open = BATTERY.map((t) => ({
      test: t.id,
      readouts: t.readouts.filter((r) => !done.has(`${t.id}/${r.id}/${side}`)),
    }));
    if (open.every((t) => t.readouts.length === 0)) return [];
    const questions = MOVEMENTS.map((m) => limitersPerDraw(draws, tableOf(m, side, terms, person, model), side).group);
    return open
      .filter((t) => t.readouts.length > 0)
      .map(({ test, readouts }) => {
        let gain = 0;
        for (const readout of readouts) {
          const cells = simulate(readout, side, draws, person, model, random);
          for (const labels of questions) gain += informationGain(labels, cells);
        }
        return { test, side, gain };
      });
  }).sort((a, b) => b.gain - a.gain || (a.test + a.side < b.test + b.side ? -1 : 1));
}

/** Outcome cell of a simulated reading in each draw: quarter of the values × place felt. */
function simulate(
  readout: Readout,
  side: Side,
  draws: Draws,
  person: Compared,
  model: StrandModel,
  random: Random,
): Uint16Array {
  const table = stopTableFor(readout, boneContext(person, side), normFor(readout, person.sexForNorms), model);
  const n = drawCount(draws);
  const offset = side === 'left' ? 0 : COUNT;
  const scale = errorScale(readout, { trials: [0, 0] });
  const values = new Float64Array(n);
  const places = new Uint16Array(n);
  const weights = new Float64Array(COUNT),
    shares = new Float64Array(COUNT);
  const likely = PLACES.map((p) => placeGiven(p));
  const chance = new Float64Array(PLACES.length);
  for (let d = 0; d < n; d++) {
    for (let g = 0; g < COUNT; g++) weights[g] = Math.exp(-KAPPA * draws.x[d * DIMENSIONS + offset + g]);
    values[d] = table.stop(weights, 0, shares).end + scale * random.studentT(ERROR.degrees);
    for (let p = 0; p < PLACES.length; p++) {
      chance[p] = 0;
      for (let g = 0; g < COUNT; g++) chance[p] += shares[g] * likely[p][g];
    }
    places[d] = random.pick(chance);
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
