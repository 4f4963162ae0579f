import { rungOf, type Phase } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { RankedPose } from '@/core/ranking/rank';
import { itemsFor, sidesOf } from './edit';
import { shapesNamed, type Named } from './named-shape';
import { totalSeconds, type PracticeItem } from './practice';
import { refit, type Refit } from './refit';
import { linesOfSequence, type SequenceLine } from './sequence-text';

/** A teacher's own sequence, typed or pasted, read for one student. */

export interface ReadLine extends SequenceLine {
  named: Named;
}

/** A text read line by line: what each name means, or may mean. */
export const readSequence = (text: string): ReadLine[] =>
  linesOfSequence(text).map((line) => ({
    ...line,
    named: line.what === 'pose' ? shapesNamed(line.name) : { sure: null, likely: [] },
  }));

/** A line with the pose it was settled on: a shape's id and its rung, or null to leave it out. */
export interface SettledLine extends SequenceLine {
  pose: string | null;
  /** Null takes the deepest that she can begin. */
  rung: number | null;
}

/** As it is read, before anybody has answered: what is sure. */
export const settledOf = (line: ReadLine): SettledLine => ({
  ...line,
  pose: line.named.sure?.shape.id ?? null,
  rung: line.named.sure?.rung ?? null,
});

/** Depth from which a demanding rung is taken for somebody who did not ask for it. Ours. */
const WELL_IN = 0.12;

/**
 * The rung that is meant where none was named: the deepest of a shape that she may and can do; of what is rested in the one with the fewest
 * props. The first where none is open, which is answered elsewhere.
 */
export function rungFor(pose: string, ranked: readonly RankedPose[]): number {
  const open = ranked.filter((r) => r.pose === pose && r.cautions.length === 0 && !r.beyondEntry);
  const rested = open.filter((r) => rungOf(r.pose, r.rung)?.rung.kind === 'rest');
  const props = (r: RankedPose) => rungOf(r.pose, r.rung)?.rung.props.length ?? 0;
  if (rested.length > 0) return [...rested].sort((a, b) => props(a) - props(b) || a.rung - b.rung)[0].rung;
  const fits = open.filter((r) => (rungOf(r.pose, r.rung)?.rung.level ?? 3) < 3 || r.depth >= WELL_IN);
  return Math.max(1, ...fits.map((r) => r.rung));
}

export interface Pasted {
  items: PracticeItem[];
  /** What could not be taken as it was written, and what stands there now. */
  changes: Refit[];
  /** Minutes with the ways between, whole. */
  minutes: number;
}

/**
 * Items of settled lines for a student: her rung where none was named, both sides unless one was, holds as they were written (in her breaths) or
 * as is usual, parts of the practice from the order. What is closed or out of reach is answered as in any practice of elsewhere (`refit.ts`).
 */
export function practiceOf(
  lines: readonly SettledLine[],
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  breathSeconds: number,
  newId: () => string,
): Pasted {
  const taken = lines.filter((l) => l.what === 'pose' && l.pose !== null);
  const phases = phasesOf(taken);
  const items = taken.flatMap((line, i): PracticeItem[] => {
    const pose = line.pose ?? '';
    const rung = line.rung ?? rungFor(pose, ranked);
    const seconds = line.seconds ?? (line.breaths === undefined ? undefined : line.breaths * breathSeconds);
    const fits = sidesOf(ranked, pose, rung).filter((r) => !line.side || r.side === 'both' || r.side === line.side);
    return itemsFor(fits, { phase: phases[i], breathSeconds, aims, newId, seconds }).map((item) =>
      written(item, seconds, line.times, breathSeconds),
    );
  });
  const fitted = refit(items, ranked, aims, breathSeconds, newId);
  return { ...fitted, minutes: Math.max(5, Math.min(120, Math.round(totalSeconds(fitted.items) / 60))) };
}

/** An item held as long, and as often, as was written: what is written counts, what is usual is only told. */
function written(
  item: PracticeItem,
  seconds: number | undefined,
  times: number | undefined,
  breathSeconds: number,
): PracticeItem {
  const repeated = rungOf(item.pose, item.rung)?.rung.repeats !== undefined;
  const repeats = times ?? (seconds !== undefined && !repeated ? 1 : item.repeats);
  if (seconds === undefined || (repeated && times === undefined)) return { ...item, repeats };
  const breaths = Math.max(1, Math.round(seconds / breathSeconds));
  return { ...item, repeats, breaths, holdSeconds: Math.max(3, Math.min(1800, breaths * breathSeconds)) };
}

const BETWEEN: readonly Phase[] = ['warm', 'approach', 'deepest', 'counter'];
/** A part of the practice that a rung is not usually in. */
const NOT_ITS_OWN = 0.8;

/**
 * Parts of a practice along a given order: rest before everything is settling, rest after everything rest; between them parts that never go
 * back, as near as can be to where each rung usually stands and to where it is in the order (dynamic programming).
 */
function phasesOf(lines: readonly SettledLine[]): Phase[] {
  const kinds = lines.map((l) => rungOf(l.pose ?? '', l.rung ?? 1)?.rung);
  const rests = (i: number) => kinds[i]?.kind === 'rest';
  let from = 0,
    to = lines.length;
  while (from < to && rests(from) && from < 1) from++;
  while (to > from && rests(to - 1)) to--;
  const inner = kinds.slice(from, to);
  let best = BETWEEN.map(() => 0);
  const came: number[][] = [];
  inner.forEach((rung, i) => {
    const usual = (inner.length > 1 ? i / (inner.length - 1) : 0.5) * (BETWEEN.length - 1);
    const next: number[] = [],
      back: number[] = [];
    BETWEEN.forEach((phase, p) => {
      let at = 0;
      for (let q = 0; q <= p; q++) if (best[q] < best[at]) at = q;
      next.push(best[at] + Math.abs(p - usual) + (rung?.phases.includes(phase) ? 0 : NOT_ITS_OWN));
      back.push(at);
    });
    best = next;
    came.push(back);
  });
  const middle: Phase[] = [];
  let p = best.indexOf(Math.min(...best));
  for (let i = inner.length - 1; i >= 0; i--) {
    middle.unshift(BETWEEN[p]);
    p = came[i][p];
  }
  return [...lines.slice(0, from).map((): Phase => 'settle'), ...middle, ...lines.slice(to).map((): Phase => 'rest')];
}
