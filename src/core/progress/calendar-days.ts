import type { DayOut } from './calendar';
import { uidOf } from './calendar';
import { progression, type Plan, type PlanChoice } from './plan';
import { PROGRESSION_WORDS } from './words';

/** How the student is called in a calendar that others may see. */
export const CALLED = ['nobody', 'initials', 'first-name'] as const;
export type Called = (typeof CALLED)[number];
export const CALLED_WORDS: Readonly<Record<Called, string>> = {
  nobody: 'without a name',
  initials: 'with initials',
  'first-name': 'with the first name',
};

const calledAs = (name: string, called: Called): string => {
  const parts = name.split(/\s+/).filter(Boolean);
  if (called === 'nobody') return '';
  return called === 'initials' ? `${parts.map((p) => `${[...p][0]}.`).join(' ')}: ` : `${parts[0]}: `;
};

/**
 * The weeks ahead as days of a calendar: no finding, no muscle, and no name but as wished; days that an earlier file had and that are
 * planned no more are called off.
 */
export function calendarDays(plan: Plan, choice: PlanChoice, name: string, called: Called): DayOut[] {
  const who = calledAs(name, called);
  const own = new Set(plan.days.map((d) => d.was));
  const at = choice.at ? { at: choice.at } : {};
  return [
    ...plan.days.map((d) => ({
      uid: uidOf(choice.student, d.was),
      day: d.day,
      title: `${who}Practice, ${d.minutes} minutes${d.retest.length > 0 ? ', and testing again' : ''}`,
      description: PROGRESSION_WORDS[progression(d.week, choice.held)],
      minutes: d.minutes,
      ...at,
    })),
    ...(choice.saved ?? [])
      .filter((was) => !own.has(was))
      .map((was) => ({
        uid: uidOf(choice.student, was),
        day: was,
        title: `${who}Practice`,
        description: 'No longer planned.',
        minutes: choice.minutes,
        cancelled: true,
        ...at,
      })),
  ];
}

/** The plan with what a calendar file of it now holds remembered. */
export const asSaved = (choice: PlanChoice, plan: Plan): PlanChoice => ({
  ...choice,
  saved: plan.days.map((d) => d.was),
});
