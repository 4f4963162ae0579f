import { describe, expect, it } from 'vitest';
import type { Reading } from '@/core/assessment/reading';
import { infer } from './infer';
import { limitsOf } from './limits';
import { readOf, type TestedBy } from './readings.fixtures';
import { headline, limiterWords, readWords } from './words';

type Noted = readonly [...test: TestedBy, value: number, more?: Partial<Reading>];
const found = (...noted: Noted[]) =>
  infer(
    { id: 's', complaints: [] },
    noted.map((n) => readOf(...n)),
    { seed: 3, next: false },
  ).findings;
const RAISE = ['straight-leg-raise', 'hip-flexion'] as const;

describe('the sentence over the findings', () => {
  it('names one muscle, or two, as the draws have it', () => {
    const f = found([...RAISE, 48, { placeFelt: 'back-thigh' }]);
    expect(headline(f)).toBe('Left straight leg raise is limited by the hamstrings.');
    const limiters = [
      { group: 'hamstrings', probability: 0.6 },
      { group: 'nerve-like', probability: 0.3 },
    ] as const;
    const [m] = f.movements;
    expect(headline({ ...f, movements: [{ ...m, clarity: 'two', limiters: [...limiters] }] })).toBe(
      'Left straight leg raise is limited by the hamstrings or a nerve-like pull.',
    );
  });
  it('does not say a test that was usual where another one tells the movement', () => {
    const f = found([...RAISE, 48, { placeFelt: 'back-thigh' }]);
    const m = { ...f.movements[0], test: 'knee-extension-90-90', readout: 'missing-extension' };
    expect(readWords(m)).toBe('knee straightening, thigh upright: what is missing to straight');
    expect(headline({ ...f, movements: [m] })).toBe(
      'Left hip bending with the knee straight is limited by the hamstrings.',
    );
    expect(readWords(f.movements[0])).toBe('straight leg raise');
  });
  it('says the sign where a nerve or a joint spoke, and names no muscle', () => {
    for (const more of [{ distant: 'changes' as const }, { placeFelt: 'leg-line' as const }])
      expect(headline(found([...RAISE, 48, more]))).toBe(
        'Left straight leg raise is limited: a sign of the nerve, rather than a muscle.',
      );
    expect(headline(found(['knee-to-chest', 'hip-flexion', 96, { placeFelt: 'groin-pinch' }]))).toBe(
      'Left hip bending with the knee bent is limited: a pinch, rather the joint than a muscle.',
    );
  });
  it('a slump that brings her own trouble speaks for the leg that is lifted little, of its own side only', () => {
    const slump = ['slump', 'answer', 0, { pain: true }] as const;
    const raise = [...RAISE, 58, { placeFelt: 'back-thigh' }] as const;
    const both = found(slump, raise, [...RAISE, 58, { placeFelt: 'back-thigh', side: 'right' }]);
    const of = (side: string) => both.movements.find((m) => m.side === side);
    expect(of('left')).toMatchObject({ spoke: 'nerve', clarity: 'unclear' });
    expect(of('right')?.spoke).toBeUndefined();
    expect(headline(found(slump, raise))).toContain('a sign of the nerve');
    // One that goes as far as usual is not limited by anything.
    expect(found(slump, [...RAISE, 85]).movements[0].spoke).toBeUndefined();
  });
  it('felt behind the knee, no muscle is named, painted or lengthened before the nerve is asked for', () => {
    const f = found([...RAISE, 52, { placeFelt: 'behind-knee' }]);
    expect(headline(f)).toBe(
      'Left straight leg raise is limited; by what is not clear yet: muscle or nerve is still to be asked.',
    );
    expect(limitsOf(f.movements).map((l) => l.group)).not.toContain('hamstrings');
    const asked = found([...RAISE, 52, { placeFelt: 'behind-knee', distant: 'same' }]);
    expect(limitsOf(asked.movements)[0]).toMatchObject({ group: 'hamstrings', side: 'left' });
  });
  it('says a sign also where the movement goes as far as usual', () =>
    expect(headline(found([...RAISE, 80, { placeFelt: 'leg-line' }]))).toBe(
      'Left straight leg raise goes as far as usual, but ends with a sign of the nerve.',
    ));
  it('what ended in pain tells of no muscle, neither here nor on its card', () => {
    const f = found([...RAISE, 40, { pain: true }]);
    expect(headline(f)).toBe(
      'Left straight leg raise ended early, before a muscle could tell: leave it until that is clear.',
    );
    expect(limiterWords(f.movements[0])).toBe('not clear: it ended early, before a muscle could tell');
  });
  it('a hip that gives little every way is told as the joint, and no muscle of it is painted', () => {
    const right = { side: 'right' } as const;
    const f = found(
      ['seated-hip-rotation', 'internal-rotation', 12],
      ['seated-hip-rotation', 'internal-rotation', 38, right],
      ['knee-to-chest', 'hip-flexion', 98],
      ['knee-to-chest', 'hip-flexion', 122, right],
      ['faber', 'knee-height', 28],
      ['faber', 'knee-height', 14, right],
    );
    expect(headline(f)).toMatch(
      /^Left .* is limited: this hip stops early every way, rather the joint than a muscle\.$/,
    );
    expect(
      limitsOf(f.movements)
        .filter((l) => l.side === 'left')
        .map((l) => l.group),
    ).not.toContain('gluteus-maximus');
    expect(
      limitsOf(f.movements)
        .filter((l) => l.side === 'left')
        .map((l) => l.group),
    ).not.toContain('adductors');
  });
  it('where all is usual, what is weak comes first', () => {
    const f = found([...RAISE, 76]);
    expect(headline(f, ['left hip abductors'])).toBe(
      'Every movement measured is typical or more. Weak: left hip abductors.',
    );
    expect(headline(f)).toBe('Every movement measured lies within or above what is typical.');
  });
});
