import { describe, expect, it } from 'vitest';
import { askedByAnkle } from './ankle-up';
import type { Reading } from './reading';

const raise = (value: number, more: Partial<Reading> = {}): Reading => ({
  id: `r${value}${more.variant ?? ''}`,
  student: 's',
  test: 'straight-leg-raise',
  readout: 'hip-flexion',
  side: 'left',
  trials: [value],
  unit: 'deg',
  takenAt: '2026-03-01T10:00:00.000Z',
  ...more,
});
const up = (value: number, more: Partial<Reading> = {}) => raise(value, { variant: 'ankle-up', ...more });
const told = (...readings: Reading[]) => askedByAnkle(readings).find((r) => !r.variant)?.distant;

describe('a straight leg raise with the foot drawn up', () => {
  it('answers whether the ankle changes what stopped it', () => {
    expect(told(raise(55), up(36))).toBe('changes');
    expect(told(raise(55), up(47))).toBe('same');
    expect(told(raise(55), up(43))).toBeUndefined();
  });
  it('takes a line down the leg as the answer, whatever the degrees', () => {
    expect(told(raise(55), up(52, { placeFelt: 'leg-line' }))).toBe('changes');
  });
  it('clears nothing where somebody stopped, where it tingled all along, or where the two do not fit', () => {
    for (const more of [{ pain: true }, { endFeel: 'guarding' }, { endFeel: 'fear' }, { endFeel: 'pain' }] as const)
      expect(told(raise(55), up(50, more)), JSON.stringify(more)).toBeUndefined();
    expect(told(raise(55, { placeFelt: 'leg-line' }), up(50))).toBeUndefined();
    expect(told(raise(55), up(75))).toBeUndefined();
    // What it takes away is a sign all the same.
    expect(told(raise(55), up(30, { pain: true }))).toBe('changes');
  });
  it('leaves what was written by hand, the other side, another day and a leg lifted alone', () => {
    expect(told(raise(55, { distant: 'same' }), up(30))).toBe('same');
    expect(told(raise(55), up(30, { side: 'right' }))).toBeUndefined();
    expect(told(raise(55), up(30, { takenAt: '2026-03-03T10:00:00.000Z' }))).toBeUndefined();
    expect(told(raise(55, { active: true }), up(30))).toBeUndefined();
  });
});
