import { describe, expect, it } from 'vitest';
import { anglesOf, contactsWritten, handsOf } from './sketch-read';
import { keep } from './sketch-parts';

describe('angles as an author writes them', () => {
  it('tell every side for itself; its own win over those of both', () => {
    const { angles } = anglesOf({
      trunk: { pelvis_tilt: 20 },
      worked: { hip_flexion: 90 },
      both: { hip_flexion: 10, knee_flexion: 5 },
    });
    expect(angles).toEqual({
      pelvis_tilt: 20,
      hip_flexion_worked: 90,
      hip_flexion_other: 10,
      knee_flexion_worked: 5,
      knee_flexion_other: 5,
    });
  });
  it('are laid over each other, later ones over earlier', () => {
    const base = { both: { hip_flexion: 10, knee_flexion: keep(120) } };
    const { angles, held } = anglesOf([base, { other: { knee_flexion: 100 } }], { worked: { hip_flexion: keep(30) } });
    expect(angles).toMatchObject({ hip_flexion_worked: 30, hip_flexion_other: 10, knee_flexion_other: 100 });
    expect([...held].sort()).toEqual(['hip_flexion_worked', 'knee_flexion_worked']);
  });
});

describe('what bears', () => {
  it('lies on the floor, on a prop, or against a limb', () =>
    expect(
      contactsWritten([
        'head',
        'heel_both',
        { point: 'knee_other', prop: 'blanket', height_cm: 4 },
        { point: 'ankle_worked', limb: 'thigh_other' },
      ]),
    ).toEqual([
      { point: 'head', on: 'floor' },
      { point: 'heel_worked', on: 'floor' },
      { point: 'heel_other', on: 'floor' },
      { point: 'knee_other', on: 'blanket', height_cm: 4 },
      { point: 'ankle_worked', on: 'limb', limb: 'thigh_other' },
    ]));
});

describe('hands', () => {
  it('go to a place of their own side, alike or each for itself', () => {
    expect(handsOf({ both: { grip: 'flat', to: 'shoulder_same', by_cm: [3, 0, -2], height_cm: 20 } })).toEqual({
      worked: { to: 'shoulder_worked', offset: [0.03, 0, -0.02], floor: 0.2 },
      other: { to: 'shoulder_other', offset: [0.03, 0, -0.02], floor: 0.2 },
    });
    expect(handsOf({ both: { grip: 'hold', to: 'knee_same' }, other: { grip: 'free', to: 'hip_same' } })).toEqual({
      worked: { to: 'knee_worked', offset: [0, 0, 0] },
      other: { to: 'hip_other', offset: [0, 0, 0], free: true },
    });
  });
  it.each([
    ['forearm', { floor: 0, forearm: true }],
    ['bears', { bears: true }],
    ['flat', { floor: 0 }],
    ['hold', {}],
  ] as const)('that take a grip of “%s” do so', (grip, more) =>
    expect(handsOf({ worked: { grip, to: 'ankle_worked', elbow: [0, 0, 1] } })).toEqual({
      worked: { to: 'ankle_worked', offset: [0, 0, 0], elbow: [0, 0, 1], ...more },
    }),
  );
});
