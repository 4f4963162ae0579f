import { fieldOf, type Comer, type Visit } from './visit';
import { visitIdOf } from './visit-calendar';
import type { CalendarEvent } from './read-events';

/**
 * The visits that events of a calendar become: new ones, and those that stood here already where they moved or were
 * called off there. What is the same is none of them, nor what nobody is chosen for.
 * @param stood visits as they are stored, by id
 * @param whose who is chosen for a title; nothing where nobody is
 * @param now the moment of writing, ISO 8601
 */
export const visitsFrom = (
  events: readonly CalendarEvent[],
  stood: ReadonlyMap<string, Visit>,
  whose: (title: string) => Comer | null,
  now: string,
): Visit[] =>
  events.flatMap((e): Visit[] => {
    const id = visitIdOf(e);
    const before = stood.get(id);
    const { day, at, minutes } = e;
    if (before) {
      const became = e.cancelled ? 'off' : before.became;
      const same = before.day === day && before.at === at && before.minutes === minutes && before.became === became;
      return same ? [] : [{ ...before, day, at, minutes, became, updatedAt: now }];
    }
    const who = whose(e.title);
    if (!who || e.cancelled) return [];
    return [{ id, ...fieldOf(who), day, ...(at !== undefined && { at }), minutes, createdAt: now, updatedAt: now }];
  });
