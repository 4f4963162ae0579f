import type { Reading } from '@/core/assessment/reading';
import type { StudioDatabase } from './studio';

/** Readings that the browser could not write down: full, or private mode. They live while the page lives. */
export interface Unsaved {
  database: string;
  readings: readonly Reading[];
  reason: string;
}

const NOTHING: Unsaved = { database: '', readings: [], reason: '' };
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

/** Keeps readings in memory with the reason why they could not be written. */
export function holdUnsaved(database: string, readings: readonly Reading[], error: unknown): void {
  const full = error instanceof Error && /quota/i.test(`${error.name} ${error.message}`);
  tell({
    database,
    readings: [...held.readings.filter((r) => !readings.some((n) => n.id === r.id)), ...readings],
    reason: full ? 'the browser has no room left for this page' : 'the browser did not let Kolpos write',
  });
}

export function dropUnsaved(ids: readonly string[]): void {
  if (!held.readings.some((r) => ids.includes(r.id))) return;
  const readings = held.readings.filter((r) => !ids.includes(r.id));
  tell(readings.length > 0 ? { ...held, readings } : NOTHING);
}

/** Tries to write what is held; true when nothing is left. */
export async function writeUnsaved(db: StudioDatabase): Promise<boolean> {
  if (held.readings.length === 0) return true;
  const { readings } = held;
  try {
    await db.readings.bulkPut([...readings]);
  } catch (error) {
    holdUnsaved(db.name, readings, error);
    return false;
  }
  dropUnsaved(readings.map((r) => r.id));
  return true;
}
