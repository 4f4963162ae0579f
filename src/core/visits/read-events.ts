import { say } from '@/core/languages/spoken';
import ICAL from 'ical.js';
import { daysLater } from '@/core/day-count';
import { VISIT_MINUTES } from './visit';

/** An event of somebody's calendar, on one day. */
export interface CalendarEvent {
  /** Names it for good: an event that comes again has one of each day. */
  key: string;
  day: string;
  /** The hour on the wall, `HH:MM`; none for a whole day. */
  at?: string;
  minutes: number;
  title: string;
  /** Called off in that calendar. */
  cancelled: boolean;
}

export type ReadEvents =
  | {
      ok: true;
      events: CalendarEvent[];
      /** Events outside the days that were asked for. */
      outside: number;
    }
  | { ok: false; problem: { field: string; message: string } };

/** Days of an event that comes again at most; a rule without an end has no more in any span that is asked for. */
const MOST_AGAIN = 5000;
/** Minutes of an event without an end, or one that is no visit by its length. Ours. */
const USUAL = 60;

/**
 * Events of a calendar (RFC 5545) between two days, both counted, in their order; what comes again by a rule stands on
 * each of its days, what was moved or called off by hand there where it stands now. A time in Greenwich is read as it
 * is on this machine’s wall, any other as it is written. Never throws.
 */
export function readEvents(text: string, from: string, to: string): ReadEvents {
  try {
    const root = new ICAL.Component(ICAL.parse(text) as unknown as string);
    if (root.name !== 'vcalendar') throw new Error('no calendar');
    const found = root.getAllSubcomponents('vevent').flatMap((component) => occurrences(component, to));
    const events = found.filter((e) => e.day >= from && e.day <= to);
    const order = (e: CalendarEvent): string => `${e.day} ${e.at ?? ''} ${e.title} ${e.key}`;
    events.sort((a, b) => (order(a) < order(b) ? -1 : 1));
    return { ok: true, events, outside: found.length - events.length };
  } catch {
    return {
      ok: false,
      problem: { field: say('the file'), message: say('This is not a calendar that can be read. Was it cut short?') },
    };
  }
}

/** Days on which an event stands; of a rule those until the last day that is asked for. */
function occurrences(component: ICAL.Component, to: string): CalendarEvent[] {
  const event = new ICAL.Event(component);
  const start = event.startDate as ICAL.Time | null;
  // An exception stands with the event that it is one of; alone it stands for itself.
  if (!start || (event.isRecurrenceException() && hasParent(component, event.uid))) return [];
  if (!event.isRecurring()) return [eventAt(event, start, event.endDate, event.uid)];
  const out: CalendarEvent[] = [];
  const steps = event.iterator();
  const last = daysLater(to, 1);
  for (let k = 0; k < MOST_AGAIN; k++) {
    const next = steps.next() as ICAL.Time | null;
    if (!next || wall(next).day > last) break;
    const { item, startDate, endDate } = event.getOccurrenceDetails(next);
    out.push(eventAt(item, startDate, endDate, `${event.uid} ${wall(next).day}`));
  }
  return out;
}

const hasParent = (component: ICAL.Component, uid: string): boolean =>
  (component.parent?.getAllSubcomponents('vevent') ?? []).some(
    (c) => c.getFirstPropertyValue('uid') === uid && !c.hasProperty('recurrence-id'),
  );

function eventAt(event: ICAL.Event, start: ICAL.Time, end: ICAL.Time | null, key: string): CalendarEvent {
  const { day, at } = wall(start);
  const lasts = end ? Math.round((end.toJSDate().getTime() - start.toJSDate().getTime()) / 60_000) : USUAL;
  return {
    key,
    day,
    ...(at !== null && { at }),
    minutes: lasts >= VISIT_MINUTES.least && lasts <= VISIT_MINUTES.most ? lasts : USUAL,
    title: event.summary ?? '',
    cancelled: String(event.component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED',
  };
}

/** Day and hour on the wall; the hour is null for a whole day. */
function wall(time: ICAL.Time): { day: string; at: string | null } {
  const two = (n: number): string => String(n).padStart(2, '0');
  const said = (y: number, m: number, d: number, h: number, min: number) => ({
    day: `${String(y).padStart(4, '0')}-${two(m)}-${two(d)}`,
    at: time.isDate ? null : `${two(h)}:${two(min)}`,
  });
  if (time.isDate || time.zone !== ICAL.Timezone.utcTimezone)
    return said(time.year, time.month, time.day, time.hour, time.minute);
  const here = time.toJSDate();
  return said(here.getFullYear(), here.getMonth() + 1, here.getDate(), here.getHours(), here.getMinutes());
}
