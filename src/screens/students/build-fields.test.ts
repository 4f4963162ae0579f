import { describe, expect, it } from 'vitest';
import { buildOfStudent, measuresSchema } from '@/core/students/student';
import { BUILD_FIELDS, buildProblems, buildTexts, measuresFrom } from './build-fields';

const empty = buildTexts(undefined, 'metric');

describe('measures of a build, as typed', () => {
  it('are nothing while nothing is typed', () => expect(measuresFrom(empty, 'metric', undefined)).toBeUndefined());
  it('come back as they were kept', () => {
    const kept = { thigh_cm: 43.5, femoralVersion_deg: { left: 20 } };
    const again = measuresFrom(buildTexts(kept, 'metric'), 'metric', undefined);
    expect(measuresSchema.parse(again)).toEqual({ thigh_cm: 43.5, femoralVersion_deg: { left: 20, right: undefined } });
    expect(measuresFrom({ ...empty, shank_cm: '41,5' }, 'metric', undefined)?.shank_cm).toBe(41.5);
  });
  it('are refused at their own field, with the range for this height', () => {
    const [first] = buildProblems({ ...empty, thigh_cm: '90' }, 170, 65, 'metric');
    expect(first.field).toBe('thigh_cm');
    expect(first.message).toMatch(/between 28 and 55 cm at this height/);
    expect(buildProblems({ ...empty, versionRight: '80' }, 170, 65, 'metric')[0].field).toBe('versionRight');
    expect(buildProblems({ ...empty, foot_cm: 'long' }, 170, 65, 'metric')[0].message).toContain('leave it empty');
    expect(buildProblems({ ...empty, thigh_cm: '42', versionLeft: '25' }, 170, 65, 'metric')).toEqual([]);
  });
  it('in inches they are told and typed, and stay to the millimetre where nobody typed them anew', () => {
    const kept = { thigh_cm: 43.4, trunk_cm: 50.1 };
    const texts = buildTexts(kept, 'imperial');
    expect(texts.thigh_cm).toBe('17.1');
    expect(measuresFrom({ ...texts, trunk_cm: '20' }, 'imperial', kept)).toMatchObject({
      thigh_cm: 43.4,
      trunk_cm: 50.8,
    });
    expect(measuresFrom({ ...texts, trunk_cm: '50 cm' }, 'imperial', kept)?.trunk_cm).toBe(50);
    expect(buildProblems({ ...empty, thigh_cm: '40' }, 170, 65, 'imperial')[0].message).toBe(
      'This does not go with the height: check both.',
    );
  });
  it('wait for a height before they are judged', () =>
    expect(buildProblems({ ...empty, thigh_cm: '42' }, Number.NaN, 65, 'metric')).toEqual([]));
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
