import { describe, expect, it } from 'vitest';
import { rungOf } from '@/core/poses';
import { blocksOf } from './blocks';
import { mirrorBlock, moveBlock, removeBlock, swapBlock } from './edit';
import { TRANSITIONS } from './pace';
import { totalSeconds, transitionBefore, type PracticeItem } from './practice';
import { build } from './practices.fixtures';
import { MOST_IN_ROUND, makeRound, roundFromBlock, takeRoundApart, withRounds } from './rounds';
import { sheetRows, sidesWords } from './sheet';
import { stanceOf } from './stance';
import { shapeByShape, taughtOrder } from './taught-order';
import { stepsBetween } from './transitions';

const item = (pose: string, rung: number, side: PracticeItem['side']): PracticeItem => ({
  id: `${pose}-${rung}-${side}`,
  pose,
  rung,
  side,
  holdSeconds: 30,
  breaths: 5,
  repeats: 1,
  phase: 'approach',
  because: [],
});
const both = (pose: string, rung: number): PracticeItem[] => [item(pose, rung, 'right'), item(pose, rung, 'left')];
/** Right foot in front for the right side of the warrior and the triangle, left foot for that of the lunge. */
const FLOW = [...both('warrior-two', 2), ...both('side-angle', 2), ...both('triangle', 2)];
const LUNGES = [...both('low-lunge', 1), ...both('half-split', 1), item('dog', 2, 'both'), ...both('high-lunge', 1)];
const named = (items: readonly PracticeItem[]) => items.map((i) => `${i.pose} ${i.side}`);
const stanceAt = (i: PracticeItem) => {
  const found = rungOf(i.pose, i.rung);
  if (!found) throw new Error(i.pose);
  return stanceOf(found.shape, found.rung, i.side);
};

describe('rounds of a flow', () => {
  it('go through one side, then through the other', () => {
    const flow = withRounds(FLOW);
    expect(named(flow)).toEqual(named(FLOW));
    expect(named(taughtOrder(flow))).toEqual([
      'warrior-two right',
      'side-angle right',
      'triangle right',
      'warrior-two left',
      'side-angle left',
      'triangle left',
    ]);
  });

  it('keep the same foot in front, whichever side of the body a shape is for', () => {
    const [lunge, split] = blocksOf(withRounds(LUNGES));
    expect(lunge.round).toBe(split.round);
    expect(named(taughtOrder([...lunge.items, ...split.items]))).toEqual([
      'low-lunge right',
      'half-split left',
      'low-lunge left',
      'half-split right',
    ]);
  });

  it('end where the feet are taken together, at what is fetched, and after four', () => {
    const list = withRounds(LUNGES);
    expect(list.filter((i) => i.pose === 'dog' || i.pose === 'high-lunge').every((i) => i.round === undefined)).toBe(
      true,
    );
    const wall = withRounds([...both('high-lunge', 1), ...both('wall-calf-stretch', 1)]);
    expect(wall.every((i) => i.round === undefined)).toBe(true);
    const many = withRounds([
      ...both('high-lunge', 1),
      ...both('high-lunge', 2),
      ...both('warrior-one', 1),
      ...both('warrior-one', 2),
      ...both('high-lunge', 3),
    ]);
    const sizes = [1, 2].map((n) => new Set(many.filter((i) => i.round === n).map((i) => `${i.pose}/${i.rung}`)).size);
    expect(sizes).toEqual([MOST_IN_ROUND, 0]);
  });

  it('are in their order once and for all, and come apart as they were', () => {
    const flow = withRounds(FLOW);
    const taught = taughtOrder(flow);
    expect(taughtOrder(taught)).toEqual(taught);
    expect(shapeByShape(taught)).toEqual(flow);
    expect(withRounds(flow)).toEqual(flow);
    expect(takeRoundApart(flow, flow[2].id)).toEqual(FLOW);
    expect(makeRound(FLOW, FLOW[0].id)).toEqual(flow);
    expect(roundFromBlock(FLOW, FLOW[0].id)).toBe(3);
    expect(roundFromBlock(flow, flow[0].id)).toBe(1);
  });

  it('take the time of a step within a side, and of a new shape where the side changes', () => {
    const taught = taughtOrder(withRounds(FLOW));
    const { shape, side } = TRANSITIONS.brisk;
    expect(taught.map((_, i) => transitionBefore(taught, i, 'brisk'))).toEqual([0, side, side, shape, side, side]);
    expect(totalSeconds(withRounds(FLOW), 'brisk')).toBe(6 * 30 + 4 * side + shape);
  });

  it('stand on the clock in two pieces, that fill the time without a gap', () => {
    const flow = withRounds(FLOW);
    const spans = blocksOf(flow, 'brisk')
      .flatMap((b) => b.spans)
      .sort((a, b) => a.at - b.at);
    expect(spans).toHaveLength(6);
    const ways = taughtOrder(flow).map((_, i, all) => transitionBefore(all, i, 'brisk'));
    spans.slice(1).forEach((s, i) => expect(s.at).toBe(spans[i].at + spans[i].seconds + ways[i + 1]));
  });

  it('are told on a sheet with the way into them', () => {
    const rows = sheetRows(withRounds([item('mountain', 1, 'both'), ...FLOW]), 'brisk');
    expect(rows.map((r) => sidesWords(r))).toEqual([
      '',
      'round of 3: right, then left',
      'round, 2 of 3: right, then left',
      'round, 3 of 3: right, then left',
    ]);
    expect(rows[1].way).toBe('Step the feet wide apart and turn the right foot out.');
    expect(rows[2].way).toBe('');
  });
});

