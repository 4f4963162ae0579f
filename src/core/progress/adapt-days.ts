import { daysBetween } from '@/core/day-count';
import type { LogEntry } from '@/core/teaching/log';
import { dayOf } from '@/core/day-of';
import { heldBack, type HeldBack } from './hold-back';
import { catchUp, planWeeks, progression, planWithTaught, type Plan, type PlanChoice, type WeeklyAim } from './plan';

/**
 * How the weeks ahead follow from what was done: a practice of another day counts for the day it was meant for, a day
 * that passed is missed and finds another one in its week where there is room, and a week that would ask for more stays
 * as the last where something speaks against it. A proposal: nothing changes before the teacher says so.
 */

/** Weeks of which at least this share of days was not done are not built upon. Ours. */
const MOST_MISSED = 0.5;

export type DayChange =
  | { kind: 'other-day'; day: string; to: string }
  | { kind: 'missed'; day: string }
  | { kind: 'moved'; day: string; to: string }
  | { kind: 'held'; week: number; why: (HeldBack | 'missed')[] };

export interface AdaptedDays {
  choice: PlanChoice;
  changes: DayChange[];
}

/**
 * @param aims what a week should hold, for where strength needs a day between
 * @param logs what was taught or done at home, of this student
 * @param today the day on the wall, `YYYY-MM-DD`: what is planned on it is still open
 */
export function adaptDays(
  choice: PlanChoice,
  aims: readonly WeeklyAim[],
  logs: readonly LogEntry[],
  today: string,
): AdaptedDays {
  const taught = new Set(logs.map((l) => dayOf(l)));
  const changes: DayChange[] = [];
  let next = choice;
  const plan = (): Plan => planWithTaught(planWeeks(aims, next), taught);
  const passed = plan().days.filter((d) => d.day < today && d.mark === null);
  const own = new Set(plan().days.map((d) => d.day));
  const spare = [...taught].filter((day) => !own.has(day) && day <= today).sort();
  // Something that hurt is looked at first: nothing is made up for on top of it.
  const held = heldBack(logs.filter((l) => dayOf(l) <= today));
  for (const d of passed) {
    const on = spare.findIndex((day) => day > d.day && daysBetween(d.day, day) < 7 && sameWeek(choice, d.was, day));
    if (on >= 0) {
      const [to] = spare.splice(on, 1);
      next = { ...next, moved: { ...next.moved, [d.was]: to } };
      changes.push({ kind: 'other-day', day: d.day, to });
      continue;
    }
    next = { ...next, marks: { ...next.marks, [d.was]: 'missed' } };
    const now = plan();
    const missed = now.days.find((x) => x.was === d.was);
    const to = missed && !held.includes('pain') ? catchUp(now, missed, today, taught) : null;
    if (!to) {
      changes.push({ kind: 'missed', day: d.day });
      continue;
    }
    next = { ...next, moved: { ...next.moved, [d.was]: to }, marks: without(next.marks, d.was) };
    changes.push({ kind: 'moved', day: d.day, to });
  }
  const hold = weekToHold(next, plan(), held, today);
  if (hold) {
    next = { ...next, held: [...(next.held ?? []), hold.week].sort((a, b) => a - b) };
    changes.push({ kind: 'held', ...hold });
  }
  return { choice: next, changes };
}

const without = (marks: PlanChoice['marks'], day: string): PlanChoice['marks'] =>
  Object.fromEntries(Object.entries(marks).filter(([d]) => d !== day));

const weekOf = (choice: PlanChoice, day: string): number => Math.floor(daysBetween(choice.start, day) / 7);
const sameWeek = (choice: PlanChoice, a: string, b: string): boolean => weekOf(choice, a) === weekOf(choice, b);

/** The week that comes next or is under way, where it would ask for more and should not; null otherwise. */
function weekToHold(
  choice: PlanChoice,
  plan: Plan,
  held: readonly HeldBack[],
  today: string,
): { week: number; why: (HeldBack | 'missed')[] } | null {
  const week = plan.days.find((d) => d.day >= today && d.mark === null)?.week;
  // The first week asks for nothing more, and where the weeks have not begun nothing can speak against them.
  if (week === undefined || week < 1 || choice.start > today) return null;
  if (!['longer', 'next-rung'].includes(progression(week, choice.held))) return null;
  const last = plan.days.filter((d) => d.week === week - 1);
  const missed = last.filter((d) => d.mark === 'missed' || d.mark === null).length;
  const why: (HeldBack | 'missed')[] = [...held];
  if (last.length > 0 && missed >= MOST_MISSED * last.length) why.push('missed');
  return why.length > 0 ? { week, why } : null;
}
