import { readRecord, writeRecord, type FileProblem, type KolposRecord } from '@/core/files/record';
import { now, type StudioDatabase } from './studio';

/** Everything of the studio as text of a `kolpos/record` file; remembers when it was taken out. */
export async function takeOut(db: StudioDatabase): Promise<string> {
  const exportedAt = now();
  const [students, readings, practices, logs] = await Promise.all([
    db.students.toArray(),
    db.readings.toArray(),
    db.practices.toArray(),
    db.logs.toArray(),
  ]);
  const text = writeRecord({ exportedAt, students, readings, practices, logs });
  await db.memos.put({ key: 'taken-out', value: exportedAt });
  return text;
}

const tablesOf = (db: StudioDatabase) => [db.students, db.readings, db.practices, db.logs] as const;

/** Puts a record into the studio in one step: what has the same id is replaced, the rest stays. */
export async function putRecord(db: StudioDatabase, record: KolposRecord): Promise<void> {
  await db.transaction('rw', [...tablesOf(db)], async () => {
    await db.students.bulkPut(record.students);
    await db.readings.bulkPut(record.readings);
    await db.practices.bulkPut(record.practices);
    await db.logs.bulkPut(record.logs);
  });
}

export type BringInResult =
  | {
      ok: true;
      counts: { students: number; readings: number; practices: number; logs: number };
      undo: () => Promise<void>;
    }
  | { ok: false; problem: FileProblem };

/** Brings in a file's text. A broken file changes nothing. The result can be taken back whole. */
export async function bringIn(db: StudioDatabase, text: string): Promise<BringInResult> {
  const result = readRecord(text);
  if (!result.ok) return result;
  const before = await Promise.all([
    db.students.toArray(),
    db.readings.toArray(),
    db.practices.toArray(),
    db.logs.toArray(),
  ]);
  await putRecord(db, result.record);
  const { students, readings, practices, logs } = result.record;
  return {
    ok: true,
    counts: { students: students.length, readings: readings.length, practices: practices.length, logs: logs.length },
    undo: () =>
      db.transaction('rw', [...tablesOf(db)], async () => {
        await Promise.all(tablesOf(db).map((t) => t.clear()));
        await db.students.bulkPut(before[0]);
        await db.readings.bulkPut(before[1]);
        await db.practices.bulkPut(before[2]);
        await db.logs.bulkPut(before[3]);
      }),
  };
}

/** Empties the studio and fills it with a record: the demo's reset. */
export async function replaceAll(db: StudioDatabase, record: KolposRecord): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    await Promise.all(db.tables.map((t) => t.clear()));
    await db.students.bulkPut(record.students);
    await db.readings.bulkPut(record.readings);
    await db.practices.bulkPut(record.practices);
    await db.logs.bulkPut(record.logs);
  });
}
