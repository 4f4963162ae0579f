import type { DBCore, DBCoreMutateRequest, DBCoreTable, DBCoreTransaction, Middleware } from 'dexie';
import { ofThisMachine } from './memo-keys';
import { hold, type HeldRow } from './unsaved';

/** What can be worked out again or is typed anew at once: nobody is told that it could not be written. */
const OF_NO_MATTER: ReadonlySet<string> = new Set(['results', 'edits', 'editMarks', 'removed', 'handles']);

/**
 * An error of the disk or the browser; what the code itself did not allow (a change built upon, a key twice) is none.
 */
const ofTheBrowser = (error: unknown): boolean => {
  const { name = '' } = (error ?? {}) as { name?: string };
  return /Quota|Unknown|InvalidState|NotReadable|Timeout/.test(name);
};

/**
 * The one door through which every write of a studio goes. What the browser refuses to write is held in memory, whoever
 * wrote it and however: the page says so, tries again and offers it as a file. The error goes on to whoever wrote.
 */
export function oneDoor(database: string): Middleware<DBCore> {
  return {
    stack: 'dbcore',
    name: 'one-door',
    create: (core) => {
      /** Rows of a transaction that is under way: when it fails as a whole all of them are held. */
      const under = new WeakMap<DBCoreTransaction, HeldRow[]>();
      const watched = (trans: DBCoreTransaction): HeldRow[] => {
        let rows = under.get(trans);
        if (!rows) {
          const own: HeldRow[] = (rows = []);
          under.set(trans, own);
          const idb = trans as unknown as IDBTransaction;
          idb.addEventListener('abort', () => {
            // An abort without an error was asked for by the code.
            if (idb.error && ofTheBrowser(idb.error)) hold(own, idb.error);
          });
        }
        return rows;
      };
      const door = (table: DBCoreTable): DBCoreTable => {
        if (OF_NO_MATTER.has(table.name)) return table;
        return {
          ...table,
          mutate: async (request: DBCoreMutateRequest) => {
            // With one write of a transaction all of it fails, also what was written before.
            const rows = watched(request.trans);
            rows.push(...rowsOf(database, table, request));
            try {
              const result = await table.mutate(request);
              for (const failure of Object.values(result.failures)) if (ofTheBrowser(failure)) hold(rows, failure);
              return result;
            } catch (error) {
              if (ofTheBrowser(error)) hold(rows, error);
              throw error;
            }
          },
        };
      };
      return { ...core, table: (name) => door(core.table(name)) };
    },
  };
}

function rowsOf(database: string, table: DBCoreTable, request: DBCoreMutateRequest): HeldRow[] {
  if (request.type !== 'put' && request.type !== 'add') return [];
  const { extractKey } = table.schema.primaryKey;
  const values = (request.values as readonly object[]).filter(
    (row) => table.name !== 'memos' || !ofThisMachine((row as { key: string }).key),
  );
  return values.map((row) => ({
    database,
    table: table.name,
    key: JSON.stringify(extractKey ? extractKey(row) : null),
    row,
  }));
}
