import type { Ellipsoid } from '../form/ellipsoid';
import type { Lens } from '../projection';
import { INSIDE } from './grid';

/**
 * Numbers of an ellipsoid seen from here: place, matrix of its shadow, slope of its rim, half depth, half widths,
 * radius.
 */
export const SEEN = 12;
/** Beyond an ellipsoid's shadow distances are told so far, metres: what soft unions need. */
export const MARGIN = 0.0135;

/**
 * Writes the shadows of a chain into `out`, `SEEN` numbers each. The shadow of an ellipsoid is an ellipse whose matrix
 * is the upper block of its covariance turned into the view; the rim runs along a plane whose slope is the rest of it.
 */
export function shadows(chain: readonly Ellipsoid[], m: Lens, out: Float64Array): void {
  for (let i = 0, o = 0; i < chain.length; i++, o += SEEN) {
    const { at: c, axes } = chain[i];
    let xx = 1e-7,
      xy = 0,
      yy = 1e-7,
      xz = 0,
      yz = 0,
      zz = 0;
    for (let k = 0; k < 3; k++) {
      const v = axes[k];
      const a = m[0] * v[0] + m[1] * v[1] + m[2] * v[2],
        b = m[3] * v[0] + m[4] * v[1] + m[5] * v[2],
        d = m[6] * v[0] + m[7] * v[1] + m[8] * v[2];
      xx += a * a;
      xy += a * b;
      yy += b * b;
      xz += a * d;
      yz += b * d;
      zz += d * d;
    }
    const det = xx * yy - xy * xy,
      qa = yy / det,
      qb = -xy / det,
      qc = xx / det,
      kx = xz * qa + yz * qb,
      ky = xz * qb + yz * qc;
    out[o] = m[0] * c[0] + m[1] * c[1] + m[2] * c[2];
    out[o + 1] = m[3] * c[0] + m[4] * c[1] + m[5] * c[2];
    out[o + 2] = m[6] * c[0] + m[7] * c[1] + m[8] * c[2];
    out[o + 3] = qa;
    out[o + 4] = qb;
    out[o + 5] = qc;
    out[o + 6] = kx;
    out[o + 7] = ky;
    out[o + 8] = Math.sqrt(Math.max(1e-8, zz - kx * xz - ky * yz));
    out[o + 9] = Math.sqrt(xx);
    out[o + 10] = Math.sqrt(yy);
    out[o + 11] = Math.sqrt(Math.sqrt(det));
  }
}

/** Grid that a chain is struck on. */
export interface Plate {
  w: number;
  h: number;
  x0: number;
  y0: number;
  step: number;
}

/**
 * Strikes the shadows of a chain on a plate: greatest distance to any outline (`own`), the rim's depth where it comes
 * from, and the nearest front. Deep inside any bound will do for the distance: only the neighbourhood of the outline is
 * read.
 */
export function strike(
  e: Float64Array,
  own: Float32Array,
  rim: Float32Array,
  front: Float32Array,
  { w, h, x0, y0, step }: Plate,
): void {
  const inv = 1 / step;
  for (let o = 0; o < e.length; o += SEEN) {
    const ex = e[o],
      ey = e[o + 1],
      ez = e[o + 2],
      qa = e[o + 3],
      qb = e[o + 4],
      qc = e[o + 5],
      kx = e[o + 6],
      ky = e[o + 7],
      es = e[o + 8],
      er = e[o + 11];
    const wx = e[o + 9] + MARGIN,
      wy = e[o + 10] + MARGIN;
    const ax = Math.max(0, Math.floor((ex - wx - x0) * inv)),
      bx = Math.min(w - 1, Math.ceil((ex + wx - x0) * inv));
    const ay = Math.max(0, Math.floor((ey - wy - y0) * inv)),
      by = Math.min(h - 1, Math.ceil((ey + wy - y0) * inv));
    const sx = qa * step,
      sy = qb * step,
      sz = kx * step;
    for (let j = ay; j <= by; j++) {
      const dy = y0 + j * step - ey;
      let dx = x0 + ax * step - ex;
      let gx = qa * dx + qb * dy,
        gy = qb * dx + qc * dy;
      let zc = ez + kx * dx + ky * dy;
      for (let at = j * w + ax, end = j * w + bx; at <= end; at++, dx += step, gx += sx, gy += sy, zc += sz) {
        const q2 = gx * dx + gy * dy;
        if (q2 > 9) continue;
        if (q2 < 1 && zc - es < front[at]) {
          const z = zc - es * Math.sqrt(1 - q2);
          if (z < front[at]) front[at] = z;
        }
        const was = own[at];
        if (was >= INSIDE) continue;
        let v: number;
        if (q2 < 0.2) v = er * 0.5 * (1 - q2);
        else {
          const q = Math.sqrt(q2);
          v = ((1 - q) * q) / Math.sqrt(gx * gx + gy * gy);
        }
        if (v > was) {
          own[at] = v;
          rim[at] = zc;
        }
      }
    }
  }
}
