import { z } from 'zod';
import { GROUPS, isMuscleGroup, type GroupId, type Side } from '@/core/body';
import { sideSchema, type Student } from '@/core/students/student';
import { digest } from '@/core/digest';
import type { Reading } from '@/core/assessment/reading';
import type { Inferred } from './infer';
import type { FeltInPose } from './pose-places';
import { MODEL_VERSION } from './version';
import { isLimited, tellsOfMuscle, type MovementFinding } from './statements';

/** What limits a student, as it is painted on a body. */
export interface Limit {
  group: GroupId;
  side: Side;
  /** SDs below typical of the movement that it says most about. */
  band: number;
  probability: number;
}

/** Each group and side that limits once, by the movement that says most; strongest first. */
export function limitsOf(movements: readonly MovementFinding[]): Limit[] {
  const most = new Map<string, Limit>();
  for (const m of movements) {
    if (!isLimited(m) || m.brokenOff) continue;
    for (const { group, probability } of m.limiters.slice(0, m.clarity === 'one' ? 1 : 2)) {
      // Where a joint or a nerve spoke, and where nothing is known, no muscle is painted.
      if (isMuscleGroup(group) && !tellsOfMuscle(m)) continue;
      const key = `${group}/${m.side}`,
        known = most.get(key);
      if (!known || -m.band * probability > -known.band * known.probability)
        most.set(key, { group, side: m.side, band: m.band, probability });
    }
  }
  return [...most.values()].sort((a, b) => a.band * a.probability - b.band * b.probability);
}

const keptSchema = z.object({
  of: z.string(),
  limits: z.array(z.object({ group: z.enum(GROUPS), side: sideSchema, band: z.number(), probability: z.number() })),
});

/** All that limits rest on: whose they are, what was read, and what was felt in lessons. */
export interface LimitsOf {
  student: Inferred & Pick<Student, 'height_cm' | 'mass_kg'>;
  readings: readonly Reading[];
  felt: readonly FeltInPose[];
}

/**
 * A word for all that limits rest on: when any of it changes, or the model does, it is another. Of times only which
 * reading came after which counts, not the day: the demo studio moves with the calendar.
 */
export function restsOn({ student, readings, felt }: LimitsOf): string {
  const { sexForNorms, measures, birthYear, height_cm, mass_kg } = student;
  const moments = [...new Set(readings.map((r) => r.takenAt))].sort();
  const rows = readings.map((r) => ({
    ...r,
    day: null,
    history: r.history?.length,
    takenAt: moments.indexOf(r.takenAt),
  }));
  return digest(JSON.stringify([MODEL_VERSION, sexForNorms, measures, birthYear, height_cm, mass_kg, rows, felt]));
}

/** Limits as they are kept beside the readings. */
export const writeLimits = (of: LimitsOf, limits: readonly Limit[]): string =>
  JSON.stringify({ of: restsOn(of), limits });

/** Kept limits, or null where there are none or they rest on something else. */
export function readLimits(text: string | undefined, of: LimitsOf): Limit[] | null {
  if (text === undefined) return null;
  try {
    const kept = keptSchema.safeParse(JSON.parse(text));
    return kept.success && kept.data.of === restsOn(of) ? kept.data.limits : null;
  } catch {
    return null;
  }
}
