import { INSIDE, OUTSIDE, shared, type Cells, type Field, type MassField, type PartField } from './grid';

/** A distance on cells, `w` of them a row. */
interface Rows {
  readonly f: Float32Array;
  readonly w: number;
}

/** 0 where two outlines run alike, 1 where they meet square or steeper: only creases are filled. */
function crease(A: Rows, i: number, B: Rows, j: number, step: number): number {
  const a = A.f,
    b = B.f,
    s = 1 / (2 * step);
  const ax = (a[i + 1] - a[i - 1]) * s,
    ay = (a[i + A.w] - a[i - A.w]) * s,
    bx = (b[j + 1] - b[j - 1]) * s,
    by = (b[j + B.w] - b[j - B.w]) * s;
  const l = Math.hypot(ax, ay) * Math.hypot(bx, by);
  if (!(l > 1e-6)) return 0;
  const c = 1 - (ax * bx + ay * by) / l;
  return c > 1 ? 1 : c < 0 ? 0 : c;
}

/** A chain as it was struck: distance and rim on cells of `step` metres, `w` a row, and room to work in. */
export interface Struck {
  own: Float32Array;
  rim: Float32Array;
  next: Float32Array;
  w: number;
  step: number;
}

/**
 * Soft union of a chain with what is there, within some cells: creases narrower than `fill` metres are filled, outlines
 * that run alike hardly grow.
 */
export function joinChain(
  into: PartField,
  { own, rim, next, w, step }: Struck,
  { i0, i1, j0, j1 }: Cells,
  fill: number,
): void {
  const there: Rows = { f: into.f, w },
    chain: Rows = { f: own, w };
  const { f } = into;
  for (let j = j0; j <= j1; j++)
    for (let at = j * w + i0, end = j * w + i1; at <= end; at++) {
      const v = own[at],
        u = f[at];
      let nv = v > u ? v : u;
      if (v > OUTSIDE && u > OUTSIDE && nv < fill) {
        const gap = Math.abs(v - u);
        if (gap < fill) {
          const t = 1 - gap / fill;
          nv += (fill / 4) * t * t * (0.2 + 0.8 * crease(there, at, chain, at, step));
        }
      }
      if (v > u) into.rim[at] = rim[at];
      next[at] = nv > INSIDE ? INSIDE : nv;
    }
  for (let j = j0; j <= j1; j++) for (let at = j * w + i0, end = j * w + i1; at <= end; at++) f[at] = next[at];
}

/** Between parts of one limb creases are filled so far, and only where the rims lie this near in depth; metres. */
const PART_FILL = 0.016;
const PART_DEPTH = 0.07;

/** Parts of one limb flow together where they meet in depth as well; where they only cross on paper they do not. */
export function joinPart(into: PartField, part: PartField, next: Float32Array, w: number, step: number): void {
  const { f, front, rim } = into;
  const there: Rows = { f, w },
    added: Rows = { f: part.f, w };
  const { i0, i1, j0, j1 } = part.cells;
  for (let j = j0; j <= j1; j++)
    for (let at = j * w + i0, end = j * w + i1; at <= end; at++) {
      const v = part.f[at],
        u = f[at];
      if (part.front[at] < front[at]) front[at] = part.front[at];
      if (v <= OUTSIDE) {
        next[at] = u;
        continue;
      }
      let nv = v > u ? v : u;
      const gap = Math.abs(v - u);
      if (u > OUTSIDE && gap < PART_FILL && nv < PART_FILL) {
        const near = 1 - Math.abs(part.rim[at] - rim[at]) / PART_DEPTH;
        if (near > 0) {
          const t = 1 - gap / PART_FILL;
          nv += (PART_FILL / 4) * t * t * near * crease(there, at, added, at, step);
        }
      }
      if (v > u) rim[at] = part.rim[at];
      next[at] = nv;
    }
  for (let j = j0; j <= j1; j++) for (let at = j * w + i0, end = j * w + i1; at <= end; at++) f[at] = next[at];
}

/** Fills the crease between two masses on both sides alike, where their rims lie within `reach` metres of depth. */
export function fillet(A: MassField, B: MassField, fill: number, reach: number): void {
  const { i0, i1, j0, j1, di, dj } = shared(A as Field, B as Field);
  const bumps: number[] = [];
  for (let j = j0; j < j1; j++)
    for (let i = i0; i < i1; i++) {
      const a = j * A.w + i,
        b = (j - dj) * B.w + i - di;
      const u = A.f[a],
        v = B.f[b];
      if (u <= OUTSIDE || v <= OUTSIDE) continue;
      const gap = Math.abs(u - v);
      if (gap >= fill || u > fill || v > fill) continue;
      const near = 1 - Math.abs(A.rim[a] - B.rim[b]) / reach;
      if (near <= 0) continue;
      const t = 1 - gap / fill;
      const bump = (fill / 4) * t * t * Math.min(1, near * 1.5) * (0.3 + 0.7 * crease(A, a, B, b, A.step));
      if (bump > 0) bumps.push(a, b, bump);
    }
  for (let q = 0; q < bumps.length; q += 3) {
    A.f[bumps[q]] += bumps[q + 2];
    B.f[bumps[q + 1]] += bumps[q + 2];
  }
}
