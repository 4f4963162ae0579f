import { mergeStudents } from '@/core/students/merge';
import type { Student } from '@/core/students/student';
import type { StudioDatabase } from './studio';
import { hold, letGo, unsaved, type HeldRow } from './unsaved';

/** Tries to write what is held of a database; true when nothing of it is left. */
export async function writeUnsaved(db: StudioDatabase): Promise<boolean> {
  for (const own of unsaved().rows.filter((r) => r.database === db.name)) {
    try {
      await writeOne(db, own);
      letGo((r) => r === own);
    } catch (error) {
      // The door holds it again; the reason may be another one now.
      hold([own], error);
    }
  }
  return !unsaved().rows.some((r) => r.database === db.name);
}

/** Writes a held row; what was written since into the same student stays. */
async function writeOne(db: StudioDatabase, { table, row }: HeldRow): Promise<void> {
  if (table === 'students') {
    const mine = row as Student;
    const there = await db.students.get(mine.id);
    await db.students.put(there ? mergeStudents(there, mine).student : mine);
  } else await db.table(table).put(row);
}
