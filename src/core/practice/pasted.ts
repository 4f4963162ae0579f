import { limitWords } from '@/core/cautions/rules';
import { rungOf, type Phase, type Rung } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { RankedPose } from '@/core/ranking/rank';
import { heldFor, inSets, itemsFor, sidesOfRung } from './edit';
import { shapesNamed, type Named } from './named-shape';
import { totalSeconds, type PracticeItem } from './practice';
import { refit, type Refit } from './refit';
import { risingPath } from './rising';
import { salutationNamed, type Salutation } from './salutations';
import { leftOutOf, stepsFor } from './salute';
import { linesOfSequence, type SequenceLine } from './sequence-text';
import { MOST_SETS } from './taught-order';
import { without } from './without';

/** A teacher's own sequence, typed or pasted, read for one student. */

export interface ReadLine extends SequenceLine {
  named: Named;
  /** A salutation, where the name is one. */
  salutation?: Salutation;
}

/** A text read line by line: what each name means, or may mean. */
export const readSequence = (text: string): ReadLine[] =>
  linesOfSequence(text).map((line): ReadLine => {
    if (line.what !== 'pose') return { ...line, named: NONE };
    // "5 sun salutations": how often stands before the name.
    const [, count, name = line.name] = /^(\d{1,2}) (.+)$/.exec(line.name) ?? [];
    const salutation = salutationNamed(name);
    if (!salutation) return { ...line, named: shapesNamed(line.name) };
    const times = count === undefined ? line.times : Number(count);
    return { ...line, name, named: NONE, salutation, ...(times !== undefined && { times }) };
  });
const NONE: Named = { sure: null, likely: [] };

/** A line with the pose it was settled on: a shape's id and its rung, or null to leave it out. */
export interface SettledLine extends SequenceLine {
  pose: string | null;
  /** Null takes the deepest that she can begin. */
  rung: number | null;
  salutation?: Salutation;
}

/**
 * A line as it is read, or as it was answered.
 * @param answer the shape that is meant, null to leave it out; without, what is sure
 */
export function settledOf(line: ReadLine, answer?: string | null): SettledLine {
  const { sure } = line.named;
  const pose = answer === undefined ? (sure?.shape.id ?? null) : answer;
  const settled = { ...line, pose, rung: sure && pose === sure.shape.id ? sure.rung : null };
  return answer === undefined ? settled : without(settled, 'salutation');
}

/** Depth from which a demanding rung is taken for somebody who did not ask for it. Ours. */
const WELL_IN = 0.12;

/**
 * The rung that is meant where none was named: the deepest of a shape that she may and can do; of what is rested in the
 * one with the fewest props. The first where none is open, which is answered elsewhere.
 */
export function rungFor(pose: string, ranked: readonly RankedPose[]): number {
  const open = ranked.filter((r) => r.pose === pose && r.cautions.length === 0 && !r.beyondEntry);
  const rested = open.filter((r) => rungOf(r.pose, r.rung)?.rung.kind === 'rest');
  const props = (r: RankedPose) => rungOf(r.pose, r.rung)?.rung.props.length ?? 0;
  if (rested.length > 0) return [...rested].sort((a, b) => props(a) - props(b) || a.rung - b.rung)[0].rung;
  // A rung that is what its shape warns of is nobody's pose by that name where a clean one is open.
  const clean = open.filter((r) => !rungOf(r.pose, r.rung)?.rung.loose);
  const fits = (clean.length > 0 ? clean : open).filter(
    (r) => (rungOf(r.pose, r.rung)?.rung.level ?? 3) < 3 || r.depth >= WELL_IN,
  );
  return Math.max(1, ...fits.map((r) => r.rung));
}

/** The form of a line that this student will do, and what stands against it. */
export function formOf(
  line: SettledLine,
  ranked: readonly RankedPose[],
): { rung: number; against: 'caution' | 'reach' | null; limits: string[] } {
  const pose = line.pose ?? '';
  const rung = line.rung ?? rungFor(pose, ranked);
  const fits = sidesOfRung(ranked, pose, rung).filter((r) => !line.side || r.side === 'both' || r.side === line.side);
  const against = fits.some((r) => r.cautions.length > 0)
    ? 'caution'
    : fits.some((r) => r.beyondEntry)
      ? 'reach'
      : null;
  return { rung, against, limits: against ? [] : [...new Set(fits.flatMap((r) => limitWords(r.verdict)))] };
}

export interface Pasted {
  items: PracticeItem[];
  /** What could not be taken as it was written, and what stands there now. */
  changes: Refit[];
  /** Minutes with the ways between, whole. */
  minutes: number;
}

/** A line of a practice to be: the shape, and the round it belongs to where it is of a salutation. */
interface Part {
  line: SettledLine;
  rung: number;
  round?: number;
  salutation?: string;
}

