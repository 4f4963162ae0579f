import { TRANSITIONS, type Pace } from './pace';
import { isWithinRound, setsOf, taughtOrder, type Rounded } from './taught-order';

/** How long a practice takes; light, so that a phone needs nothing else for it. */

/** What of an item takes time. */
interface Timed extends Rounded {
  id: string;
  holdSeconds: number;
  repeats: number;
}

/** Seconds of one set of an item, without the ways. */
export const setSeconds = ({ holdSeconds, repeats }: Pick<Timed, 'holdSeconds' | 'repeats'>): number =>
  holdSeconds * repeats;

/** Seconds of an item in all its sets, without the ways and rests between them. */
export const workSeconds = (item: Pick<Timed, 'holdSeconds' | 'repeats' | 'sets'>): number =>
  setSeconds(item) * setsOf(item);

/** Seconds between the holds of one shape: a change of side after each, or a rest where the same is done again. */
export const waysWithin = (sides: number, sets: number, pace: Pace): number =>
  (sides * sets - 1) * (sides > 1 ? TRANSITIONS[pace].side : TRANSITIONS[pace].set);

/** True for a further set of what was done just before, in the order taught: there is a rest between them. */
export const isNextSet = (items: readonly Rounded[], i: number): boolean =>
  i > 0 &&
  items[i].round === undefined &&
  (items[i].set?.number ?? 1) > 1 &&
  items[i - 1].set?.number !== items[i].set?.number &&
  items[i - 1].pose === items[i].pose &&
  items[i - 1].rung === items[i].rung &&
  items[i - 1].side === items[i].side;

/** A movement with the breath has no way of its own: the breath is the way. */
const isOneBreath = ({ breaths, repeats }: Rounded): boolean => breaths === 1 && (repeats ?? 1) === 1;

/**
 * Seconds before an item, given those before it, in the order in which they are taught. Within a round one shape grows
 * out of the other.
 */
export const transitionBefore = (items: readonly Rounded[], i: number, pace: Pace = 'usual'): number =>
  i === 0
    ? 0
    : isNextSet(items, i)
      ? TRANSITIONS[pace].set
      : isWithinRound(items, i) && isOneBreath(items[i])
        ? 0
        : items[i - 1].pose === items[i].pose || isWithinRound(items, i)
          ? TRANSITIONS[pace].side
          : TRANSITIONS[pace].shape;

/** Seconds of a whole practice, with transitions. */
export function totalSeconds(items: readonly Timed[], pace: Pace = 'usual'): number {
  const taught = taughtOrder(items);
  return taught.reduce((s, item, i) => s + setSeconds(item) + transitionBefore(taught, i, pace), 0);
}
