import { say } from '@/core/languages/spoken';
import { weekdayWords } from '@/core/day-words';
import type { Visit } from '@/core/visits/visit';
import { removing } from './removed';
import { LaterChanges, sameRow, type Change } from './saved-row';
import { now, type StudioDatabase } from './studio';

/**
 * Keeps visits, new ones or others in place of those with their ids, as one. Undo takes all of them back while nobody
 * changed any since.
 */
export async function saveVisits(db: StudioDatabase, visits: readonly Visit[]): Promise<Change> {
  const ids = visits.map((v) => v.id);
  const before = await db.transaction('rw', db.visits, async () => {
    const stood = await db.visits.bulkGet(ids);
    await db.visits.bulkPut([...visits]);
    return stood;
  });
  return {
    undo: () =>
      db.transaction('rw', db.visits, async () => {
        const here = await db.visits.bulkGet(ids);
        if (!visits.every((v, i) => sameRow(here[i], v))) throw new LaterChanges();
        for (const [i, id] of ids.entries()) {
          const old = before[i];
          if (old) await db.visits.put(old);
          else await db.visits.delete(id);
        }
      }),
  };
}

/**
 * Changes fields of a visit as it stands in the database; one that is gone meanwhile stays gone. Undo puts back how it
 * stood.
 */
export async function changeVisit(
  db: StudioDatabase,
  id: string,
  part: Partial<Pick<Visit, 'day' | 'at' | 'minutes' | 'became'>>,
): Promise<Change> {
  const made = await db.transaction('rw', db.visits, async () => {
    const before = await db.visits.get(id);
    if (!before) return null;
    const after: Visit = { ...before, ...part, updatedAt: now() };
    await db.visits.put(after);
    return { before, after };
  });
  return {
    undo: () =>
      db.transaction('rw', db.visits, async () => {
        if (!made) return;
        if (!sameRow(await db.visits.get(id), made.after)) throw new LaterChanges();
        await db.visits.put({ ...made.before, updatedAt: now() });
      }),
  };
}

/** Removes visits; undo puts them back. */
export const removeVisits = (db: StudioDatabase, ids: readonly string[], whose: string): Promise<Change> =>
  removing(db, async () => {
    const rows = (await db.visits.bulkGet([...ids])).filter((v): v is Visit => v !== undefined);
    const words =
      rows.length === 1
        ? say('The visit of {{whose}} on {{weekday}}', { whose, weekday: weekdayWords(rows[0].day) })
        : say('{{count}} visits of {{whose}}', { count: rows.length, whose });
    return { words, going: [{ table: 'visits', rows }] };
  });
