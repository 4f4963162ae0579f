import { momentOf } from './saved-row';
import type { StudioDatabase } from './studio';

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

/**
 * @param rows all that a backup holds; `now` in ms since 1970
 * @param saved how many rows the last one held: what came in since with an older moment, or went, counts too
 */
export function backupStanding(
  rows: readonly object[],
  savedAt: string | null,
  now: number,
  saved = rows.length,
): Standing {
  const newer = rows.reduce<number>((n, row) => (momentOf(row) > (savedAt ?? '') ? n + 1 : n), 0);
  const changes = savedAt === null ? rows.length : Math.max(newer, Math.abs(rows.length - saved));
  const days = savedAt === null ? Infinity : (now - Date.parse(savedAt)) / DAY_MS;
  const due = savedAt === null ? changes >= FIRST : changes >= CHANGES || (changes > 0 && days >= DAYS);
  return { savedAt, changes, due };
}

/** Memos about the last backup: when it was made, and how many rows it held. */
export const TAKEN_OUT = 'taken-out';
export const TAKEN_ROWS = 'taken-out-rows';

/** How the studio stands now. */
export async function standingOf(db: StudioDatabase, now = Date.now()): Promise<Standing> {
  const [rows, at, count] = await Promise.all([
    Promise.all(BACKED_UP.map((t) => db.table<object>(t).toArray())),
    db.memos.get(TAKEN_OUT),
    db.memos.get(TAKEN_ROWS),
  ]);
  return backupStanding(rows.flat(), at?.value ?? null, now, count && Number(count.value));
}

/** Tables of what a teacher enters. */
const BACKED_UP = [
  'students',
  'readings',
  'practices',
  'logs',
  'plans',
  'classes',
  'visits',
  'poses',
  'templates',
] as const;

/** Remembers that a backup was made, and of how much. */
export async function noteBackup(db: StudioDatabase, at: string): Promise<void> {
  const counts = await Promise.all(BACKED_UP.map((t) => db.table(t).count()));
  const rows = counts.reduce((s, n) => s + n, 0);
  await db.memos.bulkPut([
    { key: TAKEN_OUT, value: at },
    { key: TAKEN_ROWS, value: String(rows) },
  ]);
}
