import { say } from '@/core/languages/spoken';
import { withTold } from '@/core/cautions/screen';
import { stamped } from '@/core/students/merge';
import type { CautionEntry, Student } from '@/core/students/student';
import type { OwnShape } from '@/core/poses/schema';
import type { LogEntry } from '@/core/teaching/log';
import { testById } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import { forgetHurt, rememberHurt } from './hurt-of';
import { removing } from './removed';
import { now, type MeasureSession, type RunningPlayer, type StudioDatabase } from './studio';
import { LaterChanges, sameRow, saveRow, type Change } from './saved-row';
import { heldOf, letGo } from './unsaved';

export type { Change } from './saved-row';

/** Adds a student, or puts her in place of the one with her id; undo brings back what stood there before. */
export const saveStudent = (db: StudioDatabase, student: Student): Promise<Change> =>
  saveRow(db.students, student.id, { ...student, updatedAt: now() });

/**
 * Changes some fields of a student as she stands in the database: what another tab or step wrote into the others stays.
 * Undo puts those fields back, while nobody has changed them since.
 * @param part the fields, or what they become of how she stands
 */
export async function changeStudent(
  db: StudioDatabase,
  id: string,
  part: Partial<Student> | ((student: Student) => Partial<Student>),
  at = now(),
): Promise<Change> {
  const made = await db.transaction('rw', db.students, async () => {
    const before = await db.students.get(id);
    if (!before) return null;
    const fields = typeof part === 'function' ? part(before) : part;
    await db.students.put(stamped(before, fields, at));
    const keys = Object.keys(fields) as (keyof Student)[];
    return { before: pick(before, keys), after: pick({ ...before, ...fields }, keys) };
  });
  return {
    undo: () =>
      db.transaction('rw', db.students, async () => {
        const student = made && (await db.students.get(id));
        if (!student) return;
        const keys = Object.keys(made.after) as (keyof Student)[];
        if (!sameRow(pick(student, keys), made.after)) throw new LaterChanges();
        await db.students.put(stamped(student, made.before, now()));
      }),
  };
}

/** These fields, also those that have no value. */
const pick = (student: Student, keys: readonly (keyof Student)[]): Partial<Student> =>
  Object.fromEntries(keys.map((key) => [key, student[key]]));

/**
 * Tells a caution of a student as she stands in the database: one that another tab told meanwhile stays, one that
 * stands is not told twice, and one that was lifted or is over stands again beside its record.
 * @param day today, `YYYY-MM-DD`
 */
export async function tellCaution(
  db: StudioDatabase,
  id: string,
  caution: Pick<CautionEntry, 'caution' | 'side'>,
  day: string,
): Promise<void> {
  await changeStudent(db, id, ({ cautions }) => {
    const told = withTold(cautions, caution, day);
    return told.every((c, i) => c === cautions[i]) ? {} : { cautions: told };
  });
}

/** Tells where a reading that ended in pain hurt, and how; one that is gone meanwhile stays gone. */
export async function tellPain(
  db: StudioDatabase,
  id: string,
  told: Pick<Reading, 'placeFelt' | 'painKind'>,
): Promise<void> {
  await db.readings.update(id, told);
}

/**
 * Keeps readings; they share the moment they were taken. Where the browser has no room any more they stay in memory,
 * and the page says so loudly (`unsaved.ts`): what was acknowledged is never lost silently.
 */
export async function keepReadings(db: StudioDatabase, readings: readonly Reading[], draft: string): Promise<Change> {
  const ids = readings.map((r) => r.id);
  try {
    await db.transaction('rw', [db.readings, db.drafts], async () => {
      await db.readings.bulkPut([...readings]);
      await db.drafts.delete(draft);
    });
  } catch (error) {
    // Held in memory, or it was no fault of the browser.
    if (!ids.every((id) => heldOf<Reading>(db.name, 'readings').some((r) => r.id === id))) throw error;
  }
  return {
    undo: async () => {
      letGo((r) => r.database === db.name && r.table === 'readings' && ids.includes((r.row as Reading).id));
      await db.readings.bulkDelete(ids);
    },
  };
}

/** Puts changed readings in place of the old ones; undo puts the old ones back, while nobody has changed them since. */
export async function replaceReadings(db: StudioDatabase, changed: readonly Reading[]): Promise<Change> {
  const ids = changed.map((r) => r.id);
  // What stood there is read in the same breath: another tab must not come between, or undo would bring back what it
  // replaced.
  const before = await db.transaction('rw', db.readings, async () => {
    const stood = (await db.readings.bulkGet(ids)).filter((r): r is Reading => r !== undefined);
    await db.readings.bulkPut([...changed]);
    return stood;
  });
  return {
    undo: () =>
      db.transaction('rw', db.readings, async () => {
        const now = await db.readings.bulkGet(ids);
        if (!changed.every((r, i) => sameRow(now[i], r))) throw new LaterChanges();
        await db.readings.bulkPut(before);
      }),
  };
}

