'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useContext, type ReactNode } from 'react';
import type { OwnShape } from '@/core/poses/schema';
import { tellOwnShapes } from '@/workers/use-core';
import { useStudio } from './studio-context';

const Context = createContext<readonly OwnShape[]>([]);

/** The teacher's own poses, known to page and worker before anything speaks of them; newest first. */
export function OwnPoses({ children }: { children: ReactNode }) {
  const { db } = useStudio();
  const poses = useLiveQuery(async () => {
    const all = await db.poses.toArray();
    tellOwnShapes(
      all,
      all.filter((p) => p.inLibrary),
    );
    return all.sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1));
  }, [db]);
  return poses ? <Context value={poses}>{children}</Context> : null;
}

/** The teacher's own poses; whoever shows poses asks, so that it is drawn anew when they change. */
export const useOwnPoses = (): readonly OwnShape[] => useContext(Context);
