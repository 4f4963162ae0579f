import type { MouseEvent } from 'react';

/**
 * Lets go of a button that was pressed by hand or mouse, so that the space bar means the instrument again. A press by
 * keyboard keeps the focus where it is: there the space bar belongs to the button.
 */
export function freeSpace(event: MouseEvent<HTMLElement>): void {
  if (event.detail > 0) event.currentTarget.blur();
}
