/** A row that the browser could not write down. It lives while the page lives. */
export interface HeldRow {
  database: string;
  table: string;
  /** The key as text: rows of a table differ in it. */
  key: string;
  row: object;
}

/** What is only in memory, and why. */
export interface Unsaved {
  rows: readonly HeldRow[];
  reason: string;
}

const NOTHING: Unsaved = { rows: [], reason: '' };
let held: Unsaved = NOTHING;
const listeners = new Set<() => void>();
const tell = (next: Unsaved) => {
  held = next;
  for (const listener of listeners) listener();
};

export const unsaved = (): Unsaved => held;
/** For `useSyncExternalStore`: calls back after every change until told to stop. */
export function onUnsaved(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const same = (a: HeldRow, b: HeldRow): boolean => a.database === b.database && a.table === b.table && a.key === b.key;

/** Why a browser did not write, in words. */
function reasonOf(error: unknown): string {
  const { name = '', message = '' } = (error ?? {}) as { name?: string; message?: string };
  return /quota/i.test(`${name} ${message}`)
    ? say('the browser has no room left for this page')
    : say('the browser did not let Kolpos write');
}

/** Keeps rows in memory with the reason why they could not be written; of two of one key the later stays. */
export function hold(rows: readonly HeldRow[], error: unknown): void {
  if (rows.length === 0) return;
  const newest = rows.filter((r, i) => !rows.slice(i + 1).some((later) => same(r, later)));
  const others = held.rows.filter((h) => !newest.some((n) => same(h, n)));
  tell({ rows: [...others, ...newest], reason: reasonOf(error) });
}

/** Forgets held rows, because they are written now or were undone. */
export function letGo(gone: (row: HeldRow) => boolean): void {
  if (!held.rows.some(gone)) return;
  const rows = held.rows.filter((r) => !gone(r));
  tell(rows.length > 0 ? { ...held, rows } : NOTHING);
}

/** Rows of one table of a database that are held. */
export const heldOf = <T>(database: string, table: string, { rows }: Unsaved = held): readonly T[] =>
  rows.filter((r) => r.database === database && r.table === table).map((r) => r.row as T);
import { say } from '@/core/languages/spoken';
