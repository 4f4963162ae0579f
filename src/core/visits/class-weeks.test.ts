import { describe, expect, it } from 'vitest';
import { planClassWeeks } from '@/core/classes/weeks';
import { readCalendar, plannedOf, writeCalendar } from '@/core/progress/calendar';
import { visitSchema } from './visit';
import { weekDays, weekVisits } from './class-weeks';

const CLASS = { id: 'c', name: 'Low water' };
const NOW = '2026-12-11T08:00:00.000Z';
const NEEDS = [
  { theme: 'back', share: 0.7, who: ['s'] },
  { theme: 'strong', share: 0.3, who: ['s'] },
] as const;
const weeks = planClassWeeks(
  NEEDS.map((n) => ({ ...n, who: [...n.who] })),
  { start: '2026-12-03', weeks: 5, day: 4, themes: { '1': 'front' } },
);
const HOUR = { at: '18:30', minutes: 75 };

describe('weeks of a class in the day book', () => {
  const book = (there: readonly { class?: string; day: string }[] = [], from = '2026-12-03') =>
    weekVisits(CLASS, weeks, HOUR, { from, there, now: NOW });
  it('are visits of the class, one a week at its hour', () => {
    const visits = book();
    expect(visits.map((v) => v.day)).toEqual(['2026-12-03', '2026-12-10', '2026-12-17', '2026-12-24', '2026-12-31']);
    for (const v of visits) {
      expect(visitSchema.safeParse(v).success).toBe(true);
      expect(v).toMatchObject({ class: 'c', at: '18:30', minutes: 75 });
    }
  });
  it('leave what is past and what stands there already', () => {
    expect(book([], '2026-12-11')).toHaveLength(3);
    expect(book([{ class: 'c', day: '2026-12-17' }], '2026-12-11').map((v) => v.day)).not.toContain('2026-12-17');
    // Somebody else’s day is no reason.
    expect(book([{ class: 'other', day: '2026-12-17' }], '2026-12-11')).toHaveLength(3);
  });
  it('are the same each time, so that pressed twice adds nothing', () => {
    const first = book();
    expect(book(first)).toEqual([]);
    expect(book().map((v) => v.id)).toEqual(first.map((v) => v.id));
    expect(new Set(first.map((v) => v.id)).size).toBe(5);
  });
});

describe('weeks of a class in a calendar', () => {
  const days = weekDays(CLASS, weeks, HOUR);
  it('say what they are about and what they ask, and name nobody', () => {
    expect(days[1]).toMatchObject({ day: '2026-12-10', title: 'Low water: the front of the hips', at: '18:30' });
    expect(days[3].description).toContain('A lighter week');
  });
  it('come back as they went, and are no student’s planned day', () => {
    const read = readCalendar(writeCalendar(days, Date.parse(NOW)));
    expect(read.ok && read.days.map((d) => [d.uid, d.day])).toEqual(days.map((d) => [d.uid, d.day]));
    for (const d of days) expect(plannedOf(d.uid)).toBeNull();
  });
  it('keep their name when they are laid out on another day', () => {
    const moved = planClassWeeks(
      NEEDS.map((n) => ({ ...n, who: [...n.who] })),
      { start: '2026-12-03', weeks: 5, day: 6, themes: {} },
    );
    expect(weekDays(CLASS, moved, HOUR).map((d) => d.uid)).toEqual(days.map((d) => d.uid));
  });
});
