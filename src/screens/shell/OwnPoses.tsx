'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { OwnShape } from '@/core/poses/schema';
import { pictures } from '@/figure/pictures';
import { resultsOf } from '@/store/results';
import { tellKeeper, tellOwnShapes } from '@/workers/use-core';
import { useStudio } from './studio-context';

const Context = createContext<readonly OwnShape[]>([]);

/** The teacher's own poses, known to page and worker before anything speaks of them; newest first. */
export function OwnPoses({ children }: { children: ReactNode }) {
  const { db } = useStudio();
  const [shut, setShut] = useState<Error | null>(null);
  useEffect(() => {
    // Whoever waits for a database that cannot be opened waits for ever: asked once, before anything waits.
    db.open().catch((error: unknown) => setShut(error instanceof Error ? error : new Error(String(error))));
  }, [db]);
  useEffect(() => {
    const results = resultsOf(db);
    tellKeeper(results);
    pictures.keepIn(results);
  }, [db]);
  const poses = useLiveQuery(async () => {
    const all = await db.poses.toArray();
    tellOwnShapes(
      all,
      all.filter((p) => p.inLibrary),
    );
    return all.sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1));
  }, [db]);
  if (shut) throw shut;
  return poses ? <Context value={poses}>{children}</Context> : null;
}

/** The teacher's own poses; whoever shows poses asks, so that it is drawn anew when they change. */
export const useOwnPoses = (): readonly OwnShape[] => useContext(Context);
