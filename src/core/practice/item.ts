import type { Phase, Rung } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import type { PracticeItem } from './practice';
import { grainOf, MOST_REPEATS } from './units';

/** Items from fitted poses; light, so that a page may import it. */

/** An item of a fitted pose. Ids only need to be unique in their practice. */
export function itemOf(
  r: RankedPose,
  phase: Phase,
  seconds: number,
  breath: number,
  because: string[],
  index: number,
  repeats = 1,
): PracticeItem {
  const breaths = Math.max(1, Math.round(seconds / breath));
  return {
    id: `${r.pose}-${r.rung}-${r.side}-${index}`,
    pose: r.pose,
    rung: r.rung,
    side: r.side,
    holdSeconds: Math.max(3, breaths * breath),
    breaths,
    repeats,
    phase,
    because,
  };
}

/** Whole breaths of one hold and its repeats that come nearest to so many minutes on a side. */
export function breathed(
  unit: { rung: Rung },
  minutes: number,
  breathSeconds: number,
): { breaths: number; repeats: number } {
  const seconds = minutes * 60;
  if (!unit.rung.repeats) return { breaths: Math.max(1, Math.round(seconds / breathSeconds)), repeats: 1 };
  const breaths = grainOf(unit.rung, breathSeconds);
  const times = Math.round(seconds / (breaths * breathSeconds));
  return { breaths, repeats: Math.max(1, Math.min(MOST_REPEATS, times)) };
}
