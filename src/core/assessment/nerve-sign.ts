import type { Reading } from './reading';

/** True where the end of a movement is a sign of the nerve: it tingled, or moving head or ankle changed what was felt far away. */
export const speaksOfNerve = (r: Pick<Reading, 'endFeel' | 'placeFelt' | 'distant'>): boolean =>
  r.distant === 'changes' || r.endFeel === 'nerve-like' || r.placeFelt === 'leg-line';