/** Parts of settled lines, and what of the salutations had to be left out. */
function partsFor(lines: readonly SettledLine[], ranked: readonly RankedPose[]): { parts: Part[]; out: Refit[] } {
  const out: Refit[] = [];
  let round = 0;
  const parts = lines.flatMap((line): Part[] => {
    const { salutation } = line;
    if (!salutation) return line.pose === null ? [] : [{ line, rung: formOf(line, ranked).rung }];
    for (const { pose, rungs } of leftOutOf(salutation, ranked)) {
      const closed = sidesOfRung(ranked, pose, rungs[0]).some((r) => r.cautions.length > 0);
      out.push({ pose, rung: rungs[0], to: null, why: closed ? 'caution' : 'reach' });
    }
    const steps = stepsFor(salutation, ranked);
    if (steps.length === 0) return [];
    round++;
    const times = Math.min(MOST_SETS, line.times ?? line.sets ?? 1);
    return steps.map(({ step, rung }) => ({
      line: {
        ...{ text: line.text, name: salutation.name, what: 'pose', pose: step.pose, rung, sets: times, times: 1 },
        breaths: step.breaths ?? 1,
        ...(step.side !== 'both' && step.side && { side: step.side }),
      },
      rung,
      round,
      salutation: salutation.id,
    }));
  });
  return { parts, out };
}

/**
 * Items of settled lines for a student: her rung where none was named, both sides unless one was, holds as they were
 * written (in her breaths) or as is usual, parts of the practice from the order. What is closed or out of reach is
 * answered as in any practice of elsewhere (`refit.ts`).
 */
export function practiceOfLines(
  lines: readonly SettledLine[],
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  breathSeconds: number,
  newId: () => string,
): Pasted {
  const { parts, out } = partsFor(
    lines.filter((l) => l.what === 'pose'),
    ranked,
  );
  const usual = phasesOf(parts.map(({ line, rung }) => rungOf(line.pose ?? '', rung)?.rung));
  // A salutation is one thing: it stands where it begins.
  const phases = parts.map(({ round }, i) =>
    round === undefined ? usual[i] : usual[parts.findIndex((p) => p.round === round)],
  );
  const items = parts.flatMap(({ line, rung, round, salutation }, i): PracticeItem[] => {
    const seconds = line.seconds ?? (line.breaths === undefined ? undefined : line.breaths * breathSeconds);
    const fits = sidesOfRung(ranked, line.pose ?? '', rung).filter(
      (r) => !line.side || r.side === 'both' || r.side === line.side,
    );
    const own = itemsFor(fits, { phase: phases[i], breathSeconds, aims, newId, seconds });
    return inSets(
      own.map((item) => ({
        ...written(item, seconds, line.times, breathSeconds),
        ...(round !== undefined && { round }),
        ...(salutation !== undefined && { salutation }),
      })),
      line.sets ?? 1,
    );
  });
  const fitted = refit(items, ranked, aims, breathSeconds, newId);
  const changes = [...out, ...fitted.changes];
  return {
    items: fitted.items,
    changes,
    minutes: Math.max(5, Math.min(120, Math.round(totalSeconds(fitted.items) / 60))),
  };
}

/** Times from which each is a movement with the breath where no time is written. Ours. */
const WITH_BREATH = 4;

/** An item held as long, and as often, as was written: what is written counts, what is usual is only told. */
function written(
  item: PracticeItem,
  seconds: number | undefined,
  times: number | undefined,
  breathSeconds: number,
): PracticeItem {
  const repeated = rungOf(item.pose, item.rung)?.rung.repeats !== undefined;
  const repeats = times ?? (seconds !== undefined && !repeated ? 1 : item.repeats);
  // What is written to be done many times is done with the breath, not held for as long as is usual each time.
  if (seconds === undefined && !repeated && times !== undefined && times >= WITH_BREATH)
    return { ...heldFor(item, 1, breathSeconds), repeats };
  if (seconds === undefined || (repeated && times === undefined)) return { ...item, repeats };
  return { ...heldFor(item, Math.round(seconds / breathSeconds), breathSeconds), repeats };
}

const BETWEEN: readonly Phase[] = ['warm', 'approach', 'deepest', 'counter'];
/** A part of the practice that a rung is not usually in. */
const NOT_ITS_OWN = 0.8;

/**
 * Parts of a practice along a given order: rest before everything is settling, rest after everything rest; between them
 * parts that never go back, as near as can be to where each rung usually stands and to where it is in the order.
 */
function phasesOf(rungs: readonly (Rung | undefined)[]): Phase[] {
  const rests = (rung: Rung | undefined) => rung?.kind === 'rest';
  const from = rests(rungs[0]) ? 1 : 0;
  let to = rungs.length;
  while (to > from && rests(rungs[to - 1])) to--;
  const inner = rungs.slice(from, to);
  const middle = risingPath(
    inner.map((rung, i) => {
      const usual = (inner.length > 1 ? i / (inner.length - 1) : 0.5) * (BETWEEN.length - 1);
      return BETWEEN.map((phase, p) => Math.abs(p - usual) + (rung?.phases.includes(phase) ? 0 : NOT_ITS_OWN));
    }),
  );
  return [
    ...rungs.slice(0, from).map((): Phase => 'settle'),
    ...middle.map((p) => BETWEEN[p]),
    ...rungs.slice(to).map((): Phase => 'rest'),
  ];
}
