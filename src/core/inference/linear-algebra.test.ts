import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cholesky, solveLower, solveUpper } from './cholesky';
import { DIMENSIONS, COUNT, LATENT, priorCovariance, priorGradient, priorQuadratic, tolerancesFrom } from './prior';
import { Random } from './random';

const numbers = (n: number) => fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: n, maxLength: n });

describe('Cholesky', () => {
  it('gives back the matrix and solves with it', () => {
    fc.assert(
      fc.property(numbers(16), numbers(4), (m, b) => {
        const n = 4;
        const a = new Float64Array(n * n);
        for (let i = 0; i < n; i++)
          for (let j = 0; j < n; j++) {
            a[i * n + j] = i === j ? 0.5 : 0;
            for (let k = 0; k < n; k++) a[i * n + j] += m[i * n + k] * m[j * n + k];
          }
        const l = cholesky(a, n);
        const x = solveUpper(l, n, solveLower(l, n, Float64Array.from(b)));
        for (let i = 0; i < n; i++) {
          let sum = 0;
          for (let j = 0; j < n; j++) sum += a[i * n + j] * x[j];
          expect(sum).toBeCloseTo(b[i], 6);
        }
      }),
    );
  });
  it('refuses a matrix that is not positive definite', () =>
    expect(() => cholesky(Float64Array.of(1, 2, 2, 1), 2)).toThrow('not positive definite'));
});

describe('prior', () => {
  const k = priorCovariance();
  it('has unit variances, 0.60 between sides and 0.25 between muscles', () => {
    for (let i = 0; i < DIMENSIONS; i++) expect(k[i * DIMENSIONS + i]).toBeCloseTo(1, 12);
    expect(k[COUNT]).toBeCloseTo(0.6, 12);
    expect(k[1]).toBeCloseTo(0.25, 12);
    expect(k[COUNT + 1]).toBeCloseTo(0.25, 12);
  });
  it('has the closed form of its quadratic right', () => {
    const l = cholesky(k, DIMENSIONS);
    fc.assert(
      fc.property(numbers(DIMENSIONS), (values) => {
        const x = Float64Array.from(values);
        const y = solveLower(l, DIMENSIONS, Float64Array.from(x));
        expect(priorQuadratic(x)).toBeCloseTo(
          y.reduce((s, v) => s + v * v, 0),
          6,
        );
      }),
      { numRuns: 30 },
    );
  });
  it('has the gradient of that quadratic right', () => {
    const x = Float64Array.from({ length: DIMENSIONS }, (_, i) => Math.sin(i * 1.7));
    const gradient = priorGradient(x, new Float64Array(DIMENSIONS));
    for (let i = 0; i < DIMENSIONS; i++) {
      const up = Float64Array.from(x),
        down = Float64Array.from(x);
      up[i] += 1e-4;
      down[i] -= 1e-4;
      expect(gradient[i]).toBeCloseTo((priorQuadratic(up) - priorQuadratic(down)) / 2e-4, 5);
    }
  });
  it('draws people with those correlations', () => {
    const random = new Random(5);
    const latent = new Float64Array(LATENT),
      x = new Float64Array(DIMENSIONS);
    let sides = 0,
      muscles = 0,
      own = 0;
    const n = 8000;
    for (let d = 0; d < n; d++) {
      for (let i = 0; i < LATENT; i++) latent[i] = random.normal();
      tolerancesFrom(latent, x);
      own += x[3] * x[3];
      sides += x[3] * x[COUNT + 3];
      muscles += x[3] * x[4];
    }
    expect(own / n).toBeCloseTo(1, 1);
    expect(sides / n).toBeCloseTo(0.6, 1);
    expect(muscles / n).toBeCloseTo(0.25, 1);
  });
});

describe('random numbers', () => {
  it('are the same for the same seed and others for another', () => {
    const a = new Random(3),
      b = new Random(3),
      c = new Random(4);
    const ten = (r: Random) => Array.from({ length: 10 }, () => r.uniform());
    const first = ten(a);
    expect(ten(b)).toEqual(first);
    expect(ten(c)).not.toEqual(first);
  });
  it('are normal with mean 0 and variance 1', () => {
    const r = new Random(11);
    const v = Array.from({ length: 20000 }, () => r.normal());
    const mean = v.reduce((s, x) => s + x, 0) / v.length;
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(v.reduce((s, x) => s + (x - mean) ** 2, 0) / v.length).toBeCloseTo(1, 1);
  });
  it('pick in proportion', () => {
    const r = new Random(2);
    const counts = [0, 0, 0];
    for (let i = 0; i < 9000; i++) counts[r.pick([1, 0, 2])]++;
    expect(counts[1]).toBe(0);
    expect(counts[2] / counts[0]).toBeGreaterThan(1.8);
    expect(counts[2] / counts[0]).toBeLessThan(2.2);
  });
  it('have heavier tails for Student’s t', () => {
    const r = new Random(8);
    const beyond = Array.from({ length: 20000 }, () => Math.abs(r.studentT(5))).filter((v) => v > 3).length / 20000;
    expect(beyond).toBeGreaterThan(0.015);
    expect(beyond).toBeLessThan(0.05);
  });
});
