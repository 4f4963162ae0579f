import { hurtIn } from '@/core/students/hurt';
import type { StudioDatabase } from './studio';

/**
 * Brings what is remembered as hurting in line with a student's lessons. To be called inside a transaction over logs
 * and students.
 */
export async function rememberHurt(db: StudioDatabase, id: string): Promise<void> {
  const student = await db.students.get(id);
  if (!student) return;
  const hurt = hurtIn(await db.logs.where('student').equals(id).toArray(), student.hurt);
  if (JSON.stringify(hurt) !== JSON.stringify(student.hurt ?? [])) await db.students.update(id, { hurt });
}

/** Takes out of what is remembered as hurting what lessons said that are there no longer. */
export async function forgetHurt(db: StudioDatabase, id: string, lessons: ReadonlySet<string>): Promise<void> {
  const student = await db.students.get(id);
  if (student?.hurt?.some((h) => lessons.has(h.log)))
    await db.students.update(id, { hurt: student.hurt.filter((h) => !lessons.has(h.log)) });
}
