import { groupOf, type GroupId, type Side } from '@/core/body';
import { BATTERY, readoutOf } from '@/core/assessment/battery';
import { bandOf, detectableAt, normOf, type Norm } from '@/core/assessment/definition';
import { latest, meanOf, type EndFeel, type Reading, type ReadingSide } from '@/core/assessment/reading';
import { sideGap, type SideGap } from '@/core/assessment/sides';
import type { SexForNorms } from '@/core/students/student';

/** How strong a student is in one read-out of one side. */
export interface StrengthFinding {
  test: string;
  readout: string;
  side: ReadingSide;
  /** Mean of the trials, in the unit of the reading. */
  value: number;
  norm: Norm | null;
  /** SDs better (+) or worse (−) than the norm; null where there is none. */
  z: number | null;
  /** Against the other side, where both are read. */
  gap: SideGap | null;
  /** True where the reading was seen spoilt or ended in pain: then it says little. */
  doubtful: boolean;
  /** Chief muscles of the test, most important first (rule of thumb). */
  muscles: string[];
}

/** Weight from which a muscle is named as one that a test of strength speaks about. */
const CHIEF = 2;

/**
 * How strong a group of a side is beside typical, with the error of measuring, SD: the weakest test that speaks mainly
 * about it. Null where none is read or there is no norm. `found` as `summariseStrength` gives it, weakest first.
 */
export function groupStrength(
  found: readonly StrengthFinding[],
  group: GroupId,
  side: Side,
): { z: number; error: number } | null {
  const own = found.find(
    (s) => !s.doubtful && s.z !== null && s.side === side && groupOf(s.muscles[0] ?? '') === group,
  );
  const readout = own && readoutOf(own.test, own.readout);
  if (!own?.norm || own.z === null || !readout) return null;
  return { z: own.z, error: detectableAt(readout, own.value) / own.norm.sd };
}

/** Ends of a push or a hold that tell of a person who stopped, not of a muscle that gave out. */
const NO_MEASURE: readonly EndFeel[] = ['pain', 'pinch', 'nerve-like', 'guarding', 'fear'];
const stopped = (r: Reading): boolean =>
  r.pain === true || r.failure === 'pain' || (r.endFeel !== undefined && NO_MEASURE.includes(r.endFeel));

/** Strength from the newest readings, weakest first; ways of doing a test other than the usual one are left out. */
export function summariseStrength(
  readings: readonly Reading[],
  person: { sexForNorms?: SexForNorms; age?: number },
): StrengthFinding[] {
  const known = latest(readings).filter((r) => !r.variant);
  return BATTERY.filter((t) => t.kind === 'strength')
    .flatMap((test) =>
      test.readouts.flatMap((readout) =>
        known
          .filter((r) => r.test === test.id && r.readout === readout.id)
          .map((r): StrengthFinding => {
            const value = meanOf(r.trials);
            const norm = normOf(readout, person.sexForNorms, person.age);
            return {
              test: test.id,
              readout: readout.id,
              side: r.side,
              value,
              norm,
              z: norm && bandOf(readout, value, norm),
              gap: r.side === 'both' ? null : sideGap(known, test.id, readout, r.side),
              doubtful: stopped(r) || (r.compensations?.length ?? 0) > 0,
              muscles: test.limiters.filter((l) => l.weight >= CHIEF).map((l) => l.structure),
            };
          }),
      ),
    )
    .sort((a, b) => (a.z ?? 0) - (b.z ?? 0) || (a.test + a.side < b.test + b.side ? -1 : 1));
}
