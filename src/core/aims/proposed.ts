import type { GroupId, Side } from '@/core/body';
import type { Movement } from '@/core/assessment/definition';
import type { AimKind } from '@/core/students/student';
import type { WeeklyDose } from './dose';

/** Fact behind a proposal; the words are made from it in `words.ts`. */
export type AimReason =
  | { kind: 'short'; probability: number }
  | { kind: 'limits'; movement: Movement; test: string; readout: string; probability: number; band: number }
  | { kind: 'side-gap'; gap: number }
  | { kind: 'least'; z: number }
  | { kind: 'weak'; test: string; z: number }
  | { kind: 'weaker-side'; test: string }
  | { kind: 'long-and-weak'; test: string; z: number }
  | { kind: 'control'; gap: number }
  | { kind: 'opposes'; group: GroupId }
  | { kind: 'very-mobile'; z: number }
  | { kind: 'mobile-person' }
  | { kind: 'pre-lengthened' }
  | { kind: 'band' }
  | { kind: 'nerve' }
  | { kind: 'joint' }
  | { kind: 'bone' }
  | { kind: 'refer' };

/** What should be kept away from it; words in `words.ts`. */
export type Avoid = 'end-range' | 'long-holds' | 'stretching' | 'pushing' | 'pressing-outer-hip';
/** Where teachers differ and her own settings decided. */
export type School = 'hamstrings' | 'outer-hip';

export interface ProposedAim {
  kind: AimKind;
  group: GroupId;
  side: Side;
  /** 0 … 1, how much of the practice it deserves against the others. */
  weight: number;
  /** Most telling first. */
  reasons: AimReason[];
  /** Muscles that work against it, and that are strengthened beside it where they are not known to be strong. */
  opposite: GroupId | null;
  dose: WeeklyDose;
  avoid: Avoid[];
  school: School | null;
}
