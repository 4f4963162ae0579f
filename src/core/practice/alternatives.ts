import { rungOf, sameSide } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import type { Block } from './blocks';
import { aimKey } from './aim-key';
import { activeAims } from './doses';
import { sidesOfRung } from './edit';
import type { PracticeItem } from './practice';
import type { PracticeRequest } from './request';
import { closedSide, inTheWay } from './units';

/** A rung that could stand in a block's place, all its sides. */
export interface Alternative {
  fits: RankedPose[];
  /** Worth for the aims that the block serves, or for all where it serves none, 0–1. */
  worth: number;
}

/** What a practice was built of. */
export interface BuiltOf {
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  request: PracticeRequest;
}

/**
 * What could stand in a block's place, the best first: allowed, within reach and within the wishes, not in the practice
 * yet, and of its phase; a shape stands there once, at the rung that is worth most.
 */
export function alternativesFor(
  block: Block,
  items: readonly PracticeItem[],
  { ranked, aims, request }: BuiltOf,
  most = 6,
): Alternative[] {
  const taken = new Set(items.map((i) => `${i.pose}/${i.rung}`));
  const now = rungOf(block.pose, block.rung)?.rung;
  const kind = now?.kind;
  const active = activeAims(aims);
  const here = new Set(block.items.flatMap((i) => i.because));
  const served = active.filter((a) => here.has(aimKey(a)));
  const asked = served.length > 0 ? served : active;
  const total = asked.reduce((s, a) => s + a.weight, 0) || 1;
  const [side, ...bothSides] = new Set(block.items.map((i) => i.side));
  const alone = bothSides.length === 0 && side !== 'both' && closedSide(ranked, { ...block, side }) ? side : null;
  const byShape = new Map<string, Alternative>();
  const byRung = new Map<string, RankedPose[]>();
  for (const r of ranked) byRung.set(`${r.pose}/${r.rung}`, [...(byRung.get(`${r.pose}/${r.rung}`) ?? []), r]);
  for (const [key, [r, ...others]] of byRung) {
    const found = rungOf(r.pose, r.rung);
    if (!found || taken.has(key)) continue;
    // Where arriving or resting is, only what rests can stand; elsewhere what is taught where the block stands, or
    // where its rung usually does.
    const phases = kind === 'rest' ? [block.phase] : [block.phase, ...(now?.phases ?? [])];
    if ((found.rung.kind === 'rest') !== (kind === 'rest') || !phases.some((p) => found.rung.phases.includes(p)))
      continue;
    if (inTheWay(found.shape, found.rung, request)) continue;
    // What is done on one side alone is exchanged for what is open on that side.
    const fits = sidesOfRung([r, ...others], r.pose, r.rung).filter((f) => !alone || sameSide(f.side, alone));
    if (fits.length === 0) continue;
    if (fits.some((f) => f.cautions.length > 0 || f.beyondEntry)) continue;
    const gain = asked.reduce((s, a) => s + a.weight * Math.max(...fits.map((f) => worthFor(f, a).worth)), 0) / total;
    const costs = fits.reduce((s, f) => s + Object.values(f.costs).reduce((c, v) => c + v, 0), 0) / fits.length;
    const worth = Math.max(0, gain - costs);
    const known = byShape.get(r.pose);
    if (!known || worth > known.worth + 1e-9) byShape.set(r.pose, { fits, worth });
  }
  return [...byShape.values()]
    .sort((a, b) => b.worth - a.worth || (a.fits[0].pose < b.fits[0].pose ? -1 : 1))
    .slice(0, most);
}
