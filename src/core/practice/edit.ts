import { rungOf } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { RankedPose } from '@/core/ranking/rank';
import { blocksOf, roundSpan, type Block } from './blocks';
import { breathed, itemOf } from './item';
import { recalled, remembered } from './cues';
import { servedBy } from './doses';
import type { PracticeItem } from './practice';
import { MOST_SETS } from './taught-order';
import { MOST_REPEATS } from './units';
import { without } from './without';

/** Changes by hand. Each takes the items and gives new ones; an id that is not there changes nothing. */

const LONGEST_S = 1800;
const MOST_BREATHS = 300;
const joined = (blocks: readonly { items: readonly PracticeItem[] }[]): PracticeItem[] =>
  blocks.flatMap((b) => b.items);
const onBlock = (
  items: readonly PracticeItem[],
  id: string,
  change: (block: Block) => readonly PracticeItem[],
): PracticeItem[] => blocksOf(items).flatMap((b) => (b.id === id ? change(b) : b.items));

/**
 * The phase that a block takes between two others: its own where a neighbour shares it, else that of the one before;
 * rest stays at rest.
 */
function phaseBetween(block: Block, before: Block | undefined, after: Block | undefined): PracticeItem['phase'] {
  const { phase } = block;
  if (phase === 'settle' || phase === 'rest' || before?.phase === phase || after?.phase === phase) return phase;
  const lies = (p: string | undefined) => p === undefined || p === 'settle' || p === 'rest';
  if (!lies(before?.phase)) return before?.phase ?? phase;
  return lies(after?.phase) ? phase : (after?.phase ?? phase);
}

/**
 * A block moved to another place among the blocks, taking on the phase it comes to; out-of-range places are held at the
 * ends.
 */
export function moveBlock(items: readonly PracticeItem[], id: string, to: number): PracticeItem[] {
  const blocks = blocksOf(items);
  const block = blocks.find((b) => b.id === id);
  if (!block) return [...items];
  const rest = blocks.filter((b) => b !== block);
  const at = Math.max(0, Math.min(rest.length, to));
  if (at === blocks.indexOf(block)) return [...items];
  const phase = phaseBetween(block, rest[at - 1], rest[at]);
  // What leaves its round is done side after side again.
  const stays = [rest[at - 1], rest[at]].some((b) => b?.round === block.round);
  const own = block.items.map((i) => ({ ...(stays ? i : without(i, 'round')), phase }));
  return joined([...rest.slice(0, at), { items: own }, ...rest.slice(at)]);
}

export const removeBlock = (items: readonly PracticeItem[], id: string): PracticeItem[] => onBlock(items, id, () => []);

/** An item held for so many breaths: at least one, at most half an hour and three hundred. */
export function heldFor(item: PracticeItem, breaths: number, breathSeconds: number): PracticeItem {
  const next = Math.max(1, Math.min(MOST_BREATHS, Math.floor(LONGEST_S / breathSeconds), breaths));
  return { ...item, breaths: next, holdSeconds: Math.max(3, next * breathSeconds) };
}
const lengthened = (item: PracticeItem, breaths: number, breathSeconds: number): PracticeItem =>
  heldFor(item, item.breaths + breaths, breathSeconds);

/** Hold of one item changed by whole breaths, at least one breath and at most half an hour. */
export const lengthenItem = (
  items: readonly PracticeItem[],
  id: string,
  breaths: number,
  breathSeconds: number,
): PracticeItem[] => items.map((i) => (i.id === id ? lengthened(i, breaths, breathSeconds) : i));

/** The same for every side of a block. */
export const lengthenBlock = (
  items: readonly PracticeItem[],
  id: string,
  breaths: number,
  breathSeconds: number,
): PracticeItem[] => onBlock(items, id, (b) => b.items.map((i) => lengthened(i, breaths, breathSeconds)));

/** Repeats of every side of a block changed, 1 to 20. */
export const repeatBlock = (items: readonly PracticeItem[], id: string, by: number): PracticeItem[] =>
  onBlock(items, id, (b) =>
    b.items.map((i) => ({ ...i, repeats: Math.max(1, Math.min(MOST_REPEATS, i.repeats + by)) })),
  );

/** Items in so many sets, or once. */
export const inSets = (items: readonly PracticeItem[], sets: number): PracticeItem[] =>
  items.map((i) => ({
    ...without(i, 'sets'),
    ...(sets > 1 && rungOf(i.pose, i.rung)?.rung.kind !== 'rest' && { sets: Math.min(MOST_SETS, sets) }),
  }));

/**
 * Items in a block's place: in as many sets, and in its round where that is gone through more than once, so that it
 * stays one.
 */
export const asBlock = (
  items: readonly PracticeItem[],
  { sets, round }: Pick<Block, 'sets' | 'round'>,
): PracticeItem[] => inSets(items, sets).map((i) => (sets > 1 && round !== undefined ? { ...i, round } : i));

/** A block gone through once more or once less, 1 to 5 times; in a round the whole round. */
export function setsBlock(items: readonly PracticeItem[], id: string, by: number): PracticeItem[] {
  const blocks = blocksOf(items);
  const at = blocks.findIndex((b) => b.id === id);
  const [from, to] = at < 0 ? [0, -1] : roundSpan(blocks, at);
  return blocks.flatMap((b, k) =>
    k >= from && k <= to ? inSets(b.items, Math.max(1, blocks[at].sets + by)) : b.items,
  );
}

