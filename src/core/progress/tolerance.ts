import type { GroupId, Side } from '@/core/body';
import type { GroupFinding } from '@/core/inference/statements';
import { changeVerdict, type ChangeVerdict } from './point';

/** In SD of typical people, with its 80 % interval, and the share of them who have less. */
interface Then {
  mean: number;
  low: number;
  high: number;
  shareBelow: number;
}

/** How far a structure let itself be lengthened in an earlier round, and now. */
export interface ToleranceChange {
  group: GroupId;
  side: Side;
  then: Then;
  now: Then;
  by: number;
  low: number;
  high: number;
  verdict: ChangeVerdict;
}

/** Half an 80 % interval of a normal quantity, SD. */
const Z80 = 1.2816;
const Z95 = 1.96;

/**
 * Tolerances of two rounds against each other. Both are inferred alone, so that their errors are taken as independent:
 * what they share (the student, the model) makes the interval rather too wide than too narrow.
 */
export function toleranceChanges(then: readonly GroupFinding[], now: readonly GroupFinding[]): ToleranceChange[] {
  return now.flatMap((n): ToleranceChange[] => {
    const t = then.find((x) => x.group === n.group && x.side === n.side);
    if (!t) return [];
    const sd = (e: { low: number; high: number }) => (e.high - e.low) / (2 * Z80);
    const by = n.tolerance.mean - t.tolerance.mean;
    const half = Z95 * Math.hypot(sd(t.tolerance), sd(n.tolerance));
    return [
      {
        group: n.group,
        side: n.side,
        then: { ...t.tolerance, shareBelow: t.shareBelow },
        now: { ...n.tolerance, shareBelow: n.shareBelow },
        by,
        low: by - half,
        high: by + half,
        verdict: changeVerdict(by, half),
      },
    ];
  });
}
