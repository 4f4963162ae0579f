import { summariseStrength, type Findings } from '@/core/limits';
import type { Aim, Student } from '@/core/people/student';
import type { Reading } from '@/core/tests/reading';
import { standingAims, workAims, type StandingAim } from './choices';
import type { AimDefaults } from './defaults';
import { proposeAims, type ProposedAim } from './propose';

export interface AimsOf {
  proposed: ProposedAim[];
  standing: StandingAim[];
  /** What ranking and practice work with. */
  work: Aim[];
}

/**
 * Aims of a student: proposed from findings, strength and age, with the teacher's choices before them.
 * @param year the year it is, for her age
 */
export function aimsFor(
  student: Pick<Student, 'id' | 'birthYear' | 'sexForNorms' | 'aims' | 'aimChoices'>,
  readings: readonly Reading[],
  findings: Findings,
  year: number,
  defaults?: AimDefaults,
): AimsOf {
  const age = year - student.birthYear;
  const own = readings.filter((r) => r.student === student.id);
  const strength = summariseStrength(own, { sexForNorms: student.sexForNorms, age });
  const proposed = proposeAims(findings, { strength, age, defaults });
  const standing = standingAims(student, proposed);
  return { proposed, standing, work: workAims(standing) };
}
