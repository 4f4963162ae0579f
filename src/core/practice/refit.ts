import { rungOf, sameSide, shapeById } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import { blocksOf, type Block } from './blocks';
import { activeAims, servedBy } from './doses';
import { asBlock, itemsFor, sidesOfRung } from './edit';
import { setSeconds, type PracticeItem } from './practice';
import { without } from './without';

/** What became of a rung in another student. */
export interface Refit {
  pose: string;
  rung: number;
  /** What stands there now; null where nothing does. */
  to: { pose: string; rung: number } | null;
  why: 'caution' | 'reach' | 'unknown';
}

/**
 * A practice of somebody else, or of an earlier day, fitted to a student as she is now: the same rung where she may and
 * can, else a milder rung of the shape, else the shape that stands in for it, else the best of the ranking that does
 * the same work; what nothing stands in for is left out and told. Holds stay as long, in her breaths.
 */
export function refit(
  items: readonly PracticeItem[],
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  breathSeconds: number,
  newId: () => string,
): { items: PracticeItem[]; changes: Refit[] } {
  const out: PracticeItem[] = [];
  const changes: Refit[] = [];
  const open = (pose: string, rung: number): RankedPose[] | null => {
    const fits = sidesOfRung(ranked, pose, rung);
    return fits.length > 0 && fits.every((r) => r.cautions.length === 0 && !r.beyondEntry) ? fits : null;
  };
  for (const block of blocksOf(items)) {
    const same = open(block.pose, block.rung);
    if (same) {
      out.push(...kept(block, same, aims, breathSeconds, newId));
      continue;
    }
    const taken = new Set([...out, ...items].map((i) => `${i.pose}/${i.rung}`));
    const fits = inItsPlace(block, ranked, aims, taken, open);
    const asked = sidesOfRung(ranked, block.pose, block.rung);
    changes.push({
      pose: block.pose,
      rung: block.rung,
      to: fits && { pose: fits[0].pose, rung: fits[0].rung },
      why: asked.length === 0 ? 'unknown' : asked.some((r) => r.cautions.length > 0) ? 'caution' : 'reach',
    });
    if (!fits) continue;
    const seconds = Math.max(...block.items.map(setSeconds));
    out.push(...asBlock(itemsFor(fits, { phase: block.phase, seconds, breathSeconds, aims, newId }), block));
  }
  return { items: out, changes };
}

function kept(
  block: Block,
  fits: readonly RankedPose[],
  aims: readonly Aim[],
  breathSeconds: number,
  newId: () => string,
): PracticeItem[] {
  return block.items.flatMap((item) => {
    const fit = fits.find((r) => sameSide(r.side, item.side));
    if (!fit) return [];
    const most = Math.max(1, Math.floor((fit.verdict.hold_s ?? Infinity) / breathSeconds));
    const breaths = Math.min(most, Math.max(1, Math.round(item.holdSeconds / breathSeconds)));
    return [
      {
        ...without(item, 'locked'),
        id: newId(),
        breaths,
        holdSeconds: Math.max(3, breaths * breathSeconds),
        because: servedBy(fit, aims),
      },
    ];
  });
}

/** Fits of what may stand in for a block; null where nothing may. */
export function inItsPlace(
  block: Block,
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  taken: ReadonlySet<string>,
  open: (pose: string, rung: number) => RankedPose[] | null,
): RankedPose[] | null {
  for (let rung = block.rung - 1; rung >= 1; rung--) {
    const milder = open(block.pose, rung);
    if (milder && !taken.has(`${block.pose}/${rung}`)) return milder;
  }
  const instead = shapeById(block.pose)?.instead;
  if (instead)
    for (let rung = Math.min(block.rung, shapeById(instead)?.rungs.length ?? 0); rung >= 1; rung--) {
      const fits = open(instead, rung);
      if (fits && !taken.has(`${instead}/${rung}`)) return fits;
    }
  const kind = rungOf(block.pose, block.rung)?.rung.kind;
  const active = activeAims(aims);
  let best: RankedPose[] | null = null,
    most = 0;
  for (const r of ranked) {
    if (taken.has(`${r.pose}/${r.rung}`) || rungOf(r.pose, r.rung)?.rung.kind !== (kind ?? 'stretch')) continue;
    const fits = open(r.pose, r.rung);
    if (!fits) continue;
    const worth = active.reduce((s, a) => s + a.weight * Math.max(...fits.map((f) => worthFor(f, a).worth)), 0);
    if (worth > most + 1e-9) {
      most = worth;
      best = fits;
    }
  }
  return best;
}
