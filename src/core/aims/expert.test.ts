import { describe, expect, it } from 'vitest';
import type { GroupId } from '@/core/body';
import type { Reading } from '@/core/assessment/reading';
import { infer, type Findings } from '@/core/inference';
import { readOf } from '@/core/inference/readings.fixtures';
import { proposeAims } from './propose';

/** Cases as an experienced clinician reads them, against what is shown: limiter, what is called short, hints, aims. */
const of = (readings: readonly Reading[]): Findings => infer({ id: 's' }, readings, { next: false, seed: 3 }).findings;
const short = (f: Findings, group: GroupId): number =>
  f.structures.find((s) => s.structure === group && s.side === 'left')?.shortProbability ?? NaN;
const limiter = (f: Findings, movement: string) =>
  f.movements.find((m) => m.movement === movement && m.side === 'left')?.limiters ?? [];
const aims = (f: Findings): string[] => proposeAims(f).map((a) => `${a.kind} ${a.group} ${a.side}`);
const bothSides = (of: (side: 'left' | 'right') => Reading[]): Reading[] => [...of('left'), ...of('right')];

/** A hanging leg: thigh below level (− above), bend of the hanging knee, usual drift. */
const hanging = (thigh: number, knee: number, more: Partial<Reading> = {}, straightened?: number): Reading[] => [
  readOf('modified-thomas', 'hip-extension', thigh, more),
  readOf('modified-thomas', 'knee-flexion', knee),
  readOf('modified-thomas', 'hip-abduction', 15),
  ...(straightened === undefined
    ? []
    : [readOf('modified-thomas', 'hip-extension', straightened, { variant: 'knee-straight' })]),
];

describe('the hanging leg', () => {
  it.each([
    [
      'a thigh high and a knee bent to 85°, felt in the front crease',
      hanging(-10, 85, { placeFelt: 'front-hip-crease' }),
    ],
    ['a thigh high and a knee bent to 95°', hanging(-10, 95)],
    ['a thigh high with a bent knee that stays up when it is straightened', hanging(-10, 80, {}, -9)],
    ['a thigh very high, the knee at 88°', hanging(-15, 88)],
  ] as const)('%s: psoas and iliacus, not rectus femoris', (_, readings) => {
    const f = of(readings);
    expect(limiter(f, 'hip-extension')[0].structure).toBe('deep-hip-flexor');
    expect(short(f, 'deep-hip-flexor')).toBeGreaterThan(0.5);
    expect(short(f, 'rectus-femoris')).toBeLessThan(0.1);
  });
  it.each([
    ['a thigh level, the knee at 80°', hanging(0, 80)],
    ['a thigh just below level, the knee at 75°', hanging(5, 75)],
  ] as const)('%s: nothing short', (_, readings) => {
    const f = of(readings);
    expect(short(f, 'deep-hip-flexor')).toBeLessThan(0.4);
    expect(short(f, 'rectus-femoris')).toBeLessThan(0.1);
    // At most upkeep of what has least, said so.
    for (const a of proposeAims(f)) if (a.kind === 'lengthen') expect(a.reasons[0].kind).toBe('least');
  });
  it.each([
    ['a thigh nearly level, the knee hanging at 30°', hanging(2, 30)],
    ['a thigh high, the knee at 40°, that drops when the knee is straightened', hanging(-10, 40, {}, 5)],
    ['a thigh high, the knee at 35°', hanging(-8, 35)],
  ] as const)('%s: rectus femoris', (_, readings) => {
    const f = of(readings);
    expect(short(f, 'rectus-femoris')).toBeGreaterThan(0.5);
    expect(short(f, 'rectus-femoris')).toBeGreaterThan(short(f, 'deep-hip-flexor'));
  });
});

describe('what an expert would say', () => {
  it('a low straight leg raise on both sides speaks of the hamstrings and of nothing that was not tested', () => {
    const f = of(bothSides((side) => [readOf('straight-leg-raise', 'hip-flexion', 48, { side })]));
    expect(aims(f)).toEqual(['lengthen hamstrings left', 'lengthen hamstrings right']);
  });
  it('figure-four at 40° felt deep in the buttock: the deep buttock, not gluteus maximus', () => {
    const f = of([readOf('figure-four', 'shin-angle', 40, { placeFelt: 'deep-buttock' })]);
    expect(limiter(f, 'external-rotation-flexed')[0]).toMatchObject({ structure: 'deep-buttock' });
    expect(short(f, 'deep-buttock')).toBeGreaterThan(0.8);
    expect(short(f, 'gluteus-maximus')).toBeLessThan(0.5);
    expect(aims(f)).toEqual(['lengthen deep-buttock left']);
  });
  it('both Ober tests positive, and the thigh drifts: lateral hip, no contradiction', () => {
    const f = of([
      readOf('ober', 'hip-adduction', 4),
      readOf('modified-ober', 'hip-adduction', 8),
      ...hanging(5, 55).slice(0, 2),
      readOf('modified-thomas', 'hip-abduction', 26),
      readOf('straight-leg-raise', 'hip-flexion', 75),
    ]);
    expect(f.doubts.filter((d) => d.kind === 'contradiction')).toEqual([]);
    expect(limiter(f, 'hip-adduction')[0].structure).toBe('lateral-hip');
    expect(short(f, 'lateral-hip')).toBeGreaterThan(0.7);
    expect(aims(f).some((a) => a.includes('lateral-hip left'))).toBe(true);
  });
  it('turning in far and out little, lying and sitting: the bone, not a mobile person, and no lengthening', () => {
    const f = of(
      bothSides((side) =>
        ['seated-hip-rotation', 'prone-hip-rotation'].flatMap((t) => [
          readOf(t, 'internal-rotation', 65, { side }),
          readOf(t, 'external-rotation', 20, { side }),
        ]),
      ),
    );
    const kinds = f.hints.map((h) => h.kind);
    expect(kinds).toContain('turned-in-bone');
    expect(kinds).not.toContain('mobile');
    expect(aims(f).filter((a) => /^(lengthen|both)/.test(a))).toEqual([]);
  });
  it('little turning out when sitting is no short gluteus maximus', () => {
    const f = of([
      readOf('seated-hip-rotation', 'external-rotation', 20),
      readOf('seated-hip-rotation', 'internal-rotation', 36),
    ]);
    expect(aims(f).some((a) => a.includes('gluteus-maximus'))).toBe(false);
  });
});
