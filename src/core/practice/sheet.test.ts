import { describe, expect, it } from 'vitest';
import { totalSeconds } from './practice';
import { holdWords, sheetRows, sidesWords } from './sheet';
import { build } from './practices.fixtures';

const { items } = await build(30);
const rows = sheetRows(items);

describe('a practice on paper', () => {
  it('has every item once, both sides of a rung in one line', () => {
    expect(rows.reduce((s, r) => s + r.sides.length, 0)).toBe(items.length);
    expect(rows.length).toBeLessThan(items.length);
    for (const r of rows) expect(new Set(r.sides.map((s) => s.side)).size).toBe(r.sides.length);
  });
  it('tells when each line begins, from 0 to the end', () => {
    expect(rows[0].at).toBe(0);
    for (let i = 1; i < rows.length; i++) expect(rows[i].at).toBeGreaterThan(rows[i - 1].at);
    const last = rows.at(-1);
    expect((last?.at ?? 0) + (last?.sides.reduce((s, x) => s + x.seconds, 0) ?? 0)).toBeCloseTo(totalSeconds(items), 6);
  });
  it.each([
    [[{ side: 'both', breaths: 1, repeats: 1, seconds: 6 }], '1 breath', ''],
    [
      [
        { side: 'right', breaths: 5, repeats: 1, seconds: 30 },
        { side: 'left', breaths: 5, repeats: 1, seconds: 30 },
      ],
      '5 breaths',
      'right, then left',
    ],
    [
      [
        { side: 'left', breaths: 8, repeats: 1, seconds: 48 },
        { side: 'right', breaths: 5, repeats: 1, seconds: 30 },
      ],
      'left 8, right 5 breaths',
      'left, then right',
    ],
    [[{ side: 'both', breaths: 2, repeats: 9, seconds: 108 }], '2 breaths, 9 times', ''],
  ] as const)('%j in words', (sides, hold, which) => {
    expect(holdWords({ sets: 1, sides: [...sides] })).toBe(hold);
    expect(sidesWords({ sets: 1, sides: [...sides] })).toBe(which);
  });
  it('tells sets beside the hold, and times through beside the round', () => {
    const lifts = { sets: 2, sides: [{ side: 'both' as const, breaths: 1, repeats: 10, seconds: 60 }] };
    expect(holdWords(lifts)).toBe('2 sets: 1 breath, 10 times');
    expect(sidesWords(lifts)).toBe('');
    const round = { ...lifts, sides: [{ side: 'right' as const, breaths: 5, repeats: 1, seconds: 30 }] };
    expect(holdWords({ ...round, round: { place: 1, of: 3 } })).toBe('5 breaths');
    expect(sidesWords({ ...round, round: { place: 1, of: 3 } })).toBe('round of 3, 2 times through: right');
    expect(sidesWords({ ...round, round: { place: 2, of: 3 } })).toBe('round, 2 of 3: right');
  });
});
