import { digest } from '@/core/digest';
import type { DayOut } from '@/core/progress/calendar';
import { calledAs, type Called } from '@/core/students/called';
import type { Visit } from './visit';
import type { CalendarEvent } from './read-events';

const uidOf = (id: string): string => `visit.${id}@kolpos`;
/** The visit behind a name that Kolpos gave; null for somebody else’s event. */
export const visitBehind = (key: string): string | null => /^visit\.(\S+)@kolpos$/.exec(key)?.[1] ?? null;

/**
 * Visits as days of a calendar: a student by the name that is wished, no finding; a class by its own name. What was
 * called off or did not happen is taken off there too.
 */
export const visitDays = (visits: readonly Visit[], nameOf: (v: Visit) => string, called: Called): DayOut[] =>
  visits.map((v) => ({
    uid: uidOf(v.id),
    day: v.day,
    ...(v.at !== undefined && { at: v.at }),
    minutes: v.minutes,
    title: (v.class !== undefined ? nameOf(v) : calledAs(nameOf(v), called)) || 'A student',
    description: '',
    ...(v.became === 'off' && { cancelled: true }),
  }));

/** The id of the visit that an event of somebody’s calendar becomes: the same each time that the calendar comes. */
export const visitIdOf = (event: CalendarEvent): string => visitBehind(event.key) ?? `cal-${digest(event.key)}`;
