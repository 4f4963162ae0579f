import { describe, expect, it } from 'vitest';
import { compared, drift, isSlower, rowsOf, tableOf, timeOf, type Row } from './table';

const row = (what: string, median: string): Row => ({ what, bound: '≤ 2 s', median, worst: '3 s' });

describe('tables of a bench', () => {
  it('are read as they are printed, whatever stands round them', () => {
    const rows = [row('findings, both sides', '12 ms'), row('lengths', '9.5 µs'), row('a practice', '1.2 s')];
    expect(rowsOf(`npm warn  something  else\n${tableOf(rows)}\nlengths allocate 0.0 bytes\n`)).toEqual(rows);
  });
  it('say times in milliseconds, or that something is none', () => {
    expect([timeOf('250 µs'), timeOf('7 ms'), timeOf('2 s'), timeOf('soon')]).toEqual([0.25, 7, 2000, null]);
  });
  it('are held beside each other by name, what became slowest first', () => {
    const now = [row('a', '10 ms'), row('b', '30 ms'), row('new', '1 ms')];
    expect(compared([row('a', '20 ms'), row('b', '10 ms'), row('gone', '1 ms')], now)).toEqual([
      { what: 'b', before: 10, now: 30, ratio: 3 },
      { what: 'a', before: 20, now: 10, ratio: 0.5 },
    ]);
  });
  it('tell what became slower from a machine that did', () => {
    const of = (ratio: number) => ({ what: '', before: 1, now: ratio, ratio });
    const rows = [of(1.7), of(1.6), of(1.65), of(3), of(1)];
    expect(drift(rows)).toBe(1.65);
    expect(rows.filter((r) => isSlower(r, drift(rows)))).toEqual([of(3)]);
    expect(isSlower(of(1.3), 1)).toBe(true);
    expect(drift([])).toBe(1);
  });
});
