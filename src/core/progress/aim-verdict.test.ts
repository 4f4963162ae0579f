import { describe, expect, it } from 'vitest';
import type { AimsOf } from '@/core/aims/for-student';
import type { Aim } from '@/core/students/student';
import { readoutOf } from '@/core/assessment/battery';
import { normOf } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';
import { aimVerdicts } from './aim-verdict';
import { changesOf } from './change';
import { planSchema, planWeeks, planWithTaught } from './plan';
import { reading } from './readings.fixtures';

const hamstrings: Aim = { kind: 'lengthen', group: 'hamstrings', side: 'left', weight: 1 };
const aimed = {
  work: [hamstrings, { ...hamstrings, side: 'right' }, { ...hamstrings, kind: 'leave' }],
  standing: [{ group: 'hamstrings', side: 'left', dose: { stretch: { minutesPerWeek: 6 }, strength: null } }],
} as unknown as AimsOf;

describe('the verdict on an aim', () => {
  it('takes its own readings, the dose asked for in that time and the dose done; aims without two rounds have none', () => {
    const changes = changesOf([reading('2026-09-01', 40), reading('2026-10-06', 60)]);
    const done = [{ aim: hamstrings, minutes: 12, days: 4 }];
    const told = aimVerdicts(changes, aimed, done, null, { from: '2026-09-01', to: '2026-10-06' });
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ aim: hamstrings, all: { of: 1, verdict: 'changed' }, asked: 30, why: [] });
    expect(told[0].done?.minutes).toBe(12);
    expect(aimVerdicts(changes, aimed, null, null, { from: '2026-09-01', to: '2026-10-06' })[0].done).toBeNull();
  });
  it('says why nothing moved only after a third day', () => {
    const days = ['2026-08-01', '2026-09-05', '2026-10-10'].map((d) => reading(d, 50));
    const why = (list: Reading[], minutes: number) =>
      aimVerdicts(changesOf(list), aimed, [{ aim: hamstrings, minutes, days: 3 }], null, {
        from: '2026-08-01',
        to: '2026-10-10',
      })[0].why;
    expect(why(days.slice(0, 2), 5)).toEqual([]);
    expect(why(days, 5).map((r) => r.kind)).toEqual(['dose']);
    expect(why(days, 60).map((r) => r.kind)).toEqual(['unclear']);
  });
});

describe('whose norm counts', () => {
  it('is hers by sex and age, in the band and in what is called extreme', () => {
    const readout = readoutOf('straight-leg-raise', 'hip-flexion');
    if (!readout) throw new Error('no straight leg raise');
    const list = [reading('2026-09-01', 40), reading('2026-10-06', 60)];
    for (const sex of ['female', 'male'] as const) {
      const norm = normOf(readout, sex, 34);
      const [c] = changesOf(list, { sex, age: 34 });
      expect(c.typical).toEqual(norm && { mean: norm.mean, sd: norm.sd });
      expect(c.caveats.includes('extreme')).toBe(norm !== null && (40 - norm.mean) / norm.sd <= -2);
    }
  });
});

describe('taught days', () => {
  it('are done without a mark; a mark of hers stays', () => {
    const choice = planSchema.parse({
      student: 's',
      start: '2026-11-23',
      weeks: 1,
      days: [1, 3],
      minutes: 20,
      marks: { '2026-11-25': 'missed' },
    });
    const plan = planWithTaught(planWeeks([], choice), new Set(['2026-11-23', '2026-11-25']));
    expect(plan.days.map((d) => d.mark)).toEqual(['done', 'missed']);
  });
});
