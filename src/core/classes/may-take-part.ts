import { say } from '@/core/languages/spoken';
import { unanswered } from '@/core/cautions/red-flags';
import { stopOf, type Screening } from '@/core/cautions/screen';
import type { Student } from '@/core/students/student';

/** How a student of a class stands with her cautions. */
export interface MayTakePart {
  /** Names of her cautions. */
  cautions: string[];
  /** Why she cannot take part today; null where she can. */
  stopped: string | null;
}

/** What stands of a student's cautions, in the language of the program that asks: a worker speaks English only. */
export function mayTakePart(student: Student, screening: Screening): MayTakePart {
  const stop = stopOf(screening)?.message;
  return {
    cautions: screening.cautions.map((c) => say(c.name)),
    stopped: screening.stopped
      ? say(stop ?? 'A caution stands.')
      : unanswered(student).length > 0
        ? say('The nine questions are still to be asked.')
        : null,
  };
}
