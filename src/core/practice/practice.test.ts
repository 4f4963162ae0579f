import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lengthenItem, missingSides, moveItem, removeItem, swapItem } from './edit';
import { practiceSchema, totalSeconds, TRANSITION, transitionBefore, type PracticeItem } from './practice';
import { AIMS, build } from './test-practices';

const { items } = await build(20);
describe('changing by hand', () => {
  const ids = (list: readonly PracticeItem[]) => list.map((i) => i.id);
  it('moves an item and keeps all others in their order', () => {
    fc.assert(
      fc.property(fc.nat(items.length - 1), fc.integer({ min: -3, max: items.length + 3 }), (from, to) => {
        const moved = moveItem(items, from, to);
        expect([...ids(moved)].sort()).toEqual([...ids(items)].sort());
        const rest = ids(items).filter((id) => id !== items[from].id);
        expect(ids(moved).filter((id) => id !== items[from].id)).toEqual(rest);
        expect(ids(moved).indexOf(items[from].id)).toBe(Math.max(0, Math.min(items.length - 1, to)));
      }),
    );
  });
  it('lengthens and shortens by breaths, never below one or above half an hour', () => {
    const first = items[1];
    const hold = (list: PracticeItem[]) => list.find((i) => i.id === first.id);
    expect(hold(lengthenItem(items, first.id, 2, 6))?.breaths).toBe(first.breaths + 2);
    expect(hold(lengthenItem(items, first.id, -99, 6))?.breaths).toBe(1);
    expect(hold(lengthenItem(items, first.id, 9999, 6))?.holdSeconds).toBeLessThanOrEqual(1800);
  });
  it('removes and swaps one item only', () => {
    expect(removeItem(items, items[2].id)).toHaveLength(items.length - 1);
    const swapped = swapItem(items, items[2].id, { id: 'new', pose: 'bridge', rung: 1, side: 'both', because: [] });
    expect(swapped[2]).toMatchObject({ id: 'new', pose: 'bridge', holdSeconds: items[2].holdSeconds });
    expect(ids(swapped).filter((id) => id !== 'new')).toEqual(ids(items).filter((id) => id !== items[2].id));
  });
  it('sees a forgotten side', () => {
    const sided = items.find((i) => i.side === 'left');
    if (!sided) throw new Error('nothing sided');
    expect(missingSides(removeItem(items, sided.id))).toEqual([
      { pose: sided.pose, rung: sided.rung, missing: 'left' },
    ]);
  });
});

describe('time', () => {
  const item = (pose: string, side: PracticeItem['side']): PracticeItem => ({
    id: pose + side,
    pose,
    rung: 1,
    side,
    holdSeconds: 30,
    breaths: 5,
    repeats: 1,
    phase: 'warm',
    because: [],
  });
  it('counts the way between shapes, less between sides', () => {
    const list = [item('bridge', 'both'), item('pigeon', 'right'), item('pigeon', 'left')];
    expect(transitionBefore(list, 0)).toBe(0);
    expect(transitionBefore(list, 1)).toBe(TRANSITION.shape);
    expect(transitionBefore(list, 2)).toBe(TRANSITION.side);
    expect(totalSeconds(list)).toBe(90 + TRANSITION.shape + TRANSITION.side);
  });
  it('a practice keeps its shape', () => {
    const practice = {
      id: 'p',
      student: 's',
      title: 't',
      minutes: 20,
      items,
      aims: AIMS,
      createdAt: '2026-01-01T00:00:00.000Z',
      updatedAt: '2026-01-01T00:00:00.000Z',
    };
    expect(practiceSchema.safeParse(practice).success).toBe(true);
    expect(practiceSchema.safeParse({ ...practice, minutes: 0 }).success).toBe(false);
  });
});
