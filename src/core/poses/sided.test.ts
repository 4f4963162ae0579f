import { describe, expect, it } from 'vitest';
import { LIBRARY, rungOf } from './index';
import { isSided, sameSide } from './sided';

const sided = (pose: string, rung: number): boolean => {
  const found = rungOf(pose, rung);
  if (!found) throw new Error(pose);
  return isSided(found.shape, found.rung);
};

describe('sides of a rung', () => {
  it.each([
    ['dog', 2, false],
    ['dog', 3, true],
    ['calf-raise', 1, false],
    ['calf-raise', 2, true],
    ['half-frog', 2, true],
    ['half-frog', 3, false],
    ['low-lunge', 1, true],
    ['bridge', 1, false],
    ['pigeon', 1, true],
  ] as const)('%s %i: %s', (pose, rung, is) => expect(sided(pose, rung)).toBe(is));
  it('a shape without sides has no rung with them', () => {
    for (const shape of LIBRARY)
      if (!shape.sided) for (const rung of shape.rungs) expect(isSided(shape, rung)).toBe(false);
  });
  it('a shape that has sides keeps them in some rung', () => {
    for (const shape of LIBRARY)
      if (shape.sided)
        expect(
          shape.rungs.some((rung) => isSided(shape, rung)),
          shape.id,
        ).toBe(true);
  });
  it('what has no side is told of either', () => {
    expect(sameSide('left', 'both')).toBe(true);
    expect(sameSide('both', 'right')).toBe(true);
    expect(sameSide('left', 'right')).toBe(false);
  });
});
