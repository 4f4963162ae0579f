import { say } from '@/core/languages/spoken';
import { otherSide, type Side } from '@/core/body';
import { bandOf, detectableAt, normOf, type Readout, type Norm } from '@/core/assessment/definition';
import { meanOf, withUnit, type Reading, type ReadingSide } from '@/core/assessment/reading';
import type { SexForNorms } from '@/core/students/student';
import { dayOf } from '@/core/day-of';

/** Something that makes a value unlikely, with what to offer. */
export interface ValueDoubt {
  kind: 'norm' | 'side' | 'before' | 'expected' | 'inches' | 'swapped' | 'spread';
  message: string;
  /** A value that may have been meant. */
  instead?: number;
}

/** What a value is held against. */
export interface HeldAgainst {
  readout: Readout;
  side: ReadingSide;
  sex: SexForNorms;
  age?: number;
  /** Newest reading of the same kind and side, and of the other side, if any. */
  before?: Reading;
  across?: Reading;
  /** What the model expects from all other readings: mean and 80 % interval. */
  expected?: { mean: number; low: number; high: number };
}

/**
 * Beyond these a value is asked about once (our defaults): SDs of the norm, errors of measuring, half-widths of the
 * interval.
 */
const FAR = { norm: 3, side: 3.5, before: 3, expected: 2.5 } as const;
const INCH = 2.54;

/** What speaks against a possible value; empty where nothing does. The value is in the unit of the reading. */
export function valueDoubts(value: number, known: HeldAgainst): ValueDoubt[] {
  const { readout } = known;
  const out: ValueDoubt[] = [];
  const said = (v: number) => withUnit(readout, v);
  const norm = normOf(readout, known.sex, known.age);
  const error = detectableAt(readout, value);
  const far = norm ? Math.abs(bandOf(readout, value, norm)) : 0;
  if (readout.unit === 'cm' && norm) {
    const inCm = value * INCH;
    const fits = (v: number) => Math.abs(bandOf(readout, v, norm)) < 1.5;
    const reference = known.before ?? known.across;
    const nearer = reference
      ? Math.abs(inCm - meanOf(reference.trials)) < 0.5 * error &&
        Math.abs(value - meanOf(reference.trials)) > 2 * error
      : !fits(value) && fits(inCm) && readout.better === 'higher';
    if (nearer && inCm <= readout.max)
      out.push({
        kind: 'inches',
        message: say('{{said}} would be unusual; {{count}} inches are {{said2}}. Was it read in inches?', {
          said: said(value),
          count: value,
          said2: said(inCm),
        }),
        instead: Math.round(inCm * 10) / 10,
      });
  }
  if (norm && far > FAR.norm) out.push({ kind: 'norm', message: farWords(said, value, norm) });
  if (known.across) {
    const other = meanOf(known.across.trials);
    if (Math.abs(value - other) > FAR.side * Math.max(error, detectableAt(readout, other)))
      out.push({
        kind: 'side',
        message: say('The {{side}} side reads {{said}}: a wide gap.', {
          side: say(known.across.side),
          said: said(other),
        }),
      });
  }
  if (known.before) {
    const last = meanOf(known.before.trials);
    if (Math.abs(value - last) > FAR.before * Math.max(error, detectableAt(readout, last)))
      out.push({ kind: 'before', message: say('Last time this side read {{said}}.', { said: said(last) }) });
  }
  if (known.expected) {
    const { mean, low, high } = known.expected;
    const half = Math.max(Math.abs(high - low) / 2, error / 2);
    if (Math.abs(value - mean) > FAR.expected * half)
      out.push({
        kind: 'expected',
        message: say('From all other readings Kolpos expects about {{said}}.', { said: said(mean) }),
      });
  }
  return out;
}

const farWords = (said: (v: number) => string, value: number, { mean, sd, source }: Norm): string =>
  say('{{said}} lies far from what most people have ({{said2}} ± {{said3}}, {{source}}).', {
    said: said(value),
    said2: said(mean),
    said3: said(sd),
    source: say(source),
  });

/** The question that is asked once, or null where nothing is unlikely. */
export function doubtQuestion(doubts: readonly ValueDoubt[]): string | null {
  if (doubts.length === 0) return null;
  return say('{{doubts}} Keep it all the same?', { doubts: doubts.map((d) => d.message).join(' ') });
}

/**
 * True where left and right of a new pair contradict all earlier pairs: there was a difference beyond the error of
 * measuring each time, always the same way, and now there is one the other way. Then the sides may have been swapped.
 */
export function sidesSwapped(
  readout: Readout,
  now: Readonly<Record<Side, number>>,
  earlier: readonly Readonly<Record<Side, number>>[],
): boolean {
  const sign = (pair: Readonly<Record<Side, number>>) => {
    const gap = pair.left - pair.right;
    const error = detectableAt(readout, Math.max(Math.abs(pair.left), Math.abs(pair.right)));
    return Math.abs(gap) > error ? Math.sign(gap) : 0;
  };
  const here = sign(now);
  return here !== 0 && earlier.length > 0 && earlier.every((pair) => sign(pair) === -here);
}

/** Pairs of left and right of one read-out by day, oldest first, without the readings of `except`. */
export function pairsByDay(
  readings: readonly Reading[],
  test: string,
  readout: string,
  except?: string,
): Record<Side, number>[] {
  const days = new Map<string, Partial<Record<Side, number>>>();
  for (const r of [...readings].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1))) {
    if (r.test !== test || r.readout !== readout || r.side === 'both' || r.variant || r.pain) continue;
    const day = dayOf(r);
    if (day === except) continue;
    days.set(day, { ...days.get(day), [r.side]: meanOf(r.trials) });
  }
  return [...days.values()].flatMap(({ left, right }) =>
    left !== undefined && right !== undefined ? [{ left, right }] : [],
  );
}

/** Readings of one day and read-out with their sides exchanged, to be put in place of what was kept. */
export function exchanged(pair: readonly Reading[], changedAt: string): Reading[] {
  return pair.map((r) =>
    r.side === 'both'
      ? r
      : {
          ...r,
          side: otherSide(r.side),
          history: [...(r.history ?? []), { trials: r.trials, placeFelt: r.placeFelt, endFeel: r.endFeel, changedAt }],
        },
  );
}
