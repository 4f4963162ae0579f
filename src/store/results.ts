import type { StudioDatabase } from './studio';

/** How many results of a kind are kept; the longest unused go first. A ranking is two megabytes. */
const MOST: Readonly<Record<string, number>> = { inference: 60, ranking: 6, member: 16, library: 1 };
const MOST_OTHER = 10;
/** Milliseconds after which a use is written down again. */
const SELDOM = 600_000;

/** Keeps what was computed, in the studio's own database: it goes when the studio is emptied, and into no file. */
export const resultsOf = (db: StudioDatabase) => ({
  async get(kind: string, name: string): Promise<unknown> {
    const found = await db.results.get([kind, name]);
    // A row is written whole: not at every look at it.
    if (found && Date.now() - found.usedAt > SELDOM)
      void db.results.update([kind, name], { usedAt: Date.now() }).catch(() => undefined);
    return found?.value;
  },
  async put(kind: string, name: string, value: unknown): Promise<void> {
    await db.transaction('rw', db.results, async () => {
      await db.results.put({ kind, name, value, usedAt: Date.now() });
      const own = await db.results.where('[kind+usedAt]').between([kind, 0], [kind, Infinity]).primaryKeys();
      const over = own.length - (MOST[kind] ?? MOST_OTHER);
      if (over > 0) await db.results.bulkDelete(own.slice(0, over));
    });
  },
});
