import { describe, expect, it } from 'vitest';
import { rungOf } from '@/core/poses';
import { blocksOf } from './blocks';
import { dosesOf } from './doses';
import { inSets, lengthenBlock, moveBlock, setsBlock, swapBlock } from './edit';
import { TRANSITIONS } from './pace';
import { totalSeconds, transitionBefore, workSeconds, type PracticeItem } from './practice';
import { aim, build, POSES } from './practices.fixtures';
import { requestOf } from './request';
import { makeRound } from './rounds';
import { sheetRows } from './sheet';
import { MOST_SETS, setWords, taughtOrder } from './taught-order';
import { wayTo } from './transitions';
import { setsFor } from './units';

const item = (
  pose: string,
  rung: number,
  side: PracticeItem['side'],
  more: Partial<PracticeItem> = {},
): PracticeItem => ({
  id: `${pose}-${rung}-${side}`,
  pose,
  rung,
  side,
  holdSeconds: 6,
  breaths: 1,
  repeats: 10,
  phase: 'approach',
  because: [],
  ...more,
});
const BRIDGE = item('bridge', 1, 'both', { sets: 3 });
const LIFTS = (['right', 'left'] as const).map((side) => item('side-leg-lift', 1, side, { sets: 2 }));
const order = (items: readonly PracticeItem[]): string[] => taughtOrder(items).map((i) => `${i.side} ${setWords(i)}`);
const { side: change, set: rest, shape: way } = TRANSITIONS.usual;

describe('sets', () => {
  it('are taught in turn with the other side, or after a rest', () => {
    expect(order(LIFTS)).toEqual(['right set 1 of 2', 'left set 1 of 2', 'right set 2 of 2', 'left set 2 of 2']);
    expect(order([BRIDGE])).toEqual(['both set 1 of 3', 'both set 2 of 3', 'both set 3 of 3']);
    const both = taughtOrder([...LIFTS, BRIDGE]);
    expect(both.map((_, i) => transitionBefore(both, i))).toEqual([0, change, change, change, way, rest, rest]);
    expect(totalSeconds([...LIFTS, BRIDGE])).toBe(7 * 60 + 3 * change + way + 2 * rest);
  });
  it('have names of their own, and are put in order once only', () => {
    const taught = taughtOrder([...LIFTS, BRIDGE]);
    expect(new Set(taught.map((i) => i.id)).size).toBe(7);
    expect(taught[0].id).toBe(LIFTS[0].id);
    expect(taughtOrder(taught)).toEqual(taught);
    expect(totalSeconds(taught)).toBe(totalSeconds([...LIFTS, BRIDGE]));
  });
  it('rest before a further set of what works both sides, and say so', () => {
    const taught = taughtOrder([BRIDGE]);
    expect(wayTo(taught, 1)).toBe('Rest, then set 2 of 3.');
    expect(wayTo(taughtOrder(LIFTS), 2)).not.toContain('Rest');
  });
  it('are one block on the clock, with the ways between', () => {
    const [lifts, bridge] = blocksOf([...LIFTS, BRIDGE]);
    expect(lifts).toMatchObject({ sets: 2, at: 0, seconds: 4 * 60 + 3 * change });
    expect(bridge).toMatchObject({ sets: 3, at: lifts.seconds + way, seconds: 3 * 60 + 2 * rest });
    expect(bridge.at + bridge.seconds).toBe(totalSeconds([...LIFTS, BRIDGE]));
    expect(sheetRows([...LIFTS, BRIDGE]).map((r) => r.sets)).toEqual([2, 3]);
  });
  it('count for the dose, each of them', () => {
    const aims = [aim('strengthen', 'gluteus-maximus', 'left')];
    const minutes = (sets: number) => dosesOf(inSets([item('bridge', 2, 'both')], sets), aims, POSES)[0].minutes;
    expect(minutes(1)).toBeGreaterThan(0);
    expect(minutes(3)).toBeCloseTo(3 * minutes(1), 9);
    expect(workSeconds(BRIDGE)).toBe(180);
  });
  it('are changed by hand between one and the most, and stay with what comes in their place', () => {
    const once = setsBlock(LIFTS, LIFTS[0].id, -1);
    expect(once.every((i) => i.sets === undefined)).toBe(true);
    expect(setsBlock(once, LIFTS[0].id, -1)).toEqual(once);
    expect(setsBlock(LIFTS, LIFTS[0].id, 9).every((i) => i.sets === MOST_SETS)).toBe(true);
    expect(swapBlock(LIFTS, LIFTS[0].id, [item('bridge', 2, 'both')])[0].sets).toBe(2);
    expect(setsBlock(LIFTS, 'nothing', 1)).toEqual(LIFTS);
    expect(lengthenBlock(LIFTS, LIFTS[0].id, 1, 6).every((i) => i.sets === 2)).toBe(true);
    // Nobody rests in sets.
    expect(inSets([item('resting-back', 1, 'both')], 3)[0].sets).toBeUndefined();
  });
  it('are of a whole round: it is gone through again from its first side', () => {
    const pair = (pose: string, rung: number) =>
      (['right', 'left'] as const).map((side) => item(pose, rung, side, { repeats: 1, breaths: 5, holdSeconds: 30 }));
    const made = makeRound([...pair('low-lunge', 1), ...pair('half-split', 1)], 'low-lunge-1-right');
    const round = setsBlock(made, 'low-lunge-1-right', 1);
    // The same foot stays in front: what is stretched in the lunge is the other leg.
    expect(taughtOrder(round).map((i) => `${i.pose} ${i.side} ${i.set?.number}`)).toEqual(
      [1, 2].flatMap((n) => [
        `low-lunge right ${n}`,
        `half-split left ${n}`,
        `low-lunge left ${n}`,
        `half-split right ${n}`,
      ]),
    );
    // From the second side's end to the first side again is a way of its own; within a side it is not.
    const taught = taughtOrder(round);
    expect(taught.map((_, i) => transitionBefore(taught, i))).toEqual([
      0,
      change,
      way,
      change,
      way,
      change,
      way,
      change,
    ]);
    expect(sheetRows(round)[0].sets).toBe(2);
    expect(blocksOf(round)[0].spans).toHaveLength(4);
    expect(moveBlock(round, 'low-lunge-1-right', 1)).toHaveLength(4);
  });
});

