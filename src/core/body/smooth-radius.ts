/**
 * Radius in metres that a path can really wrap round when an end may come inside the surface: a smooth minimum (power
 * mean, p = −14) of the radius and 0.98 of both ends' distances from the axis or centre. A hard minimum makes jumps of
 * centimetres in moment arms.
 */
export function smoothRadius(radius: number, distanceA: number, distanceB: number): number {
  const sum = 1 + power14(radius / (0.98 * distanceA)) + power14(radius / (0.98 * distanceB));
  return sum < 1 + 1e-9 ? radius : radius * Math.pow(sum, -1 / 14);
}

/**
 * The same with its slopes: writes ∂r/∂distanceA and ∂r/∂distanceB into `slopes[0]` and `slopes[1]` (no unit) and
 * returns the radius. d/dd of R·S^(−1/14) with S = 1 + Σ (R / 0.98 d)^14 is r/S · (R / 0.98 d)^14 / d.
 */
export function smoothRadiusSlopes(radius: number, distanceA: number, distanceB: number, slopes: Float64Array): number {
  const a = power14(radius / (0.98 * distanceA)),
    b = power14(radius / (0.98 * distanceB));
  const sum = 1 + a + b;
  if (sum < 1 + 1e-9) {
    slopes[0] = slopes[1] = 0;
    return radius;
  }
  const r = radius * Math.pow(sum, -1 / 14);
  slopes[0] = ((r / sum) * a) / distanceA;
  slopes[1] = ((r / sum) * b) / distanceB;
  return r;
}

function power14(q: number): number {
  const q2 = q * q,
    q4 = q2 * q2;
  return q4 * q4 * q4 * q2;
}
