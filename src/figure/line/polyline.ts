import simplify from 'simplify-js';
import { n } from '../projection';

/** A place on paper, metres. */
export type P2 = readonly [number, number];

export const isClosed = (l: readonly P2[]): boolean => {
  const a = l[0],
    b = l[l.length - 1];
  return l.length > 2 && Math.hypot(a[0] - b[0], a[1] - b[1]) < 1e-9;
};

export function lengthOf(l: readonly P2[]): number {
  let s = 0;
  for (let i = 1; i < l.length; i++) s += Math.hypot(l[i][0] - l[i - 1][0], l[i][1] - l[i - 1][1]);
  return s;
}

/**
 * Each point drawn half-way to the middle of its neighbours, so many times; less where a weight from 0 to 1 says so.
 * Open ends stay.
 */
export function smooth(line: readonly P2[], passes: number, weight?: (at: P2) => number): P2[] {
  const closed = isClosed(line);
  const N = closed ? line.length - 1 : line.length;
  if (N < 5) return [...line];
  const w = weight ? Float64Array.from({ length: N }, (_, i) => weight(line[i])) : null;
  let x = Float64Array.from({ length: N }, (_, i) => line[i][0]),
    y = Float64Array.from({ length: N }, (_, i) => line[i][1]);
  let nx = x.slice(),
    ny = y.slice();
  for (let k = 0; k < passes; k++) {
    for (let i = closed ? 0 : 1; i < (closed ? N : N - 1); i++) {
      const a = i === 0 ? N - 1 : i - 1,
        b = i === N - 1 ? 0 : i + 1,
        t = 0.5 * (w ? w[i] : 1);
      nx[i] = x[i] + ((x[a] + x[b]) / 2 - x[i]) * t;
      ny[i] = y[i] + ((y[a] + y[b]) / 2 - y[i]) * t;
    }
    [x, nx, y, ny] = [nx, x, ny, y];
  }
  const out: P2[] = Array.from({ length: N }, (_, i) => [x[i], y[i]]);
  if (closed) out.push(out[0]);
  return out;
}

/** Fewer points, none farther from the line than `tolerance` metres. */
export const thin = (line: readonly P2[], tolerance: number): P2[] =>
  simplify(
    line.map(([x, y]) => ({ x, y })),
    tolerance,
    true,
  ).map(({ x, y }): P2 => [x, y]);

/** As an SVG path of straight pieces, tenths of a millimetre; `Z` where it is closed. */
export function straightPath(line: readonly P2[]): string {
  const closed = isClosed(line);
  const points = closed ? line.slice(0, -1) : line;
  return `M${points.map((p) => `${n(p[0])} ${n(p[1])}`).join('L')}${closed ? 'Z' : ''}`;
}

export const moveTo = (p: P2): string => `M${n(p[0])} ${n(p[1])}`;
