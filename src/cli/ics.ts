import { aimsFor } from '@/core/aims/for-student';
import { AIM_DEFAULTS } from '@/core/aims/defaults';
import type { KolposRecord } from '@/core/formats/record';
import { writeCalendar } from '@/core/progress/calendar';
import { calendarDays } from '@/core/progress/calendar-days';
import { planWeeks } from '@/core/progress/plan';
import { weeklyAims } from '@/core/progress/weekly-aims';
import { inferenceOf, InputProblem } from './commands';

/**
 * The weeks ahead of a student as a calendar that names nobody, as the application writes it.
 * @param now moment of writing, milliseconds since 1970
 * @throws InputProblem where there is no such student or no weeks are planned
 */
export function ics(record: KolposRecord, id: string | undefined, seed: number, now: number): string {
  const { student, findings } = inferenceOf(record, id, seed);
  const choice = record.plans.find((p) => p.student === student.id);
  if (!choice) throw new InputProblem(`No weeks are planned for ${student.name}.`, 'plans');
  const year = new Date(now).getFullYear();
  const mobile = findings.hints.some((h) => h.kind === 'mobile');
  const aims = weeklyAims(
    aimsFor(student, record.readings, findings, year),
    null,
    { age: year - student.birthYear, mobile },
    AIM_DEFAULTS,
  );
  return writeCalendar(calendarDays(planWeeks(aims, choice), choice, student.name, 'nobody'), now);
}
