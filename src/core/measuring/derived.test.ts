import { describe, expect, it } from 'vitest';
import type { Reading, ReadingSide } from '@/core/assessment/reading';
import { sitAndReachCategory } from '@/core/assessment/battery/sit-and-reach';
import { derivedFrom, standingOf } from './derived';
import { readoutOf } from '@/core/assessment/battery';

let count = 0;
const reading = (
  test: string,
  readout: string,
  side: ReadingSide,
  value: number,
  more: Partial<Reading> = {},
): Reading => ({
  id: `r${count++}`,
  student: 's',
  test,
  readout,
  side,
  trials: [value],
  unit: readoutOf(test, readout)?.unit ?? 'deg',
  takenAt: '2026-05-01T10:00:00.000Z',
  ...more,
});
const person = { height_cm: 170 };
const find = (readings: Reading[], id: string, measures?: { thigh_cm?: number }) =>
  derivedFrom(readings, { ...person, measures }).find((d) => d.id === id);

describe('derived values', () => {
  it('are none without readings', () => expect(derivedFrom([], person)).toEqual([]));
  it('take the pelvis out of the hanging leg', () => {
    const d = find(
      [reading('modified-thomas', 'hip-extension', 'left', 6, { pelvicTilt_deg: -4 })],
      'hip-extension-against-pelvis',
    );
    expect(d?.value).toBe(2);
    expect(d?.steps).toContain('thigh 6° below level + pelvis rolled back −4°');
    expect(
      find([reading('modified-thomas', 'hip-extension', 'left', 6)], 'hip-extension-against-pelvis'),
    ).toBeUndefined();
  });
  it('correct the raise by the standing tilt: 70° + 18° − 8° = 80°', () => {
    const d = find(
      [reading('straight-leg-raise', 'hip-flexion', 'right', 70), reading('standing-pelvic-tilt', 'tilt', 'right', 18)],
      'hamstrings-tilt',
    );
    expect(d?.value).toBe(80);
    expect(d?.meaning).toContain('lengthened already');
  });
  it('turn the wall lunge from centimetres to degrees and back, 3.6° for a centimetre', () => {
    const cm = find([reading('knee-to-wall', 'toe-distance', 'left', 7)], 'lunge-degrees');
    expect(cm?.value).toBeCloseTo(28.2, 6);
    const angle = find([reading('knee-to-wall', 'shin-angle', 'left', 28.2)], 'lunge-distance');
    expect(angle?.value).toBeCloseTo(7, 6);
    expect(
      find(
        [reading('knee-to-wall', 'toe-distance', 'left', 7), reading('knee-to-wall', 'shin-angle', 'left', 30)],
        'lunge-degrees',
      ),
    ).toBeUndefined();
  });
  it('compare the height of the knee with the thigh, measured or by height', () => {
    const r = [reading('faber', 'knee-height', 'left', 12)];
    expect(find(r, 'faber-share', { thigh_cm: 40 })?.value).toBeCloseTo(0.3, 9);
    expect(find(r, 'faber-share')?.steps).toContain('Drillis & Contini 1966');
  });
  it('divide hamstrings by quadriceps and adductors by abductors', () => {
    const hq = find(
      [reading('prone-knee-flexion', 'torque', 'left', 1.0), reading('seated-knee-extension', 'torque', 'left', 2.5)],
      'hamstring-quadriceps',
    );
    expect(hq?.value).toBeCloseTo(0.4, 9);
    expect(hq?.meaning).toContain('Low');
    const aa = find(
      [
        reading('side-lying-adduction', 'torque', 'right', 1.4),
        reading('side-lying-abduction', 'torque', 'right', 1.5),
      ],
      'adductor-abductor',
    );
    expect(aa?.meaning).toContain('Not low');
    // Different sides are no pair, and nothing divides by nought.
    expect(
      find(
        [reading('prone-knee-flexion', 'torque', 'left', 1), reading('seated-knee-extension', 'torque', 'right', 2)],
        'hamstring-quadriceps',
      ),
    ).toBeUndefined();
    expect(
      find(
        [reading('prone-knee-flexion', 'torque', 'left', 1), reading('seated-knee-extension', 'torque', 'left', 0)],
        'hamstring-quadriceps',
      ),
    ).toBeUndefined();
  });
  it('hold the front of the trunk against its back, and side against side', () => {
    const trunk = [reading('front-plank', 'hold', 'both', 120), reading('trunk-extension-hold', 'hold', 'both', 80)];
    expect(find(trunk, 'plank-extension')?.meaning).toContain('back tires first');
    const sides = [reading('side-plank', 'hold', 'left', 60), reading('side-plank', 'hold', 'right', 66)];
    expect(find(sides, 'side-plank-sides')?.value).toBeCloseTo(1.1, 9);
  });
  it('tell control from length where both ways were read', () => {
    const r = [
      reading('straight-leg-raise', 'hip-flexion', 'left', 88),
      reading('straight-leg-raise', 'hip-flexion', 'left', 66, { active: true }),
    ];
    expect(find(r, 'control-straight-leg-raise-hip-flexion')?.value).toBe(22);
    expect(find(r, 'control-straight-leg-raise-hip-flexion')?.meaning).toContain('Strengthen');
  });
  it('name a difference between the sides only beyond the error of measuring', () => {
    const gap = (l: number, r: number) =>
      find(
        [
          reading('straight-leg-raise', 'hip-flexion', 'left', l),
          reading('straight-leg-raise', 'hip-flexion', 'right', r),
        ],
        'gap-straight-leg-raise-hip-flexion',
      );
    expect(gap(60, 75)?.meaning).toContain('left side gives less');
    expect(gap(68, 72)).toBeUndefined();
    const holds = find(
      [reading('single-leg-bridge', 'hold', 'left', 40), reading('single-leg-bridge', 'hold', 'right', 48)],
      'gap-single-leg-bridge-hold',
    );
    expect(holds).toBeUndefined();
  });
  it('leave readings that ended in pain out', () =>
    expect(derivedFrom([reading('faber', 'knee-height', 'left', 12, { pain: true })], person)).toEqual([]));
});

describe('standing among people', () => {
  it('takes the norm of sex and age, and has none where nobody is to be compared with', () => {
    const stance = readoutOf('single-leg-stance', 'hold');
    const height = readoutOf('prone-press-up', 'height');
    if (!stance || !height) throw new Error('unknown');
    expect(standingOf(stance, 27, undefined, 64)?.norm.mean).toBe(26.9);
    expect(standingOf(stance, 27, undefined, 30)?.z).toBeLessThan(-2);
    expect(standingOf(height, 30, 'female', 40)).toBeNull();
  });
  it('tells the category of sit and reach', () => {
    expect(sitAndReachCategory(14, 'female', 34)).toBe('very good');
    expect(sitAndReachCategory(15, 'female', 34)).toBe('excellent');
    expect(sitAndReachCategory(-10, 'male', 34)).toBe('needs work');
    expect(sitAndReachCategory(5, 'male', 34)).toBe('good');
    expect(sitAndReachCategory(5, undefined, 34)).toBeNull();
    expect(sitAndReachCategory(5, 'male', 75)).toBeNull();
  });
});
