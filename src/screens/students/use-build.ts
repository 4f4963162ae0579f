'use client';
import { useMemo } from 'react';
import type { Build } from '@/core/body';
import type { CautionId } from '@/core/cautions/catalogue';
import { stands } from '@/core/cautions/screen';
import { buildOfStudent, type Student } from '@/core/students/student';
import { today } from '@/store/studio';

/** Months that a caution of pregnancy stands for, the middle of its span. */
const MONTHS: Readonly<Record<string, number>> = {
  'pregnancy-early': 2,
  'pregnancy-middle': 5,
  'pregnancy-late': 8,
} satisfies Partial<Record<CautionId, number>>;

/** Months of a pregnancy that a caution tells of on a day; undefined without one. */
function monthsOf({ cautions }: Pick<Student, 'cautions'>, day: string): number | undefined {
  const told = cautions.filter((c) => stands(c, day));
  const months = Math.max(0, ...told.map((c) => MONTHS[c.caution] ?? 0));
  return months > 0 ? months : undefined;
}

/** The student's build, the same object until a measure changes: figures keep what they have worked out for it. */
export function useBuild(student: Student): Build {
  const { height_cm, mass_kg, measures } = student;
  const key = JSON.stringify([{ height_cm, mass_kg, measures }, monthsOf(student, today())]);
  return useMemo(() => {
    const [own, pregnant] = JSON.parse(key) as [
      Pick<Student, 'height_cm' | 'mass_kg' | 'measures'>,
      number | null | undefined,
    ];
    const build = buildOfStudent(own);
    return typeof pregnant === 'number' ? { ...build, pregnant } : build;
  }, [key]);
}
