'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { AIM_DEFAULTS, aimDefaultsSchema, type AimDefaults } from '@/core/aims/defaults';
import { useStudio } from '../shell/studio-context';

/** Memo that holds a teacher's own way with aims. */
export const AIM_MEMO = 'school/aims';

/** The teacher's own way with aims; what she never set, or what cannot be read, is our default. */
export function useAimDefaults(): AimDefaults {
  const { db } = useStudio();
  const text = useLiveQuery(() => db.memos.get(AIM_MEMO), [db])?.value;
  return useMemo(() => readDefaults(text), [text]);
}

/** Settings from their text; ours where there is none or it is broken. */
export function readDefaults(text: string | undefined): AimDefaults {
  if (!text) return AIM_DEFAULTS;
  try {
    const parsed = aimDefaultsSchema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : AIM_DEFAULTS;
  } catch {
    return AIM_DEFAULTS;
  }
}
