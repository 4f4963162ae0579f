import { say } from '@/core/languages/spoken';
import type { Table } from 'dexie';
import { canonicalText } from '@/core/canonical';

/** A change that was made, with the way back. */
export interface Change {
  /** Takes back this change and nothing else; rejects with `LaterChanges` where something was built on it. */
  undo: () => Promise<void>;
}

/** An undo that would take away what was changed since, here or in another tab. Nothing was taken back. */
export class LaterChanges extends Error {
  constructor() {
    super(say('It was changed again since. Undoing now would take that away, so nothing was taken back.'));
    this.name = 'LaterChanges';
  }
}

/** Whether two rows say the same; the order of fields, and fields that are there without a value, say nothing. */
export const sameRow = (a: unknown, b: unknown): boolean => canonicalText(a) === canonicalText(b);

/** Newest moment that a row tells of itself; empty where it tells none. */
export function momentOf(row: object): string {
  const { updatedAt, takenAt, endedAt, savedAt, history } = row as {
    updatedAt?: string;
    takenAt?: string;
    endedAt?: string;
    savedAt?: string;
    history?: readonly { changedAt?: string; at?: string }[];
  };
  const all = [updatedAt, takenAt, endedAt, savedAt, ...(history ?? []).flatMap((h) => [h.changedAt, h.at])];
  return all.reduce<string>((newest, m) => (m !== undefined && m > newest ? m : newest), '');
}

/** Puts a row; undo brings back what stood there before, or takes it away, while nobody has changed it since. */
export const saveRow = <T extends object>(table: Table<T>, key: string, row: T): Promise<Change> =>
  changeRow(table, key, () => row);

/**
 * The same by a change of what is stored, not of what was drawn: what was changed meanwhile stays. The change is told
 * undefined where nothing is stored.
 */
export async function changeRow<T extends object>(
  table: Table<T>,
  key: string,
  change: (stored: T | undefined) => T,
): Promise<Change> {
  const { before, row } = await table.db.transaction('rw', table, async () => {
    const stood = await table.get(key);
    const next = change(stood);
    await table.put(next);
    return { before: stood, row: next };
  });
  return {
    undo: () =>
      table.db.transaction('rw', table, async () => {
        if (!sameRow(await table.get(key), row)) throw new LaterChanges();
        if (before) await table.put(before);
        else await table.delete(key);
      }),
  };
}
