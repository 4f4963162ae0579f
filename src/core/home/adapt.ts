import { rungOf, sameSide } from '@/core/poses';
import { blocksOf, type Block } from '@/core/practice/blocks';
import { dosesOf } from '@/core/practice/doses';
import { itemsFor, lengthenBlock, sidesOfRung, swapBlock } from '@/core/practice/edit';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import { heldBack, type HeldBack } from '@/core/progress/hold-back';
import type { RankedPose } from '@/core/ranking/rank';
import { otherRung } from '@/core/teaching/other-rung';
import type { LogEntry, LogItem } from '@/core/teaching/log';

/**
 * What the next days of a practice should be, from how it went at home: milder where it was too strong, a breath longer
 * or the next rung where it was light and all was done, the same otherwise. A proposal: nothing changes before the
 * teacher says so.
 */

/** Strengths of ten: too much, and light. What is done of a plan to count as done. Ours. */
const TOO_MUCH = 7;
const LIGHT = 3;
const DONE = 0.9;
/** Times that are looked at, the newest. */
const LAST = 2;
/** Shapes that become more at once: what did it is then still to be seen. Ours. */
const MOST_MORE = 2;
/** No aim beyond this share of what it wants by making holds longer (as when a practice is built). */
const MOST_DOSE = 1.5;

export type AdaptKind = 'hurt' | 'milder' | 'shorter' | 'longer' | 'next' | 'skipped';
export interface Adaptation {
  kind: AdaptKind;
  pose: string;
  rung: number;
  /** The rung that stands there next; absent where the shape stays. */
  to?: { pose: string; rung: number };
}

export interface Adapted {
  items: PracticeItem[];
  changes: Adaptation[];
  /** Why nothing more is asked for now; empty where there is no reason. */
  held: HeldBack[];
}

/** Aims beyond what they want, by how much; none where holds may be longer. */
const over = (items: readonly PracticeItem[], practice: Practice, ranked: readonly RankedPose[]): number =>
  Math.max(0, ...dosesOf(items, practice.aims, ranked).map((d) => d.minutes / d.wanted - MOST_DOSE));

/** What came back of a practice and was not looked at yet, newest first. */
export const cameBack = (
  practice: Pick<Practice, 'id' | 'createdAt' | 'homeSeenAt'>,
  logs: readonly LogEntry[],
): LogEntry[] =>
  logs
    .filter((l) => l.source === 'home' && l.practice === practice.id)
    .filter((l) => l.startedAt > (practice.homeSeenAt ?? practice.createdAt))
    .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1));

/**
 * @param logs every log of the student; those of this practice that were done at home count
 * @param ranked the whole library fitted to her, under today's cautions
 */
export function adapt(
  practice: Practice,
  logs: readonly LogEntry[],
  ranked: readonly RankedPose[],
  breathSeconds: number,
  newId: () => string,
): Adapted {
  const home = cameBack(practice, logs);
  let items = practice.items;
  const changes: Adaptation[] = [];
  if (home.length === 0) return { items, changes, held: [] };
  const held = heldBack(home);
  const by: By = { practice, ranked, breathSeconds, newId };
  for (const block of blocksOf(practice.items)) {
    const told = home.slice(0, LAST).flatMap((l) => {
      const own = l.items.filter((i) => i.pose === block.pose && i.rung === block.rung);
      return own.length > 0 ? [own] : [];
    });
    const kind = told.length > 0 ? kindOf(told, held) : null;
    const grown = changes.filter((c) => c.kind === 'longer' || c.kind === 'next').length;
    if (!kind || (kind === 'more' && grown >= MOST_MORE)) continue;
    const what = { pose: block.pose, rung: block.rung };
    if (kind === 'hurt' || kind === 'skipped') {
      changes.push({ kind, ...what });
      continue;
    }
    const next = kind === 'milder' ? milder(items, block, by) : more(items, block, by);
    if (!next) continue;
    items = next.items;
    changes.push({ kind: next.kind, ...what, ...(next.to && { to: next.to }) });
  }
  // What hurt in place of a shape, as when something easier was taken, is told too.
  for (const i of home.slice(0, LAST).flatMap((l) => l.items))
    if (i.stopped && !changes.some((c) => c.kind === 'hurt' && c.pose === i.pose && c.rung === i.rung))
      changes.push({ kind: 'hurt', pose: i.pose, rung: i.rung });
  return { items, changes, held };
}

