import { zeroLines } from '../field/contour';
import { shared, THERE, type MassField } from '../field/grid';
import type { Paint, Role } from '../scene';
import { claim, clothOf, hairOf } from './cloth';
import { edgePath, fillPath, grown, type Page } from './page';

/** Where cloth ends on each mass, for the ink. */
export type Hems = ReadonlyMap<string, readonly Float32Array[]>;

/** A shape keeps clear of what it lies behind by so much, metres of depth. */
const BEHIND = 0.004;
/** Cloth may lie so far behind what it grows out of, metres. */
const LAP = 0.008;

/** A shape without what lies behind masses that are painted already, so that the order of painting hardly matters. */
function cutBehind(F: MassField, g: Float32Array, painted: readonly MassField[], lap: number): Float32Array {
  let out = g;
  for (const B of painted) {
    const { i0, i1, j0, j1, di, dj } = shared(F, B);
    if (i0 >= i1 || j0 >= j1) continue;
    if (out === g) out = g.slice();
    const clear = lap + (grown(F.name, B.name) ? 0 : BEHIND);
    for (let j = j0; j < j1; j++)
      for (let i = i0; i < i1; i++) {
        const a = j * F.w + i,
          b = (j - dj) * B.w + i - di;
        if (B.f[b] <= 0.002 || B.front[b] > THERE || out[a] < -0.01) continue;
        const z = F.front[a] < THERE ? F.front[a] : F.rim[a];
        const v = Math.max((B.front[b] - z) * 0.7 + clear, 0.002 - B.f[b]);
        if (v < out[a]) out[a] = v;
      }
  }
  return out;
}

/** Fills of skin, cloth and hair, from far to near; `hair` is where there is hair, down to the hairline. */
export function skinPaints(
  page: Page,
  order: readonly MassField[],
): { paints: Paint[]; hems: Hems; hair: Float32Array | null } {
  const { fields, ghosts, far, bare, detail } = page;
  const paints: Paint[] = [];
  const painted = fields.filter((f) => f.solid);
  const hems = new Map<string, Float32Array[]>();
  const head = fields.find((f) => f.name === 'head');
  let hair: Float32Array | null = null;
  const paint = (role: Role, F: MassField, f: Float32Array, edge = false): void => {
    const path = zeroLines(F, f)
      .map((l) => (edge ? edgePath(l, detail, 1) : fillPath(l, detail)))
      .join('');
    if (path) paints.push({ role, path });
  };
  for (const F of order) {
    if (F.name === 'hair' && head) {
      hair = hairOf(F, head, page);
      paint(
        'hair',
        F,
        cutBehind(
          F,
          hair,
          painted.filter((B) => B.name !== 'head'),
          0.001,
        ),
        true,
      );
      continue;
    }
    if (ghosts.has(F.name)) continue;
    const behind = far.has(F.name) && F.name.startsWith('leg');
    paint(behind ? 'flesh-far' : 'flesh', F, cutBehind(F, F.f, painted, 0.001));
    if (!bare)
      for (const cloth of clothOf(F, page)) {
        claim(F, cloth.f, fields);
        paint(cloth.role, F, cutBehind(F, cloth.f, painted, LAP));
        hems.set(F.name, [...(hems.get(F.name) ?? []), cloth.f]);
      }
    if (!F.name.startsWith('ear')) painted.push(F);
  }
  return { paints, hems, hair };
}
