import type { Table } from 'dexie';
import type { Failed } from '@/core/formats/json';
import { readRecord, type Integrity } from '@/core/formats/read-record';
import type { KolposRecord } from '@/core/formats/record';
import type { SetAsideRow } from '@/core/formats/set-aside';
import { changedSince, mergeStudents, type StudentField } from '@/core/students/merge';
import type { Student } from '@/core/students/student';
import { rememberHurt } from './hurt-of';
import { ofThisMachine } from './memo-keys';
import { rowsOf } from './rows';
import { momentOf, sameRow } from './saved-row';
import type { StudioDatabase } from './studio';

/** A row that a file brought, with what stood there before. */
interface Brought {
  table: Table;
  key: string;
  before: object | undefined;
  put: object;
}

/** What came of bringing a file in. */
export interface BringInResult {
  counts: { students: number; readings: number; practices: number; logs: number; poses: number; templates: number };
  /** Rows that were changed here later than in the file, and stay as they are. */
  newerHere: number;
  /** Takes back what the file brought and nobody has changed since; tells how many rows stay for that reason. */
  undo: () => Promise<number>;
}

const keyOf = (table: Table, row: object): string =>
  String((row as Record<string, unknown>)[String(table.schema.primKey.keyPath)]);

/** How a row of a file stands to what is here. */
export type Standing = 'new' | 'newer' | 'older' | 'same';

/** What of one kind a file has, by how it stands to what is here. */
export type Tally = Record<Standing, number>;
const tally = (): Tally => ({ new: 0, newer: 0, older: 0, same: 0 });

/** What a file would bring for one student. */
export interface ForStudent {
  id: string;
  name: string;
  standing: Standing | 'both';
  /** Fields that were changed both here and there since the last file came: of each the later one counts. */
  both: StudentField[];
  /** Readings, practices, lessons, weeks ahead and visits. */
  rows: Tally;
}

/** What is in a file, and what it would change here. Nothing is written yet. */
export interface Incoming {
  record: KolposRecord;
  setAside: readonly SetAsideRow[];
  digest: Integrity;
  students: readonly ForStudent[];
  /** Own poses, templates, classes with their visits, and settings. */
  others: Tally;
}

/** Moment of the last file that was brought in, as a memo of this machine. */
const LAST_FILE = 'brought-in';

/** The row that comes of what is here and what a file has; null where nothing changes. */
function cameOf(table: Table, db: StudioDatabase, before: object | undefined, put: object): object | null {
  if (!before) return put;
  if (sameRow(before, put)) return null;
  if (table === db.students) {
    const { student } = mergeStudents(before as Student, put as Student);
    return sameRow(before, student) ? null : student;
  }
  return momentOf(before) > momentOf(put) ? null : put;
}

const standingOf = (before: object | undefined, put: object): Standing =>
  !before ? 'new' : sameRow(before, put) ? 'same' : momentOf(before) > momentOf(put) ? 'older' : 'newer';

/** Reads a file's text and compares it with what is here. Writes nothing. */
export async function compare(db: StudioDatabase, text: string): Promise<{ ok: true; incoming: Incoming } | Failed> {
  const result = readRecord(text);
  if (!result.ok) return result;
  const { record, setAside, digest } = result;
  const last = (await db.memos.get(LAST_FILE))?.value ?? '';
  const people = await db.students.bulkGet(record.students.map((s) => s.id));
  const students = new Map(
    record.students.map((there, i): [string, ForStudent] => {
      const { id, name } = there;
      const here = people[i];
      const rows = tally();
      if (!here) return [id, { id, name, standing: 'new', both: [], rows }];
      const { taken, kept } = mergeStudents(here, there);
      // What was changed here before the last file came is no news to the other machine.
      const both = [...taken, ...kept].filter((f) => changedSince(here, f, last) && changedSince(there, f, last));
      const standing = taken.length > 0 ? (kept.length > 0 ? 'both' : 'newer') : kept.length > 0 ? 'older' : 'same';
      return [id, { id, name, standing, both, rows }];
    }),
  );
  const others = tally();
  for (const [table, rows] of rowsOf(db, record)) {
    if (table === db.students) continue;
    const here = (await table.bulkGet(rows.map((r) => keyOf(table, r)))) as (object | undefined)[];
    for (const [i, put] of rows.entries()) {
      const counts = students.get((put as { student?: string }).student ?? '')?.rows ?? others;
      counts[standingOf(here[i], put)]++;
    }
  }
  for (const [key, value] of Object.entries(record.settings))
    if (!ofThisMachine(key)) {
      const before = await db.memos.get(key);
      others[!before ? 'new' : before.value === value ? 'same' : 'newer']++;
    }
  return { ok: true, incoming: { record, setAside, digest, students: [...students.values()], others } };
}

/**
 * Brings a file in, in one step. What is not here is added, what is here and older is replaced, what is newer here
 * stays, and of a student every field counts by itself: an older file never takes later work away.
 */
export async function bringIn(db: StudioDatabase, record: KolposRecord): Promise<BringInResult> {
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
        if (standingOf(before, put) === 'older') newerHere++;
        const came = cameOf(table, db, before, put);
        return came ? [{ table, key: keys[i], before, put: came }] : [];
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
    await db.memos.put({ key: LAST_FILE, value: record.exportedAt });
    return { brought, newerHere };
  });
  const { students, readings, practices, logs, poses, templates } = record;
  return {
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

/**
 * Takes rows back that are still as the file brought them; a student with later work keeps her place. Answers how many
 * stay.
 */
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
    [db.readings, db.practices, db.logs, db.visits].map((t) => t.where('student').equals(student).count()),
  );
  return counts.some((n) => n > 0);
};
