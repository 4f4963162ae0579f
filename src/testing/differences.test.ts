import { describe, expect, it } from 'vitest';
import { differenceLines, differences, TWO_ENGINES } from './differences';

describe('differences', () => {
  it('are none between values that two engines may compute', () => {
    expect(differences({ a: [0.5881084138082214] }, { a: [0.5881084138082213] })).toEqual([]);
    expect(differences([1e6 + 1e-4], [1e6])).toEqual([]);
    expect(differences(NaN, NaN)).toEqual([]);
  });
  it('name the place and how far apart', () => {
    const [d, ...rest] = differences({ rows: [{ v: 1 }, { v: 2 }] }, { rows: [{ v: 1 }, { v: 2.5 }] });
    expect(rest).toEqual([]);
    expect(d).toMatchObject({ where: 'rows.1.v', found: 2, expected: 2.5 });
    expect(d.by).toBeCloseTo(0.5, 12);
  });
  it('see what is missing, longer, of another kind, or no number', () => {
    expect(differences({ a: 1 }, {})).toHaveLength(1);
    expect(differences([1], [1, 2])).toHaveLength(1);
    expect(differences([], {})).toHaveLength(1);
    expect(differences('1', 1)).toHaveLength(1);
    expect(differences(NaN, 1)).toHaveLength(1);
    expect(differences(null, {})).toHaveLength(1);
    expect(differences(undefined, { a: 1 })[0].where).toBe('the whole');
  });
  it('take a wider tolerance where it is stated', () => {
    expect(differences([1.4], [1], { absolute: 0.5, relative: 0 })).toEqual([]);
    expect(differences([101], [100], { absolute: 0, relative: 0.02 })).toEqual([]);
    expect(differences([1 + 1e-6], [1], TWO_ENGINES)).toHaveLength(1);
  });
  it('are told in a few lines', () => {
    const lines = differenceLines(differences({ a: 1, b: 'x', c: 3 }, { a: 2, b: 'y', c: 3.5 }), 2);
    expect(lines).toEqual(['a: 1 instead of 2 (by 1.0)', 'b: "x" instead of "y"', '… and 1 more']);
  });
});
