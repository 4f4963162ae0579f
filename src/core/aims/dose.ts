import type { AimKind } from '@/core/students/student';
import { type DOSE_SOURCES, MOST_MINUTES, OLDER, type AimDefaults } from './defaults';

/** What one muscle and side should get in a week. */
export interface WeeklyDose {
  stretch: { seconds: number; holds: number; days: number; minutesPerWeek: number } | null;
  strength: { sets: number; repeats: number; days: number } | null;
  /** Keys of `DOSE_SOURCES` it rests on. */
  sources: (keyof typeof DOSE_SOURCES)[];
}

/**
 * Dose of a week for an aim: longer holds from 65 on, short ones for the very mobile, never more minutes than still
 * help.
 */
export function doseFor(
  kind: AimKind | 'none',
  person: { age?: number; mobile?: boolean },
  d: AimDefaults,
): WeeklyDose {
  const sources: WeeklyDose['sources'] = [];
  let stretch: WeeklyDose['stretch'] = null,
    strength: WeeklyDose['strength'] = null;
  if (kind === 'lengthen' || kind === 'both') {
    const older = person.age !== undefined && person.age >= OLDER;
    const seconds = person.mobile
      ? Math.min(d.holdSeconds, d.mobileHoldSeconds)
      : older
        ? Math.max(d.holdSeconds, d.olderHoldSeconds)
        : d.holdSeconds;
    const most = Math.max(1, Math.floor((MOST_MINUTES * 60) / (seconds * d.stretchDays)));
    const holds = Math.min(d.holds, most);
    stretch = {
      seconds,
      holds,
      days: d.stretchDays,
      minutesPerWeek: Math.round((seconds * holds * d.stretchDays) / 6) / 10,
    };
    sources.push('stretch', ...(person.mobile ? (['mobile'] as const) : older ? (['older'] as const) : []));
  }
  if (kind === 'strengthen' || kind === 'both') {
    strength = { sets: d.sets, repeats: d.repeats, days: d.strengthDays };
    sources.push('strength');
  }
  return { stretch, strength, sources };
}
