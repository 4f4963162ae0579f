import { mergeStudents } from '@/core/students/merge';
import type { Student } from '@/core/students/student';
import type { StudioDatabase } from './studio';
import { momentOf } from './saved-row';
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

/** Writes a held row, unless the same was written anew since; of a student every field counts by itself. */
async function writeOne(db: StudioDatabase, { table, key, row }: HeldRow): Promise<void> {
  if (table === 'students') {
    const mine = row as Student;
    const there = await db.students.get(mine.id);
    await db.students.put(there ? mergeStudents(there, mine).student : mine);
    return;
  }
  const there = (await db.table(table).get(JSON.parse(key) as string)) as object | undefined;
  if (!there || momentOf(there) <= momentOf(row)) await db.table(table).put(row);
}
