'use client';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { Change } from '@/core/practice/change';
import type { PracticeRequest, Saluted } from '@/core/practice/request';
import { core } from '@/workers/use-core';
import { useLikes } from '../settings/use-pose-settings';
import type { ClassData, useClassWay } from './use-class';

/** Keeps a class with a word of what was done, to be taken back. */
export type KeepClass = (next: YogaClass, did: string) => Promise<void>;

/** Building a practice for a class: whether it is on, and what could not be done as it was asked. */
export function useClassBuilding(
  one: YogaClass,
  people: ClassData['people'],
  way: ReturnType<typeof useClassWay>,
  keep: KeepClass,
) {
  const { enqueueSnackbar } = useSnackbar();
  const [likes] = useLikes();
  const [building, setBuilding] = useState(false);
  const [refused, setRefused] = useState<{ change: Change; request: PracticeRequest } | null>(null);
  const [unsaluted, setUnsaluted] = useState<Saluted | null>(null);
  const build = async (request: PracticeRequest): Promise<void> => {
    setBuilding(true);
    setRefused(null);
    setUnsaluted(null);
    try {
      const { built, aims } = await core().classBuild(people, way.when, way.settings, request, likes);
      setUnsaluted(built.unsaluted);
      if (built.change) setRefused({ change: built.change, request });
      else await keep({ ...one, items: built.items, aims, request }, 'The practice is built.');
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      enqueueSnackbar(`It could not be built: ${why}`, { variant: 'error' });
    }
    setBuilding(false);
  };
  return { build, building, refused, unsaluted, forgetUnsaluted: () => setUnsaluted(null) };
}
