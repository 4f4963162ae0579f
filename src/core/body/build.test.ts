import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  buildOf,
  LENGTHS,
  measuresProblem,
  MODEL_MASS,
  TYPICAL_BUILD,
  USUAL_VERSION_DEG,
  usualLength_cm,
  type Measures,
} from './build';
import { MODEL_HEIGHT } from './joints';

const person = fc.record({
  height_cm: fc.double({ min: 140, max: 205, noNaN: true }),
  mass_kg: fc.double({ min: 42, max: 130, noNaN: true }),
});

describe('a build', () => {
  it('of the model’s person is the model', () => {
    for (const size of [
      TYPICAL_BUILD.pelvis,
      TYPICAL_BUILD.spine,
      TYPICAL_BUILD.thigh,
      TYPICAL_BUILD.shank,
      TYPICAL_BUILD.foot,
    ])
      for (const s of size) expect(s).toBeCloseTo(1, 12);
    expect(TYPICAL_BUILD.girth).toBeCloseTo(1, 12);
    expect(TYPICAL_BUILD.strength).toBe(1);
    expect(TYPICAL_BUILD.version).toEqual({ left: 0, right: 0 });
  });
  it('grows with height in every direction, and in thickness and strength with mass', () => {
    fc.assert(
      fc.property(person, (p) => {
        const build = buildOf(p);
        const tall = p.height_cm / 100 / MODEL_HEIGHT;
        for (const size of [build.pelvis, build.thigh, build.foot])
          for (const s of size) expect(s).toBeCloseTo(tall, 9);
        expect(build.strength).toBeCloseTo((p.mass_kg / MODEL_MASS) ** (2 / 3), 9);
        expect(buildOf({ ...p, mass_kg: p.mass_kg * 1.1 }).girth).toBeGreaterThanOrEqual(build.girth);
      }),
    );
  });
  it('takes each measured length for its own segment and leaves the others', () => {
    for (const length of LENGTHS) {
      const usual = buildOf({ height_cm: 170, mass_kg: 65 });
      const long = buildOf({ height_cm: 170, mass_kg: 65, [`${length}_cm`]: usualLength_cm(length, 170) * 1.1 });
      const changed = (['pelvis', 'spine', 'thigh', 'shank', 'foot'] as const).filter((s) =>
        long[s].some((v, i) => Math.abs(v - usual[s][i]) > 1e-9),
      );
      expect(changed, length).toHaveLength(1);
    }
  });
  it('counts femoral version from the usual, side by side', () => {
    const { version } = buildOf({ height_cm: 170, mass_kg: 65, femoralVersion_deg: { left: USUAL_VERSION_DEG + 10 } });
    expect((version.left * 180) / Math.PI).toBeCloseTo(10, 9);
    expect(version.right).toBe(0);
  });
});

describe('measures that no body has', () => {
  const refused = (m: Partial<Measures>) => measuresProblem({ height_cm: 170, mass_kg: 65, ...m });
  it('are refused with the field and the range', () => {
    expect(refused({})).toBeNull();
    expect(refused({ height_cm: 17 })).toEqual({
      field: 'height_cm',
      message: 'The height must lie between 90 and 230 cm.',
    });
    expect(refused({ mass_kg: 650 })?.field).toBe('mass_kg');
    expect(refused({ femoralVersion_deg: { right: -40 } })?.message).toContain('degrees');
    for (const length of LENGTHS) {
      expect(refused({ [`${length}_cm`]: usualLength_cm(length, 170) })).toBeNull();
      expect(refused({ [`${length}_cm`]: usualLength_cm(length, 170) * 1.5 })?.field).toBe(`${length}_cm`);
      expect(refused({ [`${length}_cm`]: Number.NaN })?.field).toBe(`${length}_cm`);
    }
  });
});
