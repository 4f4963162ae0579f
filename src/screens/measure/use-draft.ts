'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import type { Draft, StudioDatabase } from '@/store/studio';

export type DraftValues = Omit<Draft, 'id'> & { typed: string };
export const EMPTY_DRAFT: DraftValues = { trials: [], typed: '' };

/**
 * What is typed for one test, read-out and side but not kept yet. The screen's own state answers at once; every change
 * is written to the database too, so that a reload loses nothing. Where the browser cannot write, the page still
 * remembers.
 */
export function useDraft(
  db: StudioDatabase,
  id: string,
): [DraftValues | null, (change: Partial<DraftValues>) => void, () => void] {
  const stored = useLiveQuery(async () => ({ id, found: await db.drafts.get(id) }), [db, id]);
  const [own, setOwn] = useState<{ id: string; values: DraftValues } | null>(null);
  const values: DraftValues | null =
    own?.id === id
      ? own.values
      : stored?.id === id
        ? {
            ...EMPTY_DRAFT,
            ...stored.found,
            trials: stored.found?.trials.slice(0, -1) ?? [],
            typed: stored.found?.trials.at(-1) ?? '',
          }
        : null;

  // Two changes in one event build on each other, not both on what was drawn last.
  const newest = useRef<{ id: string; values: DraftValues } | null>(null);
  useEffect(() => {
    newest.current = values ? { id, values } : null;
  });
  const change = (part: Partial<DraftValues>) => {
    const base = newest.current?.id === id ? newest.current.values : values;
    if (!base) return;
    const next = { ...base, ...part };
    newest.current = { id, values: next };
    setOwn({ id, values: next });
    // The last place of the stored trials is what still stands in the field.
    const { typed, ...rest } = next;
    db.drafts.put({ ...rest, id, trials: [...next.trials, typed] }).catch(() => undefined);
  };
  const forget = () => {
    newest.current = { id, values: EMPTY_DRAFT };
    setOwn({ id, values: EMPTY_DRAFT });
  };
  useEffect(() => () => setOwn(null), [id]);
  return [values, change, forget];
}
