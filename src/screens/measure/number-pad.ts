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

/** The whole panel from a number pad: + and − nudge, × where it is felt, ÷ how it ends, Enter keeps once the field is empty. */
export const numberPad =
  (pad: Pad) =>
  (e: KeyboardEvent): void => {
    const inField = e.target instanceof HTMLInputElement && e.target.name === VALUE_FIELD;
    const act =
      e.key === '+'
        ? () => pad.onNudge(1)
        : e.key === '-' && inField && !pad.empty
          ? () => pad.onNudge(-1)
          : e.key === '*' && inField
            ? pad.onPlace
            : e.key === '/' && inField
              ? pad.onEnd
              : e.key === 'Enter' && inField && pad.empty
                ? pad.onKeep
                : null;
    if (!act) return;
    e.preventDefault();
    act();
  };