/** Changes the measuring of a student, which begins with its first change. */
export async function changeSession(
  db: StudioDatabase,
  student: string,
  change: Partial<Omit<MeasureSession, 'student'>>,
): Promise<void> {
  await db.transaction('rw', db.sessions, async () => {
    const before = await db.sessions.get(student);
    await db.sessions.put({ ...(before ?? newSession(student)), parkedAt: undefined, ...change });
  });
}

export const newSession = (student: string): MeasureSession => ({
  student,
  battery: 'quick',
  own: [],
  skipped: [],
  warm: false,
  startedAt: '',
});

/** Removes readings; undo puts them back. */
export const removeReadings = (db: StudioDatabase, ids: readonly string[]): Promise<Change> =>
  removing(db, async () => {
    const rows = (await db.readings.bulkGet([...ids])).filter((r): r is Reading => r !== undefined);
    const [first] = rows;
    const words =
      rows.length === 1
        ? say('A reading: {{what}}', { what: say(testById(first.test)?.name ?? first.test) })
        : say('{{count}} readings', { count: rows.length });
    return { words, going: [{ table: 'readings', rows }] };
  });

/**
 * Ends a player: the log, or one each of a class, is written and the player forgotten in one step, so that a reload
 * cannot log twice. A lesson that is written down already stays as it is, with what was put right in it since.
 */
export async function endPlayer(db: StudioDatabase, practice: string, logs: readonly LogEntry[]): Promise<void> {
  // Also one whose seconds could not be written because the disk is full.
  const held = heldOf<RunningPlayer>(db.name, 'players').some((p) => p.practice === practice);
  await db.transaction('rw', [db.logs, db.players, db.students], async () => {
    if (!held && !(await db.players.get(practice))) return;
    const there = await db.logs.bulkGet(logs.map((l) => l.id));
    await db.logs.bulkPut(logs.filter((_, i) => !there[i]));
    await db.players.delete(practice);
    for (const student of new Set(logs.map((l) => l.student))) await rememberHurt(db, student);
  });
  letGo((r) => r.database === db.name && r.table === 'players' && (r.row as RunningPlayer).practice === practice);
}

/**
 * Keeps what came back from home: lessons and readings that are not there yet. Undo takes them away again, where nobody
 * has changed them since.
 */
export async function keepHome(
  db: StudioDatabase,
  taken: readonly { log: LogEntry | null; readings: readonly Reading[] }[],
): Promise<Change> {
  const logs = taken.flatMap((t) => t.log ?? []),
    readings = taken.flatMap((t) => t.readings);
  const students = [...new Set([...logs, ...readings].map((r) => r.student))];
  const put = await db.transaction('rw', [db.logs, db.readings, db.students], async () => {
    const thereLogs = await db.logs.bulkGet(logs.map((l) => l.id)),
      thereReadings = await db.readings.bulkGet(readings.map((r) => r.id));
    const made = { logs: logs.filter((_, i) => !thereLogs[i]), readings: readings.filter((_, i) => !thereReadings[i]) };
    await db.logs.bulkPut(made.logs);
    await db.readings.bulkPut(made.readings);
    for (const student of students) await rememberHurt(db, student);
    return made;
  });
  return {
    undo: () =>
      db.transaction('rw', [db.logs, db.readings, db.students], async () => {
        for (const l of put.logs) if (!sameRow(await db.logs.get(l.id), l)) throw new LaterChanges();
        for (const r of put.readings) if (!sameRow(await db.readings.get(r.id), r)) throw new LaterChanges();
        await db.logs.bulkDelete(put.logs.map((l) => l.id));
        await db.readings.bulkDelete(put.readings.map((r) => r.id));
        for (const student of students) await forgetHurt(db, student, new Set(put.logs.map((l) => l.id)));
      }),
  };
}

/** Keeps an own pose; undo brings back what stood there before. */
export const savePose = (db: StudioDatabase, pose: OwnShape): Promise<Change> => saveRow(db.poses, pose.id, pose);

/** Removes an own pose; undo puts it back. */
export const removePose = (db: StudioDatabase, id: string): Promise<Change> =>
  removing(db, async () => {
    const pose = await db.poses.get(id);
    return {
      words: say('The pose “{{what}}”', { what: pose?.name ?? id }),
      going: [{ table: 'poses', rows: pose ? [pose] : [] }],
    };
  });
