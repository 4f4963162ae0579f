import { otherSide, type Side } from '@/core/body';
import { detectableAt, type Readout } from './definition';
import { meanOf, type Reading } from './reading';

/** One side beside the other in one read-out. */
export interface SideGap {
  /** Mean of this side less the other's, in the unit of the reading. */
  gap: number;
  /** Smallest difference that is more than the error of measuring, in the unit of the reading. */
  detectable: number;
  beyondError: boolean;
}

/**
 * How a side differs from the other in a read-out; null until both are read, none ended by pain. Give it the newest
 * readings only.
 */
export function sideGap(readings: readonly Reading[], test: string, readout: Readout, side: Side): SideGap | null {
  const of = (s: Side) =>
    readings.find(
      (r) =>
        r.test === test && r.readout === readout.id && r.side === s && !r.variant && !r.active && !r.atHome && !r.pain,
    );
  const own = of(side),
    other = of(otherSide(side));
  if (!own || !other) return null;
  const a = meanOf(own.trials),
    b = meanOf(other.trials);
  const detectable = detectableAt(readout, Math.max(Math.abs(a), Math.abs(b)));
  return { gap: a - b, detectable, beyondError: Math.abs(a - b) > detectable };
}
