import type { P3 } from '../projection';

/**
 * Corners of the convex hull of points on paper, in order (Andrew 1979, monotone chain); its inside lies to the left of
 * each side.
 */
export function hull(points: readonly P3[]): P3[] {
  const sorted = [...points].sort((u, v) => u[0] - v[0] || u[1] - v[1]);
  const half = (all: readonly P3[]): P3[] => {
    const out: P3[] = [];
    for (const p of all) {
      while (out.length >= 2) {
        const [u, v] = [out[out.length - 2], out[out.length - 1]];
        if ((v[0] - u[0]) * (p[1] - u[1]) - (v[1] - u[1]) * (p[0] - u[0]) > 0) break;
        out.pop();
      }
      out.push(p);
    }
    return out.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
