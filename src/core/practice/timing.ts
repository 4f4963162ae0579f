import { TRANSITIONS, type Pace } from './pace';
import { isWithinRound, taughtOrder, type Rounded } from './taught-order';

/** How long a practice takes; light, so that a phone needs nothing else for it. */

/** What of an item takes time. */
interface Timed extends Rounded {
  holdSeconds: number;
  repeats: number;
}

/** Seconds before an item, given those before it, in the order in which they are taught. Within a round one shape grows out of the other. */
export const transitionBefore = (items: readonly Rounded[], i: number, pace: Pace = 'usual'): number =>
  i === 0
    ? 0
    : items[i - 1].pose === items[i].pose || isWithinRound(items, i)
      ? TRANSITIONS[pace].side
      : TRANSITIONS[pace].shape;

/** Seconds of a whole practice, with transitions. */
export function totalSeconds(items: readonly Timed[], pace: Pace = 'usual'): number {
  const taught = taughtOrder(items);
  return taught.reduce((s, item, i) => s + item.holdSeconds * item.repeats + transitionBefore(taught, i, pace), 0);
}
