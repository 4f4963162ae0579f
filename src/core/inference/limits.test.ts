import { describe, expect, it } from 'vitest';
import { infer } from './infer';
import { limitsOf, readLimits, writeLimits } from './limits';
import { readOf } from './readings.fixtures';

const readings = [
  readOf('straight-leg-raise', 'hip-flexion', 42),
  readOf('knee-extension-90-90', 'missing-extension', 65),
  readOf('straight-leg-raise', 'hip-flexion', 80, { side: 'right' }),
];
const { findings } = infer({ id: 's' }, readings, { next: false });
const limits = limitsOf(findings.movements);

describe('what limits, kept for a glance', () => {
  it('is each group and side once, the strongest first', () => {
    expect(limits[0]).toMatchObject({ group: 'hamstrings', side: 'left' });
    const keys = limits.map((l) => `${l.group}/${l.side}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).not.toContain('hamstrings/right');
  });
  it('is read back while it rests on the same readings, and not after', () => {
    const text = writeLimits(readings, limits);
    expect(readLimits(text, readings)).toEqual(limits);
    expect(readLimits(text, readings.slice(1))).toBeNull();
    const corrected = readings.map((r, i) =>
      i === 0 ? { ...r, trials: [70], history: [{ trials: [42], changedAt: '2026-03-02T10:00:00.000Z' }] } : r,
    );
    expect(readLimits(text, corrected)).toBeNull();
  });
  it('nonsense is no limit', () => {
    for (const text of [
      undefined,
      '',
      '{}',
      'nonsense',
      '{"of":1,"limits":[]}',
      '{"of":"","limits":[{"group":"wings"}]}',
    ])
      expect(readLimits(text, readings)).toBeNull();
  });
});
