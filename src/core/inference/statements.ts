import type { Place } from '@/core/students/student';
import type { GroupId, Side } from '@/core/body';
import type { Movement } from '@/core/assessment/definition';
import type { Carrier } from './influence';

/** A mean with an 80 % interval. */
export interface Estimate {
  mean: number;
  low: number;
  high: number;
}

export interface GroupFinding {
  /** Reportable group. */
  group: GroupId;
  members: string[];
  side: Side;
  /** Tolerance of the group's least tolerant member, SD of typical people. */
  tolerance: Estimate;
  /** The same quantity among typical people. */
  typical: { mean: number; sd: number };
  /** (tolerance − typical mean) / typical SD. */
  z: number;
  /** Share of typical people who have less, 0–1. */
  shareBelow: number;
  /** P(the least tolerant member is more than 1 SD short). */
  shortProbability: number;
}

export interface Limiter {
  group: GroupId;
  probability: number;
}

/** From here on below typical a movement is limited and a muscle weak, SD (our default). */
export const LIMITED = -1;
export const isLimited = (m: Pick<MovementFinding, 'band'>): boolean => m.band < LIMITED;

/** Probability from which one name stands alone for what stops a movement. */
export const ONE_NAME = 0.8;

/**
 * What spoke at the end of a movement instead of a muscle. `nerve`: it ended with tingling, or head or ankle changed
 * what was felt. `pinch`: a pinch, or pressed where the hip is folded. `hard`: as bone on bone. `strange`: felt where
 * nothing that can stop it is felt. `contact`: body met body.
 */
export type Speaker = 'nerve' | 'pinch' | 'hard' | 'strange' | 'contact';

/**
 * False where something else than a muscle spoke, somebody stopped, or place or nerve are still to be asked: nothing is
 * lengthened or painted for that.
 */
export const tellsOfMuscle = (
  m: Pick<MovementFinding, 'spoke' | 'brokenOff' | 'unasked' | 'orNerve' | 'everyWay'>,
): boolean => m.spoke === undefined && !m.brokenOff && !m.unasked && !m.orNerve && !m.everyWay;

export interface MovementFinding {
  movement: Movement;
  side: Side;
  test: string;
  readout: string;
  /** Where the model expects the movement to end, degrees of the main test's reading. */
  end: Estimate;
  /** Mean of the newest reading of the main test, or null when only other tests speak. */
  measured: number | null;
  norm: { mean: number; sd: number; source: string };
  /** True where pain, guarding or fear ended the main test's reading: it is no end of range. */
  brokenOff?: boolean;
  /** What else than a muscle spoke at its end; absent where a muscle may have. */
  spoke?: Speaker;
  /** Where the reading that it is told by was felt. */
  felt?: Place;
  /** True where its first limiter is not felt there: then that is not named. */
  against?: boolean;
  /**
   * True where a hip turned little and nobody wrote where that was felt: turning ends at the joint as often as at a
   * muscle.
   */
  unasked?: boolean;
  /**
   * True where it was felt far from the muscle that would stop it, and head or ankle are still to be asked: muscle or
   * nerve is open.
   */
  orNerve?: boolean;
  /**
   * True where the hip stops early in turning in, bending and opening together: rather the joint than the muscle that
   * would stop each.
   */
  everyWay?: boolean;
  /**
   * SDs better (+) or worse (−) than the norm: of the reading itself, else (not read, or broken off) of the expected
   * end.
   */
  band: number;
  limiters: Limiter[];
  /** 'one' at ≥ 0.8, 'two' when the first two reach 0.8 and the first 0.5, else 'unclear'. */
  clarity: 'one' | 'two' | 'unclear';
  /** Readings this rests on. */
  readings: string[];
  /** What carries the first limiter most: its probability had that reading not been taken. */
  carriers: Carrier[];
  /** What a textbook would say of the main reading without any model; null where it would not commit itself. */
  plain: GroupId | null;
}

export interface NextTest {
  test: string;
  side: Side;
  /** Another way of doing it, where not the usual one. */
  variant?: string;
  /** Bits by which it is expected to reduce what is in question. */
  gain: number;
  /** It tells apart what may stop a limited movement; it looks at a complaint; it may find another limited movement. */
  why: 'unclear' | 'complaint' | 'unread';
}
