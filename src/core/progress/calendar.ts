import { createEvents, type DateArray, type EventAttributes } from 'ics';
import ICAL from 'ical.js';

/** Planned days as an iCalendar file, and back: days that were moved in another calendar come home. */

export interface CalendarDay {
  /** Names the planned day for good: it stays when the day is moved. */
  uid: string;
  /** `YYYY-MM-DD`. */
  day: string;
  title: string;
  description: string;
}

const DOMAIN = 'kolpos';
export const uidOf = (student: string, was: string): string => `${student}.${was}@${DOMAIN}`;
/** The student and planned day behind a name; null for somebody else's event. */
export function plannedOf(uid: string): { student: string; was: string } | null {
  const m = /^(.+)\.(\d{4}-\d{2}-\d{2})@kolpos$/.exec(uid);
  return m && { student: m[1], was: m[2] };
}

/** Text of a calendar with whole-day events. @throws where a day is none */
export function writeCalendar(days: readonly CalendarDay[]): string {
  const events = days.map(({ uid, day, title, description }): EventAttributes => {
    const start = day.split('-').map(Number) as unknown as DateArray;
    return {
      uid,
      title,
      description,
      start,
      // The day after: the end of a whole day does not count.
      duration: { days: 1 },
      productId: 'kolpos',
      calName: 'Practice',
    };
  });
  const { error, value } = createEvents(events);
  if (error || typeof value !== 'string')
    throw new Error(`The calendar could not be written: ${error?.message ?? 'no text'}`);
  return value;
}

export type ReadCalendar =
  { ok: true; days: CalendarDay[] } | { ok: false; problem: { field: string; message: string } };

/**
 * Days of a calendar: of an event with a time, the day on which it begins where it takes place, whatever the zone of this machine. Never
 * throws.
 */
export function readCalendar(text: string): ReadCalendar {
  try {
    const root = new ICAL.Component(ICAL.parse(text) as unknown as string);
    if (root.name !== 'vcalendar') throw new Error('no calendar');
    const days = root.getAllSubcomponents('vevent').flatMap((component): CalendarDay[] => {
      const event = new ICAL.Event(component);
      const start = event.startDate as ICAL.Time | null;
      if (!start || String(component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED') return [];
      const two = (n: number) => String(n).padStart(2, '0');
      return [
        {
          uid: event.uid,
          day: `${String(start.year).padStart(4, '0')}-${two(start.month)}-${two(start.day)}`,
          title: event.summary ?? '',
          description: event.description ?? '',
        },
      ];
    });
    return { ok: true, days };
  } catch {
    return {
      ok: false,
      problem: { field: 'the file', message: 'This is not a calendar that can be read. Was it cut short?' },
    };
  }
}
