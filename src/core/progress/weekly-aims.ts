import type { AimDefaults } from '@/core/aims/defaults';
import { doseFor } from '@/core/aims/dose';
import type { AimsOf } from '@/core/aims/for-student';
import { aimsWithPeak, type PeakGap } from '@/core/practice/peak';
import type { WeeklyAim } from './plan';

/**
 * What a week should hold for each standing aim, and for what a peak asks beyond them.
 * @param person for the doses of the latter
 */
export function weeklyAims(
  aimed: Pick<AimsOf, 'standing' | 'work'> | null,
  gap: PeakGap | null = null,
  person: { age?: number; mobile?: boolean } = {},
  defaults?: AimDefaults,
): WeeklyAim[] {
  const standing = (aimed?.standing ?? [])
    .filter((a) => a.weight > 0 && (a.dose.stretch || a.dose.strength))
    .map((a) => ({
      key: `${a.kind === 'both' ? 'lengthen and strengthen' : a.kind}:${a.group}:${a.side}`,
      minutes: a.dose.stretch?.minutesPerWeek ?? 0,
      strengthDays: a.dose.strength?.days ?? 0,
    }));
  if (!aimed || !gap || !defaults) return standing;
  const more = aimsWithPeak(aimed.work, gap)
    .slice(aimed.work.length)
    .map(({ kind, group, side }) => {
      const dose = doseFor(kind, person, defaults);
      return {
        key: `${kind}:${group}:${side}`,
        minutes: dose.stretch?.minutesPerWeek ?? 0,
        strengthDays: dose.strength?.days ?? 0,
      };
    });
  return [...standing, ...more];
}
