import { GROUP_OF, GROUPS, type GroupId, type Side } from '@/core/body';
import { ERROR, type Term } from './likelihood';
import { COUNT, DIMENSIONS, weigh } from './prior';
import { weightsWithout, type LeftOut } from './influence';
import type { Draws } from './hamiltonian-sampler';

/** Readings that do not fit: one that stands against all others, or two that contradict each other. */
export type Doubt =
  | {
      kind: 'stray';
      reading: string;
      side: Side;
      /** Where the others expect it, in its own unit. */
      expected: number;
      /** How many times its likely error it lies away. */
      beyond: number;
    }
  | { kind: 'contradiction'; readings: [string, string]; side: Side; group: GroupId };

/** Likely errors from which a reading stands against the others (our default; one in about 250 by chance). */
const STRAY_AT = 2.8;
/** Share of typical people's spread below which the others must hold the movement, or there is nothing to stray from. */
const HELD = 0.6;
/** Scales of error that must remain when it is believed as well: a lone witness is believed, a stray is not. */
const REMAINS = 1.5;
/** Scales of error by which two readings of one thing must pull apart, and each at least (our defaults). */
const APART = 3;
const EACH = 1.1;
/** Share of the stop from which a reading is mainly about one group. */
const MAINLY = 0.5;

/**
 * What does not fit together. A stray lies further from what all other readings expect of it (posterior draws weighed as if
 * it had not been taken) than error explains, although they say much about it; the only witness of a thing strays from nobody. Two contradict where both are mainly about one group of a side, and one
 * says less range and the other more than they can agree on; then neither is believed.
 */
export function doubtsOf(draws: Draws, terms: readonly Term[], left: LeftOut): Doubt[] {
  const n = left.of.length;
  const w = new Float64Array(n);
  const fits = terms.map((term, t) => {
    weightsWithout(left, t, w);
    const upward = term.table.readout.better === 'higher' ? 1 : -1;
    let mean = 0,
      square = 0,
      now = 0;
    for (let k = 0; k < n; k++) {
      const end = left.ends[t * n + k];
      mean += w[k] * end;
      square += w[k] * end * end;
      now += end / n;
    }
    const tissue = Math.max(0, square - mean * mean);
    const spread = Math.sqrt(tissue + (term.scale ** 2 * ERROR.degrees) / (ERROR.degrees - 2));
    return {
      term,
      expected: mean,
      /** Against all others; + where the reading has more range than expected. */
      beyond: ((term.value - mean) * upward) / spread,
      held: Math.sqrt(tissue) < HELD * term.table.norm.sd,
      /** What is left of it after all are believed. */
      rest: ((term.value - now) * upward) / term.scale,
      group: mainGroup(draws, term),
    };
  });
  const contradictions: Doubt[] = [];
  for (let a = 0; a < fits.length; a++)
    for (let b = a + 1; b < fits.length; b++) {
      const [x, y] = [fits[a], fits[b]];
      if (x.term.side !== y.term.side || x.group === null || x.group !== y.group) continue;
      if (x.term.atLeast || y.term.atLeast || x.rest * y.rest >= 0) continue;
      if (Math.min(Math.abs(x.rest), Math.abs(y.rest)) < EACH || Math.abs(x.rest - y.rest) < APART) continue;
      contradictions.push({
        kind: 'contradiction',
        readings: [x.term.reading.id, y.term.reading.id],
        side: x.term.side,
        group: x.group,
      });
    }
  const spoken = new Set(contradictions.flatMap((d) => (d.kind === 'contradiction' ? d.readings : [])));
  const strays = fits
    .filter((f) => Math.abs(f.beyond) > STRAY_AT && f.held && Math.abs(f.rest) > REMAINS)
    .filter((f) => !spoken.has(f.term.reading.id))
    .filter((f) => !f.term.atLeast || f.beyond > 0)
    .sort((x, y) => Math.abs(y.beyond) - Math.abs(x.beyond))
    .map((f): Doubt => ({
      kind: 'stray',
      reading: f.term.reading.id,
      side: f.term.side,
      expected: f.expected,
      beyond: Math.abs(f.beyond),
    }));
  return [...contradictions, ...strays];
}

/** Group that a reading is mainly about: the one with most of the stop, averaged over draws; null where none has half. */
function mainGroup(draws: Draws, term: Term): GroupId | null {
  const n = draws.chains * draws.perChain;
  const shares = new Float64Array(COUNT),
    weights = new Float64Array(DIMENSIONS),
    byGroup = new Float64Array(GROUPS.length);
  const looked = 60;
  for (let k = 0; k < looked; k++) {
    weigh(draws.x, Math.floor((k * n) / looked) * DIMENSIONS, weights, 0, DIMENSIONS);
    term.table.stop(weights, term.offset, shares);
    for (const g of term.table.active) byGroup[GROUP_OF[g]] += shares[g] / looked;
  }
  const most = byGroup.indexOf(Math.max(...byGroup));
  return byGroup[most] >= MAINLY ? GROUPS[most] : null;
}
