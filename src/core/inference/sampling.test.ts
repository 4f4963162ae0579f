import { describe, expect, it } from 'vitest';
import { ELEMENT_IDS, KAPPA, StrandModel } from '@/core/body';
import { readAll, simulateStudent } from '@demo/simulated-student';
import { approximate, type Gaussian } from './gaussian-approximation';
import { convergence, worstConvergence } from './diagnostics';
import { HamiltonianSampler, sample } from './hamiltonian-sampler';
import { meanCurvature } from './mean-curvature';
import { ERROR, errorScale, Likelihood, modelError, termsOf, withFeltVersion } from './likelihood';
import { COUNT, DIMENSIONS, priorCovariance } from './prior';
import { modelledReadoutOf } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import type { Student } from '@/core/students/student';
import { Random } from './random';

const model = new StrandModel();
const readings = readAll(simulateStudent('s', 41, [{ group: 'hamstrings', side: 'left', by: -2 }]), {
  takenAt: '2026-03-01T10:00:00.000Z',
});
const terms = termsOf(readings, {}, model);
const slr = readings.find((r) => r.test === 'straight-leg-raise') as Reading;
const readout = modelledReadoutOf('straight-leg-raise', 'hip-flexion');

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
    expect(at(-3)).toBeLessThan(at(0) - 0.7);
  });
  it('takes a place felt as evidence, but not where pain ended the test', () => {
    const felt = termsOf([{ ...slr, placeFelt: 'back-thigh', endFeel: 'stretch-firm' }], {}, model);
    expect(felt[0].told).toHaveLength(2);
    expect(termsOf([{ ...slr, placeFelt: 'back-thigh', pain: true }], {}, model)[0].told).toEqual([]);
    // Where body met body the tissue allows at least this much; the place felt is kept, how it ended is not.
    const [met] = termsOf([{ ...slr, placeFelt: 'back-thigh', endFeel: 'body-contact' }], {}, model);
    expect(met.atLeast).toBe(true);
    expect(met.told).toEqual([felt[0].told[0]]);
    expect(termsOf([{ ...slr, placeFelt: 'back-thigh', endFeel: 'guarding' }], {}, model)[0].told).toEqual([]);
  });
  it('leaves out tests that it does not know', () =>
    expect(termsOf([{ ...slr, test: 'cartwheel' }], {}, model)).toHaveLength(0));
  it('trusts more trials more, an unread pelvis and a spoilt movement less', () => {
    if (!readout) throw new Error('no readout');
    const plain = { trials: [60], side: 'left' as const, test: 'straight-leg-raise' };
    const one = errorScale(readout, { ...plain, trials: [60] });
    expect(errorScale(readout, { ...plain, trials: [60, 61, 60] })).toBeLessThan(one);
    expect(errorScale(readout, { ...plain, pelvicTilt_deg: 12 })).toBeLessThan(one);
    expect(errorScale(readout, { ...plain, compensations: ['knee bending'] })).toBeCloseTo(1.5 * one, 9);
    expect(errorScale(readout, { ...plain, instrument: 'eye' })).toBeGreaterThan(1.2 * one);
    expect(errorScale(readout, { ...plain, variant: 'other-knee-bent' })).toBeCloseTo(1.25 * one, 9);
    expect(errorScale(readout, { ...plain, side: 'both' })).toBeCloseTo(Math.SQRT2 * one, 9);
  });
  it('reads centimetres as the degrees that lie behind them', () => {
    const knee = modelledReadoutOf('faber', 'knee-height');
    if (!knee || !readout) throw new Error('no readout');
    const plain = { trials: [14], side: 'left' as const, test: 'faber' };
    const tilt = Math.hypot(modelError(knee), ERROR.trial);
    expect(errorScale(knee, plain)).toBeCloseTo(tilt / 1.45, 9);
  });
  it('takes a reading of both sides for either, a twin once, and a knee on the floor as “at least”', () => {
    const base = { id: 'a', student: 's', takenAt: '2026-05-01T10:00:00.000Z', unit: 'deg' } as const;
    const wide = { ...base, test: 'straddle', readout: 'angle-between-thighs', side: 'both', trials: [90] } as const;
    const of = (list: readonly object[]) => termsOf(list as Reading[], {}, model);
    expect(of([wide]).map((t) => t.side)).toEqual(['left', 'right']);
    const wall = { ...base, test: 'knee-to-wall', side: 'left', trials: [9] };
    const both = [
      { ...wall, readout: 'shin-angle', trials: [36] },
      { ...wall, id: 'b', readout: 'toe-distance', unit: 'cm' },
    ];
    expect(of(both)).toHaveLength(1);
    expect(of([both[1]])).toHaveLength(1);
    const fallen = { ...base, test: 'faber', readout: 'knee-height', side: 'left', unit: 'cm', trials: [0] };
    expect(of([fallen])[0].atLeast).toBe(true);
    expect(of([{ ...fallen, trials: [3] }])[0].atLeast).toBe(false);
  });
  it('lets the knee straightened at the end of the hanging leg tell the two-joint muscle apart', () => {
    const base = {
      id: 'a',
      student: 's',
      test: 'modified-thomas',
      side: 'left',
      unit: 'deg',
      takenAt: '2026-05-01T10:00:00.000Z',
    };
    const bent = { ...base, readout: 'hip-extension', trials: [-6] };
    const straight = { ...bent, id: 'b', trials: [8], variant: 'knee-straight' };
    const [, term] = termsOf([bent, straight] as Reading[], {}, model);
    expect(term.table).not.toBe(termsOf([bent] as Reading[], {}, model)[0].table);
    const weights = new Float64Array(COUNT);
    ELEMENT_IDS.forEach((id, g) => (weights[g] = Math.exp(-KAPPA * (id === 'rectus-femoris' ? -2 : 0))));
    const shares = new Float64Array(COUNT);
    const usual = termsOf([bent] as Reading[], {}, model)[0].table.stop(weights, 0, shares).end;
    expect(term.table.stop(weights, 0, shares).end).toBeGreaterThan(usual + 3);
  });
  it('takes the twist of the bone from the test of feel where the form says nothing', () => {
    const felt = {
      id: 'v',
      student: 's',
      test: 'trochanteric-version',
      readout: 'version',
      side: 'left',
      unit: 'deg',
      trials: [26],
      takenAt: '2026-05-01T10:00:00.000Z',
    } as Reading;
    const nobody: { measures?: Student['measures'] } = {};
    expect(withFeltVersion(nobody, [felt]).measures?.femoralVersion_deg).toEqual({ left: 26, right: undefined });
    const told = { measures: { femoralVersion_deg: { left: 10 } } };
    expect(withFeltVersion(told, [felt]).measures.femoralVersion_deg.left).toBe(10);
    expect(withFeltVersion({}, [])).toEqual({});
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
  it('tells how far it is and may be stopped there', () => {
    const sampler = new HamiltonianSampler(new Likelihood([]), approximate([]), { seed: 1, chains: 3, warm: 30 });
    const told = [...sampler.more(60)];
    expect(told.length).toBeGreaterThan(5);
    for (let i = 1; i < told.length; i++) expect(told[i]).toBeGreaterThanOrEqual(told[i - 1]);
    expect(told[told.length - 1]).toBeLessThan(1);
  });
  it('is led on from where it was: two halves are one whole', () => {
    const near = approximate(terms);
    const options = { seed: 6, chains: 2, warm: 20 };
    const run = (parts: readonly number[]) => {
      const sampler = new HamiltonianSampler(new Likelihood(terms), near, options);
      return parts.map((perChain) => {
        const steps = sampler.more(perChain);
        for (;;) {
          const step = steps.next();
          if (step.done) return step.value;
        }
      });
    };
    const [first, both] = run([20, 30]);
    const [whole] = run([50]);
    expect(both.x).toEqual(whole.x);
    expect(both.perChain).toBe(50);
    expect(first.x.subarray(0, 20 * DIMENSIONS)).toEqual(whole.x.subarray(0, 20 * DIMENSIONS));
  });
});

