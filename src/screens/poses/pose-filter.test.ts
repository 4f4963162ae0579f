import { describe, expect, it } from 'vitest';
import { LIBRARY } from '@/core/poses';
import { firstOfShape, matches, NO_FILTER } from './pose-filter';

const all = LIBRARY.flatMap((s) => s.rungs.map((_, i) => ({ pose: s.id, rung: i + 1 })));
const found = (change: Partial<typeof NO_FILTER>) => all.filter((p) => matches(p, { ...NO_FILTER, ...change }));
const ids = (list: readonly { pose: string }[]) => [...new Set(list.map((p) => p.pose))];

describe('the filter', () => {
  it('shows everything until something is chosen', () => expect(found({})).toHaveLength(all.length));
  it('finds by plain and Sanskrit name, in any order and case', () => {
    expect(ids(found({ text: 'hamstring raise strap' }))).toEqual(['strap-leg-raise']);
    expect(ids(found({ text: 'cartwheel strap' }))).toEqual([]);
    expect(ids(found({ text: 'STRAP leg' }))).toContain('strap-leg-raise');
    expect(ids(found({ text: 'gomukh' }))).toEqual(['stacked-knees', 'lying-cow-face']);
  });
  it('narrows by position, prop, level and kind together', () => {
    const list = found({ position: 'seated', prop: 'chair', kind: 'stretch' });
    expect(ids(list)).toContain('chair-figure-four');
    expect(ids(list)).not.toContain('pigeon');
    expect(found({ prop: 'none', level: 3 }).length).toBeGreaterThan(0);
    expect(found({ position: 'seated', level: 1 }).length).toBeLessThan(found({ position: 'seated' }).length);
  });
  it('knows no pose that is not in the library', () =>
    expect(matches({ pose: 'cartwheel', rung: 1 }, NO_FILTER)).toBe(false));
  it('keeps the first rung of each shape and side', () =>
    expect(
      firstOfShape([
        { pose: 'a', side: 'left' as const },
        { pose: 'a', side: 'right' as const },
        { pose: 'a', side: 'left' as const },
      ]),
    ).toHaveLength(2));
});
