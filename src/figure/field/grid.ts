/**
 * Fields on paper. All grids of a drawing share one lattice (`i0`, `j0` say where a grid begins on it), so that cells
 * of different masses lie on each other.
 */
export interface Field {
  /** First column and row on the lattice. */
  i0: number;
  j0: number;
  w: number;
  h: number;
  /** Width of a cell, metres. */
  step: number;
  /** Distance to the outline, metres, positive inside; true near the outline only. */
  f: Float32Array;
  /** Depth of the front, metres; `NOTHING` where nothing is. */
  front: Float32Array;
  /** Depth of the rim: of the surface that makes the outline here. */
  rim: Float32Array;
}
/** A rectangle of cells, ends included. */
export interface Cells {
  i0: number;
  i1: number;
  j0: number;
  j1: number;
}
export interface PartField {
  name: string;
  /** Where it is on the grid of its mass. */
  cells: Cells;
  f: Float32Array;
  front: Float32Array;
  rim: Float32Array;
}
export interface MassField extends Field {
  name: string;
  nudge: number;
  parts: PartField[];
  /** A prop: hides and is hidden, but is drawn by its own edges. */
  solid?: boolean;
}

/** Depth of nothing, metres; anything beyond `THERE` is it. */
export const NOTHING = 1e3;
export const THERE = 100;
/** Distances are kept between these, metres. */
export const OUTSIDE = -0.016;
export const INSIDE = 0.03;

export const xOf = (F: Field, i: number): number => (F.i0 + i) * F.step;
export const yOf = (F: Field, j: number): number => (F.j0 + j) * F.step;

/** The cells that two grids share: ranges in `A`, and how far its indices are ahead of `B`’s. */
export function shared(A: Field, B: Field): { i0: number; i1: number; j0: number; j1: number; di: number; dj: number } {
  const di = B.i0 - A.i0,
    dj = B.j0 - A.j0;
  return { i0: Math.max(0, di), i1: Math.min(A.w, di + B.w), j0: Math.max(0, dj), j1: Math.min(A.h, dj + B.h), di, dj };
}

/** Value at a place on paper, bilinear; `outside` beyond the field. */
export function sample(F: Field, a: Float32Array, x: number, y: number, outside: number): number {
  const u = x / F.step - F.i0,
    v = y / F.step - F.j0;
  const i = Math.floor(u),
    j = Math.floor(v);
  if (i < 0 || j < 0 || i >= F.w - 1 || j >= F.h - 1) return outside;
  const s = u - i,
    t = v - j,
    o = j * F.w + i;
  return (a[o] * (1 - s) + a[o + 1] * s) * (1 - t) + (a[o + F.w] * (1 - s) + a[o + F.w + 1] * s) * t;
}

/** Least of the four corners. */
export function sampleLeast(F: Field, a: Float32Array, x: number, y: number, outside: number): number {
  const i = Math.floor(x / F.step) - F.i0,
    j = Math.floor(y / F.step) - F.j0;
  if (i < 0 || j < 0 || i >= F.w - 1 || j >= F.h - 1) return outside;
  const o = j * F.w + i;
  return Math.min(a[o], a[o + 1], a[o + F.w], a[o + F.w + 1]);
}

/** At the nearest corner. */
export function sampleNear(F: Field, a: Float32Array, x: number, y: number, outside: number): number {
  const i = Math.round(x / F.step) - F.i0,
    j = Math.round(y / F.step) - F.j0;
  if (i < 0 || j < 0 || i >= F.w || j >= F.h) return outside;
  return a[j * F.w + i];
}

/** One pass after the other of [1 2 1] both ways: takes scallops and last kinks off. */
export function blur(f: Float32Array, w: number, h: number, passes: number): void {
  const row = new Float32Array(Math.max(w, h));
  for (let p = 0; p < passes; p++) {
    for (let j = 0; j < h; j++) {
      const o = j * w;
      let a = f[o];
      for (let i = 1; i < w - 1; i++) {
        const b = f[o + i];
        row[i] = (a + 2 * b + f[o + i + 1]) / 4;
        a = b;
      }
      for (let i = 1; i < w - 1; i++) f[o + i] = row[i];
    }
    for (let i = 0; i < w; i++) {
      let a = f[i];
      for (let j = 1; j < h - 1; j++) {
        const b = f[j * w + i];
        row[j] = (a + 2 * b + f[(j + 1) * w + i]) / 4;
        a = b;
      }
      for (let j = 1; j < h - 1; j++) f[j * w + i] = row[j];
    }
  }
}
