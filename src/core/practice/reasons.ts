import { say } from '@/core/languages/spoken';
import type { Side } from '@/core/body';
import { cautionById } from '@/core/cautions/catalogue';
import { PAIN } from '@/core/cautions/screen';
import { sameSide } from '@/core/poses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import { blocksOf, type Block } from './blocks';
import { aimKey } from './aim-key';
import { activeAims, servedBy } from './doses';
import type { PracticeItem } from './practice';
import type { PracticeRequest } from './request';
import { closedSide, counters, needsCounter, needsPreparation, prepares, unitOfRung, type PracticeUnit } from './units';

/** Why a block is in a practice, from what it does there as it stands. */
export interface Reason {
  /** Aims that it serves well, `kind:group:side`. */
  serves: string[];
  /** Aims that it adds a little to, where it serves none well. */
  little: string[];
  /** Names of later shapes that it makes ready for, and of earlier ones that it counters. */
  prepares: string[];
  counters: string[];
  /**
   * It is the peak that was asked for, or it is there for arriving, waking, bringing the body to the middle, a pause or
   * the rest.
   */
  part: 'peak' | 'settle' | 'wake' | 'middle' | 'pause' | 'rest' | null;
  /** It is done on one side alone because the other is closed, and by what; null elsewhere. */
  alone: { side: Side; closed: Side; by: readonly string[] } | null;
}

/**
 * The one side of a block of which the other is closed for her, and by what; null where it is done on both or nothing
 * closes it.
 */
function aloneOf(block: Block, ranked: readonly RankedPose[]): Reason['alone'] {
  const [side, ...others] = new Set(block.items.map((i) => i.side));
  if (others.length > 0 || side === 'both') return null;
  const closed = closedSide(ranked, { pose: block.pose, rung: block.rung, side });
  if (!closed || closed.side === 'both') return null;
  const by = closed.verdict.because.map((b) =>
    b.caution === PAIN ? say('pain there before') : say(cautionById(b.caution)?.name ?? b.caution),
  );
  return { side, closed: closed.side, by: [...new Set(by)] };
}

/** What a unit is for in the shape of a practice, beside its aims. */
function partOf(unit: PracticeUnit | null): Reason['part'] {
  if (!unit) return null;
  if (unit.kind === 'mobility') return 'wake';
  if (unit.neutral) return 'middle';
  return unit.kind === 'rest' ? 'pause' : null;
}

/** Worth of a pose for an aim from which it adds a little. Ours. */
const LITTLE = 0.1;

/** Reasons by block id. */
export function reasonsOf(
  items: readonly PracticeItem[],
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  request: PracticeRequest,
): Map<string, Reason> {
  const blocks = blocksOf(items);
  const units = blocks.map((b) => unitOfRung(ranked, b.pose, b.rung, request));
  const active = activeAims(aims);
  const names = (list: readonly (PracticeUnit | null)[], is: (u: PracticeUnit) => boolean): string[] => [
    ...new Set(list.flatMap((u) => (u && is(u) ? [say(u.shape.name)] : []))),
  ];
  return new Map(
    blocks.map((block, k) => {
      const unit = units[k];
      const fits = ranked.filter(
        (r) => r.pose === block.pose && r.rung === block.rung && block.items.some((i) => sameSide(i.side, r.side)),
      );
      // What rests in the middle of a practice is there for what it does to the body, not as its end.
      const rests = block.phase === 'settle' || block.phase === 'rest';
      const part = request.peak === block.pose ? 'peak' : rests ? (block.phase as 'settle' | 'rest') : partOf(unit);
      const serves = [...new Set(fits.flatMap((r) => servedBy(r, active)))];
      const reason: Reason = {
        serves,
        little:
          serves.length > 0 ? [] : active.filter((a) => fits.some((r) => worthFor(r, a).worth >= LITTLE)).map(aimKey),
        prepares: unit && !rests ? names(units.slice(k + 1), (u) => needsPreparation(u) && prepares(unit, u)) : [],
        counters: unit && counters(unit) && !needsCounter(unit) && !rests ? names(units.slice(0, k), needsCounter) : [],
        part,
        alone: aloneOf(block, ranked),
      };
      return [block.id, reason] as const;
    }),
  );
}
