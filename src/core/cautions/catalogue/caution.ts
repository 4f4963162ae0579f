import type { Rule } from '../rules';

/** How far a caution reaches. */
export type CautionLevel = 'refer-now' | 'refer-first' | 'adapt' | 'note';

/** One caution: what it says and what it locks stand in the same entry, so that they cannot drift apart. */
export interface Caution<Id extends string = string> {
  id: Id;
  /** As the student may say it. */
  name: string;
  level: CautionLevel;
  /** True where it speaks of one leg or arm, so that the side can be told; where it is not told, both count. */
  sided?: true;
  /** The side that was told; absent: both, or no matter of a side. */
  side?: 'left' | 'right';
  /** What to ask her. */
  ask: string;
  /** What it closes, stops, shortens and eases; `all` shuts everything. */
  rules: readonly Rule[] | 'all';
  /** What to say or change, in the teacher's words. */
  message: string;
  /** Why it is asked, for the teacher. */
  reason: string;
  /** Signs that end the test or pose at once. */
  stop: string;
  /** Whom to see. */
  see: string;
}

/** Cautions as their file writes them; their ids stay types of their own, from which `CautionId` follows. */
export const defineCautions = <const Id extends string>(list: readonly Caution<Id>[]): readonly Caution<Id>[] => list;
