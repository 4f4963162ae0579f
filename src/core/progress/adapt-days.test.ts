import { daysBetween, daysLater } from '@/core/day-count';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LogEntry, LogItem } from '@/core/teaching/log';
import { adaptDays } from './adapt-days';
import { planSchema, planWeeks, progression, planWithTaught, type PlanChoice, type WeeklyAim } from './plan';
import { dayChangeSentences } from './words';

/** Monday. */
const START = '2026-11-02';
const choice = planSchema.parse({ student: 's', start: START, weeks: 8, days: [1, 3, 5], minutes: 20 });
const AIMS: WeeklyAim[] = [
  { key: 'length', minutes: 6, strengthDays: 0 },
  { key: 'work', minutes: 0, strengthDays: 2 },
];
const done = (day: string, more: Partial<LogItem> = {}): LogEntry => ({
  id: `l${day}`,
  student: 's',
  practice: 'p',
  title: 'At home',
  day,
  startedAt: `${day}T18:00:00.000Z`,
  endedAt: `${day}T18:30:00.000Z`,
  source: 'home',
  note: '',
  items: [
    {
      pose: 'low-lunge',
      rung: 0,
      side: 'right',
      plannedSeconds: 60,
      doneSeconds: 60,
      skipped: false,
      strength: 3,
      ...more,
    },
  ],
});

