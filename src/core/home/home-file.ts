import type { Side } from '@/core/body';
import type { PracticeItem } from '@/core/practice/practice';
import type { Pace } from '@/core/practice/pace';

/**
 * What the file that plays on a phone holds: no finding, no muscle, no caution by its name. Plain data, written by
 * Kolpos and read by nobody else.
 */

export const HOME_VERSION = 1;
/** Days after which the file asks to be renewed: findings and cautions may have changed. Ours. */
export const RENEW_DAYS = 42;

/** One shape and side as the student does it. */
export interface HomeStep extends PracticeItem {
  name: string;
  /** The rung in words. */
  sub: string;
  /** How to come in, a line. */
  enter: string;
  /** What to keep and to do while it lasts. */
  keep: readonly string[];
  /** Where it should be felt, in everyday words; empty where nowhere in particular. */
  feel: string;
  props: readonly string[];
  /** Key of its picture. */
  picture: string;
}

export interface HomeItem extends HomeStep {
  /** Something milder for the same place, where there is something. */
  easier?: HomeStep;
}

export interface HomePractice {
  id: string;
  title: string;
  pace: Pace;
  /** Seconds with the ways between. */
  seconds: number;
  /** Things to have ready, each once. */
  needs: readonly string[];
  items: readonly HomeItem[];
}

/** A day of the week plan, with the practice for it. */
export interface HomeDay {
  /** `YYYY-MM-DD`. */
  day: string;
  practice: string;
}

/** A test that one person can do and read alone. */
export interface HomeTest {
  test: string;
  readout: string;
  side: Side | 'both';
  name: string;
  /** What is asked for: "centimetres", "full stands". */
  asks: string;
  min: number;
  max: number;
  /** What to do, a sentence each. */
  steps: readonly string[];
  /** A clock that counts up, or seconds after which a bell ends it. */
  clock?: 'up' | number;
  picture: string;
}

export interface HomeFile {
  format: 'kolpos/home';
  version: typeof HOME_VERSION;
  /** Of this file: what comes back says it. */
  id: string;
  student: string;
  /** First name, where the teacher wished it to be there. */
  name: string | null;
  /** Days `YYYY-MM-DD`: made, and to be renewed. */
  made: string;
  renew: string;
  practices: readonly HomePractice[];
  week: readonly HomeDay[];
  /** What to leave alone, in everyday words. */
  avoid: readonly string[];
  tests: readonly HomeTest[];
  /** Drawings by key, as SVG text. */
  pictures: Readonly<Record<string, string>>;
}

/** A picture that is still to be drawn. */
export type HomePicture =
  | { key: string; pose: string; rung: number; side: Side | 'both'; depth: number }
  | { key: string; test: string; readout: string; side: Side; value: number };
