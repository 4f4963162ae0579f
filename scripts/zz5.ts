import { LIBRARY, anglesFor, contactsFor, reachFor } from '../src/core/poses';
import { faults, contactGaps } from '../src/core/poses/settle';
import { SKETCHES } from '../src/core/poses/shapes';
import { roughOf } from '../src/core/poses/sketch';
import { postureFrom, skeletonOf, fleshOf, floorOf } from '../src/core/body';
const rough = new Map(SKETCHES.flatMap(roughOf).map((r) => [`${r.id}/${r.rung}`, r]));
for (const s of LIBRARY)
  s.rungs.forEach((r, i) => {
    const own = rough.get(`${s.id}/${i + 1}`)!;
    r.path.forEach((a, k) => {
      const node = (['entry', 'middle', 'full'] as const)[k];
      const f = faults(a, own, node);
      const sk = skeletonOf(postureFrom(anglesFor(a, 'right')), reachFor(r, 'right'));
      const fl = floorOf(sk.points, reachFor(r, 'right'));
      const low = Object.entries(sk.points)
        .filter(([n]) => fleshOf(n) > 0)
        .map(([n, p]) => [n, p[1] - fleshOf(n) - fl] as const)
        .filter(([, g]) => g < -0.015);
      if (f.gap > 0.015 || f.overlap > 0.01 || f.beyond > 0 || low.length)
        console.log(
          s.id,
          i + 1,
          node,
          f,
          contactGaps(sk, contactsFor(r, 'right'), r.wall, node)
            .map((g, j) => `${r.contacts[j].point} ${r.contacts[j].on} ${(g * 100).toFixed(1)}`)
            .filter((t) => Math.abs(Number(t.split(' ')[2])) > 1)
            .join('; '),
          low.map(([n, g]) => `${n} ${(g * 100).toFixed(1)}`).join(' '),
        );
    });
  });