/** The other side first, in a round for all its shapes; where only one side stands there, the other one instead. */
export function mirrorBlock(items: readonly PracticeItem[], id: string): PracticeItem[] {
  const blocks = blocksOf(items);
  const at = blocks.findIndex((b) => b.id === id);
  const turned = (b: Block): PracticeItem[] =>
    b.items.length > 1
      ? [...b.items].reverse()
      : b.items.map((i) => ({ ...i, side: i.side === 'left' ? 'right' : i.side === 'right' ? 'left' : 'both' }));
  const [from, to] = at < 0 ? [0, -1] : roundSpan(blocks, at);
  return blocks.flatMap((b, k) => (k >= from && k <= to ? turned(b) : b.items));
}

/** A note for the teacher, on the first side of a block; an empty one takes it away. */
export const noteBlock = (items: readonly PracticeItem[], id: string, note: string): PracticeItem[] =>
  onBlock(items, id, (b) =>
    b.items.map((i, k) => ({ ...without(i, 'note'), ...(k === 0 && note.trim() && { note: note.slice(0, 300) }) })),
  );

/** What is said in a block, for all its sides, written for the first of them; null goes back to the draft. */
export const cueBlock = (items: readonly PracticeItem[], id: string, lines: readonly string[] | null): PracticeItem[] =>
  onBlock(items, id, (b) => {
    const kept = lines && remembered(lines, b.items[0].side);
    return b.items.map((i) => ({ ...without(i, 'cues'), ...(kept && { cues: recalled(kept, i.side) }) }));
  });

/** A fit of each side of a rung, right first. */
export const sidesOfRung = (ranked: readonly RankedPose[], pose: string, rung: number): RankedPose[] =>
  ranked.filter((r) => r.pose === pose && r.rung === rung).sort((a, b) => (a.side < b.side ? 1 : -1));

/** A rung as items of about so many seconds a side, within what it is usually held. */
export function itemsFor(
  fits: readonly RankedPose[],
  about: {
    phase: PracticeItem['phase'];
    seconds?: number;
    breathSeconds: number;
    aims: readonly Aim[];
    newId: () => string;
  },
): PracticeItem[] {
  return fits.flatMap((r) => {
    const found = rungOf(r.pose, r.rung);
    if (!found) return [];
    const { rung } = found;
    const times = rung.repeats ?? [1, 1];
    const usual = (rung.hold[0] * times[0] + Math.min(60, rung.hold[1]) * times[1]) / 2;
    const asked = Math.max(
      rung.hold[0] * times[0],
      Math.min(rung.hold[1] * times[1], about.seconds ?? Math.min(usual, 90)),
    );
    // A caution may let it be held for less than is usual.
    const most = r.verdict.hold_s ?? Infinity;
    const { breaths, repeats } = breathed({ rung }, asked / 60, about.breathSeconds);
    const because = servedBy(r, about.aims);
    const hold = Math.min(breaths, Math.max(1, Math.floor(most / about.breathSeconds))) * about.breathSeconds;
    return [
      {
        ...itemOf(r, about.phase, { seconds: hold, breath_s: about.breathSeconds, index: 0, repeats, because }),
        id: about.newId(),
      },
    ];
  });
}

/** Other items in a block's place, with its phase and sets. */
export const swapBlock = (items: readonly PracticeItem[], id: string, next: readonly PracticeItem[]): PracticeItem[] =>
  onBlock(items, id, (b) =>
    asBlock(
      next.map((i) => ({ ...i, phase: b.phase })),
      b,
    ),
  );

/** Items put in after a block, or at the end; they take the phase they come to. */
export function addAfter(
  items: readonly PracticeItem[],
  id: string | null,
  next: readonly PracticeItem[],
): PracticeItem[] {
  const blocks = blocksOf(items);
  const k = id ? blocks.findIndex((b) => b.id === id) : -1;
  const at = k < 0 ? blocks.length : k + 1;
  const own = blocksOf(next);
  const phase = own.length > 0 ? phaseBetween(own[0], blocks[at - 1], blocks[at]) : 'approach';
  return joined([...blocks.slice(0, at), { items: next.map((i) => ({ ...i, phase })) }, ...blocks.slice(at)]);
}

/** Items whose other side is missing: sided poses that stand for one side only. */
export function missingSides(
  items: readonly PracticeItem[],
): { pose: string; rung: number; missing: 'left' | 'right' }[] {
  const seen = new Map<string, Set<string>>();
  for (const i of items) {
    // Whoever rests on one side need not rest on the other.
    if (i.side === 'both' || i.phase === 'settle' || i.phase === 'rest') continue;
    const key = `${i.pose}/${i.rung}`;
    seen.set(key, (seen.get(key) ?? new Set()).add(i.side));
  }
  return [...seen].flatMap(([key, sides]) => {
    if (sides.size === 2) return [];
    const [pose, rung] = key.split('/');
    return [{ pose, rung: Number(rung), missing: sides.has('left') ? ('right' as const) : ('left' as const) }];
  });
}

/** The side that is missing, put in after the one that stands there, held as long. */
export function addSide(
  items: readonly PracticeItem[],
  { pose, rung, missing }: { pose: string; rung: number; missing: 'left' | 'right' },
  because: readonly string[],
  id: string,
): PracticeItem[] {
  const at = items.findIndex((i) => i.pose === pose && i.rung === rung);
  if (at < 0) return [...items];
  const twin = items[at];
  const { cues } = twin;
  const other = {
    ...without(twin, 'note', 'cues'),
    id,
    side: missing,
    because: [...because],
    ...(cues && { cues: recalled(remembered(cues, twin.side), missing) }),
  };
  return [...items.slice(0, at + 1), other, ...items.slice(at + 1)];
}

/** An item and its other side kept when the practice is built again, or set free. */
export const lockItem = (items: readonly PracticeItem[], item: PracticeItem): PracticeItem[] =>
  items.map((i) =>
    i.pose === item.pose && i.rung === item.rung ? { ...i, locked: item.locked ? undefined : true } : i,
  );
