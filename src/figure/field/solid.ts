import type { Vec3 } from '@/core/body';
import { hull } from '../line/hull';
import { seen, type Lens, type P3 } from '../projection';
import { NOTHING, OUTSIDE, type MassField } from './grid';

/** A box along the axes of the world, or a cylinder lying along one of them; metres. */
export type Solid =
  | { shape: 'box'; from: Vec3; to: Vec3 }
  /** `along`: 0 for forward, 2 for sideways; half sizes across it: level and upright. */
  | { shape: 'roll'; at: Vec3; along: 0 | 2; half: number; level: number; upright: number };

export const boxCorners = (a: Vec3, b: Vec3): Vec3[] =>
  [a[0], b[0]].flatMap((x) => [a[1], b[1]].flatMap((y) => [a[2], b[2]].map((z): Vec3 => [x, y, z])));

/** Points of the end of a roll; `side` −1 or 1, `k` a share of its size. */
export const rollEnd = (s: Extract<Solid, { shape: 'roll' }>, side: number, k = 1): Vec3[] =>
  Array.from({ length: 28 }, (_, i): Vec3 => {
    const a = (i * Math.PI) / 14,
      u = s.level * k * Math.cos(a),
      v = s.upright * k * Math.sin(a);
    return s.along === 0
      ? [s.at[0] + side * s.half, s.at[1] + v, s.at[2] + u]
      : [s.at[0] + u, s.at[1] + v, s.at[2] + side * s.half];
  });

/** Corners of a solid's silhouette on paper, in order. */
export const silhouette = (s: Solid, m: Lens): P3[] =>
  hull((s.shape === 'box' ? boxCorners(s.from, s.to) : [...rollEnd(s, -1), ...rollEnd(s, 1)]).map((p) => seen(m, p)));

/** Where a line of sight enters a solid, or nothing. */
function entry(s: Solid, m: Lens, x: number, y: number): number {
  const ways = [m[6], m[7], m[8]];
  const from = [m[0] * x + m[3] * y, m[1] * x + m[4] * y, m[2] * x + m[5] * y];
  if (s.shape === 'box') return slabs(s.from, s.to, from, ways);
  // Across its axis a quadratic, along it two flat ends.
  const o = s.along,
    across = o === 0 ? 2 : 0;
  const a = (ways[across] / s.level) ** 2 + (ways[1] / s.upright) ** 2,
    p = (from[across] - s.at[across]) / s.level ** 2,
    q = (from[1] - s.at[1]) / s.upright ** 2,
    b = p * ways[across] + q * ways[1],
    c = ((from[across] - s.at[across]) / s.level) ** 2 + ((from[1] - s.at[1]) / s.upright) ** 2 - 1;
  let near = -Infinity,
    far = Infinity;
  if (a < 1e-9) {
    if (c > 0) return NOTHING;
  } else {
    const root = b * b - a * c;
    if (root < 0) return NOTHING;
    near = (-b - Math.sqrt(root)) / a;
    far = (-b + Math.sqrt(root)) / a;
  }
  if (Math.abs(ways[o]) < 1e-9) {
    if (Math.abs(from[o] - s.at[o]) > s.half) return NOTHING;
  } else {
    const e1 = (s.at[o] - s.half - from[o]) / ways[o],
      e2 = (s.at[o] + s.half - from[o]) / ways[o];
    near = Math.max(near, Math.min(e1, e2));
    far = Math.min(far, Math.max(e1, e2));
  }
  return near <= far ? near : NOTHING;
}

function slabs(a: Vec3, b: Vec3, from: readonly number[], ways: readonly number[]): number {
  let near = -Infinity,
    far = Infinity;
  for (let k = 0; k < 3; k++) {
    const lo = Math.min(a[k], b[k]),
      hi = Math.max(a[k], b[k]);
    if (Math.abs(ways[k]) < 1e-9) {
      if (from[k] < lo || from[k] > hi) return NOTHING;
      continue;
    }
    const t1 = (lo - from[k]) / ways[k],
      t2 = (hi - from[k]) / ways[k];
    near = Math.max(near, Math.min(t1, t2));
    far = Math.min(far, Math.max(t1, t2));
  }
  return near <= far ? near : NOTHING;
}

/** Left, top, right and bottom of what a prop could hide, metres on paper. */
export type Window = readonly [number, number, number, number];

/** Flesh sinks into what bears it: a solid hides only what lies deeper in it than this, metres. */
const SINK = 0.035;

/** A solid on the lattice, within a window; null where it lies beside it. */
export function solidField(name: string, s: Solid, m: Lens, step: number, [l, t, r, b]: Window): MassField | null {
  const outline = silhouette(s, m);
  const xs = outline.map((p) => p[0]),
    ys = outline.map((p) => p[1]);
  const i0 = Math.floor((Math.max(l, Math.min(...xs)) - 0.012) / step),
    j0 = Math.floor((Math.max(t, Math.min(...ys)) - 0.012) / step);
  const w = Math.ceil((Math.min(r, Math.max(...xs)) + 0.012) / step) - i0 + 1,
    h = Math.ceil((Math.min(b, Math.max(...ys)) + 0.012) / step) - j0 + 1;
  if (w < 3 || h < 3) return null;
  const f = new Float32Array(w * h).fill(OUTSIDE),
    front = new Float32Array(w * h).fill(NOTHING),
    rim = new Float32Array(w * h).fill(NOTHING);
  // Distance to a convex outline: the least of the distances to its sides.
  const sides = outline.map((p, i) => {
    const q = outline[(i + 1) % outline.length];
    const d = Math.hypot(q[0] - p[0], q[1] - p[1]) || 1;
    const nx = -(q[1] - p[1]) / d,
      ny = (q[0] - p[0]) / d;
    return [nx, ny, nx * p[0] + ny * p[1]] as const;
  });
  for (let j = 0, at = 0; j < h; j++)
    for (let i = 0; i < w; i++, at++) {
      const x = (i0 + i) * step,
        y = (j0 + j) * step;
      let d = Infinity;
      for (const [nx, ny, c] of sides) d = Math.min(d, nx * x + ny * y - c);
      f[at] = Math.max(OUTSIDE, d);
      if (d > 0) front[at] = rim[at] = entry(s, m, x, y) + SINK;
    }
  return { name, nudge: 0, parts: [], solid: true, i0, j0, w, h, step, f, front, rim };
}
