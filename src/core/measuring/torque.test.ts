import { describe, expect, it } from 'vitest';
import { buildOf, skeletonOf } from '@/core/body';
import { BATTERY, testById } from '@/core/assessment/battery';
import { testPosture } from '@/core/assessment/drawn';
import { GRAVITY, leverOf, limbTorque, NEWTONS, percentOfWeight, torqueOf } from './torque';

const build = buildOf({ height_cm: 175, mass_kg: 70 });
const postureOf = (id: string) => {
  const test = testById(id);
  if (!test) throw new Error('unknown');
  return testPosture(test, test.readouts[0], 'right', 30, {});
};

describe('torque', () => {
  it('is force times lever arm, per kilogram: a worked example', () => {
    // 180 N at 0.38 m: 68.4 N·m; with 12.6 N·m of gravity 81.0 N·m; on 70 kg 1.157 N·m/kg.
    const t = torqueOf({ newtons: 180, lever_cm: 38, gravity_Nm: 12.6, mass_kg: 70 });
    expect(t.pushed_Nm).toBeCloseTo(68.4, 6);
    expect(t.total_Nm).toBeCloseTo(81, 6);
    expect(t.normalised).toBeCloseTo(1.157, 3);
  });
  it('refuses a lever arm or a mass that cannot be', () => {
    expect(() => torqueOf({ newtons: 10, lever_cm: 0, gravity_Nm: 0, mass_kg: 70 })).toThrow();
    expect(() => torqueOf({ newtons: 10, lever_cm: 30, gravity_Nm: 0, mass_kg: Number.NaN })).toThrow();
  });
  it('converts kilograms and pounds of force', () => {
    expect(20 * NEWTONS.kgf).toBeCloseTo(196.133, 3);
    expect(45 * NEWTONS.lbf).toBeCloseTo(200.17, 2);
    expect(percentOfWeight(70 * GRAVITY, 70)).toBeCloseTo(100, 9);
  });
});

describe('gravity on the limb', () => {
  it('is mass times distance for a leg held level: a worked example', () => {
    // Straight leg raised level on the back; shares and centres of de Leva 1996.
    const test = testById('double-leg-lowering');
    if (!test) throw new Error('unknown');
    const posture = testPosture(test, test.readouts[0], 'right', 0, {});
    const { points: p } = skeletonOf(posture, undefined, build);
    const along = (from: string, to: string, at: number) =>
      Math.abs(p[from][0] + (p[to][0] - p[from][0]) * at - p.hip_right[0]);
    const byHand =
      70 *
      GRAVITY *
      (0.1447 * along('hip_right', 'knee_right', 0.3854) +
        0.0457 * along('shin_right', 'ankle_right', 0.4438) +
        0.0133 * along('heel_right', 'toe_right', 0.4215));
    const whole = limbTorque(posture, build, 70, 'hip', 'right');
    expect(Math.abs(whole / byHand - 1)).toBeLessThan(0.03);
    // About 10 kg of leg with its centre near the knee.
    expect(whole).toBeGreaterThan(35);
    expect(whole).toBeLessThan(65);
  });
  it('is nothing for a shin that hangs, and grows as it is lifted', () => {
    const hanging = limbTorque(postureOf('seated-knee-extension'), build, 70, 'knee', 'right');
    expect(hanging).toBeLessThan(4);
    const bent = limbTorque(postureOf('prone-knee-flexion'), build, 70, 'knee', 'right');
    expect(bent).toBeGreaterThan(hanging);
    expect(bent).toBeLessThan(14);
  });
  it('grows with the body', () => {
    const posture = postureOf('side-lying-abduction');
    const small = limbTorque(posture, buildOf({ height_cm: 150, mass_kg: 50 }), 50, 'hip', 'right');
    const large = limbTorque(posture, buildOf({ height_cm: 190, mass_kg: 90 }), 90, 'hip', 'right');
    expect(large / small).toBeGreaterThan(1.9);
  });
  it('has a lever for every push of the battery and for nothing else', () => {
    for (const test of BATTERY)
      for (const r of test.readouts)
        expect(leverOf(test.id, r.id) !== null, `${test.id} ${r.id}`).toBe(r.unit === 'Nm_kg');
  });
});
