import type { KeyboardEvent } from 'react';

/** Name of the field that holds the value. */
export const VALUE_FIELD = 'reading-value';

/** What the keys of a number pad do, where they are no digits. */
interface Pad {
  /** True while nothing stands in the field: then − begins a negative number. */
  empty: boolean;
  onNudge: (by: 1 | -1) => void;
  onPlace: () => void;
  onEnd: () => void;
  /** Keeps the trials that are there; null while there are none. */
  onKeep: (() => void) | null;
}

/** What follows in a list, nothing after its end, the first after nothing. */
export const after = <T>(list: readonly T[], at: T | undefined): T | undefined =>
  list[at === undefined ? 0 : list.indexOf(at) + 1];

/**
 * The whole panel from a number pad: + and − nudge, × where it is felt, ÷ how it ends, Enter keeps once the field is
 * empty.
 */
export const numberPad =
  (pad: Pad) =>
  (event: KeyboardEvent): void => {
    const inField = event.target instanceof HTMLInputElement && event.target.name === VALUE_FIELD;
    const act =
      event.key === '+'
        ? () => pad.onNudge(1)
        : event.key === '-' && inField && !pad.empty
          ? () => pad.onNudge(-1)
          : event.key === '*' && inField
            ? pad.onPlace
            : event.key === '/' && inField
              ? pad.onEnd
              : event.key === 'Enter' && inField && pad.empty
                ? pad.onKeep
                : null;
    if (!act) return;
    event.preventDefault();
    act();
  };
