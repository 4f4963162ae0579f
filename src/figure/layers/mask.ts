import { shared, THERE, type MassField } from '../field/grid';

/**
 * A shape under the skin: kept `inset` metres within the outline of its own masses and cut where others stand before
 * it, unless it shows `through`.
 */
export function masked(
  F: MassField,
  own: RegExp,
  fields: readonly MassField[],
  inset: number,
  through = false,
): Float32Array {
  const g = F.f.slice();
  const within = new Float32Array(g.length).fill(-0.03);
  for (const B of fields) {
    if (B.name.startsWith('arm')) continue;
    const { i0, i1, j0, j1, di, dj } = shared(F, B);
    const mine = own.test(B.name);
    for (let j = j0; j < j1; j++)
      for (let i = i0; i < i1; i++) {
        const a = j * F.w + i,
          b = (j - dj) * B.w + i - di,
          fb = B.f[b];
        if (mine) {
          if (fb > within[a]) within[a] = fb;
        } else if (!through && fb > -0.004 && B.front[b] < (F.front[a] < THERE ? F.front[a] : F.rim[a]))
          g[a] = Math.min(g[a], -fb);
      }
  }
  for (let a = 0; a < g.length; a++) g[a] = Math.min(g[a], within[a] - inset);
  return g;
}
