import { isKnown, rungOf } from '@/core/poses';
import { blocksOf, roundSpan, type Block } from './blocks';
import type { PracticeItem } from './practice';
import { stanceOf, type Stance } from './stance';
import { setsOf } from './taught-order';
import { stepsBetween } from './transitions';
import { without } from './without';

/**
 * Which shapes make a round of a flow: each follows from the one before it by one move at most, with the same foot in
 * front, so that a side can be gone through without coming out of it.
 */

/** Shapes of one round at most: more are hard to keep in mind for the other side. Ours. */
export const MOST_IN_ROUND = 4;
/** What has to be fetched or gone to breaks a flow. */
const AWAY = new Set(['wall', 'chair', 'post']);

interface Sided {
  item: PracticeItem;
  stance: Stance;
}

/** Both sides of a block with how they stand, where it may be part of a round. */
function sidesOf(block: Block): Sided[] | null {
  const found = rungOf(block.pose, block.rung);
  // A drill has its own pace, and is counted out on one side before the other.
  if (!found || found.rung.kind === 'rest' || !isKnown(found.shape) || block.items.length !== 2) return null;
  if (found.rung.props.some((p) => AWAY.has(p))) return null;
  const sides = block.items.map((item) => ({ item, stance: stanceOf(found.shape, found.rung, item.side) }));
  return sides.every((s) => s.stance.lead !== null && s.stance.base !== 'side') ? sides : null;
}

/**
 * A block with its sides in the order that follows from the one before it, or null where it does not follow in one
 * move.
 */
function follows(before: readonly Sided[], block: Block): Sided[] | null {
  const own = sidesOf(block);
  const [{ item: first }] = before;
  if (!own || block.phase !== first.phase || block.sets !== setsOf(first)) return null;
  const ordered = before.map((b) => own.find((o) => o.stance.lead === b.stance.lead));
  const linked = ordered.every(
    (o, k) => o !== undefined && (stepsBetween(before[k].stance, o.stance)?.length ?? 2) <= 1,
  );
  return linked ? ordered.flatMap((o) => o ?? []) : null;
}

/** The blocks from one on that make a round with it, sides in order; fewer than two where none does. */
function roundFrom(blocks: readonly Block[], from: number): Sided[][] {
  const first = sidesOf(blocks[from]);
  if (!first) return [];
  const out = [first];
  while (out.length < MOST_IN_ROUND && from + out.length < blocks.length) {
    const next = follows(out[out.length - 1], blocks[from + out.length]);
    if (!next) break;
    out.push(next);
  }
  return out;
}

const marked = (round: readonly Sided[][], number: number): PracticeItem[] =>
  round.flatMap((sides) => sides.map((s) => ({ ...s.item, round: number })));
/** A number that no round of these items has. */
export const freeNumber = (items: readonly PracticeItem[]): number =>
  1 + Math.max(0, ...items.map((i) => i.round ?? 0));

/** Items with every round that there is among them. Items that stand in no round stay as they are. */
export function withRounds(items: readonly PracticeItem[]): PracticeItem[] {
  const blocks = blocksOf(items.map((i) => without(i, 'round')));
  const out: PracticeItem[] = [];
  for (let k = 0; k < blocks.length;) {
    const round = roundFrom(blocks, k);
    out.push(...(round.length > 1 ? marked(round, freeNumber(out)) : blocks[k].items));
    k += Math.max(1, round.length);
  }
  return out;
}

/** How many shapes would make a round from a block on; 1 where it stands alone. */
export function roundFromBlock(items: readonly PracticeItem[], id: string): number {
  const blocks = blocksOf(items);
  const at = blocks.findIndex((b) => b.id === id);
  return at < 0 || blocks[at].round !== undefined ? 1 : Math.max(1, roundFrom(blocks, at).length);
}

/** Items with a round from a block on, where one can be. */
export function makeRound(items: readonly PracticeItem[], id: string): PracticeItem[] {
  const blocks = blocksOf(items);
  const at = blocks.findIndex((b) => b.id === id);
  const round = at < 0 ? [] : roundFrom(blocks, at);
  if (round.length < 2) return [...items];
  const number = freeNumber(items);
  return blocks.flatMap((b, k) => (k < at || k >= at + round.length ? b.items : marked([round[k - at]], number)));
}

/** Items with the round that a block stands in taken apart: shape by shape again. */
export function takeRoundApart(items: readonly PracticeItem[], id: string): PracticeItem[] {
  const blocks = blocksOf(items);
  const at = blocks.findIndex((b) => b.id === id);
  if (at < 0) return [...items];
  const [from, to] = roundSpan(blocks, at);
  return blocks.flatMap((b, k) =>
    k < from || k > to ? b.items : b.items.map((i) => without(i, 'round', 'salutation')),
  );
}
