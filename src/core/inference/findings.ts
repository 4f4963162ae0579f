import type { Doubt } from './consistency';
import type { Hint } from './hints';
import type { Settling } from './question';
import type { MovementFinding, NextTest, GroupFinding } from './statements';

export type * from './statements';

/** Everything an inference says of a student. */
export interface Findings {
  student: string;
  model: { version: string; note: string };
  groups: GroupFinding[];
  movements: MovementFinding[];
  /** Readings that do not fit the others. */
  doubts: Doubt[];
  /** Signs that it is not, or not only, the length of a muscle. */
  hints: Hint[];
  next: NextTest[];
  /** How far the question is that was asked; null where none was. */
  question: Settling | null;
  diagnostics: {
    samples: number;
    effective: number;
    rhat: number;
    readings: number;
    /** Places felt in taught poses that counted too. */
    places: number;
    seed: number;
  };
}
