import { ARC_STEP, straightGradient } from './cylinder-wrap';
import { smoothRadius, smoothRadiusSlopes } from './smooth-radius';
import { add, dot, norm, scale, sub, type Vec3 } from './vec3';

/**
 * Length in metres of the shortest path from A to B round a sphere: straight while the line misses it, else two
 * tangents and a great-circle arc. Continuous where contact begins.
 */
export function sphereLength(
  ax: number,
  ay: number,
  az: number,
  bx: number,
  by: number,
  bz: number,
  cx: number,
  cy: number,
  cz: number,
  radius: number,
): number {
  const ux = ax - cx,
    uy = ay - cy,
    uz = az - cz,
    vx = bx - cx,
    vy = by - cy,
    vz = bz - cz;
  const da = Math.sqrt(ux * ux + uy * uy + uz * uz),
    db = Math.sqrt(vx * vx + vy * vy + vz * vz);
  const r = smoothRadius(radius, da, db);
  const wx = uy * vz - uz * vy,
    wy = uz * vx - ux * vz,
    wz = ux * vy - uy * vx;
  const angle = Math.atan2(Math.sqrt(wx * wx + wy * wy + wz * wz), ux * vx + uy * vy + uz * vz);
  const arc = angle - Math.acos(r / da) - Math.acos(r / db);
  if (arc > 0) return Math.sqrt(da * da - r * r) + Math.sqrt(db * db - r * r) + r * arc;
  return Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay) + (bz - az) * (bz - az));
}

const slopes = new Float64Array(2);

/**
 * The same length with its derivatives by both ends: `out[0..2] = ∂L/∂A`, `out[3..5] = ∂L/∂B` (no unit). The angle
 * between the ends changes with A along (cos·û − v̂)/(sin·|u|); the rest is as for the cylinder.
 */
export function sphereGradient(
  ax: number,
  ay: number,
  az: number,
  bx: number,
  by: number,
  bz: number,
  cx: number,
  cy: number,
  cz: number,
  radius: number,
  out: Float64Array,
): number {
  const ux = ax - cx,
    uy = ay - cy,
    uz = az - cz,
    vx = bx - cx,
    vy = by - cy,
    vz = bz - cz;
  const da = Math.sqrt(ux * ux + uy * uy + uz * uz),
    db = Math.sqrt(vx * vx + vy * vy + vz * vz);
  const r = smoothRadiusSlopes(radius, da, db, slopes);
  const wx = uy * vz - uz * vy,
    wy = uz * vx - ux * vz,
    wz = ux * vy - uy * vx;
  const cross = Math.sqrt(wx * wx + wy * wy + wz * wz),
    along = ux * vx + uy * vy + uz * vz;
  const arc = Math.atan2(cross, along) - Math.acos(r / da) - Math.acos(r / db);
  if (arc <= 0) return straightGradient(ax, ay, az, bx, by, bz, out);
  const ta = Math.sqrt(da * da - r * r),
    tb = Math.sqrt(db * db - r * r);
  const byA = (ta / da + arc * slopes[0]) / da,
    byB = (tb / db + arc * slopes[1]) / db;
  const sine = Math.max(1e-12, cross);
  // r · ∂angle/∂A = r (along·u/|u|² − v) / |u × v|, and the same with the ends exchanged.
  const ka = along / (da * da),
    kb = along / (db * db),
    turn = r / sine;
  out[0] = byA * ux + turn * (ka * ux - vx);
  out[1] = byA * uy + turn * (ka * uy - vy);
  out[2] = byA * uz + turn * (ka * uz - vz);
  out[3] = byB * vx + turn * (kb * vx - ux);
  out[4] = byB * vy + turn * (kb * vy - uy);
  out[5] = byB * vz + turn * (kb * vz - uz);
  return ta + tb + r * arc;
}

/** The course itself from A to B, both included, with corners on the sphere at most 12° apart where it touches. */
export function sphereCourse(a: Vec3, b: Vec3, centre: Vec3, radius: number): Vec3[] {
  const u = sub(a, centre),
    v = sub(b, centre);
  const da = norm(u),
    db = norm(v);
  const r = smoothRadius(radius, da, db);
  const e1 = scale(u, 1 / da);
  const across = sub(v, scale(e1, dot(v, e1)));
  const height = norm(across);
  const angle = Math.atan2(height, dot(v, e1));
  const offA = Math.acos(r / da);
  const arc = angle - offA - Math.acos(r / db);
  if (arc <= 0) return [a, b];
  // Opposite ends leave the side open: any will do, all are equally long.
  const e2 = height > 1e-9 ? scale(across, 1 / height) : anyAcross(e1);
  const steps = Math.max(1, Math.ceil(arc / ARC_STEP));
  const touched = Array.from({ length: steps + 1 }, (_, i) => {
    const t = offA + (arc * i) / steps;
    return add(centre, add(scale(e1, r * Math.cos(t)), scale(e2, r * Math.sin(t))));
  });
  return [a, ...touched, b];
}

/** Some unit vector square to `v`. */
function anyAcross(v: Vec3): Vec3 {
  const other: Vec3 = Math.abs(v[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0];
  const across = sub(other, scale(v, dot(other, v)));
  return scale(across, 1 / norm(across));
}
