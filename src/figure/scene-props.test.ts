import { describe, expect, it } from 'vitest';
import { LIBRARY } from '@/core/poses';
import { sceneProps } from './scene-props';

const rungs = LIBRARY.flatMap((s) => s.rungs.map((rung, i) => [`${s.id}/${i + 1}`, rung] as const));

describe('what is drawn beside the body', () => {
  it('a strap ends in a hand that is not on the floor, where there is one', () => {
    const straps = rungs.flatMap(([id, rung]) => {
      const hand = sceneProps(rung, 'right').find((p) => p.kind === 'strap')?.to;
      return hand ? [{ id, rung, holds: hand.endsWith('right') ? ('worked' as const) : ('other' as const) }] : [];
    });
    expect(straps.length).toBeGreaterThan(10);
    for (const { id, rung, holds } of straps) {
      const free = (['worked', 'other'] as const).filter((s) => rung.reach[s] && rung.reach[s]?.floor === undefined);
      if (free.length > 0) expect(free, id).toContain(holds);
    }
  });
  it('whoever sits on a chair has no second one for a hand', () => {
    const seated = rungs.filter(([, rung]) => rung.contacts.some((c) => c.on === 'chair' && /^buttock/.test(c.point)));
    expect(seated.length).toBeGreaterThan(10);
    for (const [id, rung] of seated)
      expect(sceneProps(rung, 'left').filter((p) => p.kind === 'chair').length, id).toBe(1);
  });
});
