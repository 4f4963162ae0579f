import { describe, expect, it } from 'vitest';
import { Random } from '@/core/inference/random';
import { forceOf, HELD_MS, type ForceSample } from './force';

/** A push that builds up in two seconds, is held and let go; newtons at 80 Hz. */
function push(top: number, heldMs: number, noise = 0, seed = 3): ForceSample[] {
  const random = new Random(seed);
  const out: ForceSample[] = [];
  for (let t = 0; t <= 2000 + heldMs + 500; t += 12.5) {
    const shape = t < 2000 ? t / 2000 : t < 2000 + heldMs ? 1 : 1 - (t - 2000 - heldMs) / 500;
    out.push({ at: t, newtons: Math.max(0, top * shape + noise * random.normal()) });
  }
  return out;
}

describe('a curve of force', () => {
  it.each([60, 180, 420])('of %d N gives peak and held mean within one per cent', (top) => {
    const result = forceOf(push(top, 4000, 0.004 * top));
    expect(Math.abs((result?.peak ?? 0) / top - 1)).toBeLessThan(0.01);
    expect(Math.abs((result?.held ?? 0) / top - 1)).toBeLessThan(0.01);
    expect(result?.heldFrom).toBeGreaterThanOrEqual(1900);
    expect(result?.jerked).toBe(false);
  });
  it('finds the best three seconds of a push that fades', () => {
    const curve = push(200, 6000).map((s) => ({ ...s, newtons: s.newtons * (1 - Math.max(0, s.at - 2000) / 12000) }));
    const result = forceOf(curve);
    // A linear fall from 200: the three seconds after the top have the value half-way; some of the rise may do better.
    const after = 200 * (1 - HELD_MS / 2 / 12000);
    expect(result?.held).toBeGreaterThanOrEqual(after);
    expect(result?.held).toBeLessThan(1.03 * after);
  });
  it('has no held value where nothing was held for three seconds', () => {
    const result = forceOf(push(150, 200));
    expect(result?.held).toBeNull();
    expect(result?.peak).toBeGreaterThan(140);
    expect(forceOf([{ at: 0, newtons: 1 }])).toBeNull();
  });
  it('calls a jerk a jerk, and a single knock on the pad nothing', () => {
    const jerk = push(100, 4000).map((s) => (s.at < 400 ? { ...s, newtons: 190 } : s));
    expect(forceOf(jerk)?.jerked).toBe(true);
    const knock = push(100, 4000).map((s, i) => (i === 200 ? { ...s, newtons: 190 } : s));
    expect(forceOf(knock)?.peak).toBeLessThan(125);
    expect(forceOf(knock)?.jerked).toBe(false);
  });
  it('weighs samples by time: a slow gauge gives the same mean', () => {
    const all = push(120, 4000);
    const slow = all.filter((_, i) => i % 7 === 0);
    expect(Math.abs((forceOf(slow)?.held ?? 0) / (forceOf(all)?.held ?? 1) - 1)).toBeLessThan(0.01);
  });
});
