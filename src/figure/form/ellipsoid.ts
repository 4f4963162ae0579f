import { add, mix, norm, scale, sub, type Vec3 } from '@/core/body';

/** A piece of flesh or bone: its middle and three half axes in the world, metres. */
export interface Ellipsoid {
  at: Vec3;
  axes: readonly [Vec3, Vec3, Vec3];
}

/** A limb or part of one: chains of ellipsoids whose union is its shape. */
export interface Part {
  name: string;
  chains: Ellipsoid[][];
}

/**
 * Parts that are one surface. `fill` is how far creases between its chains are filled, metres; `nudge` pulls it nearer
 * when painted.
 */
export interface Mass {
  name: string;
  parts: Part[];
  nudge: number;
  fill: number;
}

export const ball = (at: Vec3, radius: number): Ellipsoid => ({
  at,
  axes: [
    [radius, 0, 0],
    [0, radius, 0],
    [0, 0, radius],
  ],
});

/** Value at `t` between `b` and `c` on a Catmull–Rom curve through four numbers. */
const between = (a: number, b: number, c: number, d: number, t: number): number =>
  0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t * t * t);

/** Least half axis, metres: a flatter one has no shadow to speak of. */
const LEAST = 0.002;
/** Most ellipsoids between two given ones. */
const MOST = 10;

/**
 * Ellipsoids strung between the given ones on a Catmull–Rom curve through places and half axes, so close that the
 * outline scallops by less than an eighth of a cell, metres.
 */
export function strung(given: readonly Ellipsoid[], cell: number): Ellipsoid[] {
  const out: Ellipsoid[] = [];
  const lengths = given.map((e) => e.axes.map(norm));
  for (let i = 0; i + 1 < given.length; i++) {
    const before = Math.max(0, i - 1),
      after = Math.min(given.length - 1, i + 2);
    const gap = norm(sub(given[i + 1].at, given[i].at));
    const r = Math.min(...lengths[i], ...lengths[i + 1]);
    const pieces = Math.max(1, Math.min(MOST, Math.ceil(gap / Math.max(0.3 * r, Math.sqrt(1.1 * r * cell)))));
    out.push(given[i]);
    for (let k = 1; k < pieces; k++) {
      const t = k / pieces;
      const place = (j: 0 | 1 | 2): number =>
        between(given[before].at[j], given[i].at[j], given[i + 1].at[j], given[after].at[j], t);
      const axis = (j: 0 | 1 | 2): Vec3 => {
        const way = mix(
          scale(given[i].axes[j], 1 / lengths[i][j]),
          scale(given[i + 1].axes[j], 1 / lengths[i + 1][j]),
          t,
        );
        const half = between(lengths[before][j], lengths[i][j], lengths[i + 1][j], lengths[after][j], t);
        return scale(way, Math.max(LEAST, half) / (norm(way) || 1));
      };
      out.push({ at: [place(0), place(1), place(2)], axes: [axis(0), axis(1), axis(2)] });
    }
  }
  out.push(given[given.length - 1]);
  return out;
}

/** Balls along a smooth line through places with radii, metres; close enough to read as one. */
export function beads(line: readonly (readonly [Vec3, number])[]): Ellipsoid[] {
  const out: Ellipsoid[] = [];
  for (let i = 0; i + 1 < line.length; i++) {
    const [a, ra] = line[i],
      [b, rb] = line[i + 1];
    const before = line[Math.max(0, i - 1)],
      after = line[Math.min(line.length - 1, i + 2)];
    const near = 0.5 * Math.max(0.004, Math.min(ra, rb));
    const pieces = Math.max(1, Math.min(24, Math.ceil(norm(sub(b, a)) / near)));
    for (let k = 0; k < pieces; k++) {
      const t = k / pieces;
      const c = (j: 0 | 1 | 2): number => between(before[0][j], a[j], b[j], after[0][j], t);
      out.push(ball([c(0), c(1), c(2)], Math.max(LEAST, between(before[1], ra, rb, after[1], t))));
    }
  }
  const [last, r] = line[line.length - 1];
  out.push(ball(last, r));
  return out;
}

export const unit = (v: Vec3): Vec3 => scale(v, 1 / (norm(v) || 1));
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
/** What of `v` stands across `way` (a unit vector). */
export const across = (v: Vec3, way: Vec3): Vec3 =>
  add(v, scale(way, -(v[0] * way[0] + v[1] * way[1] + v[2] * way[2])));
export const column = (turn: Float64Array, c: 0 | 1 | 2): Vec3 => [turn[c], turn[c + 3], turn[c + 6]];
