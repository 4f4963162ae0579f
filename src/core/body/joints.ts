import type { Vec3 } from './vec3';

/** Height in metres of the person the geometry was recalled for; everything is scaled from it. */
export const MODEL_HEIGHT = 1.75;

/** Joint centres of the right side, metres, each in its parent segment's frame (same path data as the lines). */
export const JOINTS = {
  /** In the pelvis. */
  hip: [-0.0707, -0.0661, 0.0835] as Vec3,
  lumbosacral: [-0.1007, 0.0815, 0] as Vec3,
  /** From the lumbosacral joint: a second lumbar joint spreads bending over the spine. */
  upperLumbar: [0, 0.09, 0] as Vec3,
  /** From the upper lumbar joint. */
  thorax: [0.022, 0.08, 0] as Vec3,
  /** From the thorax joint. */
  neck: [0.005, 0.24, 0] as Vec3,
  shoulder: [0, 0.195, 0.165] as Vec3,
  /** In the thigh, where the two condyles of its lower end are. */
  knee: [0, -0.405, 0] as Vec3,
  /** In the shin. */
  ankle: [0, -0.43, 0] as Vec3,
  /** From the ankle centre, foot straight. */
  instep: [0.05, -0.022, 0.002] as Vec3,
  toes: [0.13, -0.044, 0.009] as Vec3,
  /** Along the upper arm and the forearm. */
  elbow: [0, -0.3, 0] as Vec3,
  wrist: [0, -0.26, 0] as Vec3,
} as const;

/** Length of a hand from the wrist to the knuckles, metres. */
export const HAND = 0.1;
