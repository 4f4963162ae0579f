/**
 * Writes `docs/poses-checked.md`: what every rung lengthens and works in typical people, beside what the field says
 * where it is known.
 */
import { readFileSync } from 'node:fs';
import { GROUPS, isMuscleGroup, SIDES, type GroupId } from '../../../src/core/body';
import { isSided, LIBRARY, type Shape } from '../../../src/core/poses';
import { typicalFits } from '../../../src/core/ranking/reaching';
import type { FittedPose } from '../../../src/core/fit/fit';
import { BECAUSE, LENGTHENED, WORKED, type Told } from '../field';
import { table, withParts } from '../marks';
import type { Maker } from '../node';

const PAGE = 'docs/poses-checked.md';
/**
 * Share of the tolerance, and of the capacity, from which a group is told; how near to the first another may stand and
 * still be first.
 */
const STRETCHED = 0.4;
const LOADED = 0.15;
const NEARLY = 0.12;
/** From where a stretch or a load is enough to agree; below it, to be argued. */
const ENOUGH = { stretch: 0.6, load: 0.2 } as const;
const SOME = { stretch: 0.4, load: 0.12 } as const;

type Verdict = 'agree' | 'arguable' | 'not';
const muscles = GROUPS.filter(isMuscleGroup);

const stretchOf = (f: FittedPose, g: GroupId): number => Math.max(...SIDES.map((s) => f.stretch[s][g]));
const loadOf = (f: FittedPose, g: GroupId): number => Math.max(...SIDES.map((s) => f.load[s][g] ?? 0));

/** Verdict over the rungs of a shape, the best of them. */
function judge(fits: readonly FittedPose[], told: Told, of: typeof stretchOf, kind: 'stretch' | 'load'): Verdict {
  const worth = fits.map((f): Verdict => {
    const most = Math.max(...muscles.map((g) => of(f, g)));
    const own = Math.max(...told.groups.map((g) => of(f, g)));
    if (own >= ENOUGH[kind] && (kind === 'load' || own >= most - NEARLY)) return 'agree';
    return own >= SOME[kind] ? 'arguable' : 'not';
  });
  return worth.includes('agree') ? 'agree' : worth.includes('arguable') ? 'arguable' : 'not';
}

const listOf = (f: FittedPose, of: typeof stretchOf, from: number): string =>
  muscles
    .map((g) => [g, of(f, g)] as const)
    .filter(([, v]) => v >= from)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 4)
    .map(([g, v]) => `${g} ${v.toFixed(2)}`)
    .join(', ') || '–';

function rowsOf(shape: Shape, fits: readonly FittedPose[]): string[][] {
  return shape.rungs.map((rung, i) => {
    const f = fits.find((x) => x.pose === shape.id && x.rung === i + 1);
    if (!f) throw new Error(`${shape.id}/${i + 1}`);
    return [
      `${shape.name}: ${rung.name}`,
      `${rung.kind}, ${rung.level}${isSided(shape, rung) ? '' : ', both'}`,
      f.beyondEntry ? 'beyond' : f.full ? 'full' : `${Math.round(100 * f.depth)} %`,
      listOf(f, stretchOf, STRETCHED),
      listOf(f, loadOf, LOADED),
    ];
  });
}

export const maker: Maker = {
  files: () => {
    const fits = typicalFits();
    const own = (id: string) => fits.filter((f) => f.pose === id && !f.beyondEntry);
    const checked = (list: typeof LENGTHENED, of: typeof stretchOf, kind: 'stretch' | 'load') =>
      Object.entries(list).map(([id, told]) => {
        const shape = LIBRARY.find((s) => s.id === id);
        if (!shape) throw new Error(`no shape ${id}`);
        return { shape, told, verdict: judge(own(id), told, of, kind), rungs: own(id).length };
      });
    const stretch = checked(LENGTHENED, stretchOf, 'stretch'),
      work = checked(WORKED, loadOf, 'load');
    const count = (rows: typeof stretch) =>
      (['agree', 'arguable', 'not'] as const)
        .map((v) => `${rows.filter((r) => r.verdict === v).length} ${v}`)
        .join(', ') + `, of ${rows.length} shapes with ${rows.reduce((s, r) => s + r.rungs, 0)} rungs`;
    const told = (rows: typeof stretch) =>
      table(
        ['shape', 'the field', 'sure', 'computed', 'why not'],
        rows.map((r) => [
          r.shape.name,
          r.told.groups.join(' or '),
          r.told.sure,
          r.verdict,
          r.verdict === 'agree' ? '' : (BECAUSE[r.shape.id] ?? 'to be looked at'),
        ]),
      );
    const all = table(
      ['rung', 'kind, level', 'typical depth', 'lengthens', 'works'],
      LIBRARY.flatMap((s) => rowsOf(s, fits)),
    );
    const parts = {
      'stretch-count': count(stretch),
      'work-count': count(work),
      stretch: told(stretch),
      work: told(work),
      all,
    };
    return Promise.resolve({ [PAGE]: withParts(readFileSync(PAGE, 'utf8'), parts, PAGE) });
  },
};
