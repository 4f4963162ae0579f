import { ANKLE_UP, straightLegRaise } from './battery/straight-leg-raise';
import { meanOf, type Reading } from './reading';
import { speaksOfNerve } from './nerve-sign';

/**
 * Degrees of a straight leg raise that a drawn-up foot costs: about nine in anybody (recalled). Up to here the answer
 * is that nothing changed, from there on that it did; between them it is open. Ours.
 */
const AS_IN_ANYBODY_DEG = 10;
const SIGN_DEG = 15;
/** Readings further apart are not of one look: a leg rises higher on another day. */
const ONE_LOOK_MS = 12 * 3600 * 1000;

/** True where a stretch ended it or nobody said what did: not pain, holding back, fear or another way of moving. */
const tissueEnded = ({ pain, endFeel }: Reading): boolean =>
  !pain && (endFeel === undefined || endFeel === 'stretch-firm');

/**
 * Readings in which a straight leg raise that was also read with the foot drawn up carries the answer of that: whether
 * the ankle changed what stopped it. What was written by hand stays.
 */
export function askedByAnkle(readings: readonly Reading[]): Reading[] {
  return readings.map((r) => {
    if (r.test !== straightLegRaise.id || r.variant || r.active || r.distant) return r;
    const up = readings.find((o) => o.test === r.test && o.variant === ANKLE_UP && o.side === r.side && !o.active);
    if (!up || Math.abs(Date.parse(up.takenAt) - Date.parse(r.takenAt)) > ONE_LOOK_MS) return r;
    const lost = meanOf(r.trials) - meanOf(up.trials);
    if (speaksOfNerve(up) || lost >= SIGN_DEG) return { ...r, distant: 'changes' };
    // Nothing speaks for "the same" where somebody stopped, where it tingled all along, or where the two readings do
    // not fit.
    const clears = tissueEnded(up) && !speaksOfNerve(r) && Math.abs(lost) <= AS_IN_ANYBODY_DEG;
    return clears ? { ...r, distant: 'same' } : r;
  });
}
