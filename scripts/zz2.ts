import { TYPICAL_BUILD } from '../src/core/body';
import { LIBRARY, postureAt, reachFor, contactsFor } from '../src/core/poses';
import { Statics } from '../src/core/loads/statics';
const st = new Statics(TYPICAL_BUILD);
const only = process.argv[2]?.split(',');
let ms = 0,
  n = 0;
for (const s of LIBRARY)
  if (!only || only.includes(s.id))
    s.rungs.forEach((r, i) => {
      const t = performance.now();
      const l = st.solve({
        posture: postureAt(r, 'right', Number(process.argv[3] ?? 1)),
        reach: reachFor(r, 'right'),
        contacts: contactsFor(r, 'right'),
        rung: r,
      });
      const dt = performance.now() - t;
      ms += dt;
      n++;
      const g = (['right', 'left'] as const)
        .map(
          (side) =>
            side[0].toUpperCase() +
            ': ' +
            l.structures
              .filter((x) => x.side === side && x.load > 0.06)
              .sort((a, b) => b.load - a.load)
              .slice(0, 6)
              .map((x) => `${x.structure.slice(0, 14)} ${x.load.toFixed(2)}`)
              .join(', '),
        )
        .join(' | ');
      console.log(
        `${s.id}/${i + 1} ${dt.toFixed(1)}ms r${l.rounds}${l.converged ? '' : ' NOT'} res ${l.residual.toExponential(0)} miss ${l.missing_Nm.toFixed(1)}@${l.missingAt} back ${l.lowBack_Nm.toFixed(0)} | ${g}`,
      );
      if (only)
        console.log(
          l.contacts.map((c) => `${c.point}@${c.on}${c.limb ?? ''} ${c.force.map((v) => v.toFixed(2))}`).join(' ; '),
        );
    });
console.log(ms / n, 'ms mean');
