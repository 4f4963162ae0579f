import { smoothRadius, smoothRadiusSlopes } from './smooth-radius';
import type { Vec3 } from './vec3';

/**
 * Least turn from A to B that counts as passing in front of the surface, radians: beyond it the line has gone round.
 */
const LEAST_TURN = -Math.PI / 2;
const TWO_PI = 2 * Math.PI;

/**
 * Length in metres of the shortest path from A to B that passes a cylinder on a fixed side.
 *
 * The cylinder's axis is the z axis; ends are told in its frame. `sense` +1 runs counter-clockwise seen from +z.
 * The turn from A to B is unwrapped to [−90°, 270°); the path touches only where the arc is positive, so length
 * is continuous when contact begins. Method: tangent construction in the plane, the z-part added by Pythagoras.
 */
export function cylinderLength(
  ax: number,
  ay: number,
  az: number,
  bx: number,
  by: number,
  bz: number,
  radius: number,
  sense: number,
): number {
  const dz = bz - az;
  const da = Math.sqrt(ax * ax + ay * ay),
    db = Math.sqrt(bx * bx + by * by);
  const r = smoothRadius(radius, da, db);
  // Signed turn from A to B by cross and dot product: one atan2 instead of two.
  let turn = sense * Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
  if (turn < LEAST_TURN) turn += TWO_PI;
  const arc = turn - Math.acos(r / da) - Math.acos(r / db);
  const flat =
    arc > 0
      ? Math.sqrt(da * da - r * r) + Math.sqrt(db * db - r * r) + r * arc
      : Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay));
  return Math.sqrt(flat * flat + dz * dz);
}

const slopes = new Float64Array(2);

/**
 * The same length with its derivatives by both ends: `out[0..2] = ∂L/∂A`, `out[3..5] = ∂L/∂B` (no unit).
 *
 * On the surface ∂L/∂r is the arc alone (the tangent points are where the path is shortest, so moving them changes
 * nothing to first order), ∂L/∂distance is √(d² − r²)/d and ∂L/∂turn is r. `r` itself moves with the distances when an
 * end comes close: that slope is added.
 */
export function cylinderGradient(
  ax: number,
  ay: number,
  az: number,
  bx: number,
  by: number,
  bz: number,
  radius: number,
  sense: number,
  out: Float64Array,
): number {
  const dz = bz - az;
  const da = Math.sqrt(ax * ax + ay * ay),
    db = Math.sqrt(bx * bx + by * by);
  const r = smoothRadiusSlopes(radius, da, db, slopes);
  let turn = sense * Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
  if (turn < LEAST_TURN) turn += TWO_PI;
  const arc = turn - Math.acos(r / da) - Math.acos(r / db);
  if (arc <= 0) return straightGradient(ax, ay, az, bx, by, bz, out);
  const ta = Math.sqrt(da * da - r * r),
    tb = Math.sqrt(db * db - r * r);
  const flat = ta + tb + r * arc;
  const length = Math.sqrt(flat * flat + dz * dz);
  const share = flat / length;
  const byA = (ta / da + arc * slopes[0]) / da,
    byB = (tb / db + arc * slopes[1]) / db;
  const turnA = (r * sense) / (da * da),
    turnB = (r * sense) / (db * db);
  out[0] = share * (byA * ax + turnA * ay);
  out[1] = share * (byA * ay - turnA * ax);
  out[2] = -dz / length;
  out[3] = share * (byB * bx - turnB * by);
  out[4] = share * (byB * by + turnB * bx);
  out[5] = dz / length;
  return length;
}

/** Straight distance in metres with its derivatives by both ends, as above. */
export function straightGradient(
  ax: number,
  ay: number,
  az: number,
  bx: number,
  by: number,
  bz: number,
  out: Float64Array,
): number {
  const x = bx - ax,
    y = by - ay,
    z = bz - az;
  const length = Math.sqrt(x * x + y * y + z * z);
  const inverse = length > 0 ? 1 / length : 0;
  out[3] = x * inverse;
  out[4] = y * inverse;
  out[5] = z * inverse;
  out[0] = -out[3];
  out[1] = -out[4];
  out[2] = -out[5];
  return length;
}

/** Degrees of arc between the corners that a drawn path gets on a surface, radians. */
export const ARC_STEP = Math.PI / 15;

/**
 * The course itself from A to B, both included: corners on the surface at most 12° apart, none where it runs free.
 * For drawing and for checking; the axis is the z axis.
 */
export function cylinderCourse(a: Vec3, b: Vec3, radius: number, sense: number): Vec3[] {
  const [ux, uy] = a,
    [vx, vy] = b;
  const da = Math.hypot(ux, uy),
    db = Math.hypot(vx, vy);
  const r = smoothRadius(radius, da, db);
  let turn = sense * Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
  if (turn < LEAST_TURN) turn += TWO_PI;
  const offA = Math.acos(r / da),
    offB = Math.acos(r / db);
  const arc = turn - offA - offB;
  if (arc <= 0) return [a, b];
  const ta = Math.sqrt(da * da - r * r),
    flat = ta + Math.sqrt(db * db - r * r) + r * arc;
  const start = Math.atan2(uy, ux) + sense * offA;
  const steps = Math.max(1, Math.ceil(arc / ARC_STEP));
  const touched = Array.from({ length: steps + 1 }, (_, i): Vec3 => {
    const along = (arc * i) / steps,
      angle = start + sense * along;
    return [
      r * Math.cos(angle),
      r * Math.sin(angle),
      a[2] + ((b[2] - a[2]) * (ta + r * along)) / flat,
    ];
  });
  return [a, ...touched, b];
}
