import type { GroupId } from '@/core/body';
import type { Findings } from '@/core/inference';

/**
 * Names that what goes out has had from its beginning, where the code has another: on the command line and in files a
 * field is never renamed for those who read it.
 */

/** What is told of a group: it stands under `structure`. */
export const underStructure = <T extends { group: GroupId }>({ group, ...rest }: T) => ({ structure: group, ...rest });

/** Findings: groups stand under `structures`, and so does what stops a movement. */
export const findingsTold = ({ student, model, groups, movements, question, ...rest }: Findings) => ({
  student,
  model,
  structures: groups.map(underStructure),
  movements: movements.map((m) => ({ ...m, limiters: m.limiters.map(underStructure) })),
  ...rest,
  question: question && { ...question, limiters: question.limiters.map(underStructure) },
});
