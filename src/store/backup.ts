import { momentOf } from './saved-row';

/** When a backup is asked for. Ours: a week of work, or a working day's. */
const DAYS = 7;
const CHANGES = 40;
const FIRST = 10;
const DAY_MS = 24 * 3_600_000;

/** How much is not in any backup yet. */
export interface Standing {
  /** When the last one was made; null for never. */
  savedAt: string | null;
  /** Rows that were written since. */
  changes: number;
  /** True where it is time for one. */
  due: boolean;
}

/** @param rows all that a backup holds; `now` in ms since 1970 */
export function backupStanding(rows: readonly object[], savedAt: string | null, now: number): Standing {
  const changes = rows.reduce<number>((n, row) => (momentOf(row) > (savedAt ?? '') ? n + 1 : n), 0);
  const days = savedAt === null ? Infinity : (now - Date.parse(savedAt)) / DAY_MS;
  const due = savedAt === null ? changes >= FIRST : changes >= CHANGES || (changes > 0 && days >= DAYS);
  return { savedAt, changes, due };
}
