import { describe, expect, it } from 'vitest';
import { hidden, isLiked, isNever, LIKES_SETTING, likesOf, likesSchema, NO_LIKES, starred } from './likes';
import { build } from './practices.fixtures';
import { someOf } from '@/core/how-much.fixtures';

const shapesOf = (items: readonly { pose: string }[]): Set<string> => new Set(items.map((i) => i.pose));

describe('what a teacher likes', () => {
  it('a star is given and taken; hiding takes the star, and a star shows again', () => {
    const liked = starred(NO_LIKES, 'pigeon', 1);
    expect(isLiked(liked, 'pigeon', 1)).toBe(true);
    expect(isLiked(starred(liked, 'pigeon', 1), 'pigeon', 1)).toBe(false);
    const gone = hidden(liked, 'pigeon');
    expect([isNever(gone, 'pigeon'), isLiked(gone, 'pigeon', 1)]).toEqual([true, false]);
    expect(isNever(starred(gone, 'pigeon', 2), 'pigeon')).toBe(false);
    expect(hidden(gone, 'pigeon')).toEqual({ liked: [], never: [] });
    expect(likesSchema.safeParse({ liked: [7] }).success).toBe(false);
    expect(likesSchema.parse({})).toEqual(NO_LIKES);
  });
  it('are read from a studio’s settings, and none where these are nonsense', () => {
    const kept = { liked: ['pigeon/1'], never: ['wheel'] };
    expect(likesOf({ [LIKES_SETTING]: JSON.stringify(kept) })).toEqual(kept);
    for (const text of ['', '{', '7', '{"liked":3}']) expect(likesOf({ [LIKES_SETTING]: text })).toEqual(NO_LIKES);
    expect(likesOf({})).toEqual(NO_LIKES);
  });
  it('what is never taught is in no practice, whatever is asked', async () => {
    for (const minutes of someOf([12, 20, 30], 1)) {
      const first = await build(minutes);
      const taken = [...shapesOf(first.items)].filter((p) => !p.startsWith('resting'));
      const never = taken.slice(0, 4);
      const again = await build(minutes, { likes: { liked: [], never } });
      expect(again.items.length).toBeGreaterThan(0);
      for (const pose of never) expect(shapesOf(again.items).has(pose), pose).toBe(false);
    }
  });
  it('what is kept by hand stays, even where it is hidden', async () => {
    const first = await build(20);
    const [item] = first.items.filter((i) => i.phase !== 'settle' && i.phase !== 'rest');
    const again = await build(20, { locked: [item], likes: { liked: [], never: [item.pose] } });
    expect(shapesOf(again.items).has(item.pose)).toBe(true);
  });
  it('what is liked is used where it is as good: no liked rung is used less than before, and more of them in all', async () => {
    const liked = [
      'tree/1',
      'triangle/1',
      'warrior-two/1',
      'cat-cow/1',
      'childs/2',
      'pigeon/1',
      'dog/1',
      'low-lunge/1',
    ];
    let before = 0,
      after = 0;
    for (const minutes of someOf([30, 45, 60], 1)) {
      const plain = await build(minutes);
      const mine = await build(minutes, { likes: { liked, never: [] } });
      const count = (b: typeof plain) =>
        new Set(b.items.map((i) => `${i.pose}/${i.rung}`).filter((k) => liked.includes(k))).size;
      before += count(plain);
      after += count(mine);
      expect(count(mine)).toBeGreaterThanOrEqual(count(plain));
    }
    expect(after).toBeGreaterThan(before);
  });
});
