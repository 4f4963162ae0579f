import { solveQP } from 'quadprog';
import { describe, expect, it } from 'vitest';
import { Random } from '@/core/inference';
import { dualNewton, type BoxProgram } from './dual-newton';

/** A random program whose equations can be met: b = A x for some x inside the box. */
function programme(seed: number, rows = 12, columns = 40): BoxProgram {
  const random = new Random(seed);
  const a = Float64Array.from({ length: rows * columns }, () => (random.uniform() < 0.4 ? random.normal() : 0));
  const x = Float64Array.from({ length: columns }, () => random.uniform());
  const b = new Float64Array(rows);
  for (let j = 0; j < columns; j++) for (let i = 0; i < rows; i++) b[i] += a[j * rows + i] * x[j];
  return {
    rows,
    a,
    b,
    d: Float64Array.from({ length: columns }, () => 0.5 + random.uniform()),
    low: new Float64Array(columns),
    high: new Float64Array(columns).fill(1),
    w: 1e7,
  };
}

/** The same program by a library (Goldfarb and Idnani 1983), equations exact. */
function byLibrary(p: BoxProgram): number[] {
  const n = p.d.length;
  const one = <T>(list: T[]): T[] => [undefined as T, ...list];
  const square = one(
    Array.from({ length: n }, (_, i) => one(Array.from({ length: n }, (_, j) => (i === j ? 2 * p.d[i] : 0)))),
  );
  const rows = one(
    Array.from({ length: n }, (_, j) =>
      one([
        ...Array.from({ length: p.rows }, (_, i) => p.a[j * p.rows + i]),
        ...Array.from({ length: n }, (_, k) => (k === j ? 1 : 0)),
        ...Array.from({ length: n }, (_, k) => (k === j ? -1 : 0)),
      ]),
    ),
  );
  const bounds = one([...p.b, ...p.low, ...Array.from(p.high, (v) => -v)]);
  const { solution, message } = solveQP(square, one(new Array<number>(n).fill(0)), rows, bounds, p.rows);
  expect(message).toBe('');
  return solution.slice(1);
}

describe('the dual Newton method', () => {
  it.each(Array.from({ length: 25 }, (_, i) => i + 1))(
    'meets the equations and the conditions of the best, program %i',
    (seed) => {
      const p = programme(seed);
      const s = dualNewton(p);
      expect(s.converged).toBe(true);
      expect(s.residual).toBeLessThan(1e-5);
      // At the best, what a variable pays equals its share of the prices, or it is at its bound (Karush–Kuhn–Tucker).
      for (let j = 0; j < p.d.length; j++) {
        let price = 0;
        for (let i = 0; i < p.rows; i++) price += p.a[j * p.rows + i] * s.prices[i];
        const slope = 2 * p.d[j] * s.x[j] - price;
        if (s.x[j] > 1e-9 && s.x[j] < 1 - 1e-9) expect(Math.abs(slope)).toBeLessThan(1e-6);
        else if (s.x[j] <= 1e-9) expect(slope).toBeGreaterThan(-1e-6);
        else expect(slope).toBeLessThan(1e-6);
      }
    },
  );
  it.each([3, 8, 13, 21, 34])('finds what a library for quadratic programs finds, program %i', (seed) => {
    const p = programme(seed);
    const expected = byLibrary(p);
    dualNewton(p).x.forEach((v, j) => expect(v).toBeCloseTo(expected[j], 4));
  });
  it('shares a load among equals and by strength among unequals', () => {
    const two = (a1: number, a2: number): BoxProgram => ({
      rows: 1,
      a: Float64Array.of(a1, a2),
      b: Float64Array.of(1),
      d: Float64Array.of(1, 1),
      low: new Float64Array(2),
      high: Float64Array.of(1, 1),
      w: 1e8,
    });
    expect([...dualNewton(two(1, 1)).x].map((v) => v.toFixed(4))).toEqual(['0.5000', '0.5000']);
    // min a² + b² with a + 3 b = 1: a = 0.1, b = 0.3.
    expect([...dualNewton(two(1, 3)).x].map((v) => v.toFixed(4))).toEqual(['0.1000', '0.3000']);
  });
  it('stays in the box and tells what is left where the equations cannot be met', () => {
    const p: BoxProgram = {
      rows: 1,
      a: Float64Array.of(1),
      b: Float64Array.of(3),
      d: Float64Array.of(1),
      low: new Float64Array(1),
      high: Float64Array.of(1),
      w: 10,
    };
    const s = dualNewton(p);
    expect(s.x[0]).toBeCloseTo(1, 9);
    expect(s.residual).toBeCloseTo(2, 6);
  });
  it('finds the same from a good start, in fewer rounds', () => {
    const p = programme(5);
    const cold = dualNewton(p),
      warm = dualNewton(p, cold.prices);
    expect(warm.rounds).toBeLessThanOrEqual(1);
    warm.x.forEach((v, j) => expect(v).toBeCloseTo(cold.x[j], 9));
  });
});
