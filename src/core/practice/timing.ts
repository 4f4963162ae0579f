import { TRANSITIONS, type Pace } from './pace';

/** How long a practice takes; light, so that a phone needs nothing else for it. */

/** What of an item takes time. */
interface Timed {
  pose: string;
  holdSeconds: number;
  repeats: number;
}

/** Seconds before an item, given the one before it. */
export const transitionBefore = (items: readonly Timed[], i: number, pace: Pace = 'usual'): number =>
  i === 0 ? 0 : items[i - 1].pose === items[i].pose ? TRANSITIONS[pace].side : TRANSITIONS[pace].shape;

/** Seconds of a whole practice, with transitions. */
export const totalSeconds = (items: readonly Timed[], pace: Pace = 'usual'): number =>
  items.reduce((s, item, i) => s + item.holdSeconds * item.repeats + transitionBefore(items, i, pace), 0);
