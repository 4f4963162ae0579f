import { z } from 'zod';
import { GROUPS, SIDES, type GroupId, type Side } from '@/core/body';
import type { Reading } from '@/core/assessment/reading';
import { MODEL_VERSION } from './infer';
import type { MovementFinding } from './statements';

/** What limits a student, as it is painted on a body. */
export interface Limit {
  group: GroupId;
  side: Side;
  /** SDs below typical of the movement that it says most about. */
  band: number;
  probability: number;
}

/** From here on below typical a movement is limited, SD (our default). */
const SHORT = -1;

/** Each group and side that limits once, by the movement that says most; strongest first. */
export function limitsOf(movements: readonly MovementFinding[]): Limit[] {
  const most = new Map<string, Limit>();
  for (const m of movements) {
    if (m.band >= SHORT) continue;
    for (const { structure, probability } of m.limiters.slice(0, m.clarity === 'one' ? 1 : 2)) {
      const key = `${structure}/${m.side}`,
        known = most.get(key);
      if (!known || -m.band * probability > -known.band * known.probability)
        most.set(key, { group: structure, side: m.side, band: m.band, probability });
    }
  }
  return [...most.values()].sort((a, b) => a.band * a.probability - b.band * b.probability);
}

const keptSchema = z.object({
  of: z.string(),
  limits: z.array(
    z.object({
      group: z.enum(GROUPS as unknown as [GroupId, ...GroupId[]]),
      side: z.enum(SIDES as unknown as [Side, ...Side[]]),
      band: z.number(),
      probability: z.number(),
    }),
  ),
});

/** What the limits of a student rest on: other readings or another model make another word. */
export const restsOn = (readings: readonly Reading[]): string =>
  `${MODEL_VERSION} ${readings.length} ${readings.reduce((t, r) => (r.takenAt > t ? r.takenAt : t), '')} ${readings.reduce((n, r) => n + (r.history?.length ?? 0), 0)}`;

/** Limits as they are kept beside the readings. */
export const writeLimits = (readings: readonly Reading[], limits: readonly Limit[]): string =>
  JSON.stringify({ of: restsOn(readings), limits });

/** Kept limits, or null where there are none or they rest on other readings. */
export function readLimits(text: string | undefined, readings: readonly Reading[]): Limit[] | null {
  if (text === undefined) return null;
  try {
    const kept = keptSchema.safeParse(JSON.parse(text));
    return kept.success && kept.data.of === restsOn(readings) ? kept.data.limits : null;
  } catch {
    return null;
  }
}
