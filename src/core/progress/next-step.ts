import { say } from '@/core/languages/spoken';
import { unanswered } from '@/core/cautions/red-flags';
import type { Screening } from '@/core/cautions/screen';
import type { Practice } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import type { Reading } from '@/core/assessment/reading';
import type { TodayOf } from './today';

/** What a teacher would do next with a student, and why. */
export interface NextStep {
  step: 'ask' | 'measure' | 'findings' | 'practice' | 'teach' | 'progress';
  /** What the button says. */
  words: string;
  /** The practice that is taught. */
  practice?: string;
}

/**
 * The one step that is plainly next: asked before measured, nothing while a clinician is waited for, measured before
 * built, built before taught; what is due again goes before what is planned.
 */
export function nextStep(
  student: Student,
  readings: readonly Reading[],
  practices: readonly Practice[],
  today: TodayOf,
  screening: Pick<Screening, 'stopped'>,
): NextStep {
  if (unanswered(student).length > 0) return { step: 'ask', words: say('Ask first') };
  // Until a clinician has answered nothing else is open.
  if (screening.stopped) return { step: 'ask', words: say('Waits for a clinician') };
  if (readings.length === 0) return { step: 'measure', words: say('Measure') };
  if (today.due > 0) return { step: 'progress', words: say('Test again') };
  const newest = [...practices].sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1)).at(0);
  if (!newest) return { step: 'practice', words: say('Build a practice') };
  if (today.practice !== null) return { step: 'teach', words: say('Teach'), practice: newest.id };
  return { step: 'practice', words: say('Open the practice') };
}
