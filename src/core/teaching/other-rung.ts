import { shapeById } from '@/core/poses';
import { sidesOfRung } from '@/core/practice/edit';
import type { PracticeItem } from '@/core/practice/practice';
import type { RankedPose } from '@/core/ranking/rank';

/**
 * Fits of the next easier (−1) or harder (+1) rung that is allowed and within reach; easier than the first is the shape
 * that stands in for it. Null where there is none.
 */
export function otherRung(
  item: Pick<PracticeItem, 'pose' | 'rung'>,
  ranked: readonly RankedPose[],
  by: -1 | 1,
): RankedPose[] | null {
  const open = (pose: string, rung: number): RankedPose[] | null => {
    const fits = sidesOfRung(ranked, pose, rung);
    return fits.length > 0 && fits.every((r) => r.cautions.length === 0 && !r.beyondEntry) ? fits : null;
  };
  const shape = shapeById(item.pose);
  if (!shape) return null;
  for (let rung = item.rung + by; rung >= 1 && rung <= shape.rungs.length; rung += by) {
    const fits = open(shape.id, rung);
    if (fits) return fits;
  }
  const instead = by < 0 ? shape.instead : undefined;
  if (!instead) return null;
  for (let rung = 1; rung <= (shapeById(instead)?.rungs.length ?? 0); rung++) {
    const fits = open(instead, rung);
    if (fits) return fits;
  }
  return null;
}

/** Stretch from which a pose speaks to a muscle that has just hurt. Ours. */
const SPEAKS = 0.4;
/** Stretch and load from which a muscle may have been what hurt. Ours. */
const MAY_HURT = 0.5;

/**
 * Of what could stand in for a pose that hurt, only what leaves alone everything that it stretched or worked hard, and
 * the joints it strained.
 */
export function sparing(
  hurt: readonly RankedPose[],
  others: readonly { fits: RankedPose[] }[],
): { fits: RankedPose[] }[] {
  const hard = (r: RankedPose, from: number): Set<string> =>
    new Set(
      (['left', 'right'] as const).flatMap((s) => [
        ...Object.entries(r.stretch[s]).flatMap(([g, v]) => (v >= from ? [`${g}/${s}`] : [])),
        ...Object.entries(r.load[s]).flatMap(([g, v]) => (v >= from ? [`${g}/${s}`] : [])),
      ]),
    );
  const sore = new Set(hurt.flatMap((r) => [...hard(r, MAY_HURT)]));
  const strained = new Set(hurt.flatMap((r) => r.strains.filter((x) => x.share >= MAY_HURT).map((x) => x.id)));
  return others.filter(({ fits }) =>
    fits.every(
      (r) =>
        [...hard(r, SPEAKS)].every((k) => !sore.has(k)) &&
        r.strains.every((x) => x.share < MAY_HURT || !strained.has(x.id)),
    ),
  );
}