describe('the weeks ahead by what was done', () => {
  it('stay as they are where every day was kept', () => {
    const logs = ['2026-11-02', '2026-11-04', '2026-11-06'].map((d) => done(d));
    expect(adaptDays(choice, AIMS, logs, '2026-11-09')).toEqual({ choice, changes: [] });
    expect(adaptDays(choice, AIMS, [], START)).toEqual({ choice, changes: [] });
  });
  it('count what was done on another day for the day it was meant for', () => {
    const { changes, choice: next } = adaptDays(
      choice,
      AIMS,
      [done('2026-11-02'), done('2026-11-05'), done('2026-11-06')],
      '2026-11-09',
    );
    expect(changes).toEqual([{ kind: 'other-day', day: '2026-11-04', to: '2026-11-05' }]);
    const wednesday = planWithTaught(planWeeks(AIMS, next), new Set(['2026-11-05'])).days.find(
      (d) => d.was === '2026-11-04',
    );
    expect(wednesday).toMatchObject({ day: '2026-11-05', mark: 'done' });
    expect(dayChangeSentences(changes)).toEqual(['Wednesday 4 November was done on Thursday 5 November: it counts.']);
  });
  it('give a missed day another one in its week, with a day between strength, and none once the week is over', () => {
    const length = [AIMS[0]];
    const now = adaptDays(choice, length, [done('2026-11-02')], '2026-11-05');
    expect(now.changes).toEqual([{ kind: 'moved', day: '2026-11-04', to: '2026-11-05' }]);
    expect(now.choice.moved).toEqual({ '2026-11-04': '2026-11-05' });
    const strong = planWeeks(AIMS, choice).days.find((d) => d.strength.length > 0 && d.day === '2026-11-02');
    expect(strong).toBeDefined();
    // Strength stands on Monday and Friday, or Wednesday: every free day is beside one of them, but where the first was
    // missed.
    const beside = adaptDays(choice, AIMS, [], '2026-11-03').changes[0];
    const others = planWeeks(AIMS, choice).days.filter((d) => d.week === 0 && d.day !== START && d.strength.length > 0);
    const free = ['2026-11-03', '2026-11-05', '2026-11-07', '2026-11-08'].find((day) =>
      others.every((d) => Math.abs(daysBetween(d.day, day)) > 1),
    );
    expect(beside).toEqual(free ? { kind: 'moved', day: START, to: free } : { kind: 'missed', day: START });
    const later = adaptDays(choice, length, [done('2026-11-02'), done('2026-11-06')], '2026-11-09');
    expect(later.changes).toEqual([{ kind: 'missed', day: '2026-11-04' }]);
    expect(later.choice.marks).toEqual({ '2026-11-04': 'missed' });
  });
  it('stay as last week after pain, too much or few days, and the next one asks for what was held back', () => {
    const kept = ['2026-11-02', '2026-11-04'].map((d) => done(d));
    for (const [last, why] of [
      [done('2026-11-06', { stopped: true, doneSeconds: 50 }), 'pain'],
      [done('2026-11-06', { strength: 8 }), 'too-strong'],
    ] as const) {
      const { changes, choice: next } = adaptDays(choice, AIMS, [...kept, last], '2026-11-08');
      expect(changes).toEqual([{ kind: 'held', week: 1, why: [why] }]);
      expect(progression(1, next.held)).toBe('as-last-week');
      expect(progression(2, next.held)).toBe('longer');
      expect(progression(2)).toBe('next-rung');
    }
    const few = adaptDays(choice, AIMS, [done('2026-11-04')], '2026-11-09');
    expect(few.changes.map((c) => c.kind)).toEqual(['missed', 'missed', 'held']);
    expect(few.changes.at(-1)).toMatchObject({ week: 1, why: ['too-few', 'missed'] });
    expect(dayChangeSentences(few.changes)).toEqual([
      expect.stringMatching(/^Nothing is in the log for Monday 2 November and Friday 6 November: missed/),
      expect.stringMatching(/^Week 2 stays as week 1: .*half of last week/),
    ]);
  });
  it('nothing is made up for after a pain', () => {
    const hurt = adaptDays(choice, [AIMS[0]], [done('2026-11-02', { stopped: true })], '2026-11-05');
    expect(hurt.changes[0]).toEqual({ kind: 'missed', day: '2026-11-04' });
  });
  it('keep every rule, whatever was done when', () => {
    const day = fc.integer({ min: -3, max: 40 }).map((k) => daysLater(START, k));
    const log = fc.record({ day, strength: fc.integer({ min: 0, max: 10 }), stopped: fc.boolean() });
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 6 }),
        fc.uniqueArray(log, { maxLength: 15, selector: (l) => l.day }),
        fc.integer({ min: 0, max: 40 }),
        (days, shift, told, k) => {
          const before: PlanChoice = { ...choice, days, start: daysLater(START, shift) };
          const today = daysLater(START, k);
          const logs = told.filter((l) => l.day <= today).map(({ day: d, ...more }) => done(d, more));
          const taught = new Set(logs.map((l) => l.day ?? ''));
          const { choice: after, changes } = adaptDays(before, AIMS, logs, today);
          expect(planSchema.safeParse(after).success).toBe(true);
          const plan = planWithTaught(planWeeks(AIMS, after), taught);
          const stand = plan.days.map((d) => d.day);
          expect(new Set(stand).size).toBe(stand.length);
          // What the teacher or the log said stays; what is ahead is not judged.
          for (const d of plan.days) {
            if (d.day >= today && d.mark === 'missed') throw new Error('a day ahead cannot be missed');
            if (d.day < today) expect(d.mark).not.toBeNull();
            const end = daysLater(after.start, d.week * 7 + 6);
            expect(d.day <= end && d.day >= d.was).toBe(true);
          }
          for (const c of changes)
            if (c.kind === 'moved') {
              expect(c.to >= today && !taught.has(c.to)).toBe(true);
              const own = plan.days.find((d) => d.day === c.to);
              if (own && own.strength.length > 0)
                for (const d of plan.days)
                  if (d !== own && d.strength.length > 0 && d.mark !== 'missed')
                    expect(Math.abs(daysBetween(d.day, c.to))).toBeGreaterThan(1);
            } else if (c.kind === 'other-day') expect(taught.has(c.to)).toBe(true);
          // Once taken over there is nothing more to take over.
          expect(adaptDays(after, AIMS, logs, today).changes).toEqual([]);
        },
      ),
      { numRuns: 300 },
    );
  });
});
