import type { Table } from 'dexie';
import type { FileProblem } from '@/core/formats/json';
import { readRecord } from '@/core/formats/record';
import type { CautionEntry, Student } from '@/core/students/student';
import { rememberHurt } from './changes';
import { ofThisMachine, rowsOf } from './rows';
import { sameRow } from './saved-row';
import type { StudioDatabase } from './studio';

/** A row that a file brought, with what stood there before. */
interface Brought {
  table: Table;
  key: string;
  before: object | undefined;
  put: object;
}

export type BringInResult =
  | {
      ok: true;
      counts: { students: number; readings: number; practices: number; logs: number; poses: number; templates: number };
      /** Rows that were changed here later than in the file, and stay as they are. */
      newerHere: number;
      /** Takes back what the file brought and nobody has changed since; tells how many rows stay for that reason. */
      undo: () => Promise<number>;
    }
  | { ok: false; problem: FileProblem };

const keyOf = (table: Table, row: object): string =>
  String((row as Record<string, unknown>)[String(table.schema.primKey.keyPath)]);

/** Newest moment that a row tells of itself; empty where it tells none. */
function momentOf(row: object): string {
  const { updatedAt, takenAt, endedAt, history } = row as {
    updatedAt?: string;
    takenAt?: string;
    endedAt?: string;
    history?: readonly { changedAt?: string; at?: string }[];
  };
  const all = [updatedAt, takenAt, endedAt, ...(history ?? []).flatMap((h) => [h.changedAt, h.at])];
  return all.reduce<string>((newest, m) => (m !== undefined && m > newest ? m : newest), '');
}

/** A student of a file with the cautions that stand here and not there: a file never lifts one by leaving it out. */
function keepingCautions(before: object, put: object): object {
  const here = before as Student,
    there = put as Student;
  const known = (c: CautionEntry): boolean => there.cautions.some((t) => t.caution === c.caution);
  const kept = here.cautions.filter((c) => !known(c));
  return kept.length === 0 ? put : { ...there, cautions: [...there.cautions, ...kept] };
}

/**
 * Brings in a file's text in one step. What is not here is added, what is here and older is replaced, what is newer here stays:
 * an older file never takes later work away. A broken file changes nothing.
 */
export async function bringIn(db: StudioDatabase, text: string): Promise<BringInResult> {
  const result = readRecord(text);
  if (!result.ok) return result;
  const { record } = result;
  const tables = rowsOf(db, record);
  const all = [...tables.map(([t]) => t), db.memos];
  const { brought, newerHere } = await db.transaction('rw', all, async () => {
    const brought: Brought[] = [];
    let newerHere = 0;
    for (const [table, rows] of tables) {
      const keys = rows.map((r) => keyOf(table, r));
      const here = (await table.bulkGet(keys)) as (object | undefined)[];
      const wanted = rows.flatMap((put, i): Brought[] => {
        const before = here[i];
        if (before && sameRow(before, put)) return [];
        if (before && momentOf(before) > momentOf(put)) {
          newerHere++;
          return [];
        }
        return [
          { table, key: keys[i], before, put: table === db.students && before ? keepingCautions(before, put) : put },
        ];
      });
      await table.bulkPut(wanted.map((w) => w.put));
      brought.push(...wanted);
    }
    for (const [key, value] of Object.entries(record.settings)) {
      const before = await db.memos.get(key);
      if (ofThisMachine(key) || before?.value === value) continue;
      await db.memos.put({ key, value });
      brought.push({ table: db.memos, key, before, put: { key, value } });
    }
    // Lessons that were here already count beside those of the file.
    for (const { id } of record.students) await rememberHurt(db, id);
    for (const b of brought) {
      const now = (await b.table.get(b.key)) as object | undefined;
      if (now) b.put = now;
    }
    return { brought, newerHere };
  });
  const { students, readings, practices, logs, poses, templates } = record;
  return {
    ok: true,
    counts: {
      students: students.length,
      readings: readings.length,
      practices: practices.length,
      logs: logs.length,
      poses: poses.length,
      templates: templates.length,
    },
    newerHere,
    undo: () => db.transaction('rw', all, () => takeBack(db, brought)),
  };
}

/** Takes rows back that are still as the file brought them; a student with later work keeps her place. Answers how many stay. */
async function takeBack(db: StudioDatabase, brought: readonly Brought[]): Promise<number> {
  let stay = 0;
  // Students last: whoever has later work is known by then.
  const order = [...brought].sort((a, b) => Number(a.table === db.students) - Number(b.table === db.students));
  for (const { table, key, before, put } of order) {
    const now: unknown = await table.get(key);
    const hers = table === db.students && !before && (await hasWork(db, key));
    if (!sameRow(now, put) || hers) stay++;
    else if (before) await table.put(before);
    else await table.delete(key);
  }
  return stay;
}

const hasWork = async (db: StudioDatabase, student: string): Promise<boolean> => {
  const counts = await Promise.all(
    [db.readings, db.practices, db.logs].map((t) => t.where('student').equals(student).count()),
  );
  return counts.some((n) => n > 0);
};
