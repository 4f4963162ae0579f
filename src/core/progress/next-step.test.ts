import { describe, expect, it } from 'vitest';
import { QUESTIONS } from '@/core/cautions/red-flags';
import type { Practice } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import { readOf } from '@/core/inference/readings.fixtures';
import { nextStep } from './next-step';

const asked = {
  redFlags: { on: '2026-11-01', answers: Object.fromEntries(QUESTIONS.map((q) => [q.id, 'no'])) },
} as unknown as Student;
const readings = [readOf('straight-leg-raise', 'hip-flexion', 60)];
const practice = (id: string, updatedAt: string) => ({ id, updatedAt }) as Practice;
const quiet = { practice: null, open: 0, due: 0 };
const open = { stopped: false };

describe('the step that is plainly next', () => {
  it('is to ask, before anything else', () =>
    expect(nextStep({} as Student, readings, [], quiet, open).step).toBe('ask'));
  it('waits for a clinician where everything is closed', () =>
    expect(
      nextStep(asked, readings, [practice('a', '1')], { ...quiet, practice: 20 }, { stopped: true }),
    ).toMatchObject({ step: 'ask', words: 'Waits for a clinician' }));
  it('is to measure whom nobody measured', () => expect(nextStep(asked, [], [], quiet, open).step).toBe('measure'));
  it('is to test again what is due, before what is planned', () =>
    expect(nextStep(asked, readings, [practice('a', '1')], { ...quiet, practice: 20, due: 2 }, open)).toMatchObject({
      step: 'progress',
      words: 'Test again',
    }));
  it('is to build where nothing is built', () =>
    expect(nextStep(asked, readings, [], quiet, open).words).toBe('Build a practice'));
  it('is to teach the newest practice on its day, and to open it on others', () => {
    const two = [practice('old', '2026-11-01'), practice('new', '2026-11-09')];
    expect(nextStep(asked, readings, two, { ...quiet, practice: 20 }, open)).toMatchObject({
      step: 'teach',
      practice: 'new',
    });
    expect(nextStep(asked, readings, two, quiet, open).words).toBe('Open the practice');
  });
});
