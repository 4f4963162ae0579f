import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labelShifts, scaleOf, ticksOf, type ChartSeries } from './chart-scale';

const series = (...ends: number[]): ChartSeries[] =>
  ends.map((end, i) => ({ name: `s${i}`, colour: '--ink', points: [[0, 0] as const, [1, end] as const] }));

/** One to six ends of lines, in tenths. */
const ends = (most: number) =>
  fc
    .array(fc.integer({ min: -most, max: most }), { minLength: 1, maxLength: 6 })
    .map((list) => list.map((v) => v / 10));

describe('the scale of a chart', () => {
  it('holds every value and nought between round bounds', () => {
    fc.assert(
      fc.property(ends(500), (list) => {
        const { min, max, step } = scaleOf(series(...list));
        expect(min).toBeLessThanOrEqual(Math.min(0, ...list));
        expect(max).toBeGreaterThanOrEqual(Math.max(0, ...list));
        expect(step).toBeGreaterThan(0);
        // Bounds are whole steps, and there are a handful of them.
        expect(Math.abs(min / step - Math.round(min / step))).toBeLessThan(1e-6);
        expect((max - min) / step).toBeLessThan(8);
      }),
    );
  });
  it('steps by one, two or five', () => {
    expect(scaleOf(series(4.2, -3.9)).step).toBe(5);
    expect(scaleOf(series(0.8)).step).toBeCloseTo(0.2, 12);
    expect(scaleOf(series(70, -20)).step).toBe(50);
  });
});

describe('labels at the right edge', () => {
  it('never lie on one another, and stay in the order of their lines', () => {
    fc.assert(
      fc.property(ends(50), (list) => {
        const perUnit = 20;
        const shifts = labelShifts(series(...list), perUnit);
        const places = list.map((end, i) => ({ end, y: -end * perUnit + shifts[i] })).sort((a, b) => a.y - b.y);
        for (let i = 1; i < places.length; i++) {
          expect(places[i].y - places[i - 1].y).toBeGreaterThanOrEqual(14 - 1e-9);
          expect(places[i].end).toBeLessThanOrEqual(places[i - 1].end + 1e-9);
        }
        for (const s of shifts) expect(s).toBeGreaterThanOrEqual(0);
      }),
    );
  });
  it('move nothing where there is room', () => expect(labelShifts(series(3, 0, -3), 20)).toEqual([0, 0, 0]));
});

describe('angles on the x axis', () => {
  it('are round, within the ends, and pass nought', () => {
    expect(ticksOf(-35, 145)).toEqual([-30, 0, 30, 60, 90, 120]);
    expect(ticksOf(-45, 45)).toEqual([-45, -30, -15, 0, 15, 30, 45]);
  });
});
