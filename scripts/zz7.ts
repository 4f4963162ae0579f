import { buildOf } from '../src/core/body';
import { LIBRARY } from '../src/core/poses';
import { fitRung } from '../src/core/fit/fit';
import { infer } from '../src/core/limits';
const { posterior } = infer({ id: 'x', sexForNorms: 'female' } as never, [], { next: false } as never);
const build = buildOf({ height_cm: 172, mass_kg: 66 });
console.log(
  LIBRARY.length,
  'shapes',
  LIBRARY.reduce((s, x) => s + x.rungs.length, 0),
  'rungs',
  LIBRARY.reduce((s, x) => s + x.rungs.length * (x.sided ? 2 : 1), 0),
  'fits',
);
for (let k = 0; k < 3; k++) {
  const t = performance.now();
  for (const s of LIBRARY)
    s.rungs.forEach((_, i) => {
      for (const side of (s.sided ? ['left', 'right'] : ['right']) as ('left' | 'right')[])
        fitRung(s, i + 1, side, posterior, build);
    });
  console.log('all fits', (performance.now() - t).toFixed(0), 'ms');
}
if (false)
  for (const s of LIBRARY)
    s.rungs.forEach((r, i) => {
      const f = fitRung(s, i + 1, 'right', posterior, build);
      const st = (['right', 'left'] as const)
        .flatMap((side) =>
          Object.entries(f.stretch[side])
            .filter(([, v]) => v > 0.35)
            .map(([g, v]) => `${g}${side[0].toUpperCase()} ${v.toFixed(2)}`),
        )
        .sort((a, b) => Number(b.split(' ')[1]) - Number(a.split(' ')[1]))
        .slice(0, 5)
        .join(', ');
      const ld = (['right', 'left'] as const)
        .flatMap((side) =>
          Object.entries(f.load[side])
            .filter(([, v]) => v > 0.12)
            .map(([g, v]) => `${g}${side[0].toUpperCase()} ${v.toFixed(2)}`),
        )
        .sort((a, b) => Number(b.split(' ')[1]) - Number(a.split(' ')[1]))
        .slice(0, 5)
        .join(', ');
      console.log(
        `${s.id}/${i + 1} d${f.depth.toFixed(2)}${f.beyondEntry ? ' BEYONDENTRY' : ''}${f.beyondModel ? ' BEYONDMODEL' : ''} lim ${f.limiter.structure}/${f.limiter.side} | S ${st} | L ${ld} | ${f.strains
          .filter((x) => x.share > 0.5)
          .slice(0, 3)
          .map(
            (x) => `${x.id} ${x.share.toFixed(2)}`,
          )} | ${f.props.map((p) => `${p.prop} ${p.height_cm ?? p.length_cm ?? ''}`)}`,
      );
    });
