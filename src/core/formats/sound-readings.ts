import { say } from '@/core/languages/spoken';
import { testById } from '@/core/assessment/battery';
import { UNIT_SIGNS, valueProblem, type Reading } from '@/core/assessment/reading';
import type { Student } from '@/core/students/student';
import type { Moments } from './moments';

const unitWord = (unit: Reading['unit']): string => (unit === 'grade' ? say('a grade') : UNIT_SIGNS[unit].trim());

/** Why a reading of a file cannot be one; null where it can. */
export function whyNoReading(r: Reading, student: Student, moments: Moments): { at: string; why: string } | null {
  const test = testById(r.test);
  if (!test) return { at: 'test', why: say('Kolpos knows no test called “{{test}}”.', { test: r.test }) };
  const readout = test.readouts.find((o) => o.id === r.readout);
  if (!readout)
    return {
      at: 'readout',
      why: say('“{{name}}” has nothing called “{{readout}}” to read.', { name: say(test.name), readout: r.readout }),
    };
  if (r.unit !== readout.unit)
    return {
      at: 'unit',
      why: say('“{{name}}” is read in {{unitWord}}, not in {{unitWord2}}.', {
        name: say(test.name),
        unitWord: unitWord(readout.unit),
        unitWord2: unitWord(r.unit),
      }),
    };
  if (test.sided !== (r.side !== 'both'))
    return {
      at: 'side',
      why: test.sided
        ? say('“{{name}}” is read on one side.', { name: say(test.name) })
        : say('“{{name}}” reads both sides at once.', { name: say(test.name) }),
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
    return {
      at: 'takenAt',
      why: say('{{takenAt}} is before {{name}} was born.', { takenAt: r.takenAt.slice(0, 10), name: student.name }),
    };
  return null;
}
