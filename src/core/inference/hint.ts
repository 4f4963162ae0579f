import type { GroupId } from '@/core/body';
import { readoutOf, type TestId } from '@/core/assessment/battery';
import { bandOf, normOf, type ReadoutId } from '@/core/assessment/definition';
import { meanOf, type Reading, type ReadingSide } from '@/core/assessment/reading';
import type { Complaint, Place, Student } from '@/core/students/student';
import { ageOn } from '@/core/students/age';

export const HINT_KINDS = [
  'nerve',
  'both-rotations',
  'joint',
  'elsewhere',
  'turning',
  'turned-in-bone',
  'turned-out-bone',
  'guarding',
  'body-contact',
  'pre-lengthened',
  'pelvis-control',
  'spine-or-proportion',
  'control',
  'balance',
  'mobile',
] as const;
export type HintKind = (typeof HINT_KINDS)[number];

/** Joints that stop a movement. */
export const JOINT_IDS = ['joint-or-capsule', 'knee-joint', 'ankle-joint'] as const satisfies readonly GroupId[];
export type JointId = (typeof JOINT_IDS)[number];

/** A sign that something other than the length of a muscle decides. The sentence is made from it in `hint-words.ts`. */
export interface Hint {
  kind: HintKind;
  side: ReadingSide;
  /** Numbers the sentence tells, each computed from readings. */
  facts: Readonly<Record<string, number>>;
  /** Readings it rests on. */
  from: readonly string[];
  /** Which joint speaks, where one does. */
  joint?: JointId;
  /** Where it was felt, where that is the point. */
  place?: Place;
  /** True where a clinician should look before anything is done about it. */
  refer: boolean;
}

/** What of a student changes how her readings are understood beyond norms and bones. */
export interface Understood {
  sexForNorms?: Student['sexForNorms'];
  birthYear?: number;
  complaints?: readonly Complaint[];
}

/** A hint that rests on readings. */
export const hint = (
  kind: HintKind,
  side: ReadingSide,
  from: readonly (Reading | undefined)[],
  facts: Hint['facts'] = {},
  refer = false,
): Hint => ({ kind, side, facts, refer, from: from.flatMap((r) => (r ? [r.id] : [])) });

/** The newest readings of a student, as they are asked for signs. */
export class Signs {
  /** Done in the usual way, by the teacher's hand. */
  readonly usual: readonly Reading[];

  constructor(
    readonly own: readonly Reading[],
    readonly person: Understood,
  ) {
    this.usual = own.filter((r) => !r.variant && !r.active);
  }

  /** A usual reading that pain did not end. */
  of(test: TestId, readout: ReadoutId, side: ReadingSide): Reading | undefined {
    return this.alike({ test, readout }, side);
  }

  /** A usual reading of the same thing as another, on a side. */
  alike(what: Pick<Reading, 'test' | 'readout'>, side: ReadingSide): Reading | undefined {
    return this.usual.find((r) => r.test === what.test && r.readout === what.readout && r.side === side && !r.pain);
  }

  /** How a reading stands among people, SD, + the longer or freer; null where it has no norm. */
  z(r: Reading | undefined): number | null {
    const readout = r && readoutOf(r.test, r.readout);
    const norm = readout && normOf(readout, this.person.sexForNorms);
    return r && readout && norm ? bandOf(readout, meanOf(r.trials), norm) : null;
  }

  /** Complains of a place on a side. */
  complains(places: readonly Place[], side: ReadingSide): boolean {
    return (
      this.person.complaints?.some((c) => places.includes(c.place) && (c.side === side || c.side === 'both')) === true
    );
  }

  /** Over fifty when a reading was taken, where the year of birth is known. */
  over50(r: Pick<Reading, 'takenAt'>): boolean {
    const { birthYear } = this.person;
    return birthYear !== undefined && ageOn(birthYear, r.takenAt) > OVER_AGE;
  }
}
const OVER_AGE = 50;
