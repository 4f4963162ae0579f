import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placedAlong } from './along';

const middles = fc
  .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 30 })
  .map((m) => [...m].sort((a, b) => a - b));

describe('pictures along a line', () => {
  it('stay where they are when there is room', () => expect(placedAlong([0.2, 0.6], 0.1)).toEqual([0.2, 0.6]));
  it('make room for each other evenly', () => {
    const [a, b] = placedAlong([0.5, 0.5], 0.2);
    expect(a).toBeCloseTo(0.4, 9);
    expect(b).toBeCloseTo(0.6, 9);
  });
  it('never overlap, never leave the line, and keep their order', () => {
    fc.assert(
      fc.property(middles, fc.double({ min: 0.01, max: 0.3, noNaN: true }), (m, apart) => {
        const at = placedAlong(m, apart);
        const gap = Math.min(apart, 1 / m.length);
        at.forEach((v, i) => {
          expect(v).toBeGreaterThanOrEqual(gap / 2 - 1e-9);
          expect(v).toBeLessThanOrEqual(1 - gap / 2 + 1e-9);
          if (i > 0) expect(v - at[i - 1]).toBeGreaterThanOrEqual(gap - 1e-9);
        });
      }),
    );
  });
});