/** What the last times in a shape ask for; null for nothing. */
function kindOf(
  told: readonly (readonly LogItem[])[],
  held: readonly HeldBack[],
): 'hurt' | 'milder' | 'more' | 'skipped' | null {
  const [last] = told;
  if (told.flat().some((i) => i.stopped)) return 'hurt';
  if (last.some((i) => (i.strength ?? 0) >= TOO_MUCH)) return 'milder';
  if (told.length >= LAST && told.every((own) => own.every((i) => i.skipped))) return 'skipped';
  const all = told.length >= LAST && told.flat().every((i) => i.doneSeconds >= DONE * i.plannedSeconds);
  // Only what is known to be light is made more: no word about it is no reason.
  const light = told.every(
    (own) => own.some((i) => i.strength !== undefined) && own.every((i) => (i.strength ?? 0) <= LIGHT),
  );
  return held.length === 0 && all && light ? 'more' : null;
}

/** What a change is made by. */
interface By {
  practice: Practice;
  ranked: readonly RankedPose[];
  breathSeconds: number;
  newId: () => string;
}

interface Next {
  kind: AdaptKind;
  items: PracticeItem[];
  to?: { pose: string; rung: number };
}

function milder(items: readonly PracticeItem[], block: Block, by: By): Next | null {
  const { ranked, breathSeconds } = by;
  const fits = otherRung(block, ranked, -1);
  const there = fits && items.some((i) => i.pose === fits[0].pose && i.rung === fits[0].rung);
  if (fits && !there) return swapped('milder', items, block, fits, by);
  // Nothing milder is open, or it is done already: two breaths less, within what the shape is held for.
  const least = rungOf(block.pose, block.rung)?.rung.hold[0] ?? 0;
  const breaths = Math.min(2, Math.floor((Math.min(...block.items.map((i) => i.holdSeconds)) - least) / breathSeconds));
  return breaths > 0 ? { kind: 'shorter', items: lengthenBlock(items, block.id, -breaths, breathSeconds) } : null;
}

function more(items: readonly PracticeItem[], block: Block, by: By): Next | null {
  const { practice, ranked, breathSeconds } = by;
  const rung = rungOf(block.pose, block.rung)?.rung;
  if (!rung || rung.kind === 'rest' || rung.kind === 'mobility') return null;
  const most = Math.min(
    rung.hold[1],
    ...sidesOfRung(ranked, block.pose, block.rung)
      .filter((r) => block.items.some((i) => sameSide(r.side, i.side)))
      .map((r) => r.verdict.hold_s ?? Infinity),
  );
  const longest = Math.max(...block.items.map((i) => i.holdSeconds));
  if (longest + breathSeconds <= most) {
    const longer = lengthenBlock(items, block.id, 1, breathSeconds);
    if (over(longer, practice, ranked) <= over(items, practice, ranked)) return { kind: 'longer', items: longer };
  }
  const shape = otherRung(block, ranked, 1);
  const there = shape && items.some((i) => i.pose === shape[0].pose && i.rung === shape[0].rung);
  if (!shape || there || shape[0].rung !== block.rung + 1) return null;
  const next = swapped('next', items, block, shape, by);
  return over(next.items, practice, ranked) <= over(items, practice, ranked) ? next : null;
}

/** The block's sides in another rung, for as long as before within what that rung is held for. */
function swapped(
  kind: AdaptKind,
  items: readonly PracticeItem[],
  block: Block,
  fits: readonly RankedPose[],
  { practice, breathSeconds, newId }: By,
): Next {
  const own = fits.filter((r) => block.items.some((i) => sameSide(r.side, i.side)));
  const [{ holdSeconds, repeats, phase }] = block.items;
  const seconds = holdSeconds * repeats;
  const next = itemsFor(own, { phase, seconds, breathSeconds, aims: practice.aims, newId });
  return { kind, items: swapBlock(items, block.id, next), to: { pose: fits[0].pose, rung: fits[0].rung } };
}
