/** Convex hull of points of a plane (monotone chain, Andrew 1979), counter-clockwise. */
export function hullOf(points: readonly (readonly [number, number])[]): [number, number][] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly (readonly [number, number])[]): [number, number][] => {
    const hull: [number, number][] = [];
    for (const [x, y] of list) {
      while (hull.length >= 2) {
        const [a, b] = [hull[hull.length - 2], hull[hull.length - 1]];
        if ((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]) > 0) break;
        hull.pop();
      }
      hull.push([x, y]);
    }
    return hull.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

/**
 * How far a point lies outside the hull of others, in their unit; below 0 inside: minus the distance to the nearest
 * edge.
 */
export function outsideHull(corners: readonly (readonly [number, number])[], x: number, y: number): number {
  const hull = hullOf(corners);
  let inside = true,
    nearest = Infinity;
  hull.forEach((a, i) => {
    const b = hull[(i + 1) % hull.length];
    const ex = b[0] - a[0],
      ey = b[1] - a[1];
    if (ex * (y - a[1]) - ey * (x - a[0]) < 0) inside = false;
    const t = Math.min(1, Math.max(0, ((x - a[0]) * ex + (y - a[1]) * ey) / Math.max(1e-12, ex * ex + ey * ey)));
    nearest = Math.min(nearest, Math.hypot(a[0] + t * ex - x, a[1] + t * ey - y));
  });
  return inside ? -nearest : nearest;
}
