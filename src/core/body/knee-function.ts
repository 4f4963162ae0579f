import { CubicSpline } from './cubic-spline';
import data from './data/knee-functions.json';
import { DEG } from './vec3';

/**
 * Change of a line's length with knee flexion, from a published moment-arm curve integrated once: `lengthChange` is the
 * exact integral of the curve from a straight knee. Via-points behind the knee changed the sign of a muscle's
 * action beyond 100° of bending; prescribed arms do not.
 */
export class KneeFunction {
  private readonly arms: CubicSpline;

  /** @param knots flexion, radians, rising from 0 @param arms dL/dflexion at the knots, metres per radian */
  constructor(knots: readonly number[], arms: readonly number[]) {
    this.arms = new CubicSpline(knots, arms);
  }

  /** Length in metres gained from a straight knee to `flexion` radians. */
  lengthChange(flexion: number): number {
    return this.arms.integral(flexion);
  }

  /** Length gained per radian of flexion, metres: minus the moment arm. */
  slope(flexion: number): number {
    return this.arms.value(flexion);
  }
}

const knots = data.knots_deg.map((v) => v * DEG);
/** The curves by name, as the lines refer to them. */
export const KNEE_FUNCTIONS: ReadonlyMap<string, KneeFunction> = new Map(
  Object.entries(data.arms_m).map(([name, arms]) => [name, new KneeFunction(knots, arms)]),
);

const along = (curve: { knots_deg: number[]; values_m: number[] }) =>
  new CubicSpline(
    curve.knots_deg.map((v) => v * DEG),
    curve.values_m,
  );
const forward = along(data.shift.forward),
  upward = along(data.shift.upward);

/**
 * How far the top of the shin bone has moved on the thigh bone since the knee was straight, metres in the thigh's
 * frame: the knee is not a hinge, the thigh bone rolls and slides back on the shin. The arms above already hold it;
 * this is for where the shin and foot are.
 */
export function kneeShift(flexion: number): { forward: number; upward: number } {
  return { forward: forward.value(flexion) - forward.value(0), upward: upward.value(flexion) - upward.value(0) };
}
