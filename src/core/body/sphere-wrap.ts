import { smoothRadius } from './cylinder-wrap';

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
