import type { Answer, RedFlags } from '@/core/students/red-flags';
import { CAUTIONS, type Caution, type CautionId } from './catalogue';
import { RED_FLAGS } from './catalogue/red-flags';
import { stands, type Told } from './screen';

/** The nine questions that are asked before anything is measured; told by their cautions. */
export const QUESTIONS: readonly Caution<CautionId>[] = RED_FLAGS.filter((c) => c.id !== 'pressure-uncontrolled');

/** Every other caution, asked about afterwards. */
export const FURTHER = CAUTIONS.filter((c) => !QUESTIONS.includes(c));

/** What a student answered to a caution by a day; null where it was not asked. */
export function answerTo(
  student: { cautions: readonly Told[]; redFlags?: RedFlags; askedNo?: readonly string[] },
  caution: string,
  today: string,
): Answer | null {
  const answer = student.redFlags?.answers[caution];
  if (student.cautions.some((c) => c.caution === caution && stands(c, today)))
    return answer === 'unsure' ? answer : 'yes';
  return answer ?? (student.askedNo?.includes(caution) ? 'no' : null);
}

interface Asked {
  cautions: readonly { caution: string; cleared?: unknown }[];
  redFlags?: RedFlags;
}

/** Questions that are not answered yet. Nothing is measured or practised before all are. */
export const unanswered = (student: { redFlags?: RedFlags }): (typeof QUESTIONS)[number][] =>
  QUESTIONS.filter((c) => !student.redFlags?.answers[c.id]);

/**
 * An answer written down: yes and not sure put the caution up until it is cleared. No takes down only what an answer
 * put up: what was told otherwise stays until it is taken off there.
 */
export function answered<S extends Asked>(
  student: S,
  caution: string,
  answer: Answer,
  on: string,
): { cautions: S['cautions'][number][]; redFlags: RedFlags } {
  const before = student.redFlags?.answers[caution];
  const put = before === 'yes' || before === 'unsure';
  const standing = student.cautions.some((c) => c.caution === caution && !c.cleared);
  const cautions =
    answer === 'no'
      ? student.cautions.filter((c) => !put || c.caution !== caution || c.cleared)
      : standing
        ? [...student.cautions]
        : [...student.cautions.filter((c) => c.caution !== caution), { caution }];
  const answers = { ...student.redFlags?.answers, [caution]: answer };
  return { cautions, redFlags: { ...student.redFlags, on, answers } };
}
