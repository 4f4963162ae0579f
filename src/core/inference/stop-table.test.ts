import { describe, expect, it } from 'vitest';
import { KAPPA, ELEMENT_IDS, StrandModel } from '@/core/body';
import { BATTERY, modelledReadoutOf } from '@/core/assessment/battery';
import { modelledReadouts, normFor, type ModelledReadout } from '@/core/assessment/definition';
import { COUNT, LATENT, tolerancesFrom } from './prior';
import { Random } from './random';
import { StopTable, stopTableFor } from './stop-table';

const model = new StrandModel();
const readout = (test: string, name: string): ModelledReadout => {
  const r = modelledReadoutOf(test, name);
  if (!r) throw new Error('unknown');
  return r;
};
const tableOf = (test: string, name: string) => {
  const r = readout(test, name);
  return new StopTable(r, {}, normFor(r, undefined), model);
};
/** End in degrees and shares for given tolerances by element, others typical. */
function stop(table: StopTable, short: Record<string, number> = {}) {
  const weights = new Float64Array(COUNT),
    shares = new Float64Array(COUNT);
  ELEMENT_IDS.forEach((id, g) => (weights[g] = Math.exp(-KAPPA * (short[id] ?? 0))));
  const { end, gain } = table.stop(weights, 0, shares);
  return { end, gain, share: (id: string) => shares[ELEMENT_IDS.indexOf(id)] };
}
const all = BATTERY.flatMap((t) => modelledReadouts(t).map((r) => [t.id, r.id] as const));

describe.each(all)('%s, %s', (test, name) => {
  const table = tableOf(test, name);
  const norm = normFor(readout(test, name), undefined);
  const sample = () => {
    const random = new Random(77);
    const latent = new Float64Array(LATENT),
      x = new Float64Array(2 * COUNT),
      weights = new Float64Array(COUNT);
    return Array.from({ length: 600 }, () => {
      for (let i = 0; i < LATENT; i++) latent[i] = random.normal();
      tolerancesFrom(latent, x);
      for (let g = 0; g < COUNT; g++) weights[g] = Math.exp(-KAPPA * x[g]);
      return table.end(weights, 0);
    });
  };
  it('reproduces the mean of the norm, and its spread within a factor of two', () => {
    const ends = sample();
    const mean = ends.reduce((s, v) => s + v, 0) / ends.length;
    const sd = Math.sqrt(ends.reduce((s, v) => s + (v - mean) ** 2, 0) / ends.length);
    expect(Math.abs(mean - norm.mean)).toBeLessThan(0.25 * norm.sd);
    // The toe's distance also tells of leg and foot, which the model does not spread: a little more is allowed for.
    expect(sd).toBeGreaterThan(norm.sd * (name === 'toe-distance' ? 0.45 : 0.5));
    expect(sd).toBeLessThan(norm.sd * 2);
  });
  it('goes further in a person who is more mobile in everything, and less in a stiff one', () => {
    const better = (readout(test, name).better === 'higher' ? 1 : -1) * (readout(test, name).degreesPerUnit ?? 1);
    const everything = (x: number) => stop(table, Object.fromEntries(ELEMENT_IDS.map((id) => [id, x]))).end;
    expect(better * (everything(1) - everything(0))).toBeGreaterThan(1);
    expect(better * (everything(0) - everything(-1))).toBeGreaterThan(1);
  });
  it('shares the stop among elements: shares are positive and add up to one', () => {
    const s = stop(table);
    const sum = Array.from(table.active, (g) => s.share(ELEMENT_IDS[g])).reduce((a, v) => a + v, 0);
    expect(sum).toBeCloseTo(1, 9);
  });
});

describe('which muscle stops which test', () => {
  it.each([
    ['straight-leg-raise', 'hip-flexion', 'hamstrings'],
    ['knee-extension-90-90', 'missing-extension', 'hamstrings'],
    ['prone-knee-bend', 'knee-flexion', 'rectus-femoris'],
    ['modified-thomas', 'hip-extension', 'deep-hip-flexor'],
    ['modified-thomas', 'knee-flexion', 'rectus-femoris'],
    ['modified-thomas', 'hip-abduction', 'tensor-fasciae-latae'],
  ])('%s %s is stopped by a short %s', (test, name, element) => {
    const table = tableOf(test, name);
    const short = stop(table, { [element]: -2 });
    expect(short.share(element)).toBeGreaterThan(0.6);
    const worse = readout(test, name).better === 'higher' ? -1 : 1;
    expect(worse * (short.end - stop(table).end)).toBeGreaterThan(3);
  });
  it('a short psoas does not stop a straight leg raise', () => {
    const table = tableOf('straight-leg-raise', 'hip-flexion');
    expect(Math.abs(stop(table, { 'deep-hip-flexor': -3 }).end - stop(table).end)).toBeLessThan(0.5);
  });
});

describe('derivatives', () => {
  const table = tableOf('modified-thomas', 'hip-extension');
  it('gain × share is how the end moves with a tolerance', () => {
    const here = stop(table);
    for (const id of ['deep-hip-flexor', 'rectus-femoris']) {
      const moved = (stop(table, { [id]: 0.01 }).end - stop(table, { [id]: -0.01 }).end) / 0.02;
      expect(here.gain * here.share(id)).toBeCloseTo(moved, 0);
    }
  });
  it('finds the same end whatever was asked before', () => {
    const first = stop(table).end;
    stop(table, { 'deep-hip-flexor': -4 });
    stop(table, { 'deep-hip-flexor': 4 });
    expect(stop(table).end).toBe(first);
  });
  it('stays on its range for tolerances beyond reason', () => {
    const r = readout('modified-thomas', 'hip-extension');
    for (const x of [-30, 30]) {
      const { end } = stop(table, Object.fromEntries(ELEMENT_IDS.map((id) => [id, x])));
      expect(end).toBeGreaterThanOrEqual(r.min);
      expect(end).toBeLessThanOrEqual(r.max);
    }
  });
});

it('is made once for the same context and norm', () => {
  const r = readout('straight-leg-raise', 'hip-flexion');
  const norm = normFor(r, 'female');
  expect(stopTableFor(r, { pelvicTilt: 10 }, norm, model)).toBe(stopTableFor(r, { pelvicTilt: 10 }, norm, model));
  expect(stopTableFor(r, { pelvicTilt: 12 }, norm, model)).not.toBe(stopTableFor(r, { pelvicTilt: 10 }, norm, model));
});
