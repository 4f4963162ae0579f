import { GROUPS, otherSide, SIDES, type GroupId, type Side } from '@/core/body';
import type { ReachedFit, Worked } from '@/core/fit/fit';
import type { StrainId } from '@/core/statics/strains';
import guide from './data/typical-loads.json';

/**
 * What the statics are likely to say, from typical people: hundredths at entry, half-way and full depth, right side
 * worked. It only decides for which poses the statics are worked out first; nothing of it is ever shown. `npm run
 * derived typical-loads`.
 */
export interface GuidePoint {
  /** Load by group in the order of `GROUPS`: the worked side, then the other. */
  worked: readonly number[];
  other: readonly number[];
  /** Share of its limit by strain, in the order of `GUIDED_STRAINS`. */
  strains: readonly number[];
}
export const GUIDED_STRAINS = [
  'knee-twist',
  'knee-sideways',
  'kneecap',
  'low-back-flexed',
  'low-back-extended',
] as const satisfies readonly StrainId[];
type Stored = Readonly<Record<string, readonly (readonly [readonly number[], readonly number[], readonly number[]])[]>>;
const stored = guide as unknown as Stored;

/** A guess for a rung at the depth that was reached; null for a pose that the guide does not know, such as her own. */
export function guessOf(fit: ReachedFit): Worked | null {
  const nodes = stored[`${fit.pose}/${fit.rung}`];
  if (!nodes) return null;
  const at = fit.depth * 2,
    i = Math.min(1, Math.floor(at)),
    t = at - i;
  const mixed = (part: 0 | 1 | 2, k: number): number =>
    ((1 - t) * (nodes[i][part][k] ?? 0) + t * (nodes[i + 1][part][k] ?? 0)) / 100;
  const worked: Side = fit.side === 'left' ? 'left' : 'right';
  const loads = (part: 0 | 1) =>
    Object.fromEntries(GROUPS.map((g, k) => [g, mixed(part, k)])) as Record<GroupId, number>;
  const load = { [worked]: loads(0), [otherSide(worked)]: loads(1) } as Worked['load'];
  const strain = (id: StrainId, share: number) => ({
    id,
    share,
    amount: share,
    unit: 'share' as const,
    limit: 1,
    side: null,
  });
  const hangs = SIDES.flatMap((side) =>
    (['hamstrings', 'adductors', 'deep-hip-flexor'] as const).map((g) => fit.stretch[side][g] * (load[side][g] ?? 0)),
  );
  return {
    load,
    work: [],
    beyondModel: false,
    tips: false,
    strains: [...GUIDED_STRAINS.map((id, k) => strain(id, mixed(2, k))), strain('hanging', Math.max(...hangs) / 0.35)],
  };
}