describe('mean curvature', () => {
  const product = (factor: Float64Array, i: number, j: number): number => {
    let sum = 0;
    for (let k = 0; k <= Math.min(i, j); k++) sum += factor[i * DIMENSIONS + k] * factor[j * DIMENSIONS + k];
    return sum;
  };
  const scouts = (likelihood: Likelihood, near: Gaussian) =>
    sample(likelihood, near, { seed: 6, chains: 2, warm: 16, perChain: 8 });

  it('is that of the prior when nothing is read', () => {
    const likelihood = new Likelihood([]),
      near = approximate([]);
    const { factor } = meanCurvature(likelihood, scouts(likelihood, near), near);
    const k = priorCovariance();
    for (let i = 0; i < DIMENSIONS; i++)
      for (let j = 0; j < DIMENSIONS; j++) expect(product(factor, i, j)).toBeCloseTo(k[i * DIMENSIONS + j], 4);
  });
  it('has about the spread of what is drawn from a full battery', () => {
    const likelihood = new Likelihood(terms),
      near = approximate(terms);
    const { factor } = meanCurvature(likelihood, scouts(likelihood, near), near);
    const { x } = sample(likelihood, near, { seed: 2, chains: 4, warm: 60, perChain: 1500 });
    const n = x.length / DIMENSIONS;
    for (let i = 0; i < DIMENSIONS; i++) {
      let mean = 0,
        square = 0;
      for (let d = 0; d < n; d++) {
        mean += x[d * DIMENSIONS + i] / n;
        square += x[d * DIMENSIONS + i] ** 2 / n;
      }
      const ratio = product(factor, i, i) / (square - mean ** 2);
      expect(ratio).toBeGreaterThan(0.4);
      expect(ratio).toBeLessThan(2.5);
    }
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
