import { isClosed, type P2 } from '../line/polyline';
import type { Cells, Field } from './grid';

/*
 * Marching squares. A kept package (d3-contour) was measured first: it took 40 % of a drawing's time, eight times what
 * this takes, because it makes and joins a small array for every cell that a line crosses.
 */

/** Lines shorter than this are specks of the grid. */
const SPECK = 6;

/** For each edge of a cell the edge that the line goes to from there, plus one; and whether something leads there. */
let next = new Int32Array(0),
  reached = new Uint8Array(0);

/** What is drawn on: cells from (i0, j0), `w` by `h` of them, each `step` metres wide. */
type Sheet = Pick<Field, 'i0' | 'j0' | 'w' | 'h' | 'step'>;

/**
 * Closed lines where a field is zero, metres on paper; the first point is repeated at the end. What is inside lies
 * always to the same side. A field must be negative along its border; `within` says where it is not.
 */
export function zeroLines(F: Sheet, f: Float32Array, within?: Cells): P2[][] {
  const { w, h } = F;
  const cells: Cells = {
    i0: Math.max(0, (within?.i0 ?? 0) - 1),
    i1: Math.min(w - 1, (within?.i1 ?? w) + 1),
    j0: Math.max(0, (within?.j0 ?? 0) - 1),
    j1: Math.min(h - 1, (within?.j1 ?? h) + 1),
  };
  if (next.length < w * h * 2) {
    next = new Int32Array(w * h * 3);
    reached = new Uint8Array(w * h * 3);
  }
  const starts = linked(f, w, cells);
  const out: P2[][] = [];
  const keep = (line: P2[]): void => {
    if (line.length > SPECK && isClosed(line)) out.push(line);
  };
  for (const s of starts) if (!reached[s]) keep(walked(s, F, f));
  for (const s of starts) if (next[s] > 0) keep(walked(s, F, f));
  reached.fill(0, cells.j0 * w * 2, (cells.j1 + 1) * w * 2);
  return out;
}

/** Links the edges that a line crosses, cell by cell; the edges from which a link goes out. */
function linked(f: Float32Array, w: number, { i0, i1, j0, j1 }: Cells): number[] {
  const starts: number[] = [];
  const link = (a: number, b: number): void => {
    next[a] = b + 1;
    reached[b] = 1;
    starts.push(a);
  };
  for (let j = j0; j < j1; j++) {
    let o = j * w + i0;
    let left = (f[o] > 0 ? 1 : 0) | (f[o + w] > 0 ? 8 : 0);
    for (let i = i0; i < i1; i++, o++) {
      const tr = f[o + 1] > 0,
        br = f[o + w + 1] > 0;
      const corners = left | (tr ? 2 : 0) | (br ? 4 : 0);
      left = (tr ? 1 : 0) | (br ? 8 : 0);
      if (corners !== 0 && corners !== 15)
        crossed(corners, o, w, () => f[o] + f[o + 1] + f[o + w] + f[o + w + 1] > 0, link);
    }
  }
  return starts;
}

/** The line that begins at an edge, as far as it leads; its links are used up. */
function walked(from: number, F: Sheet, f: Float32Array): P2[] {
  const { w, step } = F;
  const point = (edge: number): P2 => {
    const o = edge >> 1,
      i = o % w,
      j = (o - i) / w,
      a = f[o];
    return (edge & 1) === 0
      ? [(F.i0 + i + a / (a - f[o + 1])) * step, (F.j0 + j) * step]
      : [(F.i0 + i) * step, (F.j0 + j + a / (a - f[o + w])) * step];
  };
  const line: P2[] = [];
  let at = from;
  while (next[at] > 0) {
    line.push(point(at));
    const to = next[at] - 1;
    next[at] = 0;
    at = to;
  }
  line.push(at === from ? line[0] : point(at));
  return line;
}

/**
 * Links the edges of cell `o` that a line crosses, by which of its corners are inside: top left 1, top right 2, bottom
 * right 4, bottom left 8. Edges are numbered: 2·cell the one above it, 2·cell + 1 the one to its left.
 */
function crossed(
  corners: number,
  o: number,
  w: number,
  middle: () => boolean,
  link: (a: number, b: number) => void,
): void {
  const top = o * 2,
    right = (o + 1) * 2 + 1,
    bottom = (o + w) * 2,
    left = o * 2 + 1;
  switch (corners) {
    case 1:
      return link(top, left);
    case 2:
      return link(right, top);
    case 3:
      return link(right, left);
    case 4:
      return link(bottom, right);
    case 6:
      return link(bottom, top);
    case 7:
      return link(bottom, left);
    case 8:
      return link(left, bottom);
    case 9:
      return link(top, bottom);
    case 11:
      return link(right, bottom);
    case 12:
      return link(left, right);
    case 13:
      return link(top, right);
    case 14:
      return link(left, top);
    case 5: {
      const joined = middle();
      link(top, joined ? right : left);
      return link(bottom, joined ? left : right);
    }
    default: {
      const joined = middle();
      link(left, joined ? top : bottom);
      return link(right, joined ? bottom : top);
    }
  }
}
