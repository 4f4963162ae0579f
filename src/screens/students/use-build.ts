'use client';
import { useMemo } from 'react';
import type { Build } from '@/core/body';
import { buildOfStudent, type Student } from '@/core/students/student';

/** The student's build, the same object until a measure changes: figures keep what they have worked out for it. */
export function useBuild({ height_cm, mass_kg, measures }: Student): Build {
  const key = JSON.stringify({ height_cm, mass_kg, measures });
  return useMemo(() => buildOfStudent(JSON.parse(key) as Pick<Student, 'height_cm' | 'mass_kg' | 'measures'>), [key]);
}
