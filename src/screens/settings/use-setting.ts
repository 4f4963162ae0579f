'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useMemo } from 'react';
import type { z } from 'zod';
import { readSetting } from '@/core/read-setting';
import { useStudio } from '../shell/studio-context';

/** One of the studio's settings and how to change a part of it; what she never set is our default. */
export function useSetting<T extends object>(
  key: string,
  schema: z.ZodType<T>,
  ours: T,
): readonly [T, (part: Partial<T>) => void] {
  const { db } = useStudio();
  const text = useLiveQuery(() => db.memos.get(key), [db, key])?.value;
  const now = useMemo(() => readSetting(schema, ours, text), [schema, ours, text]);
  const put = useCallback(
    (part: Partial<T>) => void db.memos.put({ key, value: JSON.stringify({ ...now, ...part }) }),
    [db, key, now],
  );
  return [now, put];
}
