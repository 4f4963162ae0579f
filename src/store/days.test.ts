import { afterEach, describe, expect, it, vi } from 'vitest';
import { dayOf } from '@/core/day-of';
import { todayOf } from '@/core/progress/today';
import { roundsOf } from '@/core/progress/rounds';
import { changeOf } from '@/core/inference/change';
import { logFrom, type LogEntry } from '@/core/teaching/log';
import { startPlayer } from '@/core/teaching/player';
import type { Reading } from '@/core/assessment/reading';
import { now, today, whereAt } from './studio';

const zone = process.env.TZ;
afterEach(() => {
  vi.useRealTimers();
  process.env.TZ = zone;
});
/** Sets the clock of this machine to a moment, in a zone. */
function clock(tz: string, moment: string): void {
  process.env.TZ = tz;
  vi.useFakeTimers({ now: new Date(moment), toFake: ['Date'] });
}
const reading = (value: number): Reading => ({
  id: now(),
  student: 's',
  test: 'straight-leg-raise',
  readout: 'hip-flexion',
  side: 'left',
  trials: [value],
  unit: 'deg',
  takenAt: now(),
  ...whereAt(),
});
const lesson = (): LogEntry =>
  logFrom(startPlayer('p', 's', [], Date.now()), { id: now(), title: '', endedAt: now(), ...whereAt() });

describe.each([
  // On the evening of one day here it is the next in Greenwich.
  ['America/Los_Angeles', '2026-11-28T18:30:00-08:00', '2026-11-28'],
  // On the morning of one day here it is still the day before there.
  ['Australia/Sydney', '2026-11-29T07:30:00+11:00', '2026-11-29'],
  // Half an hour beside the others, shortly after midnight.
  ['Asia/Kolkata', '2026-11-29T00:10:00+05:30', '2026-11-29'],
  // The hour that is there twice.
  ['Europe/London', '2026-10-25T00:30:00Z', '2026-10-25'],
])('in %s', (tz, moment, day) => {
  it('today is the day of the wall clock, for readings and lessons alike', () => {
    clock(tz, moment);
    expect(today()).toBe(day);
    expect(whereAt().day).toBe(day);
    expect(dayOf(reading(60))).toBe(day);
    expect(dayOf(lesson())).toBe(day);
  });
  it('what was taught today is not due today', () => {
    clock(tz, moment);
    const weekday = ((new Date(`${day}T12:00:00`).getDay() + 6) % 7) + 1;
    const plan = { student: 's', start: day, weeks: 2, days: [weekday], minutes: 20, marks: {}, moved: {} };
    expect(todayOf(plan, [], [], today()).practice).toBe(20);
    expect(todayOf(plan, [lesson()], [], today()).practice).toBeNull();
  });
});

describe('a session over the midnight of Greenwich', () => {
  it('is one day, and no change between days', () => {
    clock('America/Los_Angeles', '2026-11-28T15:50:00-08:00');
    const first = reading(60);
    clock('America/Los_Angeles', '2026-11-28T16:05:00-08:00');
    const second = reading(70);
    expect(first.takenAt.slice(0, 10)).not.toBe(second.takenAt.slice(0, 10));
    expect(roundsOf([first, second].map(dayOf))).toHaveLength(1);
    expect(changeOf({ test: 'straight-leg-raise', readout: 'hip-flexion', side: 'left' }, [first, second])).toBeNull();
  });
  it('stays the day that it was, wherever it is looked at', () => {
    clock('Australia/Sydney', '2026-11-29T07:30:00+11:00');
    const r = reading(60);
    clock('America/Los_Angeles', '2026-11-28T20:00:00-08:00');
    expect(dayOf(r)).toBe('2026-11-29');
  });
});

describe('a clock that is set back in a lesson', () => {
  it('does not end it before it began', () => {
    clock('Europe/London', '2026-11-28T10:00:00Z');
    const state = startPlayer('p', 's', [], Date.now());
    clock('Europe/London', '2026-11-28T09:00:00Z');
    const log = logFrom(state, { id: 'l', title: '', endedAt: now() });
    expect(log.endedAt).toBe(log.startedAt);
  });
});
