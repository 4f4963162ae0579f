import { n } from '../projection';
import { isClosed, type P2 } from './polyline';

/*
 * Cubic pieces by least squares (Schneider 1990, "An algorithm for automatically fitting digitized curves"). A package
 * does the same in fifteen times the time (13 ms for one outline of 800 points); with some sixty outlines a picture
 * that is too slow.
 */

/** Turned by more than this over two neighbours, a line has a corner, radians. */
const CORNER = 1.2;

const apart = (a: P2, b: P2): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
const direction = (a: P2, b: P2): P2 => {
  const l = apart(a, b) || 1;
  return [(b[0] - a[0]) / l, (b[1] - a[1]) / l];
};
const opposite = (a: P2): P2 => [-a[0], -a[1]];

/** SVG cubics through a line, within `tolerance` metres, without its first point; corners are kept. */
export function curves(line: readonly P2[], tolerance: number, corner = CORNER): string {
  const points = line.filter((p, i) => i === 0 || apart(p, line[i - 1]) > 1e-5);
  if (points.length < 2) return '';
  const N = points.length;
  const breaks = [0];
  for (let i = 2; i < N - 2; i++) {
    const before = Math.atan2(points[i][1] - points[i - 2][1], points[i][0] - points[i - 2][0]),
      after = Math.atan2(points[i + 2][1] - points[i][1], points[i + 2][0] - points[i][0]);
    let turn = Math.abs(before - after);
    if (turn > Math.PI) turn = 2 * Math.PI - turn;
    if (turn > corner && i - breaks[breaks.length - 1] > 3) breaks.push(i);
  }
  breaks.push(N - 1);
  // A closed line without corners goes on through its first point as if there were none.
  const ring = isClosed(points) && breaks.length === 2;
  let out = '';
  for (let k = 0; k + 1 < breaks.length; k++) {
    const i = breaks[k],
      j = breaks[k + 1];
    const from = ring ? direction(points[N - 2], points[1]) : direction(points[i], points[Math.min(i + 2, j)]);
    const to = ring ? opposite(from) : direction(points[j], points[Math.max(j - 2, i)]);
    out += pieces({ points, i, j, from, to }, tolerance);
  }
  return out;
}

const cubic = (a: P2, b: P2, c: P2): string => `C${n(a[0])} ${n(a[1])} ${n(b[0])} ${n(b[1])} ${n(c[0])} ${n(c[1])}`;

/** Rounds of Newton's step on the parameters before a line is cut. */
const ROUNDS = 3;

/**
 * A stretch of a line: the points from `i` to `j`, and the directions in which it leaves its first and its last one.
 */
interface Stretch {
  points: readonly P2[];
  i: number;
  j: number;
  from: P2;
  to: P2;
}

function pieces(own: Stretch, tolerance: number): string {
  const { points: p, i, j, from, to } = own;
  const A = p[i],
    B = p[j];
  if (j - i === 1) {
    const l = apart(A, B) / 3;
    return cubic([A[0] + from[0] * l, A[1] + from[1] * l], [B[0] + to[0] * l, B[1] + to[1] * l], B);
  }
  const u = new Float64Array(j - i + 1);
  for (let k = 1; k < u.length; k++) u[k] = u[k - 1] + apart(p[i + k], p[i + k - 1]);
  const length = u[u.length - 1];
  for (let k = 0; k < u.length; k++) u[k] /= length;
  let worstAt = i + ((j - i) >> 1),
    least = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const [l1, l2] = handles(own, u, length);
    const c1: P2 = [A[0] + from[0] * l1, A[1] + from[1] * l1],
      c2: P2 = [B[0] + to[0] * l2, B[1] + to[1] * l2];
    const { error, at } = better(own, u, c1, c2);
    if (error < least) {
      least = error;
      worstAt = at;
    }
    if (error < tolerance) return cubic(c1, c2, B);
    if (error > tolerance * 6) break;
  }
  const at = Math.min(j - 1, Math.max(i + 1, worstAt));
  const way = direction(p[Math.max(i, at - 2)], p[Math.min(j, at + 2)]);
  return pieces({ ...own, j: at, to: opposite(way) }, tolerance) + pieces({ ...own, i: at, from: way }, tolerance);
}

/**
 * Lengths of both handles by least squares; a third of the way where that makes none.
 * @param u place of each point on the way, 0–1
 */
function handles({ points: p, i, j, from, to }: Stretch, u: Float64Array, length: number): [number, number] {
  const A = p[i],
    B = p[j];
  let c00 = 0,
    c01 = 0,
    c11 = 0,
    x0 = 0,
    x1 = 0;
  for (let k = 0; k < u.length; k++) {
    const t = u[k],
      s = 1 - t,
      b0 = s * s * s,
      b1 = 3 * s * s * t,
      b2 = 3 * s * t * t,
      b3 = t * t * t;
    const ax = from[0] * b1,
      ay = from[1] * b1,
      bx = to[0] * b2,
      by = to[1] * b2;
    c00 += ax * ax + ay * ay;
    c01 += ax * bx + ay * by;
    c11 += bx * bx + by * by;
    const rx = p[i + k][0] - A[0] * (b0 + b1) - B[0] * (b2 + b3),
      ry = p[i + k][1] - A[1] * (b0 + b1) - B[1] * (b2 + b3);
    x0 += ax * rx + ay * ry;
    x1 += bx * rx + by * ry;
  }
  const det = c00 * c11 - c01 * c01;
  if (Math.abs(det) < 1e-14) return [length / 3, length / 3];
  const l1 = (x0 * c11 - x1 * c01) / det,
    l2 = (c00 * x1 - c01 * x0) / det;
  const least = apart(A, B) * 0.02;
  return l1 < least || l2 < least || l1 > 3 * length || l2 > 3 * length ? [length / 3, length / 3] : [l1, l2];
}

/** Greatest distance of a cubic from the points, where, and each parameter moved to a better one. */
function better({ points: p, i, j }: Stretch, u: Float64Array, c1: P2, c2: P2): { error: number; at: number } {
  const A = p[i],
    B = p[j];
  let error = 0,
    at = i + (u.length >> 1);
  for (let k = 0; k < u.length; k++) {
    const t = u[k],
      s = 1 - t,
      b0 = s * s * s,
      b1 = 3 * s * s * t,
      b2 = 3 * s * t * t,
      b3 = t * t * t;
    const ex = b0 * A[0] + b1 * c1[0] + b2 * c2[0] + b3 * B[0] - p[i + k][0],
      ey = b0 * A[1] + b1 * c1[1] + b2 * c2[1] + b3 * B[1] - p[i + k][1],
      e = Math.hypot(ex, ey);
    if (e > error) {
      error = e;
      at = i + k;
    }
    const dx = 3 * (s * s * (c1[0] - A[0]) + 2 * s * t * (c2[0] - c1[0]) + t * t * (B[0] - c2[0])),
      dy = 3 * (s * s * (c1[1] - A[1]) + 2 * s * t * (c2[1] - c1[1]) + t * t * (B[1] - c2[1])),
      speed = dx * dx + dy * dy;
    if (speed > 1e-12) u[k] = Math.min(1, Math.max(0, t - (ex * dx + ey * dy) / speed));
  }
  return { error, at };
}
