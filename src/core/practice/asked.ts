import { worthFor } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import type { PracticeRequest } from './request';
import type { PracticeUnit } from './units';

/** What the program of a practice is asked, and the columns of its units. */

export interface Time {
  /** Minutes for items with the way between them and what is left for rest at the end. */
  work: number;
  /**
   * How much of it may be missing or too much: the same as whole breaths may leave, so that the bound holds for them.
   */
  slack: number;
  restLeast: number;
  restMost: number;
  /** Minutes that may be given back rather than filled with what nobody needs. */
  giveMost: number;
}

/** A unit that must be in, with its minutes a side where these are fixed too. */
export interface Locked {
  key: string;
  minutes?: number;
}

export interface Columns {
  unit: PracticeUnit;
  /** In or not, minutes a side, minutes more on the tighter side. */
  y: number;
  t: number;
  e: number | null;
  /** Minutes a side at most: less than the rung allows where it serves no aim. */
  most: number;
}

/** What a practice is to give, and by what that is measured. */
export interface Goal {
  aims: readonly Aim[];
  /** Minutes wanted for each aim. */
  wanted: readonly number[];
  /** Minutes that each aim is given whatever is chosen: by a salutation. */
  already: readonly number[];
  /** Minutes for items with the way between them and for rest. */
  work: number;
  request: PracticeRequest;
}

/** All that a program is made of. */
export interface Asked extends Goal {
  /** Units of this program, and of the whole library. */
  units: readonly PracticeUnit[];
  all: readonly PracticeUnit[];
  time: Time;
  locked: readonly Locked[];
  /** Keys of earlier versions, from which a quarter must differ. */
  apart: readonly (readonly string[])[];
}

export const worthOf = (unit: PracticeUnit, aim: Aim): number[] => unit.sides.map((r) => worthFor(r, aim).worth);

/** What a column of minutes gives an aim, a minute. */
export function givenTo(aim: Aim, { unit, t, e }: Columns): [number, number][] {
  const worth = worthOf(unit, aim);
  const sum = worth.reduce((s, v) => s + v, 0);
  if (sum < 1e-6) return [];
  const more = e !== null && unit.tighter !== null ? worth[unit.tighter] : 0;
  return [[t, sum], ...(e !== null && more > 1e-6 ? [[e, more] as [number, number]] : [])];
}
