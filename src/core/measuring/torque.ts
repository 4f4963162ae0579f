import { segmentMasses, skeletonOf, type Build, type Posture, type Side, type Vec3 } from '@/core/body';

/** Gravity, m/s². */
export const GRAVITY = 9.80665;
/** Newtons in a kilogram of force and in a pound of force. */
export const NEWTONS = { N: 1, kgf: GRAVITY, lbf: 4.44822 } as const;
export type ForceUnit = keyof typeof NEWTONS;

/** Segments that hang on a joint, by the names of the mass model without the side. */
const BEYOND: Readonly<Record<'hip' | 'knee', readonly string[]>> = {
  hip: ['thigh', 'shank', 'foot'],
  knee: ['shank', 'foot'],
};

/** What a push of a test turns about, and whether it lifts the limb (+1), lowers it (−1) or moves it level (0). */
interface Lever {
  joint: 'hip' | 'knee';
  against: 1 | -1 | 0;
  /** How to measure the lever arm. */
  arm: string;
}

const LEVERS: Readonly<Record<string, Lever>> = {
  'seated-hip-flexion-hold/torque': {
    joint: 'hip',
    against: 1,
    arm: 'from the knob of the hip to the middle of the pad above the knee',
  },
  'prone-hip-extension/torque': {
    joint: 'hip',
    against: 1,
    arm: 'from the knob of the hip to the middle of the pad above the knee',
  },
  'side-lying-abduction/torque': {
    joint: 'hip',
    against: 1,
    arm: 'from the knob of the hip to the middle of the pad above the ankle',
  },
  'side-lying-adduction/torque': {
    joint: 'hip',
    against: 1,
    arm: 'from the knob of the hip to the middle of the pad above the ankle',
  },
  'seated-rotation-strength/internal-torque': {
    joint: 'knee',
    against: 0,
    arm: 'from the middle of the knee to the middle of the pad above the ankle',
  },
  'seated-rotation-strength/external-torque': {
    joint: 'knee',
    against: 0,
    arm: 'from the middle of the knee to the middle of the pad above the ankle',
  },
  'prone-knee-flexion/torque': {
    joint: 'knee',
    against: 1,
    arm: 'from the line of the knee joint to the middle of the pad above the heel',
  },
  'seated-knee-extension/torque': {
    joint: 'knee',
    against: 1,
    arm: 'from the line of the knee joint to the middle of the pad above the ankle',
  },
  'adductor-squeeze/torque': {
    joint: 'hip',
    against: 0,
    arm: 'from the knob of the hip to the middle of the pad at the knee',
  },
};

/** How the push of a read-out turns, or null where it is none. */
export const leverOf = (test: string, readout: string): Lever | null => LEVERS[`${test}/${readout}`] ?? null;

/**
 * Torque needed just to carry the limb in a posture, newton metres: Σ mass · g · level distance from the joint.
 * @param mass body mass, kg
 */
export function limbTorque(posture: Posture, build: Build, mass: number, joint: 'hip' | 'knee', side: Side): number {
  const skeleton = skeletonOf(posture, undefined, build);
  const centre = skeleton.points[joint === 'hip' ? `hip_${side}` : `shin_${side}`];
  let sum = 0;
  for (const { segment, share, from, to, at } of segmentMasses(skeleton)) {
    if (!BEYOND[joint].some((name) => segment === `${name}-${side}`)) continue;
    const com: Vec3 = [0, 1, 2].map((k) => from[k] + (to[k] - from[k]) * at) as [number, number, number];
    sum += share * mass * GRAVITY * Math.hypot(com[0] - centre[0], com[2] - centre[2]);
  }
  return sum;
}

/** A push worked out: what is kept, and the steps that are shown. */
export interface Torque {
  /** Force × lever arm, N·m. */
  pushed_Nm: number;
  /** Gravity's part that was added, N·m. */
  gravity_Nm: number;
  /** The sum, N·m. */
  total_Nm: number;
  /** The sum per kilogram of body mass, N·m/kg. */
  normalised: number;
}

/**
 * Torque of a push on a limb. Newtons, centimetres, N·m and kilograms in; throws on a lever or mass that is not
 * positive.
 */
export function torqueOf(push: { newtons: number; lever_cm: number; gravity_Nm: number; mass_kg: number }): Torque {
  if (!(push.lever_cm > 0) || !(push.mass_kg > 0)) throw new Error('lever arm and mass must be positive');
  const pushed = push.newtons * (push.lever_cm / 100);
  const total = pushed + push.gravity_Nm;
  return { pushed_Nm: pushed, gravity_Nm: push.gravity_Nm, total_Nm: total, normalised: total / push.mass_kg };
}

/** Force as a share of body weight, per cent; only comparable with the pad in the same place. */
export const percentOfWeight = (newtons: number, mass_kg: number): number => (newtons / (mass_kg * GRAVITY)) * 100;
