import { say } from '@/core/languages/spoken';
import type { YogaClass } from '@/core/classes/class';
import type { Practice } from '@/core/practice/practice';
import type { Template } from '@/core/practice/plan';
import type { PlanChoice } from '@/core/progress/plan';
import { logPutRight, type LogItem } from '@/core/teaching/log';
import type { Change } from './changes';
import { rememberHurt } from './hurt-of';
import { removing } from './removed';
import { LaterChanges, sameRow, changeRow, saveRow } from './saved-row';
import { now, type StudioDatabase } from './studio';

/**
 * Every change of a practice, kept with it: the way back has no end, outlives a reload and is the same in every window.
 */

const within = (db: StudioDatabase) => [db.practices, db.edits, db.editMarks] as const;

/** Saves a whole practice, new or built again, as its next edit. */
export const editPractice = (db: StudioDatabase, practice: Practice, did: string): Promise<Change> =>
  recorded(db, practice.id, () => practice, did);

/**
 * Changes a practice as it stands in the database at that moment, not as it was last drawn: changes in quick
 * succession, and those of another tab, build on each other. A practice that is gone meanwhile stays gone.
 */
export const changePractice = (
  db: StudioDatabase,
  id: string,
  change: (practice: Practice) => Practice,
  did: string,
): Promise<Change> => recorded(db, id, (stored) => stored && change(stored), did);

/**
 * Records the next edit; what was undone before is forgotten. The change's undo goes back to before it, unless more
 * came after.
 */
async function recorded(
  db: StudioDatabase,
  id: string,
  change: (stored: Practice | undefined) => Practice | undefined,
  did: string,
): Promise<Change> {
  const made = await db.transaction('rw', [...within(db)], async () => {
    const mark = await db.editMarks.get(id);
    const before = await db.practices.get(id);
    const changed = change(before);
    if (!changed) return null;
    const next = { ...changed, updatedAt: now() };
    let at = mark?.at ?? -1;
    if (before && at < 0) {
      await db.edits.put({ practice: id, n: 0, did: '', state: before });
      at = 0;
    }
    await db.edits
      .where('practice')
      .equals(id)
      .and((e) => e.n > at)
      .delete();
    at += 1;
    await db.edits.put({ practice: id, n: at, did, state: next });
    await db.editMarks.put({ practice: id, at });
    await db.practices.put(next);
    return at;
  });
  return {
    undo: async () => {
      if (made === null) return;
      // Looked at and gone back in one: what another tab writes meanwhile comes before it, or after.
      const back = await db.transaction('rw', [...within(db)], async () => {
        const mark = await db.editMarks.get(id);
        // Taken back already, by this or another way.
        if (!mark || mark.at < made) return true;
        if (mark.at > made) throw new LaterChanges();
        return goTo(db, id, made - 1);
      });
      // Made anew with its first edit: there is nothing to go back to.
      if (!back) await removePractice(db, id);
    },
  };
}

/** One edit back (−1) or forward again (+1); false where there is none. */
export function stepPractice(db: StudioDatabase, id: string, by: -1 | 1): Promise<boolean> {
  return db.transaction('rw', [...within(db)], async () => {
    const mark = await db.editMarks.get(id);
    return mark ? goTo(db, id, mark.at + by) : false;
  });
}

/** Shows a practice as it stood after its n-th edit; false where there is none. */
function goTo(db: StudioDatabase, id: string, n: number): Promise<boolean> {
  return db.transaction('rw', [...within(db)], async () => {
    const edit = await db.edits.get([id, n]);
    if (!edit) return false;
    await db.editMarks.put({ practice: id, at: n });
    await db.practices.put({ ...edit.state, updatedAt: now() });
    return true;
  });
}

/** What going back and forward would undo and do again, in words; null where there is nothing. */
export async function stepsOf(
  db: StudioDatabase,
  id: string,
): Promise<{ back: string | null; forward: string | null }> {
  const mark = await db.editMarks.get(id);
  if (!mark) return { back: null, forward: null };
  const [here, before, after] = await Promise.all([
    db.edits.get([id, mark.at]),
    db.edits.get([id, mark.at - 1]),
    db.edits.get([id, mark.at + 1]),
  ]);
  return { back: before && here ? here.did : null, forward: after?.did ?? null };
}

