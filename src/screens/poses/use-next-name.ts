import { useMemo } from 'react';
import { TYPICAL_BUILD, type Build } from '@/core/body';
import { readAt, type FittedPose } from '@/core/fit/fit';
import { stretchedName } from '@/core/fit/shortest';
import type { Posterior } from '@/core/inference';
import { rungOf } from '@/core/poses';

/** Name of what would stop a pose next, at the depth where it would; null where nothing would before the full rung. */
export function useNextName(fit: FittedPose, posterior: Posterior, build: Build = TYPICAL_BUILD): string | null {
  return useMemo(() => {
    const found = rungOf(fit.pose, fit.rung);
    if (!fit.next || !found) return null;
    const { group, side, depth } = fit.next;
    const posed = { shape: found.shape, rung: fit.rung, side: fit.side === 'both' ? ('right' as const) : fit.side };
    return stretchedName(readAt(posed, depth, { posterior, build }), group, side, posterior);
  }, [fit, posterior, build]);
}
