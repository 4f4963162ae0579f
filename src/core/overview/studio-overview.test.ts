import { describe, expect, it } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import type { Limit } from '@/core/inference';
import { commonLimits, overviewOf, type KnownStudent } from './studio-overview';

const demo = publishedStudio();
const limit = (group: Limit['group'], side: Limit['side']): Limit => ({ group, side, band: -1.5, probability: 0.9 });
const known = (id: string, more: Partial<KnownStudent> = {}): KnownStudent => {
  const student = demo.students.find((s) => s.id === id);
  if (!student) throw new Error(id);
  return {
    id,
    name: student.name,
    limits: null,
    readings: demo.readings.filter((r) => r.student === id),
    logs: demo.logs.filter((l) => l.student === id),
    plan: demo.plans.find((p) => p.student === id),
    classes: demo.classes.filter((c) => c.students.includes(id)).map((c) => c.id),
    ...more,
  };
};

const CLASSES = demo.classes.map((c) => c.id);

describe('the overview of a studio', () => {
  const visits = demo.visits.map((v) => (v.id === 'demo-visit-c2' ? { ...v, became: 'off' as const } : v));
  const rows = overviewOf([known('demo-maren'), known('demo-ilka')], visits, CLASSES, '2026-11-25', '12:00');
  it('has a row a student, by name, with what was measured, planned, done and came lately', () => {
    expect(rows.map((r) => r.name)).toEqual(['Ilka Rushmere', 'Maren Tideway']);
    const [ilka, maren] = rows;
    const plan = demo.plans[0];
    expect(maren).toMatchObject({ measured: '2026-11-16', came: 1, missed: 0 });
    // Days of her weeks from the 16th to today, one of them marked as done.
    expect(maren.planned).toBeGreaterThanOrEqual(3);
    expect(maren.done).toBe(Object.values(plan.marks).filter((m) => m === 'done').length);
    // The class on the day after is called off; hers is the Monday after.
    expect(maren.next?.id).toBe('demo-visit-m3');
    expect(ilka).toMatchObject({ planned: 0, done: 0, practised: 0, came: 1, missed: 1 });
  });
  it('counts only what was lately, and nothing of tomorrow', () => {
    const [later] = overviewOf([known('demo-maren')], demo.visits, CLASSES, '2027-06-01', '12:00');
    expect(later).toMatchObject({ practised: 0, minutes: 0, came: 0, missed: 0, next: null });
    const [before] = overviewOf([known('demo-maren')], demo.visits, CLASSES, '2026-10-01', '12:00');
    expect(before).toMatchObject({ practised: 0, came: 0 });
    const log = demo.logs.find((l) => l.student === 'demo-maren');
    if (!log) throw new Error('no lesson');
    const [on] = overviewOf([known('demo-maren', { logs: [log] })], [], CLASSES, log.startedAt.slice(0, 10), '23:00');
    expect(on.practised).toBe(1);
    expect(on.minutes).toBe(Math.round(log.items.reduce((s, i) => s + i.doneSeconds, 0) / 60));
  });
  it('says what many have in common, a student once for each group', () => {
    const common = commonLimits([
      { name: 'A', limits: [limit('hamstrings', 'left'), limit('hamstrings', 'right'), limit('calf', 'left')] },
      { name: 'B', limits: [limit('hamstrings', 'right')] },
      { name: 'C', limits: null },
      { name: 'D', limits: [] },
    ]);
    expect(common).toEqual([
      { group: 'hamstrings', left: 0, right: 1, both: 1, who: ['A', 'B'] },
      { group: 'calf', left: 1, right: 0, both: 0, who: ['A'] },
    ]);
    expect(commonLimits([])).toEqual([]);
  });
});
