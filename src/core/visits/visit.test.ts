import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LogEntry } from '@/core/teaching/log';
import {
  attendanceOf,
  byTime,
  clashesWith,
  endOf,
  nextVisit,
  unsaid,
  visitsBetween,
  visitSchema,
  weekly,
  weekOf,
  visitsWithTaught,
  type Visit,
} from './visit';

const at = (id: string, day: string, hour?: string, more: Partial<Visit> = {}): Visit => ({
  id,
  student: 'maren',
  day,
  ...(hour && { at: hour }),
  minutes: 60,
  createdAt: '2026-11-01T08:00:00.000Z',
  updatedAt: '2026-11-01T08:00:00.000Z',
  ...more,
});
const ofClass = { student: undefined, class: 'thursday' };

describe('a visit', () => {
  it('is of a student or of a class, not of both and not of nobody', () => {
    expect(visitSchema.safeParse(at('a', '2026-11-30', '10:00')).success).toBe(true);
    expect(visitSchema.safeParse(at('a', '2026-11-30', '10:00', ofClass)).success).toBe(true);
    expect(visitSchema.safeParse(at('a', '2026-11-30', '10:00', { class: 'thursday' })).success).toBe(false);
    expect(visitSchema.safeParse(at('a', '2026-11-30', '10:00', { student: undefined })).success).toBe(false);
    for (const hour of ['24:00', '9:00', '10:60', 'noon'])
      expect(visitSchema.safeParse(at('a', '2026-11-30', hour)).success, hour).toBe(false);
  });
  it('ends when it is over, and within its day', () => {
    expect(endOf({ at: '10:15', minutes: 50 })).toBe('11:05');
    expect(endOf({ at: '23:30', minutes: 90 })).toBe('23:59');
    expect(endOf({ minutes: 60 })).toBe('23:59');
  });
  it('is repeated each week on the same weekday, over a month’s end and a leap day too', () => {
    let n = 0;
    const days = weekly(at('a', '2028-02-22', '10:00'), 3, () => `n${++n}`);
    expect(days.map((v) => [v.id, v.day])).toEqual([
      ['a', '2028-02-22'],
      ['n1', '2028-02-29'],
      ['n2', '2028-03-07'],
    ]);
    expect(weekly(at('a', '2026-11-30'), 0, () => 'x')).toHaveLength(1);
    expect(weekly(at('a', '2026-11-30'), 900, () => `n${++n}`)).toHaveLength(52);
  });
});

describe('many visits', () => {
  const list = [
    at('late', '2026-11-30', '18:00'),
    at('off', '2026-11-30', '11:00', { became: 'off' }),
    at('early', '2026-11-30', '08:00'),
    at('whole', '2026-11-30'),
    at('class', '2026-12-03', '07:15', ofClass),
    at('last', '2026-11-29', '10:00', { became: 'came' }),
  ];
  it('stand by day and hour, whole days first; any order in gives the same out', () => {
    const ids = (visits: readonly Visit[]): string[] => [...visits].sort(byTime).map((v) => v.id);
    expect(ids(list)).toEqual(['last', 'whole', 'early', 'off', 'late', 'class']);
    fc.assert(
      fc.property(fc.shuffledSubarray(list, { minLength: list.length }), (mixed) => {
        expect(ids(mixed)).toEqual(ids(list));
      }),
    );
    expect(visitsBetween(list, '2026-12-01', '2026-12-31').map((v) => v.id)).toEqual(['class']);
  });
  it('weeks go from Monday to Sunday', () => {
    expect(weekOf('2026-11-29')).toEqual({ from: '2026-11-23', to: '2026-11-29' });
    expect(weekOf('2026-11-30')).toEqual({ from: '2026-11-30', to: '2026-12-06' });
  });
  it('the next one is the first that is not over, called off or said to be done; a class counts for who is in it', () => {
    const next = (classes: string[], day: string, hour: string) => nextVisit(list, 'maren', classes, day, hour)?.id;
    expect(next([], '2026-11-29', '12:00')).toBe('whole');
    expect(
      nextVisit(
        list.filter((v) => v.id !== 'whole'),
        'maren',
        [],
        '2026-11-30',
        '08:30',
      )?.id,
    ).toBe('early');
    expect(
      nextVisit(
        list.filter((v) => v.id !== 'whole'),
        'maren',
        [],
        '2026-11-30',
        '09:01',
      )?.id,
    ).toBe('late');
    expect(next([], '2026-12-01', '09:00')).toBeUndefined();
    expect(next(['thursday'], '2026-12-01', '09:00')).toBe('class');
    expect(nextVisit(list, 'ilka', [], '2026-11-29', '00:00')).toBeNull();
  });
  it('clash where they overlap, not where one ends as the other begins', () => {
    const first = at('x', '2026-11-30', '17:00');
    expect(clashesWith(first, list)).toEqual([]);
    expect(clashesWith({ ...first, minutes: 75 }, list).map((v) => v.id)).toEqual(['late']);
    expect(clashesWith({ ...first, at: '10:30' }, list)).toEqual([]);
    expect(clashesWith(list[0], list)).toEqual([]);
  });
  it('attendance counts what was said, and the last day on which she came', () => {
    const own = [
      ...list,
      at('m', '2026-11-20', '10:00', { became: 'missed' }),
      at('o', '2026-11-22', '10:00', { became: 'came' }),
    ];
    expect(attendanceOf(own, 'maren')).toEqual({ came: 2, missed: 1, off: 1, last: '2026-11-29' });
    expect(attendanceOf(own, 'ilka')).toEqual({ came: 0, missed: 0, off: 0, last: null });
  });
  it('who has a lesson of that day in her log came, unless it was said otherwise', () => {
    const lesson = (day: string, more: Partial<LogEntry> = {}): LogEntry => ({
      id: day,
      student: 'maren',
      practice: 'hers',
      title: '',
      startedAt: `${day}T09:00:00.000Z`,
      endedAt: `${day}T09:30:00.000Z`,
      day,
      items: [],
      note: '',
      ...more,
    });
    const old = [
      at('a', '2026-11-20', '10:00'),
      at('b', '2026-11-21', '10:00', { became: 'missed' }),
      at('c', '2026-11-20', '07:15', ofClass),
    ];
    const became = (logs: LogEntry[]) => visitsWithTaught(old, logs, ['thursday']).map((v) => [v.became, v.taught]);
    const nothing = [undefined, undefined];
    expect(became([lesson('2026-11-20'), lesson('2026-11-21')])).toEqual([
      ['came', true],
      ['missed', undefined],
      nothing,
    ]);
    // What was done at home is no visit; a lesson of the class is the class's.
    expect(became([lesson('2026-11-20', { source: 'home' })])[0]).toEqual(nothing);
    expect(became([lesson('2026-11-20', { practice: 'thursday' })])).toEqual([
      nothing,
      ['missed', undefined],
      ['came', true],
    ]);
    expect(unsaid(old, '2026-11-30').map((v) => v.id)).toEqual(['c', 'a']);
  });
});
