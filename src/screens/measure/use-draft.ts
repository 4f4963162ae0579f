'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { Draft, StudioDatabase } from '@/store/studio';

const EMPTY = { trials: [] as string[], placeFelt: undefined, endFeel: undefined, tilt: undefined };
export type DraftValues = Omit<Draft, 'id'> & { typed: string };

/**
 * What is typed for one test, read-out and side but not kept yet. The screen's own state answers at once; every change is
 * written to the database too, so that a reload loses nothing.
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
            ...EMPTY,
            ...stored.found,
            trials: stored.found?.trials.slice(0, -1) ?? [],
            typed: stored.found?.trials.at(-1) ?? '',
          }
        : null;

  const change = (part: Partial<DraftValues>) => {
    if (!values) return;
    const next = { ...values, ...part };
    setOwn({ id, values: next });
    // The last place of the stored trials is what still stands in the field.
    void db.drafts.put({
      id,
      trials: [...next.trials, next.typed],
      placeFelt: next.placeFelt,
      endFeel: next.endFeel,
      tilt: next.tilt,
    });
  };
  const forget = () => setOwn({ id, values: { ...EMPTY, typed: '' } });
  useEffect(() => () => setOwn(null), [id]);
  return [values, change, forget];
}
