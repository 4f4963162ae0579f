import type { Rung } from '@/core/poses';

/**
 * What an effort costs in the balance, against the square of a full activation of one muscle; all ours. They were
 * chosen on a table of some thirty rungs whose loads are known roughly from the literature on muscle activity (told in
 * docs/poses.md, held by fit/loads.test.ts).
 */
export interface Prices {
  /** A share of body weight along an edge of a friction cone: pushing sideways on the floor. */
  readonly shear: number;
  /** Torque at shoulder or elbow, a full one. */
  readonly arms: number;
  /** Holding with the hands, or drawing on a strap, a share of body weight. */
  readonly holds: number;
  /**
   * One's own limb against another, sideways, a share of body weight along an edge of the cone: it slips, and nobody
   * braces there unless asked to.
   */
  readonly limbShear: number;
}

/**
 * Bearing costs next to nothing, and so does the pull of what is stretched: neither is fought, neither is felt as work.
 */
export const BEARS = 2e-3;
export const PASSIVE = 2e-3;
/** A hand on a wall that steadies a standing shape, a share of body weight. */
export const STEADIES = 4;
/** The ligaments before the hip that hold its turning while it is straight. */
export const CAPSULE = 0.1;
/** Where a joint is at its end, bone and ligament hold. */
export const STOP = 0.02;
/** Less of a push than was asked for, per tenth of body weight: dearer than any muscle. */
export const SHORTFALL = 40;
/** Torque that no muscle makes, per 10 N·m: dear, so that muscles come first. */
export const MISSING = 12;
/** An imbalance of the whole body, per 10 N or N·m: it may only be left where nothing else can hold. */
export const TIPPING = 400;

/**
 * In a rung that is there to work, nobody lets the floor's shear or the arms do the work; in a shape that is rested in,
 * hands and feet may be braced.
 */
const WORK: Prices = { shear: 150, arms: 8, holds: 4, limbShear: 20 };
const EASE: Prices = { shear: 0.6, arms: 0.05, holds: 0.3, limbShear: 2 };
export const pricesOf = (kind: Rung['kind']): Prices => (kind === 'strength' ? WORK : EASE);
