import { useState } from 'react';

/**
 * Whether a field that is just coming may take the focus: not from a dialog that is open. A page that comes while
 * somebody already types in the search box would take her letters.
 */
export function useMayFocus(): boolean {
  const [may] = useState(() => typeof document === 'undefined' || document.querySelector('[role="dialog"]') === null);
  return may;
}
