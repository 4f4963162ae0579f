const HALF_PI = Math.PI / 2;
const TWO_PI = 2 * Math.PI;

/**
 * Radius a path can really wrap round when an end may come inside the surface: a smooth minimum (power mean,
 * p = −14) of the radius and 0.98 of both ends' distances. A hard minimum makes jumps in moment arms.
 */
export function smoothRadius(radius: number, distanceA: number, distanceB: number): number {
  let sum = 1;
  const qa = radius / (0.98 * distanceA),
    qb = radius / (0.98 * distanceB);
  const qa2 = qa * qa,
    qa4 = qa2 * qa2;
  sum += qa4 * qa4 * qa4 * qa2;
  const qb2 = qb * qb,
    qb4 = qb2 * qb2;
  sum += qb4 * qb4 * qb4 * qb2;
  return sum < 1 + 1e-9 ? radius : radius * Math.pow(sum, -1 / 14);
}

/**
 * Length in metres of the shortest path from A to B that passes a cylinder on a fixed side.
 *
 * The cylinder's axis is parallel to z through (cx, cy). `sense` +1 runs counter-clockwise seen from +z.
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
  cx: number,
  cy: number,
  radius: number,
  sense: number,
): number {
  const ux = ax - cx,
    uy = ay - cy,
    vx = bx - cx,
    vy = by - cy,
    dz = bz - az;
  const da = Math.sqrt(ux * ux + uy * uy),
    db = Math.sqrt(vx * vx + vy * vy);
  const r = smoothRadius(radius, da, db);
  // Signed turn from A to B by cross and dot product: one atan2 instead of two.
  let turn = sense * Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
  if (turn < -HALF_PI) turn += TWO_PI;
  const arc = turn - Math.acos(r / da) - Math.acos(r / db);
  const flat =
    arc > 0
      ? Math.sqrt(da * da - r * r) + Math.sqrt(db * db - r * r) + r * arc
      : Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay));
  return Math.sqrt(flat * flat + dz * dz);
}
