import { say } from '@/core/languages/spoken';
import { groupOf } from '@/core/body';
import type { OwnShape } from '@/core/poses/schema';
import { LIBRARY } from '@/core/poses';
import type { PlanChoice } from '@/core/progress/plan';
import type { PracticeItem } from '@/core/practice/practice';
import type { PracticeRequest } from '@/core/practice/request';
import type { Aim } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';
import type { Moments } from './moments';
import type { Aside } from './set-aside';
import { counted } from '@/core/plural';

/** Tells whether there is a pose, and that rung of it. */
export class KnownPoses {
  private readonly rungs: ReadonlyMap<string, number>;

  constructor(own: readonly OwnShape[]) {
    this.rungs = new Map([...LIBRARY, ...own].map((s) => [s.id, s.rungs.length]));
  }

  /**
   * Why a pose and rung are not there; null where they are. A pose of the teacher's own that she took out since is let
   * be.
   */
  why(pose: string, rung = 1): { at: string; why: string } | null {
    const rungs = this.rungs.get(pose);
    if (rungs === undefined)
      return pose.startsWith('own-')
        ? null
        : { at: 'pose', why: say('There is no pose “{{pose}}” here or among the poses of this file.', { pose }) };
    return rung > rungs
      ? {
          at: 'rung',
          why: say('“{{pose}}” has {{counted}}, not {{count}}.', {
            pose,
            counted: counted(rungs, 'rung'),
            count: rung,
          }),
        }
      : null;
  }
}

/** A group, or a single structure of one: aims may name either. */
const isGroup = (id: string): boolean => groupOf(id) !== null;

/** Aims whose muscle there is; the others are set aside. */
export const soundAims = <T extends { group: string }>(aims: readonly T[], where: string, aside: Aside): T[] =>
  aside.sift(where, aims, ({ group }) =>
    isGroup(group) ? null : { at: 'group', why: say('There is no muscle group “{{group}}”.', { group }) },
  );

interface Planned {
  items: PracticeItem[];
  aims: Aim[];
  request?: PracticeRequest;
}

/** A practice, template or class with the items that there are; the others are set aside one by one. */
export function soundPractice<T extends Planned>(p: T, where: string, known: KnownPoses, aside: Aside): T {
  const ids = new Set<string>();
  const items = aside.sift(`${where}.items`, p.items, (item) => {
    if (ids.has(item.id)) return { at: 'id', why: say('The id “{{id}}” stands here a second time.', { id: item.id }) };
    ids.add(item.id);
    return known.why(item.pose, item.rung);
  });
  const aims = soundAims(p.aims, `${where}.aims`, aside);
  const peak = p.request?.peak;
  const no = peak ? known.why(peak) : null;
  if (no) aside.put(`${where}.request.peak`, no.why, peak);
  return { ...p, items, aims, ...(p.request && no && { request: { ...p.request, peak: null } }) };
}

/** Why a log cannot be of a lesson; null where it can. */
export function whyNoLesson(log: LogEntry, moments: Moments): { at: string; why: string } | null {
  const when = moments.past(log.startedAt);
  if (when) return { at: 'startedAt', why: when };
  const end = moments.past(log.endedAt);
  if (end) return { at: 'endedAt', why: end };
  return Date.parse(log.endedAt) < Date.parse(log.startedAt)
    ? { at: 'endedAt', why: say('This lesson ends before it begins.') }
    : null;
}

/** A log with the items that there are. */
export const soundLog = (log: LogEntry, where: string, known: KnownPoses, aside: Aside): LogEntry => ({
  ...log,
  items: aside.sift(`${where}.items`, log.items, (item) => known.why(item.pose, item.rung)),
});

/** True where going on from here comes back to it. */
function circular(next: Readonly<Record<string, string>>, start: string): boolean {
  const seen = new Set([start]);
  for (let at = next[start]; at !== undefined; at = next[at]) {
    if (at === start) return true;
    if (seen.has(at)) return false;
    seen.add(at);
  }
  return false;
}

/** Weeks ahead without days that cannot be, or a pose that is not there. */
export function soundPlan(
  plan: PlanChoice,
  where: string,
  moments: Moments,
  known: KnownPoses,
  aside: Aside,
): PlanChoice {
  const days = aside.sift(`${where}.days`, plan.days, (day, i) =>
    plan.days.indexOf(day) === i ? null : { why: say('This day of the week stands here a second time.') },
  );
  const moved = Object.fromEntries(
    Object.entries(plan.moved).filter(([from, to]) => {
      // Two days may have changed places: moves are not followed further, so that there is no going round.
      const why = moments.ahead(from) ?? moments.ahead(to);
      if (why) aside.put(`${where}.moved.${from}`, why, to);
      return !why;
    }),
  );
  const marks = Object.fromEntries(
    Object.entries(plan.marks).filter(([day, mark]) => {
      const why = moments.ahead(day);
      if (why) aside.put(`${where}.marks.${day}`, why, mark);
      return !why;
    }),
  );
  const no = plan.peak === undefined ? null : known.why(plan.peak);
  if (no) aside.put(`${where}.peak`, no.why, plan.peak);
  return { ...plan, days, moved, marks, ...(no && { peak: undefined }) };
}

/** Own poses whose “instead” leads somewhere: not to nothing, and not round in a circle. */
export function soundShapes(shapes: readonly OwnShape[], where: string, known: KnownPoses, aside: Aside): OwnShape[] {
  const next = Object.fromEntries(shapes.flatMap((s) => (s.instead === undefined ? [] : [[s.id, s.instead]])));
  return shapes.map((s, i) => {
    if (s.instead === undefined) return s;
    const why = circular(next, s.id)
      ? say('What is done instead leads back to this pose.')
      : (known.why(s.instead)?.why ?? null);
    if (why) aside.put(`${where}[${i}].instead`, why, s.instead);
    return why ? { ...s, instead: undefined } : s;
  });
}
