import type { StudioDatabase } from './studio';

/**
 * How many results of a kind are kept; the longest unused go first. A ranking is two megabytes, a drawing twenty
 * kilobytes.
 */
const MOST: Readonly<Record<string, number>> = { inference: 60, ranking: 6, member: 16, library: 1, drawing: 400 };
const MOST_OTHER = 10;
/** Milliseconds after which a use is written down again. */
const SELDOM = 600_000;

/** Keeps what was computed, in the studio's own database: it goes when the studio is emptied, and into no file. */
export const resultsOf = (db: StudioDatabase) => ({
  async get(kind: string, name: string): Promise<unknown> {
    return (await this.getAll(kind, [name]))[0];
  },
  /** As many as there are names, in their order; undefined where nothing is kept. */
  async getAll(kind: string, names: readonly string[]): Promise<unknown[]> {
    const found = await db.results.bulkGet(names.map((name): [string, string] => [kind, name]));
    const now = Date.now();
    // A row is written whole: not at every look at it.
    const old = found.filter((row) => row !== undefined).filter((row) => now - row.usedAt > SELDOM);
    if (old.length > 0)
      void db.results
        .bulkUpdate(old.map((row) => ({ key: [row.kind, row.name], changes: { usedAt: now } })))
        .catch(() => undefined);
    return found.map((row) => row?.value);
  },
  async put(kind: string, name: string, value: unknown): Promise<void> {
    await this.putAll(kind, [{ name, value }]);
  },
  async putAll(kind: string, rows: readonly { name: string; value: unknown }[]): Promise<void> {
    await db.transaction('rw', db.results, async () => {
      const usedAt = Date.now();
      await db.results.bulkPut(rows.map((row) => ({ kind, ...row, usedAt })));
      const own = await db.results.where('[kind+usedAt]').between([kind, 0], [kind, Infinity]).primaryKeys();
      const over = own.length - (MOST[kind] ?? MOST_OTHER);
      if (over > 0) await db.results.bulkDelete(own.slice(0, over));
    });
  },
});
