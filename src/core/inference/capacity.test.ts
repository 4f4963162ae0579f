import { describe, expect, it } from 'vitest';
import { changeOf } from './change';
import { capacities } from './index';
import { movementChangeWords, otherWay, plainly, sentenceOf } from './sentences';
import { readOf, type TestedBy } from './readings.fixtures';
import type { MovementFinding } from './statements';

describe('torque capacity', () => {
  const of = (...[test, readout, perKg]: [...TestedBy, number]) =>
    capacities([readOf(test, readout, perKg, { unit: 'Nm_kg' })], 70)[0];
  it('is the push times the mass, with its error, shared out to those who can make it', () => {
    const c = of('seated-knee-extension', 'torque', 2);
    expect(c.torque_Nm).toBeCloseTo(140, 9);
    expect(c.error_Nm).toBeGreaterThan(5);
    expect(c.shares.reduce((s, x) => s + x.share, 0)).toBeCloseTo(1, 9);
    expect(c.shares.reduce((s, x) => s + x.torque_Nm, 0)).toBeCloseTo(140, 9);
    expect(c.shares[0].structure).toBe('vasti');
  });
  it.each([
    ['seated-hip-flexion-hold', 'torque', ['psoas', 'iliacus', 'rectus-femoris', 'tensor-fasciae-latae', 'sartorius']],
    ['prone-hip-extension', 'torque', ['gluteus-maximus', 'adductor-magnus', 'hamstrings', 'gluteus-medius']],
    ['prone-knee-flexion', 'torque', ['hamstrings']],
    ['side-lying-abduction', 'torque', ['gluteus-medius']],
    ['side-lying-adduction', 'torque', ['adductor-magnus', 'adductors-short']],
  ] as const)('%s comes first of all from who the field names', (test, readout, named) => {
    expect(named).toContain(of(test, readout, 1.5).shares[0].structure);
  });
  it('takes the mass of the push itself before that of today, and leaves other units and pain out', () => {
    const push = { newtons: [300], lever_cm: 30, gravity_Nm: 0, mass_kg: 60, manner: 'make' as const };
    const [own] = capacities([readOf('seated-knee-extension', 'torque', 1, { unit: 'Nm_kg', push })], 90);
    expect(own.torque_Nm).toBeCloseTo(60, 9);
    expect(capacities([readOf('straight-leg-raise', 'hip-flexion', 60)], 70)).toEqual([]);
    expect(capacities([readOf('seated-knee-extension', 'torque', 1, { unit: 'Nm_kg', pain: true })], 70)).toEqual([]);
  });
});

const finding = (over: Partial<MovementFinding> = {}): MovementFinding => ({
  movement: 'hip-extension',
  side: 'left',
  test: 'modified-thomas',
  readout: 'hip-extension',
  end: { mean: -8, low: -12, high: -4 },
  measured: -9,
  norm: { mean: 5, sd: 8, source: 'x' },
  band: -1.75,
  limiters: [
    { group: 'rectus-femoris', probability: 0.87 },
    { group: 'deep-hip-flexor', probability: 0.11 },
  ],
  clarity: 'one',
  readings: [],
  carriers: [],
  plain: null,
  ...over,
});

describe('a sentence to read out', () => {
  const usual = readOf('modified-thomas', 'hip-extension', -9);
  const straight = readOf('modified-thomas', 'hip-extension', 5, { variant: 'knee-straight' });
  it('names what stops it without Latin, how sure, and what another way changes', () => {
    expect(sentenceOf(finding(), [usual, straight])).toBe(
      'Your left hip straightens no further because of the front-thigh muscle that crosses hip and knee (87 in 100); with the knee straightened it goes 14° further.',
    );
    expect(otherWay(finding(), [usual])).toBeNull();
    expect(otherWay(finding(), [usual, { ...straight, trials: [-7] }])).toBeNull();
  });
  it('names two, or says that it is not clear', () => {
    expect(sentenceOf(finding({ clarity: 'two' }), [])).toContain(
      ' or the muscle deep in the front of the hip (11 in 100)',
    );
    const [a, b] = finding().limiters;
    const even = [
      { ...a, probability: 0.5 },
      { ...b, probability: 0.4 },
    ];
    expect(sentenceOf(finding({ clarity: 'unclear', limiters: even }), [])).toContain('not clear yet: perhaps');
    expect(sentenceOf(finding({ clarity: 'unclear' }), [])).toContain('its readings contradict each other');
    expect(sentenceOf(finding({ clarity: 'unclear', spoke: 'strange' }), [])).toContain('felt where nothing');
    expect(sentenceOf(finding({ clarity: 'unclear', spoke: 'hard' }), [])).toContain(': a hard stop, rather the joint');
    expect(sentenceOf(finding({ clarity: 'unclear', limiters: [] }), [])).toContain('not clear yet');
    expect(plainly('calf')).toBe('the calf');
  });
});

describe('change since an earlier day', () => {
  const at = (value: number, day: string, more = {}) =>
    readOf('modified-thomas', 'hip-extension', value, { id: day, takenAt: `2026-${day}T10:00:00.000Z`, ...more });
  it('is told against the error of measuring', () => {
    const of = (now: number) => changeOf(finding(), [at(-9, '02-01'), at(now, '03-01')]);
    expect(of(-7)?.verdict).toBe('within-error');
    expect(of(8)?.verdict).toBe('further');
    expect(of(-30)?.verdict).toBe('less');
    expect(movementChangeWords(of(8) ?? never(), { unit: 'deg' })).toContain('17° further than on 1 Feb 2026');
    expect(movementChangeWords(of(-7) ?? never(), { unit: 'deg' })).toContain('within the error');
  });
  it('needs an earlier day, the same way of doing, and no pain; says when one was warm', () => {
    expect(
      changeOf(finding(), [at(-9, '03-01'), { ...at(3, '03-01'), id: 'b', takenAt: '2026-03-01T11:00:00.000Z' }]),
    ).toBeNull();
    expect(changeOf(finding(), [at(-9, '02-01', { variant: 'knee-straight' }), at(3, '03-01')])).toBeNull();
    expect(changeOf(finding(), [at(-9, '02-01', { pain: true }), at(3, '03-01')])).toBeNull();
    const warm = changeOf(finding(), [at(-9, '02-01', { warm: true }), at(8, '03-01')]);
    expect(warm?.otherState).toBe(true);
    expect(movementChangeWords(warm ?? never(), { unit: 'deg' })).toContain('warm');
  });
});

const never = (): never => {
  throw new Error('no change');
};
