import { say } from '@/core/languages/spoken';
import type { GroupId } from '@/core/body';
import { groupName } from '@/core/body/words';
import { daysLater } from '@/core/day-count';
import { dayOf } from '@/core/day-of';
import type { Reading } from '@/core/assessment/reading';
import type { Limit } from '@/core/inference';
import { plannedBetween, type PlanChoice } from '@/core/progress/plan';
import { retestsOf } from '@/core/progress/retest';
import type { LogEntry } from '@/core/teaching/log';
import { attendanceOf, nextVisit, visitsWithTaught, type Visit } from '@/core/visits/visit';

/** Days that “lately” reaches back, today counted. Ours: four weeks. */
export const LATELY_DAYS = 28;
/** A reading older than this is history, days. */
const HISTORY_DAYS = 365;

/** What is known of one student. */
export interface KnownStudent {
  id: string;
  name: string;
  /** Null where it was not worked out yet. */
  limits: readonly Limit[] | null;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
  plan: PlanChoice | undefined;
  /** Classes that she is in, by id. */
  classes: readonly string[];
}

export interface OverviewRow {
  id: string;
  name: string;
  limits: readonly Limit[] | null;
  /** Day of the newest reading; null where nothing was measured. */
  measured: string | null;
  /** Readings that are due again. */
  due: number;
  /** Lessons and practices at home lately, and their minutes of holding. */
  practised: number;
  minutes: number;
  /** Planned days lately up to today, and how many of them were done. */
  planned: number;
  done: number;
  came: number;
  missed: number;
  /** The next visit, her own or of a class of hers. */
  next: Visit | null;
}

/**
 * One row a student, by name.
 * @param visits as they are stored
 * @param classes ids of the classes that there are
 * @param today the day here, `YYYY-MM-DD`
 * @param hour the hour here, `HH:MM`
 */
export function overviewOf(
  people: readonly KnownStudent[],
  visits: readonly Visit[],
  classes: readonly string[],
  today: string,
  hour: string,
): OverviewRow[] {
  const seen = visitsWithTaught(
    visits,
    people.flatMap((p) => p.logs),
    classes,
  );
  const since = daysLater(today, 1 - LATELY_DAYS);
  const lately = (day: string): boolean => day >= since && day <= today;
  return people
    .map((p): OverviewRow => {
      const logs = p.logs.filter((l) => lately(dayOf(l)));
      const days = new Set(logs.map(dayOf));
      const planned = p.plan ? plannedBetween(p.plan, since, today) : [];
      const seconds = logs.flatMap((l) => l.items).reduce((s, i) => s + i.doneSeconds, 0);
      const { came, missed } = attendanceOf(
        seen.filter((v) => lately(v.day)),
        p.id,
      );
      return {
        id: p.id,
        name: p.name,
        limits: p.limits,
        measured: p.readings.reduce<string | null>((d, r) => (d !== null && d > dayOf(r) ? d : dayOf(r)), null),
        due: retestsOf(p.readings, [], today).filter((r) => r.inDays <= 0 && r.inDays > -HISTORY_DAYS).length,
        practised: logs.length,
        minutes: Math.round(seconds / 60),
        planned: planned.length,
        done: planned.filter((d) => d.mark === 'done' || (d.mark === null && days.has(d.day))).length,
        came,
        missed,
        next: nextVisit(seen, p.id, p.classes, today, hour),
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1));
}

/** Each group that limits once, with the sides on which it does, in the order of the limits. */
function sidesOfLimits(limits: readonly Limit[]): { group: GroupId; sides: readonly Limit['side'][] }[] {
  const out = new Map<GroupId, Set<Limit['side']>>();
  for (const { group, side } of limits) out.set(group, (out.get(group) ?? new Set()).add(side));
  return [...out].map(([group, sides]) => ({ group, sides: [...sides].sort() }));
}

/** What limits, in words: "adductors both sides, calf left". */
export const limitsWords = (limits: readonly Limit[]): string =>
  sidesOfLimits(limits)
    .map(({ group, sides }) => `${groupName(group)} ${sides.length === 2 ? say('both sides') : say(sides[0])}`)
    .join(', ');

/** A group that limits somebody, with how many it limits on either side, or on both. */
export interface CommonLimit {
  group: GroupId;
  left: number;
  right: number;
  both: number;
  /** Who it limits, by name. */
  who: readonly string[];
}

/** What limits most students first; of equals in the order of their names. Whoever is not worked out counts nowhere. */
export function commonLimits(rows: readonly Pick<OverviewRow, 'name' | 'limits'>[]): CommonLimit[] {
  const out = new Map<GroupId, { left: number; right: number; both: number; who: string[] }>();
  for (const { name, limits } of rows)
    for (const { group, sides } of sidesOfLimits(limits ?? [])) {
      const count = out.get(group) ?? { left: 0, right: 0, both: 0, who: [] };
      if (sides.length === 2) count.both++;
      else if (sides[0] === 'left') count.left++;
      else count.right++;
      count.who.push(name);
      out.set(group, count);
    }
  return [...out]
    .map(([group, count]) => ({ group, ...count }))
    .sort((a, b) => b.who.length - a.who.length || (a.group < b.group ? -1 : 1));
}
