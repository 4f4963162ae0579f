import { describe, expect, it } from 'vitest';
import { infer } from './infer';
import { limitsOf, readLimits, writeLimits, type LimitsOf } from './limits';
import { readOf } from './readings.fixtures';

const readings = [
  readOf('straight-leg-raise', 'hip-flexion', 42),
  readOf('knee-extension-90-90', 'missing-extension', 65),
  readOf('straight-leg-raise', 'hip-flexion', 80, { side: 'right' }),
];
const of: LimitsOf = { student: { id: 's', height_cm: 170, mass_kg: 65 }, readings, felt: [] };
const { findings } = infer({ id: 's' }, readings, { next: false });
const limits = limitsOf(findings.movements);

describe('what limits, kept for a glance', () => {
  it('is each group and side once, the strongest first', () => {
    expect(limits[0]).toMatchObject({ group: 'hamstrings', side: 'left' });
    const keys = limits.map((l) => `${l.group}/${l.side}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).not.toContain('hamstrings/right');
  });
  it('paints no muscle where something else spoke at the end', () => {
    const painted = (more: object) =>
      limitsOf(
        infer({ id: 's' }, [readOf('straight-leg-raise', 'hip-flexion', 42, more)], { next: false }).findings.movements,
      ).map((l) => l.group);
    expect(painted({})).toEqual(['hamstrings']);
    for (const more of [
      { pain: true },
      { endFeel: 'hard-block' },
      { endFeel: 'pinch' },
      { placeFelt: 'low-back' },
      { placeFelt: 'instep' },
    ])
      expect(painted(more), JSON.stringify(more)).not.toContain('hamstrings');
  });
  it('is read back while it rests on the same, and not after anything changed', () => {
    const text = writeLimits(of, limits);
    expect(readLimits(text, of)).toEqual(limits);
    const others: LimitsOf[] = [
      { ...of, readings: readings.slice(1) },
      { ...of, readings: readings.map((r, i) => (i === 0 ? { ...r, pain: true } : r)) },
      { ...of, student: { ...of.student, birthYear: 1950 } },
      { ...of, student: { ...of.student, sexForNorms: 'male' } },
      { ...of, felt: [{ log: 'l', pose: 'pigeon', rung: 1, side: 'left', place: 'deep-buttock' }] },
    ];
    for (const other of others) expect(readLimits(text, other)).toBeNull();
  });
  it('is read back when everything took place weeks later, in the same order', () => {
    const text = writeLimits(of, limits);
    const later = (by: string): LimitsOf => ({
      ...of,
      readings: readings.map((r) => ({ ...r, day: undefined, takenAt: r.takenAt.replace(/^\d{4}/, by) })),
    });
    expect(readLimits(text, later('2031'))).toEqual(limits);
    const [first, ...rest] = later('2031').readings;
    expect(
      readLimits(text, { ...of, readings: [{ ...first, takenAt: '2032-01-01T09:00:00.000Z' }, ...rest] }),
    ).toBeNull();
  });
  it('nonsense is no limit', () => {
    for (const text of [
      undefined,
      '',
      '{}',
      'nonsense',
      '{"of":1,"limits":[]}',
      '{"of":"","limits":[{"group":"wings"}]}',
    ])
      expect(readLimits(text, of)).toBeNull();
  });
});
