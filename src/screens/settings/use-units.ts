'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { PROP_SIZES, PROPS_SETTING, propSizesSchema } from '@/core/poses/prop-sizes';
import { readSetting } from '@/core/read-setting';
import type { UnitSystem } from '@/core/units';
import { useStudio } from '../shell/studio-context';

/**
 * In which units bodies and props are told; undefined until it is read: a field must not be filled in one and read in
 * another.
 */
export function useUnits(): UnitSystem | undefined {
  const { db } = useStudio();
  return useLiveQuery(
    async () => readSetting(propSizesSchema, PROP_SIZES, (await db.memos.get(PROPS_SETTING))?.value).units,
    [db],
  );
}
