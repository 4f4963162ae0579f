import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blocksOf } from './blocks';
import {
  addAfter,
  addSide,
  cueBlock,
  itemsFor,
  lengthenBlock,
  lengthenItem,
  lockItem,
  mirrorBlock,
  missingSides,
  moveBlock,
  noteBlock,
  removeBlock,
  repeatBlock,
  sidesOfRung,
  swapBlock,
} from './edit';
import { TRANSITIONS } from './pace';
import { itemSchema, practiceSchema, totalSeconds, transitionBefore, type PracticeItem } from './practice';
import { AIMS, build, POSES } from './practices.fixtures';

const { items } = await build(45);
const blocks = blocksOf(items);
const sided = blocks.filter((b) => b.items.length === 2);
let made = 0;
const newId = () => `new-${made++}`;

describe('blocks', () => {
  it('hold every item once, in its order, with true times', () => {
    expect(blocks.flatMap((b) => b.items)).toEqual(items);
    expect(sided.length).toBeGreaterThan(2);
    const last = blocks[blocks.length - 1];
    expect(last.at + last.seconds).toBeCloseTo(totalSeconds(items), 6);
    blocks.slice(1).forEach((b, k) => expect(b.at).toBeCloseTo(blocks[k].at + blocks[k].seconds + b.before, 6));
  });
  it('a slower pace takes longer by its ways alone', () => {
    const ways = items.map((_, i) => transitionBefore(items, i, 'slow') - transitionBefore(items, i, 'usual'));
    expect(totalSeconds(items, 'slow') - totalSeconds(items)).toBeCloseTo(
      ways.reduce((s, w) => s + w, 0),
      6,
    );
  });
});

