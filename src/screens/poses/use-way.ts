'use client';
import { useMemo } from 'react';
import { screenOf } from '@/core/cautions/screen';
import { USUAL_WAY, wayFor } from '@/core/fit/way';
import type { Findings } from '@/core/inference';
import { summariseStrength } from '@/core/inference/strength';
import type { Student } from '@/core/students/student';
import type { Reading } from '@/core/assessment/reading';
import { today } from '@/store/studio';
import { ageOn } from '@/core/students/age';
import { useComfort } from '../settings/use-pose-settings';

export type StudentWay = ReturnType<typeof wayFor>;
const USUAL: StudentWay = { ...USUAL_WAY, why: [] };

/**
 * How a student's poses are fitted, from her hints and pushes and the teacher's setting; the same object until it
 * changes.
 */
export function useWay(
  student: Pick<Student, 'sexForNorms' | 'birthYear' | 'cautions' | 'hurt'> | undefined,
  readings: readonly Reading[] | undefined,
  findings: Findings | undefined,
): StudentWay {
  const [comfort] = useComfort();
  const age = student && ageOn(student.birthYear, today());
  const sex = student?.sexForNorms;
  const cautions = student?.cautions,
    birthYear = student?.birthYear,
    hurt = student?.hurt;
  return useMemo(() => {
    const way = findings
      ? wayFor(findings.hints, summariseStrength(readings ?? [], { sexForNorms: sex, age }), comfort)
      : USUAL;
    return cautions && birthYear !== undefined
      ? { ...way, under: screenOf({ cautions, birthYear, hurt }, today()) }
      : way;
  }, [findings, readings, sex, age, comfort, cautions, birthYear, hurt]);
}
