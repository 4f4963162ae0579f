import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import { isModelled, type TestDefinition } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';
import { askedByScreens } from './asked-by-screens';
import { infer } from './infer';
import { readOf } from './readings.fixtures';

const BOTH = { side: 'both' } as const;
const asks = (own: readonly Reading[]): string[] => {
  const { findings } = infer({ id: 's' }, own, { seed: 1, next: false });
  const wanted = askedByScreens(own, findings.movements, 'left', undefined);
  return BATTERY.filter((t: TestDefinition) =>
    t.readouts.some((readout) => isModelled(readout) && wanted([{ test: t.id, readout, side: 'left' }])),
  ).map((t) => t.id);
};

describe('what a look at the whole asks next', () => {
  it('is nothing where it is usual', () => {
    expect(asks([readOf('deep-squat', 'grade', 3, BOTH)])).toEqual([]);
    expect(asks([readOf('sit-and-reach', 'reach', 8, BOTH)])).toEqual([]);
  });
  it('is the ankles for a squat that stays high, and the hips once those were read', () => {
    const high = readOf('deep-squat', 'grade', 1, BOTH);
    expect(asks([high])).toEqual(['knee-to-wall']);
    expect(asks([high, readOf('knee-to-wall', 'shin-angle', 44)])).toEqual(
      expect.arrayContaining(['knee-to-chest', 'seated-hip-rotation']),
    );
    expect(asks([{ ...high, pain: true }])).toEqual([]);
  });
  it('is the hamstrings alone for hands that stay far from the toes', () => {
    const short = readOf('sit-and-reach', 'reach', -20, BOTH);
    expect(asks([short]).sort()).toEqual(['knee-extension-90-90', 'straight-leg-raise']);
    expect(asks([short, readOf('straight-leg-raise', 'hip-flexion', 74)])).not.toContain('knee-extension-90-90');
  });
  it('is the test of the place that held first', () => {
    const behind = readOf('straddle', 'angle-between-thighs', 60, { ...BOTH, placeFelt: 'back-thigh' });
    expect(asks([behind])).toContain('straight-leg-raise');
    expect(asks([{ ...behind, placeFelt: 'inner-thigh-high' }])).toEqual([]);
  });
});
