import { say } from '@/core/languages/spoken';
import { calledAs, type Called } from '@/core/students/called';
import type { DayOut } from './calendar';
import { uidOf } from './calendar';
import { progression, type Plan, type PlanChoice } from './plan';
import { PROGRESSION_WORDS } from './words';

/**
 * The weeks ahead as days of a calendar: no finding, no muscle, and no name but as wished; days that an earlier file
 * had and that are planned no more are called off.
 */
export function calendarDays(plan: Plan, choice: PlanChoice, name: string, called: Called): DayOut[] {
  const short = calledAs(name, called);
  const who = short && `${short}: `;
  const own = new Set(plan.days.map((d) => d.was));
  const at = choice.at ? { at: choice.at } : {};
  return [
    ...plan.days.map((d) => ({
      uid: uidOf(choice.student, d.was),
      day: d.day,
      title: say('{{who}}Practice, {{count}} minutes{{what}}', {
        who,
        count: d.minutes,
        what: d.retest.length > 0 ? say(', and testing again') : '',
      }),
      description: say(PROGRESSION_WORDS[progression(d.week, choice.held)]),
      minutes: d.minutes,
      ...at,
    })),
    ...(choice.saved ?? [])
      .filter((was) => !own.has(was))
      .map((was) => ({
        uid: uidOf(choice.student, was),
        day: was,
        title: `${who}Practice`,
        description: say('No longer planned.'),
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
