import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { forceOf } from '@/core/measuring/force';
import { Inclinometer } from '@/core/measuring/inclinometer';
import { readoutOf } from '@/core/assessment/battery';
import { hiddenValue, seedOf } from './hidden';
import { FASTER, simulatedClock, simulatedForce, simulatedNewtons, simulatedTilt } from './instruments';
import { torqueOf } from '@/core/measuring/torque';

const slr = readoutOf('straight-leg-raise', 'hip-flexion');
if (!slr) throw new Error('unknown');
beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

describe('the simulated student behind an id', () => {
  const who = { id: 'demo-x', sexForNorms: 'female' as const };
  it('is the same person every time, and another under another id', () => {
    const value = hiddenValue(who, 'straight-leg-raise', 'hip-flexion', 'left');
    expect(hiddenValue(who, 'straight-leg-raise', 'hip-flexion', 'left')).toBe(value);
    expect(seedOf('demo-x')).not.toBe(seedOf('demo-y'));
    expect(hiddenValue({ ...who, id: 'demo-y' }, 'straight-leg-raise', 'hip-flexion', 'right')).not.toBe(value);
  });
  it('has strength and centimetres too, each within what can be', () => {
    for (const [test, readout, side] of [
      ['single-leg-bridge', 'hold', 'left'],
      ['heel-raises', 'count', 'right'],
      ['faber', 'knee-height', 'left'],
      ['straddle', 'angle-between-thighs', 'both'],
      ['side-lying-abduction', 'torque', 'left'],
    ] as const) {
      const r = readoutOf(test, readout);
      const value = hiddenValue(who, test, readout, side);
      expect(value).toBeGreaterThanOrEqual(r?.min ?? Infinity);
      expect(value).toBeLessThanOrEqual(r?.max ?? -Infinity);
    }
    expect(() => hiddenValue(who, 'cartwheel', 'height', 'left')).toThrow();
  });
});

describe('the stand-ins', () => {
  it('a limb rises, is held with tremor, and is read within a few degrees', async () => {
    const source = simulatedTilt(64, slr, 1);
    const meter = new Inclinometer();
    let first: number | null = null;
    expect(
      await source.start((s) => {
        first ??= s.degrees;
        meter.push(s);
      }),
    ).toBeNull();
    await vi.advanceTimersByTimeAsync(4000);
    source.stop();
    expect(first).toBeLessThan(10);
    expect(meter.capture()?.angle).toBeGreaterThan(58);
    expect(meter.capture()?.angle).toBeLessThan(70);
  });
  it('a push is held for three seconds and let go', async () => {
    const curve: { at: number; newtons: number }[] = [];
    const source = simulatedForce(160, 1);
    await source.start((s) => curve.push(s));
    await vi.advanceTimersByTimeAsync(6500);
    source.stop();
    const told = forceOf(curve);
    expect(Math.abs((told?.held ?? 0) / 160 - 1)).toBeLessThan(0.15);
    expect(curve.at(-1)?.newtons).toBeLessThan(20);
    const count = curve.length;
    await vi.advanceTimersByTimeAsync(500);
    expect(curve).toHaveLength(count);
  });
  it('a push on a pad gives back the torque that was hidden', () => {
    const newtons = simulatedNewtons(1.2, 70, 80, 25);
    expect(torqueOf({ newtons, lever_cm: 80, gravity_Nm: 25, mass_kg: 70 }).normalised).toBeCloseTo(1.2, 9);
  });
  it('a clock runs faster and its student lets go near the hidden second', () => {
    const clock = simulatedClock(40, 1);
    expect(clock.letsGoAfter).toBeGreaterThan(32_000);
    expect(clock.letsGoAfter).toBeLessThan(48_000);
    const before = clock.now();
    vi.advanceTimersByTime(1000);
    expect(clock.now() - before).toBeCloseTo(FASTER * 1000, -1);
  });
});