describe('a round under the teacher’s hands', () => {
  const flow = withRounds(FLOW);
  const rounds = (items: readonly PracticeItem[]) => blocksOf(items).map((b) => b.round !== undefined);

  it('begins on its other side as a whole', () => {
    expect(named(taughtOrder(mirrorBlock(flow, flow[2].id)))).toEqual([
      'warrior-two left',
      'side-angle left',
      'triangle left',
      'warrior-two right',
      'side-angle right',
      'triangle right',
    ]);
  });

  it('lets go of what is taken elsewhere or swapped, and keeps what is moved within it', () => {
    const more = [...flow, item('mountain', 1, 'both'), ...both('tree', 2)];
    expect(rounds(moveBlock(more, flow[4].id, 4))).toEqual([true, true, false, false, false]);
    expect(rounds(moveBlock(more, flow[2].id, 0))).toEqual([true, true, true, false, false]);
    expect(rounds(swapBlock(flow, flow[2].id, both('tree', 2)))).toEqual([true, false, true]);
    // One alone is no round: it is taught side after side.
    expect(named(taughtOrder(swapBlock(flow, flow[2].id, both('tree', 2)))).slice(0, 2)).toEqual([
      'warrior-two right',
      'warrior-two left',
    ]);
    expect(rounds(removeBlock(flow, flow[2].id))).toEqual([true, true]);
  });
});

describe('what is built', () => {
  it('has rounds in a flow, linked by one move with the same foot, and in no other style', async () => {
    const flow = await build(45, { style: 'flow', pace: 'brisk' });
    // A salutation has an order and moves of its own.
    const taught = taughtOrder(flow.items.filter((i) => i.salutation === undefined));
    const linked = taught.filter((x, i) => i > 0 && x.round !== undefined && x.round === taught[i - 1].round);
    expect(linked.length).toBeGreaterThan(2);
    taught.forEach((x, i) => {
      if (i === 0 || transitionBefore(taught, i, 'brisk') !== TRANSITIONS.brisk.side) return;
      if (x.round === undefined || taught[i - 1].pose === x.pose) return;
      const [a, b] = [stanceAt(taught[i - 1]), stanceAt(x)];
      expect(b.lead, x.pose).toBe(a.lead);
      expect(stepsBetween(a, b)?.length ?? 9, x.pose).toBeLessThanOrEqual(1);
    });
    expect((await build(45)).items.some((i) => i.round !== undefined)).toBe(false);
  });
});
