import type { SexForNorms } from '@/core/students/student';
import { readoutOf } from '@/core/assessment/battery';
import { bandOf, detectableAt, normOf, type Norm, type Readout } from '@/core/assessment/definition';
import { kindOf, meanOf, type Reading } from '@/core/assessment/reading';
import { betterBy, OTHER_TOOL, changeVerdict, type Point, type ChangeVerdict } from './point';
import { trendOf, type Trend } from './trend';
import { dayOf } from '@/core/day-of';

/** Change of a reading over time against the error of measuring. */

/** Whose norms count. */
export interface Person {
  sex?: SexForNorms;
  age?: number;
}

/** What makes two readings hard to compare, or the change easy to overrate. */
export type Caveat = 'warm' | 'instrument' | 'extreme';

export interface ReadingChange {
  kind: string;
  test: string;
  readout: string;
  side: Reading['side'];
  variant?: string;
  active?: boolean;
  /** Read by herself at home. */
  atHome?: boolean;
  /** One a day, oldest first; those that ended in pain left out. */
  points: Point[];
  /** What is compared with: the first of them, or the first since a chosen day. */
  first: Point;
  last: Point;
  /** Change since the first, in its unit; + is better. */
  by: number;
  /** Smallest change that is more than the error of measuring with these two. */
  detectable: number;
  /** 95 % interval of the change. */
  low: number;
  high: number;
  verdict: ChangeVerdict;
  caveats: Caveat[];
  /** What is typical of people like her; null where there is no norm. */
  typical: Pick<Norm, 'mean' | 'sd'> | null;
  /** All days since the first of them together; null where there are fewer than three. */
  trend: Trend | null;
}

/** Distance from the typical mean from which a first value is likely to come back of itself, SD. Ours. */
const EXTREME = 2;

/**
 * The days of each kind of reading, and what came of it between the first and the last; kinds with one day only have no
 * change.
 * @param since day from which it is told; earlier days stay among the points
 */
export function changesOf(readings: readonly Reading[], person: Person = {}, since = ''): ReadingChange[] {
  const byKind = new Map<string, Reading[]>();
  for (const r of readings) if (!r.pain) byKind.set(kindOf(r), [...(byKind.get(kindOf(r)) ?? []), r]);
  const out: ReadingChange[] = [];
  for (const [kind, list] of byKind) {
    const readout = readoutOf(list[0].test, list[0].readout);
    if (!readout) continue;
    // Of a day the last one counts: it was put right, or taken again.
    const byDay = new Map<string, Reading>();
    for (const r of [...list].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1))) byDay.set(dayOf(r), r);
    const points = [...byDay].map(([day, r]): Point => ({
      id: r.id,
      day,
      value: meanOf(r.trials),
      warm: r.warm ?? false,
      ...(r.instrument && { instrument: r.instrument }),
    }));
    const counted = points.filter((p) => p.day >= since);
    if (counted.length < 2) continue;
    const [first] = counted,
      last = counted[counted.length - 1];
    const { test, readout: id, side, variant, active, atHome } = list[0];
    out.push({
      kind,
      test,
      readout: id,
      side,
      ...(variant && { variant }),
      ...(active && { active }),
      ...(atHome && { atHome }),
      points,
      ...compared(readout, first, last, person),
      trend: trendOf(readout, counted, normOf(readout, person.sex, person.age)),
    });
  }
  return out.sort((a, b) => (a.kind < b.kind ? -1 : 1));
}

/** Two readings of a kind against the error of measuring. */
export function compared(
  readout: Readout,
  first: Point,
  last: Point,
  { sex, age }: Person = {},
): Pick<ReadingChange, 'first' | 'last' | 'by' | 'detectable' | 'low' | 'high' | 'verdict' | 'caveats' | 'typical'> {
  const norm = normOf(readout, sex, age);
  const caveats: Caveat[] = [];
  if (first.warm !== last.warm) caveats.push('warm');
  const otherTool =
    first.instrument !== undefined && last.instrument !== undefined && first.instrument !== last.instrument;
  if (otherTool) caveats.push('instrument');
  const by = betterBy(readout, first.value, last.value, norm);
  const detectable = detectableAt(readout, first.value) * (otherTool ? OTHER_TOOL : 1);
  // An extreme first value that came nearer to the typical one may have done so by itself.
  if (norm && bandOf(readout, first.value, norm) <= -EXTREME && by > 0) caveats.push('extreme');
  return {
    first,
    last,
    by,
    detectable,
    low: by - detectable,
    high: by + detectable,
    verdict: changeVerdict(by, detectable),
    caveats,
    typical: norm && { mean: norm.mean, sd: norm.sd },
  };
}

export interface Together {
  /** Mean change in standard errors times the root of their number: a normal deviate where nothing changed. */
  z: number;
  of: number;
  verdict: ChangeVerdict;
}

/** 95 % of a normal deviate. */
const Z95 = 1.96;

/**
 * Several changes that speak of the same thing taken together: what no one of them shows alone may show in all. Each
 * counts by its own error (MDC95 = 1.96 standard errors of a difference); they are taken as independent, though a day's
 * readings share a tester and a student.
 */
export function together(changes: readonly Pick<ReadingChange, 'by' | 'detectable'>[]): Together | null {
  if (changes.length === 0) return null;
  const z = changes.reduce((s, c) => s + (Z95 * c.by) / c.detectable, 0) / Math.sqrt(changes.length);
  return { z, of: changes.length, verdict: Math.abs(z) < Z95 ? 'too-small' : z > 0 ? 'changed' : 'worse' };
}
