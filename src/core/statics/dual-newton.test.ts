import { solveQP } from 'quadprog';
import { describe, expect, it } from 'vitest';
import { Random } from '@/core/inference/random';
import { BalanceColumns } from './columns';
import { dualNewton, type BoxProgram } from './dual-newton';

interface Written {
  rows: number;
  /** Column after column, `rows` numbers each. */
  a: ArrayLike<number>;
  b: ArrayLike<number>;
  d: ArrayLike<number>;
  w: number;
}

/** A program out of its table; every unknown between nought and 1. */
function programOf({ rows, a, b, d, w }: Written): BoxProgram {
  const columns = new BalanceColumns();
  for (let j = 0; j < d.length; j++) {
    columns.begin('muscle', d[j], 0, 1);
    for (let i = 0; i < rows; i++) columns.put(i, a[j * rows + i]);
  }
  return { columns, b: Float64Array.from(b), w };
}

/** A random program whose equations can be met: b = A x for some x inside the box. */
function programme(seed: number, rows = 12, columns = 40): BoxProgram {
  const random = new Random(seed);
  const a = Float64Array.from({ length: rows * columns }, () => (random.uniform() < 0.4 ? random.normal() : 0));
  const x = Float64Array.from({ length: columns }, () => random.uniform());
  const b = new Float64Array(rows);
  for (let j = 0; j < columns; j++) for (let i = 0; i < rows; i++) b[i] += a[j * rows + i] * x[j];
  return programOf({ rows, a, b, d: Float64Array.from({ length: columns }, () => 0.5 + random.uniform()), w: 1e7 });
}

/** The same program by a library (Goldfarb and Idnani 1983), equations exact. */
function byLibrary(p: BoxProgram): number[] {
  const { count: n, price, low, high } = p.columns;
  const of = (list: Float64Array) => Array.from(list.subarray(0, n));
  const one = <T>(list: T[]): T[] => [undefined as T, ...list];
  const square = one(
    Array.from({ length: n }, (_, i) => one(Array.from({ length: n }, (_, j) => (i === j ? 2 * price[i] : 0)))),
  );
  const rows = one(
    Array.from({ length: n }, (_, j) =>
      one([
        ...Array.from(p.b, (_, i) => p.columns.at(j, i)),
        ...Array.from({ length: n }, (_, k) => (k === j ? 1 : 0)),
        ...Array.from({ length: n }, (_, k) => (k === j ? -1 : 0)),
      ]),
    ),
  );
  const bounds = one([...p.b, ...of(low), ...of(high).map((v) => -v)]);
  const { solution, message } = solveQP(square, one(new Array<number>(n).fill(0)), rows, bounds, p.b.length);
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
      for (let j = 0; j < p.columns.count; j++) {
        let price = 0;
        for (let i = 0; i < p.b.length; i++) price += p.columns.at(j, i) * s.prices[i];
        const slope = 2 * p.columns.price[j] * s.x[j] - price;
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
    const two = (a1: number, a2: number): BoxProgram => programOf({ rows: 1, a: [a1, a2], b: [1], d: [1, 1], w: 1e8 });
    expect([...dualNewton(two(1, 1)).x].map((v) => v.toFixed(4))).toEqual(['0.5000', '0.5000']);
    // min a² + b² with a + 3 b = 1: a = 0.1, b = 0.3.
    expect([...dualNewton(two(1, 3)).x].map((v) => v.toFixed(4))).toEqual(['0.1000', '0.3000']);
  });
  it('stays in the box and tells what is left where the equations cannot be met', () => {
    const p = programOf({ rows: 1, a: [1], b: [3], d: [1], w: 10 });
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
