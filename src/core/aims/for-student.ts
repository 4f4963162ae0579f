import type { Findings } from '@/core/inference';
import { summariseStrength } from '@/core/inference/strength';
import type { Aim, Student } from '@/core/students/student';
import type { Reading } from '@/core/assessment/reading';
import { standingAims, workAims, type StandingAim } from './choices';
import { AIM_DEFAULTS, type AimDefaults } from './defaults';
import { doseFor, type WeeklyDose } from './dose';
import { proposeAims, type ProposedAim } from './propose';

export interface AimsOf {
  proposed: ProposedAim[];
  /** Each with a week's dose for this student. */
  standing: (StandingAim & { dose: WeeklyDose })[];
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
  defaults: AimDefaults = AIM_DEFAULTS,
): AimsOf {
  const age = year - student.birthYear;
  const own = readings.filter((r) => r.student === student.id);
  const strength = summariseStrength(own, { sexForNorms: student.sexForNorms, age });
  const proposed = proposeAims(findings, { strength, age, defaults });
  const mobile = findings.hints.some((h) => h.kind === 'mobile');
  const standing = standingAims(student, proposed).map((aim) => ({
    ...aim,
    dose: doseFor(aim.kind, { age, mobile }, defaults),
  }));
  return { proposed, standing, work: workAims(standing) };
}
