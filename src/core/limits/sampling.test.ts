import { describe, expect, it } from 'vitest';
import { StrandModel } from '@/core/body';
import { readAll, simulateStudent } from '@demo/simulated-student';
import { approximate } from './gaussian-approximation';
import { convergence, worstConvergence } from './diagnostics';
import { sample } from './hamiltonian-sampler';
import { errorScale, Likelihood, termsOf } from './likelihood';
import { COUNT, DIMENSIONS } from './prior';
import { readoutOf } from '@/core/tests/battery';
import type { Reading } from '@/core/tests/reading';
import { Random } from './random';

const model = new StrandModel();
const readings = readAll(simulateStudent('s', 41, [{ group: 'hamstrings', side: 'left', by: -2 }]), {
  takenAt: '2026-03-01T10:00:00.000Z',
});
const terms = termsOf(readings, {}, model);
const slr = readings.find((r) => r.test === 'straight-leg-raise') as Reading;
const readout = readoutOf('straight-leg-raise', 'hip-flexion');

describe('likelihood', () => {
  const likelihood = new Likelihood(terms);
  it('has its gradient right, at several places', () => {
    const random = new Random(6);
    for (let place = 0; place < 4; place++) {
      const x = Float64Array.from({ length: DIMENSIONS }, () => 0.8 * random.normal());
      const gradient = new Float64Array(DIMENSIONS);
      expect(likelihood.withGradient(x, gradient)).toBeCloseTo(likelihood.at(x), 10);
      let off = 0;
      for (let i = 0; i < DIMENSIONS; i++) {
        const up = Float64Array.from(x),
          down = Float64Array.from(x);
        up[i] += 2e-4;
        down[i] -= 2e-4;
        const slope = (likelihood.at(up) - likelihood.at(down)) / 4e-4;
        // Tables are linear between grid points: right at one the two-sided slope mixes two pieces.
        if (Math.abs(slope - gradient[i]) > 0.02 * Math.max(1, Math.abs(slope))) off++;
      }
      expect(off).toBeLessThanOrEqual(2);
    }
  });
  it('knows pain as "at least so far": more range fits as well, less does not', () => {
    const painful = termsOf([{ ...slr, trials: [50], pain: true, endFeel: 'pain' }], {}, model);
    const l = new Likelihood(painful);
    const at = (v: number) => l.at(new Float64Array(DIMENSIONS).fill(v));
    expect(at(3)).toBeGreaterThan(at(0));
    expect(at(-3)).toBeLessThan(at(0) - 1);
  });
  it('takes a place felt as evidence, but not where pain ended the test', () => {
    const felt = termsOf([{ ...slr, placeFelt: 'back-thigh', endFeel: 'stretch-firm' }], {}, model);
    expect(felt[0].place).not.toBeNull();
    expect(termsOf([{ ...slr, placeFelt: 'back-thigh', pain: true }], {}, model)[0].place).toBeNull();
  });
  it('leaves out tests that it does not know', () =>
    expect(termsOf([{ ...slr, test: 'cartwheel' }], {}, model)).toHaveLength(0));
  it('trusts more trials more, an unread pelvis and a spoilt movement less', () => {
    if (!readout) throw new Error('no readout');
    const one = errorScale(readout, { trials: [60] });
    expect(errorScale(readout, { trials: [60, 61, 60] })).toBeLessThan(one);
    expect(errorScale(readout, { trials: [60], pelvicTilt_deg: 12 })).toBeLessThan(one);
    expect(errorScale(readout, { trials: [60], compensations: ['knee bending'] })).toBeCloseTo(1.5 * one, 9);
  });
});

describe('sampler', () => {
  it('draws the prior when nothing is read', () => {
    const likelihood = new Likelihood([]);
    const draws = sample(likelihood, approximate([]), { seed: 1, chains: 2, warm: 40, perChain: 1500 });
    const n = draws.chains * draws.perChain;
    const moment = (i: number, j: number) => {
      let sum = 0;
      for (let d = 0; d < n; d++) sum += (draws.x[d * DIMENSIONS + i] * draws.x[d * DIMENSIONS + j]) / n;
      return sum;
    };
    expect(moment(0, 0)).toBeCloseTo(1, 0);
    expect(Math.abs(moment(0, 0) - 1)).toBeLessThan(0.12);
    expect(Math.abs(moment(2, COUNT + 2) - 0.6)).toBeLessThan(0.12);
    expect(Math.abs(moment(2, 5) - 0.25)).toBeLessThan(0.12);
    expect(draws.accepted).toBeGreaterThan(0.6);
  });
  it('agrees with importance weighting of the prior on a single reading', () => {
    const likelihood = new Likelihood([terms[0]]);
    const prior = sample(new Likelihood([]), approximate([]), { seed: 9, chains: 2, warm: 40, perChain: 4000 });
    const posterior = sample(likelihood, approximate([terms[0]]), { seed: 2, chains: 4, warm: 60, perChain: 1000 });
    for (let i = 0; i < COUNT; i += 5) {
      let weight = 0,
        weighted = 0;
      for (let d = 0; d < 8000; d++) {
        const x = Float64Array.from(prior.x.subarray(d * DIMENSIONS, (d + 1) * DIMENSIONS));
        const w = Math.exp(likelihood.at(x));
        weight += w;
        weighted += w * x[i];
      }
      let mean = 0;
      for (let d = 0; d < 4000; d++) mean += posterior.x[d * DIMENSIONS + i] / 4000;
      expect(Math.abs(mean - weighted / weight)).toBeLessThan(0.15);
    }
  });
  it('mixes on a full battery and gives the same draws for the same seed', () => {
    const near = approximate(terms);
    const run = (seed: number) => sample(new Likelihood(terms), near, { seed, chains: 4, warm: 60, perChain: 300 });
    const a = run(3);
    const quality = worstConvergence(a);
    expect(quality.rhat).toBeLessThan(1.08);
    expect(quality.effective).toBeGreaterThan(100);
    expect(Array.from(run(3).x)).toEqual(Array.from(a.x));
    expect(run(4).x[0]).not.toBe(a.x[0]);
  });
  it('tells how far it is, chain by chain', () => {
    const told: number[] = [];
    sample(new Likelihood([]), approximate([]), { seed: 1, chains: 3, warm: 5, perChain: 5 }, (s) => told.push(s));
    expect(told.map((v) => v.toFixed(2))).toEqual(['0.33', '0.67', '1.00']);
  });
});

describe('convergence', () => {
  const chains = (shift: number) => {
    const random = new Random(1);
    const x = new Float32Array(4 * 200 * DIMENSIONS);
    for (let d = 0; d < 800; d++) x[d * DIMENSIONS] = random.normal() + (d < 200 ? shift : 0);
    return { chains: 4, perChain: 200, x, accepted: 1 };
  };
  it('is near 1 with as many effective draws as draws where all is independent', () => {
    const c = convergence(chains(0), 0);
    expect(c.rhat).toBeLessThan(1.02);
    expect(c.effective).toBeGreaterThan(500);
  });
  it('rises where one chain sits elsewhere', () => expect(convergence(chains(2), 0).rhat).toBeGreaterThan(1.2));
});
