import { GROUP_OF, GROUPS, type GroupId, type Side } from '@/core/body';
import { ERROR, type Term } from './likelihood';
import { meanStop } from './mean-stop';
import type { LeftOut } from './influence';
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
/**
 * Draws that must be left effective when a reading is taken away, or what the others expect is not known well enough.
 */
const LEAST_EFFECTIVE = 20;
/**
 * Share of typical people's spread below which the others must hold the movement, or there is nothing to stray from.
 */
const HELD = 0.6;
/**
 * SDs of typical people beyond which an expectation is doubted rather than the reading: there the model knows no end.
 */
const PLAUSIBLE = 3;
/** Scales of error that must remain when it is believed as well: a lone witness is believed, a stray is not. */
const REMAINS = 1.5;
/** Scales of error by which two readings of one thing must pull apart, and each at least (our defaults). */
const APART = 4;
const EACH = 1.6;
/** Share of the stop from which a reading is mainly about one element. */
const MAINLY = 0.5;

/** A reading against what all the others say, and against all together. */
interface Fit {
  term: Term;
  expected: number;
  /** Against all others, in likely errors; + where the reading has more range than expected. */
  beyond: number;
  /** True where the others hold the movement well enough to stray from. */
  held: boolean;
  /** What is left of it after all are believed. */
  rest: number;
  element: number | null;
}

function fitOf(draws: Draws, term: Term, t: number, left: LeftOut): Fit {
  const n = left.of.length;
  const w = left.without.subarray(t * n, (t + 1) * n);
  const upward = term.table.readout.better === 'higher' ? 1 : -1;
  let mean = 0,
    square = 0,
    now = 0,
    heaviness = 0;
  for (let k = 0; k < n; k++) {
    const end = left.ends[t * n + k];
    mean += w[k] * end;
    square += w[k] * end * end;
    now += end / n;
    heaviness += w[k] * w[k];
  }
  const tissue = Math.max(0, square - mean * mean);
  const spread = Math.sqrt(tissue + (term.scale ** 2 * ERROR.degrees) / (ERROR.degrees - 2));
  return {
    term,
    expected: mean,
    beyond: ((term.value - mean) * upward) / spread,
    held:
      heaviness * LEAST_EFFECTIVE < 1 &&
      Math.sqrt(tissue) < HELD * term.table.norm.sd &&
      Math.abs(mean - term.table.norm.mean) < PLAUSIBLE * term.table.norm.sd,
    rest: ((term.value - now) * upward) / term.scale,
    element: mainElement(draws, term),
  };
}

/** True where two readings are about one element of a side and cannot both be believed. */
function contradict(x: Fit, y: Fit): boolean {
  if (x.term.side !== y.term.side || x.element === null || x.element !== y.element) return false;
  if (x.term.atLeast || y.term.atLeast || x.rest * y.rest >= 0) return false;
  return Math.min(Math.abs(x.rest), Math.abs(y.rest)) >= EACH && Math.abs(x.rest - y.rest) >= APART;
}

type Contradiction = Extract<Doubt, { kind: 'contradiction' }>;
function contradictionsIn(fits: readonly Fit[]): Contradiction[] {
  return fits.flatMap((x, a) =>
    fits
      .slice(a + 1)
      .flatMap((y): Contradiction[] =>
        contradict(x, y) && x.element !== null
          ? [
              {
                kind: 'contradiction',
                readings: [x.term.reading.id, y.term.reading.id],
                side: x.term.side,
                group: GROUPS[GROUP_OF[x.element]],
              },
            ]
          : [],
      ),
  );
}

/**
 * What does not fit together. A stray lies further from what all other readings expect of it (posterior draws weighed
 * as if it had not been taken) than error explains, although they say much about it; the only witness of a thing strays
 * from nobody. Two contradict where both are mainly about one muscle of a side, and one says less range and the other
 * more than they can agree on; then neither is believed.
 */
export function doubtsOf(draws: Draws, terms: readonly Term[], left: LeftOut): Doubt[] {
  const fits = terms.map((term, t) => fitOf(draws, term, t, left));
  const contradictions = contradictionsIn(fits);
  const spoken = new Set(contradictions.flatMap((d) => d.readings));
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

/**
 * Element that a reading is mainly about: the one with most of the stop, averaged over draws; null where none has half.
 */
function mainElement(draws: Draws, term: Term): number | null {
  const mean = meanStop(draws, term).shares;
  const most = mean.indexOf(Math.max(...mean));
  return mean[most] >= MAINLY ? most : null;
}
