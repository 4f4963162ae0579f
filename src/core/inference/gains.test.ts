import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import { modelledReadouts } from '@/core/assessment/definition';
import { CALIBRATED, gainOf } from './gains';

describe('calibration of the prior', () => {
  it('knows every read-out that moves the model', () => {
    for (const t of BATTERY)
      for (const r of modelledReadouts(t))
        expect(CALIBRATED.some((c) => c.test === t.id && c.readout === r.id && c.gain === gainOf(r))).toBe(true);
  });
  it('meets the spread of the norms within a tenth, but for the read-outs that are marked', () => {
    for (const c of CALIBRATED.filter((x) => !x.held))
      expect(Math.abs(Math.log(c.predictedSd / c.normSd))).toBeLessThan(0.1);
    // The drift of a hanging thigh, the height of a figure-four and the knee to the wall spread otherwise than any gain
    // explains.
    expect(CALIBRATED.filter((x) => x.held).map((x) => `${x.test}/${x.readout}`)).toEqual([
      'modified-thomas/hip-abduction',
      'figure-four/shin-angle',
      'knee-to-wall/toe-distance',
    ]);
  });
  it('meets their means within a third of their spread, where no floor cuts the readings off', () => {
    for (const c of CALIBRATED.filter((x) => x.test !== 'kneeling-sit'))
      expect(Math.abs(c.predictedMean - c.normMean) / c.normSd).toBeLessThan(0.34);
  });
});
