import { LANGUAGES, languageOf, type Language } from '@/core/languages/language';
import type { Student } from '@/core/students/student';
import { InputProblem } from './commands';

/**
 * The language of a student's page: the one that is asked for, else her own.
 * @throws InputProblem for one that is not there
 */
export function languageFor(student: Pick<Student, 'language'>, asked: string | undefined): Language {
  if (asked !== undefined && !LANGUAGES.some((l) => l === asked))
    throw new InputProblem(`--language takes ${LANGUAGES.join(' or ')}, not "${asked}".`, 'language');
  return languageOf(asked ?? student.language);
}
