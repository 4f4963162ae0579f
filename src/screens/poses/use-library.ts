'use client';
import { useEffect, useState } from 'react';
import type { FittedPose } from '@/core/fit/fit';
import { allShapes, LIBRARY, type Shape } from '@/core/poses';
import { keptOr } from '@/workers/kept';
import { core } from '@/workers/use-core';

let known: { shapes: readonly Shape[]; fits: FittedPose[] } | null = null;

/**
 * The library with the teacher's own poses in typical people; null while it is being computed, a sentence where it
 * failed.
 */
export function useLibrary(): { fits: FittedPose[] | null; failed: string | null } {
  const shapes = allShapes();
  const [answer, setAnswer] = useState(known);
  const [failed, setFailed] = useState<string | null>(null);
  useEffect(() => {
    if (known?.shapes === shapes) return;
    let current = true;
    keptOr('library', JSON.stringify(shapes.slice(LIBRARY.length)), () => core().library()).then(
      (fits) => {
        if (!fits) return;
        known = { shapes, fits };
        if (current) setAnswer(known);
      },
      (error: unknown) => current && setFailed(error instanceof Error ? error.message : String(error)),
    );
    return () => {
      current = false;
    };
  }, [shapes]);
  return { fits: answer?.fits ?? null, failed };
}
