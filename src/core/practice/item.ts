import type { Phase, Rung } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import type { PracticeItem } from './practice';
import { grainOf, MOST_REPEATS } from './units';

/** Items from fitted poses; light, so that a page may import it. */

/** How an item is held, and where it stands. */
export interface ItemHold {
  seconds: number;
  breath_s: number;
  /** Its place, for an id that is its own in the practice. */
  index: number;
  repeats?: number;
  /** Keys of the aims that it is there for. */
  because?: string[];
}

/** An item of a fitted pose, held for whole breaths. */
export function itemOf(
  r: Pick<RankedPose, 'pose' | 'rung' | 'side'>,
  phase: Phase,
  { seconds, breath_s, index, repeats = 1, because = [] }: ItemHold,
): PracticeItem {
  const breaths = Math.max(1, Math.round(seconds / breath_s));
  return {
    id: `${r.pose}-${r.rung}-${r.side}-${index}`,
    pose: r.pose,
    rung: r.rung,
    side: r.side,
    holdSeconds: Math.max(3, breaths * breath_s),
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
