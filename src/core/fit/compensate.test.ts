import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENT_IDS } from '@/core/body';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { rungOf } from '@/core/poses';
import { compensationsOf, lacksOf } from './compensate';

const BUILD = buildOf({ height_cm: 170, mass_kg: 65 });
const rung = (id: string, n: number) => {
  const found = rungOf(id, n);
  if (!found) throw new Error(`no ${id}`);
  return found.rung;
};
function hamstrings(x: number): Posterior {
  const mean = new Float32Array(DIMENSIONS).fill(4);
  const e = ELEMENT_IDS.indexOf('hamstrings');
  mean[e] = mean[ELEMENT_COUNT + e] = x;
  return { mean, draws: mean, drawCount: 1 };
}
const knee = (x: number) => {
  const list = compensationsOf(rung('strap-leg-raise', 2), 'right', hamstrings(x), BUILD);
  return list.find((c) => c.give === 'knee-bends')?.degrees;
};

describe('what a freedom must give', () => {
  it('is more bending of the knee the shorter the hamstrings are', () => {
    const typical = knee(0) ?? NaN,
      short = knee(-1) ?? NaN;
    expect(typical).toBeGreaterThan(3);
    expect(short).toBeGreaterThan(typical);
  });
  it('is hardly anything for someone long enough', () => expect(knee(6)).toBeLessThanOrEqual(1));
  it('is told as not enough where no amount helps', () => {
    const list = compensationsOf(rung('dog', 2), 'right', hamstrings(-6), BUILD);
    expect(list.find((c) => c.give === 'heel-lifts')?.degrees).toBeNull();
  });
});

describe('what is missing to the textbook', () => {
  it('is the joint furthest from its full angle', () => {
    const [first] = lacksOf(rung('strap-leg-raise', 2), 'right', 0.4);
    expect(first.coordinate).toBe('hip_flexion_right');
    expect(first.full_deg).toBeGreaterThan(first.reached_deg + 10);
  });
  it('is nothing at full depth', () => expect(lacksOf(rung('strap-leg-raise', 2), 'left', 1)).toEqual([]));
});
