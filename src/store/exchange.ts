import type { FileProblem } from '@/core/files/json';
import { readRecord, writeRecord, type KolposRecord } from '@/core/files/record';
import type { OwnShape } from '@/core/poses/schema';
import { now, type StudioDatabase } from './studio';

/** Everything of the studio as text of a `kolpos/record` file; remembers when it was taken out. */
export async function takeOut(db: StudioDatabase): Promise<string> {
  const exportedAt = now();
  const text = writeRecord({ exportedAt, ...(await everything(db)) });
  await db.memos.put({ key: 'taken-out', value: exportedAt });
  return text;
}

const tablesOf = (db: StudioDatabase) => [db.students, db.readings, db.practices, db.logs, db.poses] as const;
type Everything = Pick<KolposRecord, 'students' | 'readings' | 'practices' | 'logs'> & { poses: OwnShape[] };

async function everything(db: StudioDatabase): Promise<Everything> {
  const [students, readings, practices, logs, poses] = await Promise.all([
    db.students.toArray(),
    db.readings.toArray(),
    db.practices.toArray(),
    db.logs.toArray(),
    db.poses.toArray(),
  ]);
  return { students, readings, practices, logs, poses };
}

/** Puts a record into the studio in one step: what has the same id is replaced, the rest stays. */
export async function putRecord(db: StudioDatabase, record: KolposRecord): Promise<void> {
  await db.transaction('rw', [...tablesOf(db)], async () => {
    await put(db, record);
  });
}

async function put(db: StudioDatabase, all: Everything): Promise<void> {
  await db.students.bulkPut(all.students);
  await db.readings.bulkPut(all.readings);
  await db.practices.bulkPut(all.practices);
  await db.logs.bulkPut(all.logs);
  await db.poses.bulkPut(all.poses);
}

export type BringInResult =
  | {
      ok: true;
      counts: { students: number; readings: number; practices: number; logs: number; poses: number };
      undo: () => Promise<void>;
    }
  | { ok: false; problem: FileProblem };

/** Brings in a file's text. A broken file changes nothing. The result can be taken back whole. */
export async function bringIn(db: StudioDatabase, text: string): Promise<BringInResult> {
  const result = readRecord(text);
  if (!result.ok) return result;
  const before = await everything(db);
  await putRecord(db, result.record);
  const { students, readings, practices, logs, poses } = result.record;
  return {
    ok: true,
    counts: {
      students: students.length,
      readings: readings.length,
      practices: practices.length,
      logs: logs.length,
      poses: poses.length,
    },
    undo: () =>
      db.transaction('rw', [...tablesOf(db)], async () => {
        await Promise.all(tablesOf(db).map((t) => t.clear()));
        await put(db, before);
      }),
  };
}

/** Empties the studio and fills it with a record: the demo's reset. */
export async function replaceAll(db: StudioDatabase, record: KolposRecord): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    await Promise.all(db.tables.map((t) => t.clear()));
    await put(db, record);
  });
}
