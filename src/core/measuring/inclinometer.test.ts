import { describe, expect, it } from 'vitest';
import { Random } from '@/core/inference/random';
import { edgeTilt, Inclinometer, PRESS_MS, turnBetween, WINDOW_MS } from './inclinometer';

/** A stream at 50 Hz from one tilt to another, with noise. */
function stream(meter: Inclinometer, from: number, to: number, ms: number, noise: number, start: number, seed = 5) {
  const random = new Random(seed);
  for (let t = 0; t <= ms; t += 20)
    meter.push({ at: start + t, degrees: from + ((to - from) * t) / ms + noise * random.normal() });
  return start + ms + 20;
}

describe('the inclinometer', () => {
  it('takes no reading while the limb moves, and takes it once it is held', () => {
    const meter = new Inclinometer();
    expect(meter.capture()).toBeNull();
    expect(meter.state().angle).toBeNull();
    const at = stream(meter, 0, 60, 1500, 0.3, 0);
    expect(meter.state().still).toBe(false);
    expect(meter.capture()).toBeNull();
    stream(meter, 60, 60, 1200, 0.3, at);
    const held = meter.capture();
    expect(held?.angle).toBeCloseTo(60, 0);
    expect(Math.abs((held?.angle ?? 0) - 60)).toBeLessThan(held?.likelyError ?? 0);
    expect(held?.likelyError).toBeLessThan(1.2);
  });
  it('counts from the zero that was set, in the direction that was asked for', () => {
    const meter = new Inclinometer(-1);
    let at = stream(meter, 4, 4, 1000, 0.2, 0);
    expect(meter.setZero()).not.toBeNull();
    at = stream(meter, -8, -8, 1200, 0.2, at);
    expect(meter.capture()?.angle).toBeCloseTo(12, 0);
    meter.clearZero();
    stream(meter, -8, -8, 1200, 0.2, at);
    expect(meter.capture()?.angle).toBeCloseTo(8, 0);
  });
  it('sets no zero on a moving limb', () => {
    const meter = new Inclinometer();
    stream(meter, 0, 40, 900, 0.2, 0);
    expect(meter.setZero()).toBeNull();
  });
  it('takes what was still when the press itself moves the device, and no longer after that', () => {
    const meter = new Inclinometer();
    let at = stream(meter, 50, 50, 1000, 0.2, 0);
    expect(meter.state().held?.angle).toBeCloseTo(50, 0);
    at = stream(meter, 50, 58, PRESS_MS - 100, 0.2, at);
    expect(meter.capture()?.angle).toBeCloseTo(50, 0);
    stream(meter, 58, 70, 300, 0.2, at);
    expect(meter.capture()).toBeNull();
    expect(meter.setZero()).toBeNull();
  });
  it('has nothing to take after a gap in the stream longer than a press', () => {
    const meter = new Inclinometer();
    const at = stream(meter, 50, 50, 1000, 0.2, 0);
    expect(meter.state().still).toBe(true);
    meter.push({ at: at + 2000, degrees: 50 });
    expect(meter.capture()).toBeNull();
  });
  it('sees a slow drift, and a fast one keeps it from reading', () => {
    const slow = new Inclinometer();
    stream(slow, 30, 30.8, WINDOW_MS, 0.1, 0);
    expect(slow.state().drift).toBeCloseTo(1, 0);
    expect(slow.capture()?.likelyError).toBeGreaterThan(0.6);
    const fast = new Inclinometer();
    stream(fast, 30, 34, WINDOW_MS, 0.1, 0);
    expect(fast.capture()).toBeNull();
  });
  it('has the truth in its band in at least 90 of 100 recorded streams', () => {
    let inside = 0;
    for (let seed = 0; seed < 100; seed++) {
      const meter = new Inclinometer();
      const truth = 10 + (seed % 70);
      stream(meter, truth, truth, 1000, 0.4, 0, seed + 1);
      const held = meter.capture();
      if (held && Math.abs(held.angle - truth) <= held.likelyError) inside++;
    }
    expect(inside).toBeGreaterThanOrEqual(90);
  });
  it('forgets what lies before a gap, repeated moments and samples that are no number', () => {
    const meter = new Inclinometer();
    stream(meter, 10, 10, 1000, 0.1, 0);
    meter.push({ at: 9000, degrees: 50 });
    expect(meter.state().angle).toBeCloseTo(50, 6);
    meter.push({ at: 9000, degrees: 90 });
    meter.push({ at: 9020, degrees: Number.NaN });
    expect(meter.state().angle).toBeCloseTo(50, 6);
  });
  it('goes the short way round', () => {
    expect(turnBetween(170, -170)).toBe(20);
    expect(turnBetween(-170, 170)).toBe(-20);
    const meter = new Inclinometer();
    stream(meter, 178, 182, WINDOW_MS, 0, 0);
    expect(Math.abs(meter.state().angle ?? 0)).toBeGreaterThan(175);
  });
  it('reads the long edge of a device from its two tilts', () => {
    expect(edgeTilt(0, 0)).toBeCloseTo(0, 9);
    expect(edgeTilt(90, 0)).toBeCloseTo(90, 6);
    expect(edgeTilt(35, 0)).toBeCloseTo(35, 6);
    // Lying on its long side: level, however it is turned about that edge.
    expect(edgeTilt(0, 70)).toBeCloseTo(0, 6);
  });
});
