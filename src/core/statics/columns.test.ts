import { describe, expect, it } from 'vitest';
import { BalanceColumns } from './columns';

describe('columns of a balance', () => {
  it('keep what is put, without noughts, beyond the room they began with', () => {
    const columns = new BalanceColumns();
    for (let j = 0; j < 3000; j++) {
      expect(columns.begin(j % 2 ? 'muscle' : 'push', j + 1, -1 - j, j)).toBe(j);
      for (let i = 0; i < 5; i++) columns.put(i, (j + i) % 3);
    }
    expect(columns.count).toBe(3000);
    for (const j of [0, 511, 512, 1023, 2999]) {
      for (let i = 0; i < 5; i++) expect(columns.at(j, i)).toBe((j + i) % 3);
      expect([columns.price[j], columns.low[j], columns.high[j]]).toEqual([j + 1, -1 - j, j]);
      expect(columns.kinds[j]).toBe(j % 2 ? 'muscle' : 'push');
    }
    expect(columns.from[3000]).toBe(10_000);
  });
  it('are empty again after they were cleared', () => {
    const columns = new BalanceColumns();
    columns.begin('push', 1, 0, 1);
    columns.put(2, 7);
    columns.clear();
    expect([columns.count, columns.kinds]).toEqual([0, []]);
    columns.begin('stop', 1, 0, 1);
    columns.putAll(Float64Array.of(0, 4, 0, 5));
    expect([0, 1, 2, 3].map((i) => columns.at(0, i))).toEqual([0, 4, 0, 5]);
    expect(columns.from[1]).toBe(2);
  });
});
