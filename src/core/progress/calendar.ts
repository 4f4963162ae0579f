import ICAL from 'ical.js';
import { daysLater } from '@/core/day-count';

/** Planned days as an iCalendar file (RFC 5545), and back: days that were moved in another calendar come home. */

export interface CalendarDay {
  /** Names the planned day for good: it stays when the day is moved. */
  uid: string;
  /** `YYYY-MM-DD`. */
  day: string;
  title: string;
  description: string;
}

/** A day that goes out. */
export interface DayOut extends CalendarDay {
  /** The hour on the wall, `HH:MM`, where it has one; else it is a whole day. */
  at?: string;
  minutes: number;
  /** No longer planned: a calendar that had it takes it off. */
  cancelled?: boolean;
}

const DOMAIN = 'kolpos';
export const uidOf = (student: string, was: string): string => `${student}.${was}@${DOMAIN}`;
/** The student and planned day behind a name; null for somebody else's event. */
export function plannedOf(uid: string): { student: string; was: string } | null {
  const m = /^(.+)\.(\d{4}-\d{2}-\d{2})@kolpos$/.exec(uid);
  return m && { student: m[1], was: m[2] };
}

/** Who wrote it, as the standard wants it. */
const PRODUCT = '-//Kolpos//Practice weeks//EN';
/** Moment from which versions of a file are counted, so that the later one wins. */
const FIRST_VERSION = Date.UTC(2026, 0, 1);
const MINUTE = 60_000;

/**
 * Text of a calendar. A day without an hour is a whole day that keeps nobody from other things; one with an hour stands
 * at that hour of the wall, wherever it is read.
 * @param now moment of writing, milliseconds since 1970: a calendar takes the later file for the newer one
 */
export function writeCalendar(days: readonly DayOut[], now: number): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('prodid', PRODUCT);
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  const stamp = ICAL.Time.fromJSDate(new Date(now), true);
  const sequence = Math.max(0, Math.floor((now - FIRST_VERSION) / MINUTE));
  for (const { uid, day, title, description, at, minutes, cancelled } of days) {
    const event = new ICAL.Component('vevent');
    event.addPropertyWithValue('uid', uid);
    event.addPropertyWithValue('dtstamp', stamp);
    event.addPropertyWithValue('sequence', sequence);
    if (at) {
      event.addPropertyWithValue('dtstart', ICAL.Time.fromDateTimeString(`${day}T${at}:00`));
      event.addPropertyWithValue('duration', ICAL.Duration.fromSeconds(minutes * 60));
    } else {
      event.addPropertyWithValue('dtstart', ICAL.Time.fromDateString(day));
      // The day after: the end of a whole day does not count.
      event.addPropertyWithValue('dtend', ICAL.Time.fromDateString(daysLater(day, 1)));
    }
    event.addPropertyWithValue('summary', title);
    event.addPropertyWithValue('description', description);
    event.addPropertyWithValue('status', cancelled ? 'CANCELLED' : 'CONFIRMED');
    event.addPropertyWithValue('transp', at ? 'OPAQUE' : 'TRANSPARENT');
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

export type ReadCalendar =
  { ok: true; days: CalendarDay[] } | { ok: false; problem: { field: string; message: string } };

/**
 * Days of a calendar: of an event with a time, the day on which it begins where it takes place, whatever the zone of
 * this machine. Never throws.
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