describe('a practice of work', () => {
  const SETS = [
    ['strength', 30, null, 2],
    ['strength', 10, null, 1],
    ['build', 30, null, 1],
    ['build', 30, 3, 3],
    ['strength', 30, 1, 1],
  ] as const;
  it.each(SETS)('%s, %i minutes, %s asked: work in %i', (style, minutes, sets, so) => {
    expect(setsFor({ kind: 'strength' }, requestOf({ minutes, style, sets }))).toBe(so);
    expect(setsFor({ kind: 'stretch' }, requestOf({ minutes, style, sets }))).toBe(1);
  });
  it.each([20, 45])('of %i minutes has its work in two sets, and takes its time', async (minutes) => {
    const { items } = await build(minutes, { style: 'strength' });
    const work = items.filter((i) => rungOf(i.pose, i.rung)?.rung.kind === 'strength');
    expect(work.length).toBeGreaterThan(1);
    expect(new Set(work.map((i) => i.sets))).toEqual(new Set([2]));
    expect(items.filter((i) => !work.includes(i)).every((i) => i.sets === undefined)).toBe(true);
    expect(Math.abs(totalSeconds(items) / (60 * minutes) - 1)).toBeLessThan(0.02);
  });
  it('keeps what is kept in its sets, whatever is asked for the rest', async () => {
    const { items } = await build(30, { style: 'strength' });
    const kept = items.filter((i) => i.sets === 2).slice(0, 2);
    const again = await build(30, { style: 'strength', sets: 3, locked: kept });
    for (const k of kept)
      expect(again.items.filter((i) => i.pose === k.pose && i.rung === k.rung).map((i) => i.sets)).toContain(2);
    expect(again.items.some((i) => i.sets === 3)).toBe(true);
  });
});
