import { rungOf, sameSide } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import { blocksOf, type Block } from './blocks';
import { missingSides } from './edit';
import { PHASES, setSeconds, totalSeconds, type PracticeItem } from './practice';
import type { PracticeRequest } from './request';
import { counters, inTheWay, needsCounter, needsPreparation, prepares, unitOfRung, type PracticeUnit } from './units';

/** A rule that a practice breaks as it stands. Only a caution closes anything; the rest is the teacher's to judge. */
export type Warning = { block: string | null } & (
  | { kind: 'caution'; names: string[] }
  | { kind: 'held'; most_s: number }
  | { kind: 'reach' }
  | { kind: 'unknown' }
  | { kind: 'wish'; what: NonNullable<ReturnType<typeof inTheWay>> }
  | { kind: 'side'; pose: string; rung: number; missing: 'left' | 'right' }
  | { kind: 'uneven'; times: number }
  | { kind: 'long'; usual: number }
  | { kind: 'unprepared' }
  | { kind: 'uncountered' }
  | { kind: 'phase'; before: PracticeItem['phase'] }
  | { kind: 'time'; minutes: number; wanted: number }
  | { kind: 'no-rest' }
);

/** Share of the minutes that may be missing or too much before it is said. */
const OFF = 0.02;
/** From so many minutes on a practice is expected to end in rest. Ours. */
const RESTS_FROM = 10;

/** Every rule that is broken, in the order of the blocks, then what is about the whole. */
export function warningsOf(
  items: readonly PracticeItem[],
  ranked: readonly RankedPose[],
  request: PracticeRequest,
): Warning[] {
  const blocks = blocksOf(items, request.pace);
  const units = blocks.map((b) => unitOfRung(ranked, b.pose, b.rung, request));
  const out = blocks.flatMap((_, k) => ofBlock(k, { blocks, units, ranked, request }));
  // A side that a caution or pain closes is not forgotten.
  const forgotten = missingSides(items).filter(
    (m) => !ranked.some((r) => r.pose === m.pose && r.rung === m.rung && r.side === m.missing && r.cautions.length > 0),
  );
  const missing = forgotten.map((m) => ({
    ...m,
    kind: 'side' as const,
    block: blocks.find((b) => b.pose === m.pose && b.rung === m.rung)?.id ?? null,
  }));
  const whole: Warning[] = [];
  const minutes = totalSeconds(items, request.pace) / 60;
  if (items.length > 0 && Math.abs(minutes / request.minutes - 1) > OFF)
    whole.push({ block: null, kind: 'time', minutes, wanted: request.minutes });
  if (
    items.length > 0 &&
    request.minutes >= RESTS_FROM &&
    request.place === 'anywhere' &&
    blocks.at(-1)?.phase !== 'rest'
  )
    whole.push({ block: null, kind: 'no-rest' });
  return [...out, ...missing, ...whole];
}

/** A practice as its warnings look at it. */
interface Looked {
  blocks: readonly Block[];
  units: readonly (PracticeUnit | null)[];
  ranked: readonly RankedPose[];
  request: PracticeRequest;
}

/** What is broken of the block at a place. */
function ofBlock(k: number, { blocks, units, ranked, request }: Looked): Warning[] {
  const b = blocks[k];
  const found = rungOf(b.pose, b.rung);
  if (!found) return [{ block: b.id, kind: 'unknown' }];
  const out: Warning[] = [];
  const fits = ranked.filter(
    (r) => r.pose === b.pose && r.rung === b.rung && b.items.some((i) => sameSide(i.side, r.side)),
  );
  const names = [...new Set(fits.flatMap((r) => r.cautions))];
  if (names.length > 0) out.push({ block: b.id, kind: 'caution', names });
  else if (fits.some((r) => r.beyondEntry)) out.push({ block: b.id, kind: 'reach' });
  const what = inTheWay(found.shape, found.rung, request);
  if (what) out.push({ block: b.id, kind: 'wish', what });
  const held = b.items.map(setSeconds);
  const times = Math.max(...held) / Math.min(...held);
  // A ratio is kept in whole breaths: one breath more is no matter.
  if (Math.max(...held) > Math.max(2, request.ratio) * Math.min(...held) + request.breathSeconds)
    out.push({ block: b.id, kind: 'uneven', times });
  const most = Math.min(...fits.map((r) => r.verdict.hold_s ?? Infinity));
  if (Math.max(...b.items.map((i) => i.holdSeconds)) > Math.max(most, request.breathSeconds))
    out.push({ block: b.id, kind: 'held', most_s: most });
  const usual = found.rung.hold[1] * (found.rung.repeats?.[1] ?? 1);
  if (found.rung.kind !== 'rest' && Math.min(...held) > usual + request.breathSeconds)
    out.push({ block: b.id, kind: 'long', usual });
  const unit = units[k];
  if (unit && found.rung.kind !== 'rest') {
    // What a breath passes through prepares itself: a salutation is how one gets warm.
    const passed = b.items.every((i) => i.salutation !== undefined || (i.breaths === 1 && i.repeats === 1));
    if (!passed && needsPreparation(unit) && !units.slice(0, k).some((u) => u && prepares(u, unit)))
      out.push({ block: b.id, kind: 'unprepared' });
    if (needsCounter(unit) && !units.slice(k + 1).some((u) => u && counters(u) && !needsCounter(u)))
      out.push({ block: b.id, kind: 'uncountered' });
  }
  const before = blocks[k - 1];
  if (before && PHASES.indexOf(b.phase) < PHASES.indexOf(before.phase))
    out.push({ block: b.id, kind: 'phase', before: before.phase });
  return out;
}
