import type { Mass } from '../form/ellipsoid';
import type { Lens } from '../projection';
import { NOTHING, OUTSIDE, type Cells, type MassField, type PartField } from './grid';
import { MARGIN, SEEN, shadows, strike, type Plate } from './shadow';
import { joinChain, joinPart } from './union';

/** Free cells round a mass, metres. */
const PAD = 0.016;

/** Room that is used again from mass to mass. */
const room = {
  seen: new Float64Array(0),
  own: new Float32Array(0),
  rim: new Float32Array(0),
  next: new Float32Array(0),
};
function roomFor(numbers: number, cells: number): void {
  if (room.seen.length < numbers) room.seen = new Float64Array(numbers * 1.5);
  if (room.own.length < cells) {
    room.own = new Float32Array(cells * 1.5);
    room.rim = new Float32Array(cells * 1.5);
    room.next = new Float32Array(cells * 1.5);
  }
}

/** Bounds of shadows: left, top, right, bottom; metres on paper. */
function bounds(e: Float64Array): [number, number, number, number] {
  let a = Infinity,
    b = Infinity,
    c = -Infinity,
    d = -Infinity;
  for (let i = 0; i < e.length; i += SEEN) {
    a = Math.min(a, e[i] - e[i + 9]);
    b = Math.min(b, e[i + 1] - e[i + 10]);
    c = Math.max(c, e[i] + e[i + 9]);
    d = Math.max(d, e[i + 1] + e[i + 10]);
  }
  return [a, b, c, d];
}

/** A part of a mass from the shadows of its chains. @param fill creases narrower than this are filled, metres */
function partOf(name: string, chains: readonly Float64Array[], plate: Plate, fill: number): PartField {
  const { w, h, step } = plate;
  const { own, rim, next } = room;
  const cells = w * h;
  const part: PartField = {
    name,
    f: new Float32Array(cells).fill(OUTSIDE),
    front: new Float32Array(cells).fill(NOTHING),
    rim: new Float32Array(cells).fill(NOTHING),
    cells: { i0: w, i1: 0, j0: h, j1: 0 },
  };
  for (const e of chains) {
    const [p, q, r, s] = bounds(e);
    const left = Math.max(0, Math.floor((p - MARGIN - plate.x0) / step)),
      right = Math.min(w - 1, Math.ceil((r + MARGIN - plate.x0) / step)),
      top = Math.max(0, Math.floor((q - MARGIN - plate.y0) / step)),
      bottom = Math.min(h - 1, Math.ceil((s + MARGIN - plate.y0) / step));
    // One cell more all round: the slope of the distance is asked for at the border too.
    for (let j = Math.max(0, top - 1); j <= Math.min(h - 1, bottom + 1); j++)
      own.fill(OUTSIDE, j * w + Math.max(0, left - 1), j * w + Math.min(w, right + 2));
    strike(e, own, rim, part.front, plate);
    const inner: Cells = {
      i0: Math.max(1, left),
      i1: Math.min(w - 2, right),
      j0: Math.max(1, top),
      j1: Math.min(h - 2, bottom),
    };
    joinChain(part, { own, rim, next, w, step }, inner, fill);
    part.cells = {
      i0: Math.min(part.cells.i0, inner.i0),
      i1: Math.max(part.cells.i1, inner.i1),
      j0: Math.min(part.cells.j0, inner.j0),
      j1: Math.max(part.cells.j1, inner.j1),
    };
  }
  return part;
}

/** A mass seen from here, on cells of `step` metres. */
export function fieldOf(mass: Mass, m: Lens, step: number): MassField {
  let count = 0;
  for (const part of mass.parts) for (const c of part.chains) count += c.length;
  roomFor(count * SEEN, 0);
  let o = 0;
  const parts = mass.parts.map((part) =>
    part.chains.map((c) => {
      const e = room.seen.subarray(o, o + c.length * SEEN);
      shadows(c, m, e);
      o += c.length * SEEN;
      return e;
    }),
  );
  const [a, b, c, d] = bounds(room.seen.subarray(0, o));
  const i0 = Math.floor((a - PAD) / step),
    j0 = Math.floor((b - PAD) / step);
  const w = Math.ceil((c + PAD) / step) - i0 + 1,
    h = Math.ceil((d + PAD) / step) - j0 + 1;
  const cells = w * h;
  roomFor(0, cells);
  const plate: Plate = { w, h, x0: i0 * step, y0: j0 * step, step };
  const struck = parts.map((chains, k) => partOf(mass.parts[k].name, chains, plate, mass.fill));
  const [first] = struck;
  const whole: PartField =
    struck.length === 1 ? first : { ...first, f: first.f.slice(), front: first.front.slice(), rim: first.rim.slice() };
  for (const part of struck.slice(1)) joinPart(whole, part, room.next, w, step);
  const { f, front, rim: rims } = whole;
  return { name: mass.name, nudge: mass.nudge, parts: struck, i0, j0, w, h, step, f, front, rim: rims };
}
