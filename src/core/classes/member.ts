import { aimsFor } from '@/core/aims/for-student';
import type { AimDefaults } from '@/core/aims/defaults';
import { screenOf } from '@/core/cautions/screen';
import { wayFor, type Comfort } from '@/core/fit/way';
import { summariseStrength, type Inference } from '@/core/inference';
import { buildOfStudent, type Aim, type Student } from '@/core/students/student';
import { rankPoses, type RankedPose } from '@/core/ranking/rank';
import type { Reading } from '@/core/assessment/reading';
import { mayTakePart, type MayTakePart } from './may-take-part';

/** A student of a class as far as the class needs to know her. */
export interface Member extends MayTakePart {
  id: string;
  name: string;
  aims: Aim[];
  /** The whole library in her, for her own aims. */
  ranked: RankedPose[];
  /** False where nothing was read: then she is taken as typical. */
  measured: boolean;
}

/**
 * What follows from a student's readings for a class: her aims, and the library in her.
 * @param year the year it is, for her age
 * @param day today, for cautions that end
 */
export function memberOf(
  student: Student,
  readings: readonly Reading[],
  { findings, posterior }: Pick<Inference, 'findings' | 'posterior'>,
  when: { year: number; day: string },
  settings: { aims?: AimDefaults; comfort?: Comfort } = {},
): Member {
  const strength = summariseStrength(readings, {
    sexForNorms: student.sexForNorms,
    age: when.year - student.birthYear,
  });
  const way = wayFor(findings.hints, strength, settings.comfort);
  const aims = readings.length > 0 ? aimsFor(student, readings, findings, when.year, settings.aims).work : [];
  const screening = screenOf(student, when.day);
  return {
    id: student.id,
    name: student.name,
    aims,
    ranked: rankPoses(posterior, buildOfStudent(student), aims, screening, way),
    ...mayTakePart(student, screening),
    measured: readings.length > 0,
  };
}

/** Students of a class who can take part. */
export const presentOf = <T extends Pick<Member, 'stopped'>>(members: readonly T[]): T[] =>
  members.filter((m) => m.stopped === null);
