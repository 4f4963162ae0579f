import { rememberHurt } from './hurt-of';
import { LaterChanges, type Change } from './saved-row';
import { newId, now, type StudioDatabase } from './studio';

/** What was removed is kept for thirty days beside the data: a message that fades is never the only way back. */

export const KEPT_DAYS = 30;
const DAY_MS = 24 * 3_600_000;

/** Rows of a table that go together. */
export interface Going {
  table: string;
  rows: readonly object[];
}

/**
 * Removes rows of several tables as one, in a transaction of its own, and notes them. Undo brings all of them back,
 * while nothing stands in the place of any.
 * @param words what was removed, for the list: “the practice ‘Before rowing’”
 * @param gather the rows as they stand at that moment; nothing is removed where there are none
 */
export async function removing(
  db: StudioDatabase,
  gather: () => Promise<{ words: string; going: readonly Going[] }>,
): Promise<Change> {
  const id = newId();
  await db.transaction('rw', db.tables, async () => {
    const { words, going } = await gather();
    const rows = going.flatMap((g) => g.rows.map((row) => ({ table: g.table, row })));
    if (rows.length === 0) return;
    for (const { table, row } of rows) await db.table(table).delete(keyOf(db, table, row) as string);
    await db.removed.put({ id, at: now(), words, rows });
  });
  return { undo: () => bringBack(db, id) };
}

const keyOf = (db: StudioDatabase, table: string, row: object): unknown => {
  const path = db.table(table).schema.primKey.keyPath;
  const get = (k: string): unknown => (row as Record<string, unknown>)[k];
  return Array.isArray(path) ? path.map(get) : get(path ?? '');
};

/**
 * Brings back what was removed together. Rejects with `LaterChanges` where another row stands in its place; nothing is
 * brought back then.
 */
export const bringBack = (db: StudioDatabase, id: string): Promise<void> =>
  db.transaction('rw', db.tables, async () => {
    const gone = await db.removed.get(id);
    if (!gone) return;
    for (const { table, row } of gone.rows)
      if (await db.table(table).get(keyOf(db, table, row) as string)) throw new LaterChanges();
    for (const { table, row } of gone.rows) await db.table(table).put(row);
    await db.removed.delete(id);
    const students = new Set(
      gone.rows.filter((r) => r.table === 'logs').map((r) => (r.row as { student: string }).student),
    );
    for (const student of students) await rememberHurt(db, student);
  });

/** Forgets what was removed longer ago. */
export async function forgetOld(db: StudioDatabase, at = Date.now()): Promise<void> {
  await db.removed
    .where('at')
    .below(new Date(at - KEPT_DAYS * DAY_MS).toISOString())
    .delete();
}

/** Tables in which rows say of which student they are, by the field that says it. */
const OF_STUDENT: Readonly<Record<string, 'id' | 'student'>> = {
  students: 'id',
  readings: 'student',
  practices: 'student',
  logs: 'student',
  plans: 'student',
  sessions: 'student',
  pictures: 'student',
  visits: 'student',
};

/**
 * Deletes a student for good: everything that is hers, also what was removed before and what was computed. There is no
 * way back but a file; classes go on without her.
 */
export async function deleteForGood(db: StudioDatabase, id: string): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    const practices = await db.practices.where('student').equals(id).primaryKeys();
    const own = new Set<string>([id, ...practices]);
    for (const [table, field] of Object.entries(OF_STUDENT))
      await db
        .table(table)
        .filter((r: Record<string, unknown>) => r[field] === id)
        .delete();
    for (const practice of practices) {
      await db.edits.where('practice').equals(practice).delete();
      await db.editMarks.delete(practice);
      await db.players.delete(practice);
    }
    await db.drafts.filter((d) => d.id.includes(id)).delete();
    await db.memos.filter((m) => m.key.includes(id)).delete();
    await db.results.clear();
    await db.removed.filter((r) => r.rows.some(({ row }) => ofAny(row, own))).delete();
    await db.classes
      .filter((c) => c.students.includes(id))
      .modify((c) => {
        c.students = c.students.filter((s) => s !== id);
        c.updatedAt = now();
      });
  });
}

const ofAny = (row: object, ids: ReadonlySet<string>): boolean => {
  const { id, student, practice } = row as { id?: string; student?: string; practice?: string };
  return [id, student, practice].some((v) => v !== undefined && ids.has(v));
};
