import { writeRecord, type KolposRecord } from '@/core/formats/record';
import { mergeStudents } from '@/core/students/merge';
import { noteBackup } from './backup';
import { ofThisMachine } from './memo-keys';
import { now, type StudioDatabase } from './studio';
import { heldOf } from './unsaved';

/** Everything of the studio as text of a `kolpos/record` file; remembers when it was taken out. */
export async function takeOut(db: StudioDatabase): Promise<string> {
  const exportedAt = now();
  const text = writeRecord({ exportedAt, ...(await everything(db)) });
  // A note that cannot be kept, on a full disk, must not hold back the file.
  await noteBackup(db, exportedAt).catch(() => undefined);
  return text;
}

/** One student alone, with everything that is hers and the own poses it uses, as text of a `kolpos/record` file. */
export async function takeOutStudent(db: StudioDatabase, id: string): Promise<string> {
  const all = await everything(db);
  const hers = <T extends { student: string }>(rows: readonly T[]): T[] => rows.filter((r) => r.student === id);
  const practices = hers(all.practices),
    logs = hers(all.logs);
  const used = new Set([...practices, ...logs].flatMap((p) => p.items.map((i) => i.pose)));
  return writeRecord({
    exportedAt: now(),
    students: all.students.filter((s) => s.id === id),
    readings: hers(all.readings),
    practices,
    logs,
    plans: hers(all.plans),
    visits: all.visits.filter((v) => v.student === id),
    poses: withOthers(all.poses, used),
  });
}

/** Own poses that are used, and those that stand in for them. */
function withOthers(poses: Everything['poses'], used: ReadonlySet<string>): Everything['poses'] {
  const wanted = new Set(used);
  for (let before = -1; before !== wanted.size;) {
    before = wanted.size;
    for (const p of poses) if (wanted.has(p.id) && p.instead) wanted.add(p.instead);
  }
  return poses.filter((p) => wanted.has(p.id));
}

type Everything = Omit<KolposRecord, 'format' | 'version' | 'exportedAt'>;
async function everything(db: StudioDatabase): Promise<Everything> {
  const [students, readings, practices, logs, poses, templates, plans, classes, visits, memos] = await Promise.all([
    db.students.toArray(),
    db.readings.toArray(),
    db.practices.toArray(),
    db.logs.toArray(),
    db.poses.toArray(),
    db.templates.toArray(),
    db.plans.toArray(),
    db.classes.toArray(),
    db.visits.toArray(),
    db.memos.toArray(),
  ]);
  /** What could not be written down is taken out all the same. */
  const withHeld = <T extends object>(table: string, key: keyof T & string, rows: readonly T[]): T[] => {
    const own = heldOf<T>(db.name, table);
    return [...rows.filter((r) => !own.some((o) => o[key] === r[key])), ...own];
  };
  const people = withHeld('students', 'id', students).map((s) => {
    const stored = students.find((t) => t.id === s.id);
    return stored && stored !== s ? mergeStudents(stored, s).student : s;
  });
  // Who is not here any more is in no class either, and nobody waits for her.
  const here = new Set([...people.map((s) => s.id), ...classes.map((c) => c.id)]);
  return {
    students: people,
    readings: withHeld('readings', 'id', readings),
    practices: withHeld('practices', 'id', practices),
    logs: withHeld('logs', 'id', logs),
    poses: withHeld('poses', 'id', poses),
    templates: withHeld('templates', 'id', templates),
    plans: withHeld('plans', 'student', plans),
    classes: withHeld('classes', 'id', classes).map((c) => ({
      ...c,
      students: c.students.filter((id) => here.has(id)),
    })),
    visits: withHeld('visits', 'id', visits).filter((v) => here.has(v.student ?? v.class ?? '')),
    settings: Object.fromEntries(
      withHeld('memos', 'key', memos)
        .filter((m) => !ofThisMachine(m.key))
        .map((m) => [m.key, m.value]),
    ),
  };
}
