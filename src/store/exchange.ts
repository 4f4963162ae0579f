import type { KolposRecord } from '@/core/formats/record';
import type { Change } from './changes';
import { rowsOf } from './rows';
import type { StudioDatabase } from './studio';

/** Empties the studio and fills it with a record: the demo's reset. */
export async function replaceAll(db: StudioDatabase, record: KolposRecord): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    await Promise.all(db.tables.map((t) => t.clear()));
    for (const [table, rows] of rowsOf(db, record)) await table.bulkPut([...rows]);
    await db.memos.bulkPut(Object.entries(record.settings).map(([key, value]) => ({ key, value })));
  });
}

/** Empties the studio of everything, also of what no file holds: pictures, drafts, edits. Undo puts all of it back. */
export async function emptyStudio(db: StudioDatabase): Promise<Change> {
  const before = await db.transaction('rw', db.tables, async () => {
    const kept = await Promise.all(db.tables.map(async (t) => [t.name, (await t.toArray()) as unknown[]] as const));
    await Promise.all(db.tables.map((t) => t.clear()));
    // The demo is not filled again by itself: it was emptied on purpose.
    const filled = kept.find(([t]) => t === 'memos')?.[1].find((m) => (m as { key: string }).key === 'demo-filled');
    if (filled) await db.memos.put({ key: 'demo-filled', value: '1' });
    return kept;
  });
  return {
    undo: () =>
      db.transaction('rw', db.tables, async () => {
        for (const [table, rows] of before) await db.table(table).bulkPut(rows);
      }),
  };
}
