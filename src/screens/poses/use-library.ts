'use client';
import { useEffect, useState } from 'react';
import type { FittedPose } from '@/core/fit/fit';
import { core } from '@/workers/use-core';

let known: FittedPose[] | null = null;

/** The library in typical people; null while it is being computed, a sentence where it failed. */
export function useLibrary(): { fits: FittedPose[] | null; failed: string | null } {
  const [fits, setFits] = useState(known);
  const [failed, setFailed] = useState<string | null>(null);
  useEffect(() => {
    if (known) return;
    let current = true;
    core()
      .library()
      .then(
        (list) => {
          known = list;
          if (current) setFits(list);
        },
        (error: unknown) => current && setFailed(error instanceof Error ? error.message : String(error)),
      );
    return () => {
      current = false;
    };
  }, []);
  return { fits, failed };
}
