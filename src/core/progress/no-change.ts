import type { Hint } from '@/core/inference/hints';
import type { Aim } from '@/core/students/student';
import type { ReadingChange } from './change';

/** Why nothing moved after two rounds, as far as it can be computed, and what to do about it. */

export type NoChangeReason =
  | { kind: 'dose'; done: number; wanted: number }
  | { kind: 'other-limiter'; limiter: string }
  | { kind: 'joint' }
  | { kind: 'guarding' }
  | { kind: 'nerve' }
  | { kind: 'unclear' };

/** Share of the wanted dose below which it was not reached. Ours. */
const REACHED = 0.6;
/** Signs that joint or shape decide. */
const JOINT: readonly Hint['kind'][] = ['joint', 'both-rotations', 'turned-in-bone', 'turned-out-bone', 'body-contact'];

/** True where an aim was tested on three days or more and the last two rounds both stayed within the error. */
export const stuck = (changes: readonly ReadingChange[]): boolean =>
  changes.length > 0 &&
  changes.every((c) => c.points.filter((p) => p.day >= c.first.day).length >= 3 && c.verdict !== 'changed');

/**
 * Reasons in the order in which they should be looked at: too little was done, something else stops the movement, it is
 * the joint, it is held back, or it cannot be told.
 * @param limiters group that stops each movement of the aim's readings now
 */
export function whyNoChange(
  aim: Pick<Aim, 'kind' | 'group' | 'side'>,
  dose: { done: number; wanted: number } | null,
  limiters: readonly string[],
  hints: readonly Hint[],
): NoChangeReason[] {
  const out: NoChangeReason[] = [];
  const here = hints.filter((h) => h.side === aim.side || h.side === 'both');
  if (dose && dose.wanted > 0 && dose.done < REACHED * dose.wanted) out.push({ kind: 'dose', ...dose });
  const other = limiters.find((l) => l !== aim.group);
  if (aim.kind === 'lengthen' && other && !limiters.includes(aim.group))
    out.push({ kind: 'other-limiter', limiter: other });
  if (here.some((h) => JOINT.includes(h.kind))) out.push({ kind: 'joint' });
  if (here.some((h) => h.kind === 'nerve')) out.push({ kind: 'nerve' });
  if (here.some((h) => h.kind === 'guarding')) out.push({ kind: 'guarding' });
  return out.length > 0 ? out : [{ kind: 'unclear' }];
}
