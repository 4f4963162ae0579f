import { describe, expect, it } from 'vitest';
import { buildOfStudent, measuresSchema } from '@/core/students/student';
import { BUILD_FIELDS, buildProblems, buildTexts, measuresFrom } from './build-fields';

const empty = buildTexts(undefined);

describe('measures of a build, as typed', () => {
  it('are nothing while nothing is typed', () => expect(measuresFrom(empty)).toBeUndefined());
  it('come back as they were kept', () => {
    const kept = { thigh_cm: 43.5, femoralVersion_deg: { left: 20 } };
    const again = measuresFrom(buildTexts(kept));
    expect(measuresSchema.parse(again)).toEqual({ thigh_cm: 43.5, femoralVersion_deg: { left: 20, right: undefined } });
    expect(measuresFrom({ ...empty, shank_cm: '41,5' })?.shank_cm).toBe(41.5);
  });
  it('are refused at their own field, with the range for this height', () => {
    const [first] = buildProblems({ ...empty, thigh_cm: '90' }, 170, 65);
    expect(first.field).toBe('thigh_cm');
    expect(first.message).toMatch(/between 28 and 55 cm at this height/);
    expect(buildProblems({ ...empty, versionRight: '80' }, 170, 65)[0].field).toBe('versionRight');
    expect(buildProblems({ ...empty, foot_cm: 'long' }, 170, 65)[0].message).toContain('leave it empty');
    expect(buildProblems({ ...empty, thigh_cm: '42', versionLeft: '25' }, 170, 65)).toEqual([]);
  });
  it('wait for a height before they are judged', () =>
    expect(buildProblems({ ...empty, thigh_cm: '42' }, Number.NaN, 65)).toEqual([]));
  it('say how each is taken', () => {
    for (const [, label, help] of BUILD_FIELDS) {
      expect(label).toBeTruthy();
      expect(help.length).toBeGreaterThan(10);
    }
  });
});

describe('the build of a student', () => {
  const student = { height_cm: 180, mass_kg: 75 };
  it('takes what was measured and the usual for the rest', () => {
    const build = buildOfStudent({ ...student, measures: { thigh_cm: 48, femoralVersion_deg: { right: 27 } } });
    expect(build.thigh[1]).toBeCloseTo(48 / (0.245 * 175), 6);
    expect(build.shank[1]).toBeCloseTo(180 / 175, 6);
    expect((build.version.right * 180) / Math.PI).toBeCloseTo(15, 6);
    expect(build.version.left).toBe(0);
  });
  it('leaves out measures that a changed height no longer allows', () =>
    expect(buildOfStudent({ height_cm: 120, mass_kg: 30, measures: { thigh_cm: 60 } }).thigh[1]).toBeCloseTo(
      120 / 175,
      6,
    ));
});
