'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { z } from 'zod';
import { readSetting } from '@/core/read-setting';
import { useStudio } from '../shell/studio-context';

/** What was just changed here and is not read back yet. */
interface Unread<T> {
  key: string;
  part: Partial<T>;
  /** What this view had read of the database when it was written last. */
  before: string | undefined;
  /** What was written last; null while the write is under way. */
  wrote: string | null;
}

/**
 * One of the studio's settings and how to change a part of it; what she never set is our default.
 * A change holds from the press on, not from when the database has told it: what is pressed next may build on it.
 */
export function useSetting<T extends object>(
  key: string,
  schema: z.ZodType<T>,
  ours: T,
): readonly [T, (part: Partial<T>) => void] {
  const { db } = useStudio();
  const text = useLiveQuery(() => db.memos.get(key), [db, key])?.value;
  const [unread, setUnread] = useState<Unread<T> | null>(null);
  const read = useRef(text);
  useEffect(() => {
    read.current = text;
  }, [text]);
  // Read back, or changed since by another tab: from here on the database tells.
  const told =
    unread !== null &&
    (unread.key !== key || (unread.wrote !== null && (text === unread.wrote || text !== unread.before)));
  if (told) setUnread(null);
  const part = told ? null : (unread?.part ?? null);
  const now = useMemo(() => ({ ...readSetting(schema, ours, text), ...part }), [schema, ours, text, part]);
  const put = useCallback(
    (changed: Partial<T>) => {
      setUnread((u) => ({
        key,
        part: { ...(u?.key === key ? u.part : null), ...changed },
        before: undefined,
        wrote: null,
      }));
      // Onto what is stored, not onto what is shown: two presses in one breath both count.
      void db
        .transaction('rw', db.memos, async () => {
          const stored = readSetting(schema, ours, (await db.memos.get(key))?.value);
          const value = JSON.stringify({ ...stored, ...changed });
          await db.memos.put({ key, value });
          return value;
        })
        .then((value) => setUnread((u) => (u?.key === key ? { ...u, wrote: value, before: read.current } : u)));
    },
    [db, key, schema, ours],
  );
  return [now, put];
}
