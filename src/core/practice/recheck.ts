import type { Screening } from '@/core/cautions/screen';
import { rungOf, sameSide, verdictOfRung, whyClosed } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { RankedPose } from '@/core/ranking/rank';
import { blocksOf, type Block } from './blocks';
import { asBlock, itemsFor, sidesOfRung } from './edit';
import { setSeconds, type PracticeItem } from './practice';
import { inItsPlace } from './refit';

/** What a caution that came after a practice was made changed in it. */
export type Rechecked = { pose: string; rung: number } & (
  | { kind: 'closed'; why: string[]; to: { pose: string; rung: number } | null }
  | { kind: 'shorter'; why: string[]; from_s: number; to_s: number }
);

export interface Recheck {
  items: PracticeItem[];
  changes: Rechecked[];
}

/**
 * A practice as it may be done today: what a caution closes is out with what stands in for it, what is limited is held
 * no longer, both told. What nothing changes stays the very same list.
 * @param ranked the library in this student; null where it is not worked out yet: then nothing stands in for what is
 * closed
 */
export function recheck(
  items: readonly PracticeItem[],
  screening: Screening,
  ranked: readonly RankedPose[] | null,
  aims: readonly Aim[],
  breathSeconds: number,
): Recheck {
  const changes: Rechecked[] = [];
  const out: PracticeItem[] = [];
  for (const block of blocksOf(items)) {
    const found = rungOf(block.pose, block.rung);
    const verdicts = found
      ? block.items.map((i) => {
          const own = verdictOfRung(screening, found.shape, block.rung, i.side);
          // What it asks of her own body may close what the rung itself leaves open.
          const fit = ranked?.find((r) => r.pose === block.pose && r.rung === block.rung && sameSide(r.side, i.side));
          return own.state !== 'closed' && fit?.verdict.state === 'closed' ? fit.verdict : own;
        })
      : [];
    const shut = found ? verdicts.findIndex((v) => v.state === 'closed') : -1;
    if (found && shut >= 0) {
      const why = whyClosed(screening, verdicts[shut], found.shape, block.rung, block.items[shut].side);
      const fits = ranked && standIn(block, ranked, aims, [...out, ...items], screening);
      changes.push({
        kind: 'closed',
        pose: block.pose,
        rung: block.rung,
        why,
        to: fits && { pose: fits[0].pose, rung: fits[0].rung },
      });
      if (fits) out.push(...inPlaceOf(block, fits, aims, breathSeconds));
      continue;
    }
    const most = Math.min(...verdicts.map((v) => v.hold_s ?? Infinity));
    const longest = Math.max(...block.items.map((i) => i.holdSeconds));
    if (!found || longest <= most) {
      out.push(...block.items);
      continue;
    }
    const held = block.items.map((i) => heldFor(i, most, breathSeconds));
    const by = new Set(verdicts.flatMap((v) => v.because.filter((b) => b.does === 'shortens').map((b) => b.caution)));
    changes.push({
      kind: 'shorter',
      pose: block.pose,
      rung: block.rung,
      why: screening.cautions.filter((c) => by.has(c.id)).map((c) => c.name),
      from_s: longest,
      to_s: Math.max(...held.map((i) => i.holdSeconds)),
    });
    out.push(...held);
  }
  return changes.length === 0 ? { items: items as PracticeItem[], changes } : { items: out, changes };
}

/** An item held for whole breaths, no longer than so many seconds; a breath that is longer is cut short. */
function heldFor(item: PracticeItem, most: number, breathSeconds: number): PracticeItem {
  if (item.holdSeconds <= most) return item;
  const breaths = Math.max(1, Math.floor(most / breathSeconds));
  return { ...item, breaths, holdSeconds: Math.max(3, Math.min(most, breaths * breathSeconds)) };
}

function standIn(
  block: Block,
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  there: readonly PracticeItem[],
  screening: Screening,
): RankedPose[] | null {
  const taken = new Set(there.map((i) => `${i.pose}/${i.rung}`));
  const open = (pose: string, rung: number): RankedPose[] | null => {
    const found = rungOf(pose, rung);
    const fits = sidesOfRung(ranked, pose, rung);
    return found &&
      fits.length > 0 &&
      fits.every(
        (r) =>
          r.cautions.length === 0 &&
          !r.beyondEntry &&
          verdictOfRung(screening, found.shape, rung, r.side).state !== 'closed',
      )
      ? fits
      : null;
  };
  return inItsPlace(block, ranked, aims, taken, open);
}

function inPlaceOf(
  block: Block,
  fits: readonly RankedPose[],
  aims: readonly Aim[],
  breathSeconds: number,
): PracticeItem[] {
  const seconds = Math.max(...block.items.map(setSeconds));
  let n = 0;
  // The same ids each time, so that what was begun goes on after a reload.
  const newId = (): string => `${block.id}-instead-${++n}`;
  return asBlock(itemsFor(fits, { phase: block.phase, seconds, breathSeconds, aims, newId }), block);
}
