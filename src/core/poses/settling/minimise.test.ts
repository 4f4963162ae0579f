import { describe, expect, it } from 'vitest';
import { minimise, type Unknown } from './minimise';
import { solveLinear } from './solve-linear';

const free = (start = 0, scale = 1): Unknown => ({ start, scale, min: -Infinity, max: Infinity });

describe('least squares within bounds', () => {
  it('finds the answer of a linear problem', () => {
    const v = Float64Array.of(10, -10);
    minimise((x) => Float64Array.of(x[0] + x[1] - 3, x[0] - x[1] - 1), v, [free(), free()]);
    expect(v[0]).toBeCloseTo(2, 4);
    expect(v[1]).toBeCloseTo(1, 4);
  });
  it('goes along a bent valley', () => {
    const v = Float64Array.of(-1.2, 1);
    minimise((x) => Float64Array.of(10 * (x[1] - x[0] ** 2), 1 - x[0]), v, [free(), free()], 400);
    expect(v[0]).toBeCloseTo(1, 1);
    expect(v[1]).toBeCloseTo(1, 1);
  });
  it('stops at a bound that the answer lies beyond, and lets the others move on', () => {
    const v = Float64Array.of(0, 0);
    minimise((x) => Float64Array.of(x[0] - 5, x[0] + x[1] - 4), v, [{ ...free(), max: 2 }, free()]);
    expect(v[0]).toBeCloseTo(2, 6);
    expect(v[1]).toBeCloseTo(2, 3);
  });
  it('begins inside the bounds even where it was asked to begin outside', () => {
    const v = Float64Array.of(9);
    minimise((x) => Float64Array.of(x[0]), v, [{ ...free(), min: 1, max: 2 }]);
    expect(v[0]).toBeCloseTo(1, 6);
  });
  it('does not starve a weak direction beside a stiff one, wherever it begins', () => {
    // A contact of a millimetre beside a preference of ten degrees.
    const ends = [-30, 0, 40].map((from) => {
      const v = Float64Array.of(from, 0);
      minimise((x) => Float64Array.of(1000 * (x[1] - 0.02 * x[0]), (x[0] - 7) / 10), v, [free(7, 10), free()], 200);
      return v[0];
    });
    for (const end of ends) expect(end).toBeCloseTo(7, 0);
  });
  it('leaves alone what nothing asks to move', () => {
    const v = Float64Array.of(3, 4);
    minimise(() => Float64Array.of(0), v, [free(), free()]);
    expect([...v]).toEqual([3, 4]);
  });
});

describe('a small linear system', () => {
  it('is solved with rows that must be exchanged', () => {
    const x = solveLinear(
      [
        [0, 2, 0],
        [1, 0, 0],
        [0, 0, 4],
      ],
      [6, 5, 8],
    );
    expect(x).toEqual([5, 3, 2]);
  });
});
