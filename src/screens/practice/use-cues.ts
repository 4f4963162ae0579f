'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useMemo } from 'react';
import type { z } from 'zod';
import { CUES_SETTING, cueBookSchema, cueKey, remembered } from '@/core/practice/cues';
import type { PracticeItem } from '@/core/practice/practice';
import { without } from '@/core/practice/without';
import { useSchools, useVoice } from '../settings/use-pose-settings';
import { readSetting } from '@/core/read-setting';
import { useStudio } from '../shell/studio-context';

const EMPTY: z.infer<typeof cueBookSchema> = {};

/** What is said in a pose: the voice, the schools, and the lines that she put in her own words before. */
export function useCues() {
  const { db } = useStudio();
  const [voice] = useVoice();
  const [schools] = useSchools();
  const text = useLiveQuery(() => db.memos.get(CUES_SETTING), [db])?.value;
  const book = useMemo(() => readSetting(cueBookSchema, EMPTY, text), [text]);
  /** Remembers lines for a rung, whatever practice it stands in next; null forgets them. */
  const remember = useCallback(
    (item: Pick<PracticeItem, 'pose' | 'rung' | 'side'>, lines: readonly string[] | null) =>
      db.transaction('rw', db.memos, async () => {
        const now = readSetting(cueBookSchema, EMPTY, (await db.memos.get(CUES_SETTING))?.value);
        const next = { ...without(now, cueKey(item)), ...(lines && { [cueKey(item)]: remembered(lines, item.side) }) };
        await db.memos.put({ key: CUES_SETTING, value: JSON.stringify(next) });
      }),
    [db],
  );
  return { voice, schools, book, remember };
}
