import { describe, expect, it } from 'vitest';
import { readAll, simulateStudent } from '@demo/simulated-student';
import type { Reading, ReadingSide } from '@/core/assessment/reading';
import { readoutOf } from '@/core/assessment/battery';
import { groupStrength, summariseStrength } from './index';
import { infer } from './infer';
import { plainCheck } from './plain-check';
import { limiterWords, otherOpinion } from './words';

const T = '2026-03-01T10:00:00.000Z';
const person = simulateStudent('s', 41, [{ group: 'hamstrings', side: 'left', by: -2 }], 'female');
const readings = readAll(person, { takenAt: T });
const { findings } = infer({ id: 's', sexForNorms: 'female' }, readings, { next: false });
const slr = findings.movements.find((m) => m.movement === 'hip-flexion-knee-straight' && m.side === 'left');
if (!slr) throw new Error('no movement');

describe('what carries a statement', () => {
  it('names readings of that side, the most telling first, each with what would be left without it', () => {
    expect(slr.carriers).toHaveLength(3);
    const now = slr.limiters[0].probability;
    const change = slr.carriers.map((c) => Math.abs(c.without - now));
    expect(change[0]).toBeGreaterThanOrEqual(change[1] - 0.02);
    for (const c of slr.carriers) {
      expect(c.without).toBeGreaterThanOrEqual(0);
      expect(c.without).toBeLessThanOrEqual(1);
      expect(readings.find((r) => r.id === c.reading)?.side).toBe('left');
    }
  });
  it('is near what the inference says when the reading is really left out', () => {
    let held = 0;
    for (const c of slr.carriers) {
      const rest = readings.filter((r) => r.id !== c.reading);
      const again = infer({ id: 's', sexForNorms: 'female' }, rest, { next: false }).findings.movements.find(
        (m) => m.movement === slr.movement && m.side === 'left',
      );
      const really = again?.limiters.find((l) => l.group === slr.limiters[0].group)?.probability;
      // Without its own reading the movement may not be told at all; the others must be held against the truth.
      if (really === undefined) continue;
      held++;
      expect(Math.abs(really - c.without)).toBeLessThan(0.12);
    }
    expect(held).toBeGreaterThanOrEqual(2);
  });
  it('is nothing where nothing was read', () =>
    expect(infer({ id: 's' }, [], { next: false }).findings.movements).toEqual([]));
});

describe('the textbook beside the engine', () => {
  it('goes by the usual limiter and the place felt', () => {
    expect(plainCheck('straight-leg-raise', 'hip-flexion', 'back-thigh')).toBe('hamstrings');
    expect(plainCheck('prone-knee-bend', 'knee-flexion', 'front-thigh')).toBe('rectus-femoris');
    expect(plainCheck('supine-abduction', 'straight-knee', 'inner-thigh-high')).toBe('adductors');
    expect(plainCheck('prone-hip-rotation', 'internal-rotation', 'deep-buttock')).toBe('deep-buttock');
    expect(plainCheck('modified-thomas', 'knee-flexion', 'front-thigh')).toBe('rectus-femoris');
    expect(plainCheck('knee-to-wall', 'shin-angle', 'ankle-front')).toBe('ankle-joint');
    expect(plainCheck('knee-to-wall', 'shin-angle', 'calf-low')).toBe('calf');
  });
  it('does not commit itself where ranks are even and no place helps', () => {
    expect(plainCheck('knee-to-wall', 'shin-angle', undefined)).toBeNull();
    expect(plainCheck('cartwheel', 'height', 'knee')).toBeNull();
  });
  it('makes the sentence say both where it disagrees and the engine is not very sure', () => {
    const m = {
      ...slr,
      clarity: 'one' as const,
      plain: 'nerve-like' as const,
      limiters: [{ group: 'hamstrings' as const, probability: 0.85 }],
    };
    expect(otherOpinion(m)).toBe('nerve-like');
    expect(limiterWords(m)).toContain('; a textbook, ');
    expect(otherOpinion({ ...m, limiters: [{ group: 'hamstrings', probability: 0.97 }] })).toBeNull();
    expect(otherOpinion({ ...m, plain: 'hamstrings' })).toBeNull();
    expect(limiterWords({ ...m, plain: null })).not.toContain('textbook');
  });
});

describe('strength', () => {
  let count = 0;
  const reading = (
    test: string,
    readout: string,
    side: ReadingSide,
    value: number,
    more: Partial<Reading> = {},
  ): Reading => ({
    id: `s${count++}`,
    student: 's',
    test,
    readout,
    side,
    trials: [value],
    unit: readoutOf(test, readout)?.unit ?? 's',
    takenAt: T,
    ...more,
  });
  it('stands beside its norm of sex and age, weakest first, with the sides against the error of measuring', () => {
    const list = summariseStrength(
      [
        reading('single-leg-bridge', 'hold', 'left', 14),
        reading('single-leg-bridge', 'hold', 'right', 40),
        reading('single-leg-stance', 'hold', 'left', 26),
        reading('trunk-extension-hold', 'hold', 'both', 150),
      ],
      { sexForNorms: 'male', age: 64 },
    );
    expect(list[0]).toMatchObject({ test: 'single-leg-bridge', side: 'left' });
    expect(list[0].z).toBeLessThan(-2);
    expect(list[0].gap?.beyondError).toBe(true);
    expect(list[0].muscles).toEqual(['gluteus-maximus', 'hamstrings']);
    expect(list.find((f) => f.test === 'single-leg-stance')?.norm?.mean).toBe(26.9);
    expect(list.find((f) => f.test === 'trunk-extension-hold')?.norm?.mean).toBe(146);
  });
  it('of a group is its weakest test with the error of measuring', () => {
    const list = summariseStrength(
      [
        reading('single-leg-bridge', 'hold', 'left', 14),
        reading('single-leg-bridge', 'hold', 'right', 14, { pain: true }),
      ],
      { sexForNorms: 'male', age: 64 },
    );
    const own = groupStrength(list, 'gluteus-maximus', 'left');
    expect(own?.z).toBe(list.find((f) => f.side === 'left')?.z);
    expect(own?.error).toBeGreaterThan(0.1);
    expect(groupStrength(list, 'gluteus-maximus', 'right')).toBeNull();
    expect(groupStrength(list, 'calf', 'left')).toBeNull();
  });
  it('says what is doubtful, takes the newest, and leaves length out', () => {
    const list = summariseStrength(
      [
        reading('wall-sit', 'hold', 'both', 20),
        reading('wall-sit', 'hold', 'both', 70, {
          takenAt: '2026-04-01T10:00:00.000Z',
          compensations: ['knees falling in'],
        }),
        reading('wall-sit', 'hold', 'both', 5, { variant: 'half' }),
        ...readings,
      ],
      {},
    );
    expect(list).toHaveLength(1);
    expect(list[0]).toMatchObject({ value: 70, doubtful: true });
  });
});
