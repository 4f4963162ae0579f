import { meanOf, type Reading } from './reading';

/**
 * True where the end of a movement is a sign of the nerve: it tingled, or moving head or ankle changed what was felt
 * far away.
 */
export const speaksOfNerve = (r: Pick<Reading, 'endFeel' | 'placeFelt' | 'distant'>): boolean =>
  r.distant === 'changes' || r.endFeel === 'nerve-like' || r.placeFelt === 'leg-line';

/**
 * True where a slump brought her own trouble and lifting the head eased it: the same sign, of a test without an angle.
 */
export const slumpBrings = (r: Pick<Reading, 'test' | 'trials'>): boolean =>
  r.test === 'slump' && meanOf(r.trials) < 0.5;
