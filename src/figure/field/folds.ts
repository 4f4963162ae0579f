import type { P2 } from '../line/polyline';
import { zeroLines } from './contour';
import { shared, THERE, type Cells, type Field } from './grid';

/** Differences of depth are kept within this, metres. */
const CLIP = 0.04;

export interface Fold {
  line: P2[];
  /** How sharply the surfaces meet at each point: 0 flat, 1 square. */
  sharp: number[];
}

/** Where two surfaces cut each other, within some cells of the first. */
export function foldsOf(A: Field, B: Field, within?: Cells): Fold[] {
  const overlap = shared(A, B);
  const cells: Cells = {
    i0: Math.max(overlap.i0, within?.i0 ?? 0),
    i1: Math.min(overlap.i1, (within?.i1 ?? A.w) + 1),
    j0: Math.max(overlap.j0, within?.j0 ?? 0),
    j1: Math.min(overlap.j1, (within?.j1 ?? A.h) + 1),
  };
  const gap = gapOf(A, B, cells, overlap);
  if (!gap) return [];
  const out: Fold[] = [];
  for (const ring of zeroLines(gap, gap.g)) {
    let line: P2[] = [],
      sharp: number[] = [];
    const end = (): void => {
      if (line.length > 4) out.push({ line, sharp });
      line = [];
      sharp = [];
    };
    for (const [x, y] of ring) {
      const i = Math.round(x / A.step) - gap.i0,
        j = Math.round(y / A.step) - gap.j0;
      if (!isInner(gap, i, j)) {
        end();
        continue;
      }
      const p = normalAt(A, (j + cells.j0) * A.w + i + cells.i0),
        q = normalAt(B, (j + cells.j0 - overlap.dj) * B.w + i + cells.i0 - overlap.di);
      line.push([x, y]);
      sharp.push(1 - (p[0] * q[0] + p[1] * q[1] + p[2] * q[2]));
    }
    end();
  }
  return out;
}

/** How much deeper the second surface lies, on the cells that both have, and where both are there. */
interface Gap {
  i0: number;
  j0: number;
  w: number;
  h: number;
  step: number;
  g: Float32Array;
  both: Uint8Array;
}

/** Null where the surfaces share nothing. @param to cells of the second against those of the first */
function gapOf(A: Field, B: Field, { i0, i1, j0, j1 }: Cells, to: { di: number; dj: number }): Gap | null {
  const w = i1 - i0,
    h = j1 - j0;
  if (w < 4 || h < 4) return null;
  const g = new Float32Array(w * h),
    both = new Uint8Array(w * h);
  let any = false;
  for (let j = j0; j < j1; j++)
    for (let i = i0; i < i1; i++) {
      const za = A.front[j * A.w + i],
        zb = B.front[(j - to.dj) * B.w + i - to.di],
        o = (j - j0) * w + i - i0;
      if (za < THERE && zb < THERE) {
        g[o] = Math.max(-CLIP, Math.min(CLIP, zb - za));
        both[o] = 1;
        any = true;
      } else g[o] = za < THERE ? CLIP : -CLIP;
      // Closed lines only: what runs along the border is cut off again afterwards.
      if (j === j0 || i === i0 || j === j1 - 1 || i === i1 - 1) g[o] = -CLIP;
    }
  return any ? { i0: A.i0 + i0, j0: A.j0 + j0, w, h, step: A.step, g, both } : null;
}

/** Whether both surfaces are there, and two cells round it. */
function isInner({ w, h, both }: Gap, i: number, j: number): boolean {
  const o = j * w + i;
  return (
    i > 1 &&
    j > 1 &&
    i < w - 2 &&
    j < h - 2 &&
    Boolean(both[o] && both[o - 2] && both[o + 2] && both[o - 2 * w] && both[o + 2 * w])
  );
}

/** Unit normal of a surface at a cell, towards the eye. */
function normalAt({ front: z, w, step }: Field, at: number): [number, number, number] {
  const u = (z[at + 2] - z[at - 2]) / (4 * step),
    v = (z[at + 2 * w] - z[at - 2 * w]) / (4 * step),
    q = 1 / Math.hypot(u, v, 1);
  return [u * q, v * q, -q];
}