/** Removes a practice with its edits; undo puts all of it back. */
export const removePractice = (db: StudioDatabase, id: string): Promise<Change> =>
  removing(db, async () => {
    const [practice, edits, mark] = await Promise.all([
      db.practices.get(id),
      db.edits.where('practice').equals(id).toArray(),
      db.editMarks.get(id),
    ]);
    const student = practice && (await db.students.get(practice.student));
    return {
      words: say('The practice “{{what}}”{{what2}}', {
        what: practice?.title ?? id,
        what2: student ? say(' of {{name}}', { name: student.name }) : '',
      }),
      going: [
        { table: 'practices', rows: practice ? [practice] : [] },
        { table: 'edits', rows: edits },
        { table: 'editMarks', rows: mark ? [mark] : [] },
      ],
    };
  });

/** Keeps a template; undo takes it away, or puts back what stood there. */
export const saveTemplate = (db: StudioDatabase, template: Template): Promise<Change> =>
  saveRow(db.templates, template.id, template);

/** Removes a template; undo puts it back. */
export const removeTemplate = (db: StudioDatabase, id: string): Promise<Change> =>
  removing(db, async () => {
    const template = await db.templates.get(id);
    return {
      words: say('The template “{{what}}”', { what: template?.title ?? id }),
      going: [{ table: 'templates', rows: template ? [template] : [] }],
    };
  });

/** Keeps a class; undo brings back what stood there before, or takes it away. */
export const saveClass = (db: StudioDatabase, c: YogaClass): Promise<Change> =>
  saveRow(db.classes, c.id, { ...c, updatedAt: now() });

/**
 * Changes a class as it is stored: what another tab, or a practice that was being built, has changed meanwhile stays.
 * @param shown what stands in for it where it was removed meanwhile
 */
export const changeClass = (
  db: StudioDatabase,
  shown: YogaClass,
  change: (stored: YogaClass) => YogaClass,
): Promise<Change> =>
  changeRow(db.classes, shown.id, (stored) => ({
    ...change(stored ? { ...stored, id: shown.id } : shown),
    updatedAt: now(),
  }));

/** Removes a class, its visits and what is under way of it; undo puts all of it back. */
export const removeClass = (db: StudioDatabase, id: string): Promise<Change> =>
  removing(db, async () => {
    const [one, player, visits] = await Promise.all([
      db.classes.get(id),
      db.players.get(id),
      db.visits.where('class').equals(id).toArray(),
    ]);
    return {
      words: say('The class “{{what}}”', { what: one?.name ?? id }),
      going: [
        { table: 'classes', rows: one ? [one] : [] },
        { table: 'players', rows: player ? [player] : [] },
        { table: 'visits', rows: visits },
      ],
    };
  });

/** Keeps the weeks ahead of a student; undo brings back what stood there before. */
export const savePlan = (db: StudioDatabase, plan: PlanChoice): Promise<Change> =>
  saveRow(db.plans, plan.student, plan);

/** Puts words or items of a log right; what stood there before is kept in its history. */
export async function putLogRight(
  db: StudioDatabase,
  id: string,
  to: { note?: string; item?: { at: number; to: LogItem } },
): Promise<Change> {
  // What another window wrote meanwhile stays.
  const made = await db.transaction('rw', db.logs, db.students, async () => {
    const before = await db.logs.get(id);
    if (!before) return null;
    const items = before.items.map((i, k) => (k === to.item?.at ? to.item.to : i));
    const put = logPutRight(before, { note: to.note, items }, now());
    await db.logs.put(put);
    await rememberHurt(db, before.student);
    return { before, put };
  });
  return {
    undo: async () => {
      if (!made) return;
      const { before, put } = made;
      await db.transaction('rw', db.logs, db.students, async () => {
        if (!sameRow(await db.logs.get(id), put)) throw new LaterChanges();
        await db.logs.put(before);
        await rememberHurt(db, before.student);
      });
    },
  };
}
