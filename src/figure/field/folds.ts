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
  const s = A.step;
  const overlap = shared(A, B);
  const { di, dj } = overlap;
  const i0 = Math.max(overlap.i0, within?.i0 ?? 0),
    i1 = Math.min(overlap.i1, (within?.i1 ?? A.w) + 1),
    j0 = Math.max(overlap.j0, within?.j0 ?? 0),
    j1 = Math.min(overlap.j1, (within?.j1 ?? A.h) + 1);
  const w = i1 - i0,
    h = j1 - j0;
  if (w < 4 || h < 4) return [];
  const g = new Float32Array(w * h);
  const both = new Uint8Array(w * h);
  let any = false;
  for (let j = j0; j < j1; j++)
    for (let i = i0; i < i1; i++) {
      const za = A.front[j * A.w + i],
        zb = B.front[(j - dj) * B.w + i - di],
        o = (j - j0) * w + i - i0;
      if (za < THERE && zb < THERE) {
        g[o] = Math.max(-CLIP, Math.min(CLIP, zb - za));
        both[o] = 1;
        any = true;
      } else g[o] = za < THERE ? CLIP : -CLIP;
      // Closed lines only: what runs along the border is cut off again below.
      if (j === j0 || i === i0 || j === j1 - 1 || i === i1 - 1) g[o] = -CLIP;
    }
  if (!any) return [];
  const normal = (z: Float32Array, at: number, width: number): [number, number, number] => {
    const u = (z[at + 2] - z[at - 2]) / (4 * s),
      v = (z[at + 2 * width] - z[at - 2 * width]) / (4 * s),
      q = 1 / Math.hypot(u, v, 1);
    return [u * q, v * q, -q];
  };
  const out: Fold[] = [];
  const F = { i0: A.i0 + i0, j0: A.j0 + j0, w, h, step: s };
  for (const ring of zeroLines(F, g)) {
    let line: P2[] = [],
      sharp: number[] = [];
    const end = (): void => {
      if (line.length > 4) out.push({ line, sharp });
      line = [];
      sharp = [];
    };
    for (const [x, y] of ring) {
      const i = Math.round(x / s) - F.i0,
        j = Math.round(y / s) - F.j0,
        o = j * w + i;
      const inner =
        i > 1 &&
        j > 1 &&
        i < w - 2 &&
        j < h - 2 &&
        both[o] &&
        both[o - 2] &&
        both[o + 2] &&
        both[o - 2 * w] &&
        both[o + 2 * w];
      if (!inner) {
        end();
        continue;
      }
      const p = normal(A.front, (j + j0) * A.w + i + i0, A.w),
        q = normal(B.front, (j + j0 - dj) * B.w + i + i0 - di, B.w);
      line.push([x, y]);
      sharp.push(1 - (p[0] * q[0] + p[1] * q[1] + p[2] * q[2]));
    }
    end();
  }
  return out;
}
