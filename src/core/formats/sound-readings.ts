import { testById } from '@/core/assessment/battery';
import { UNIT_SIGNS, valueProblem, type Reading } from '@/core/assessment/reading';
import type { Student } from '@/core/students/student';
import type { Moments } from './moments';

const unitWord = (unit: Reading['unit']): string => (unit === 'grade' ? 'a grade' : UNIT_SIGNS[unit].trim());

/** Why a reading of a file cannot be one; null where it can. */
export function whyNoReading(r: Reading, student: Student, moments: Moments): { at: string; why: string } | null {
  const test = testById(r.test);
  if (!test) return { at: 'test', why: `Kolpos knows no test called “${r.test}”.` };
  const readout = test.readouts.find((o) => o.id === r.readout);
  if (!readout) return { at: 'readout', why: `“${test.name}” has nothing called “${r.readout}” to read.` };
  if (r.unit !== readout.unit)
    return { at: 'unit', why: `“${test.name}” is read in ${unitWord(readout.unit)}, not in ${unitWord(r.unit)}.` };
  if (test.sided !== (r.side !== 'both'))
    return {
      at: 'side',
      why: test.sided ? `“${test.name}” is read on one side.` : `“${test.name}” reads both sides at once.`,
    };
  for (const [k, value] of r.trials.entries()) {
    const why = valueProblem(r.test, r.readout, value);
    if (why) return { at: `trials[${k}]`, why };
  }
  const after = r.afterBreath === undefined ? null : valueProblem(r.test, r.readout, r.afterBreath);
  if (after) return { at: 'afterBreath', why: after };
  for (const [k, former] of (r.history ?? []).entries())
    for (const [i, value] of former.trials.entries()) {
      const why = valueProblem(r.test, r.readout, value);
      if (why) return { at: `history[${k}].trials[${i}]`, why };
    }
  const when = moments.past(r.takenAt);
  if (when) return { at: 'takenAt', why: when };
  if (Number(r.takenAt.slice(0, 4)) < student.birthYear)
    return { at: 'takenAt', why: `${r.takenAt.slice(0, 10)} is before ${student.name} was born.` };
  return null;
}