describe('changing by hand', () => {
  const ids = (list: readonly PracticeItem[]) => list.map((i) => i.id);
  it('moves a block whole and keeps all others in their order', () => {
    fc.assert(
      fc.property(fc.nat(blocks.length - 1), fc.integer({ min: -3, max: blocks.length + 3 }), (from, to) => {
        const { id } = blocks[from];
        const moved = moveBlock(items, id, to);
        expect([...ids(moved)].sort()).toEqual([...ids(items)].sort());
        const others = (list: readonly PracticeItem[]) => ids(list).filter((x) => !ids(blocks[from].items).includes(x));
        expect(others(moved)).toEqual(others(items));
        const at = ids(moved).indexOf(id);
        expect(ids(moved).slice(at, at + blocks[from].items.length)).toEqual(ids(blocks[from].items));
      }),
    );
  });
  it('a block takes on the phase it comes to, rest stays rest, and moving nowhere changes nothing', () => {
    const warm = blocks.findIndex((b) => b.phase !== 'settle');
    const deep = blocks.findIndex(
      (b, k) => k > warm + 1 && b.phase !== blocks[warm].phase && blocks[k + 1]?.phase === b.phase,
    );
    expect(warm).toBeGreaterThan(-1);
    expect(deep).toBeGreaterThan(-1);
    // Taken out before it, the deepest block has moved one forward: the place after it is its old number.
    const moved = moveBlock(items, blocks[warm].id, deep);
    expect(moved.find((i) => i.id === blocks[warm].id)?.phase).toBe(blocks[deep].phase);
    expect(moveBlock(items, blocks[blocks.length - 1].id, 1).find((i) => i.phase === 'rest')).toBeDefined();
    expect(moveBlock(items, blocks[2].id, 2)).toEqual(items);
    expect(moveBlock(items, 'nobody', 2)).toEqual(items);
    expect(moveBlock(items, blocks[2].id, 0).find((i) => i.id === blocks[2].id)?.phase).not.toBe('settle');
  });
  it('lengthens and shortens by breaths, never below one or above half an hour', () => {
    const { id } = sided[0];
    const breaths = (list: readonly PracticeItem[]) =>
      blocksOf(list)
        .find((b) => b.id === id)
        ?.items.map((i) => i.breaths);
    const now = sided[0].items.map((i) => i.breaths);
    expect(breaths(lengthenBlock(items, id, 2, 6))).toEqual(now.map((n) => n + 2));
    expect(breaths(lengthenBlock(items, id, -99, 6))).toEqual([1, 1]);
    const most = lengthenBlock(items, id, 9999, 6).find((i) => i.id === id);
    expect(most?.holdSeconds).toBeLessThanOrEqual(1800);
    expect(breaths(lengthenItem(items, sided[0].items[1].id, 1, 6))).toEqual([now[0], now[1] + 1]);
  });
  it('repeats one to twenty times', () => {
    const { id } = sided[0];
    const times = (by: number) => repeatBlock(items, id, by).find((i) => i.id === id)?.repeats;
    expect([times(2), times(-9), times(99)]).toEqual([sided[0].items[0].repeats + 2, 1, 20]);
  });
  it('turns the order of the sides round and back', () => {
    const once = mirrorBlock(items, sided[0].id);
    const first = once.findIndex((i) => i.id === sided[0].items[1].id);
    expect(once[first + 1].id).toBe(sided[0].items[0].id);
    expect(mirrorBlock(once, sided[0].items[1].id)).toEqual(items);
    const alone = items.filter((i) => i.id !== sided[0].items[1].id);
    expect(mirrorBlock(alone, sided[0].id).find((i) => i.id === sided[0].id)?.side).not.toBe(sided[0].items[0].side);
  });
  it('removes and swaps one block only, both sides of it', () => {
    expect(removeBlock(items, sided[1].id)).toHaveLength(items.length - 2);
    const fits = sidesOfRung(POSES, 'pigeon', 1);
    expect(fits.map((r) => r.side)).toEqual(['right', 'left']);
    const next = itemsFor(fits, { phase: 'warm', seconds: 60, breathSeconds: 6, aims: AIMS, newId });
    const swapped = swapBlock(items, sided[1].id, next);
    const there = blocksOf(swapped).find((b) => b.pose === 'pigeon');
    expect(there).toMatchObject({ phase: sided[1].phase });
    expect(there?.items.map((i) => i.breaths)).toEqual([10, 10]);
    const others = (list: readonly PracticeItem[]) => list.filter((i) => !next.some((n) => n.id === i.id));
    expect(others(swapped)).toEqual(items.filter((i) => !sided[1].items.includes(i)));
  });
  it('puts a pose in from the library, held as it usually is, and repeats what is done over and over', () => {
    const rocking = itemsFor(sidesOfRung(POSES, 'low-lunge-rocking', 1), {
      phase: 'warm',
      breathSeconds: 6,
      aims: AIMS,
      newId,
    });
    expect(rocking.every((i) => i.repeats >= 6 && i.repeats <= 12)).toBe(true);
    const longer = addAfter(items, blocks[1].id, rocking);
    expect(longer).toHaveLength(items.length + 2);
    expect(blocksOf(longer)[2].pose).toBe('low-lunge-rocking');
    expect(addAfter([], null, rocking)).toHaveLength(2);
    for (const i of rocking) expect(itemSchema.safeParse(i).success).toBe(true);
  });
  it('sees a forgotten side and puts it in after the other', () => {
    const left = items.find((i) => i.side === 'left');
    if (!left) throw new Error('nothing sided');
    const without = items.filter((i) => i !== left);
    const [forgotten] = missingSides(without);
    expect(forgotten).toEqual({ pose: left.pose, rung: left.rung, missing: 'left' });
    const whole = addSide(without, forgotten, [], 'again');
    expect(missingSides(whole)).toEqual([]);
    const at = whole.findIndex((i) => i.id === 'again');
    expect(whole[at - 1]).toMatchObject({ pose: left.pose, side: 'right', breaths: whole[at].breaths });
  });
  it('keeps a note on one side and her words on both, each for its own side', () => {
    const { id } = sided[0];
    const [first, second] = sided[0].items.map((i) => i.side);
    const noted = noteBlock(items, id, 'blanket under the knee');
    expect(
      blocksOf(noted)
        .find((b) => b.id === id)
        ?.items.map((i) => i.note),
    ).toEqual(['blanket under the knee', undefined]);
    expect(noteBlock(noted, id, '  ')).toEqual(items);
    const said = cueBlock(items, id, [`Press the ${first} foot.`, `The ${second} hip stays heavy.`]);
    const own = blocksOf(said)
      .find((b) => b.id === id)
      ?.items.map((i) => i.cues);
    expect(own).toEqual([
      [`Press the ${first} foot.`, `The ${second} hip stays heavy.`],
      [`Press the ${second} foot.`, `The ${first} hip stays heavy.`],
    ]);
    expect(cueBlock(said, id, null)).toEqual(items);
  });
  it('keeps both sides of an item when building again, or sets them free', () => {
    const locked = lockItem(items, sided[0].items[0]);
    expect(locked.filter((i) => i.locked).map((i) => i.id)).toEqual(ids(sided[0].items));
    const free = locked.find((i) => i.locked);
    expect(free && lockItem(locked, free).some((i) => i.locked)).toBe(false);
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
    expect(transitionBefore(list, 1)).toBe(TRANSITIONS.usual.shape);
    expect(transitionBefore(list, 2)).toBe(TRANSITIONS.usual.side);
    expect(totalSeconds(list)).toBe(90 + TRANSITIONS.usual.shape + TRANSITIONS.usual.side);
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
