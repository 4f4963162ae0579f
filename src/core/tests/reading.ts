import { z } from 'zod';
import { momentSchema, placeSchema, sideSchema } from '@/core/people/student';
import { readoutOf } from './battery';

/** How a movement ended. */
export const STOP_REASONS = [
  'stretch-firm',
  'hard-block',
  'pinch',
  'pain',
  'nerve-like',
  'guarding',
  'compensation',
  'body-contact',
  'fear',
] as const;

export const readingSchema = z.object({
  id: z.string().min(1).max(64),
  student: z.string().min(1).max(64),
  test: z.string().min(1).max(60),
  readout: z.string().min(1).max(60),
  side: sideSchema,
  trials: z.array(z.number()).min(1).max(3),
  unit: z.literal('deg'),
  placeFelt: placeSchema.optional(),
  endFeel: z.enum(STOP_REASONS).optional(),
  pain: z.boolean().optional(),
  active: z.boolean().optional(),
  compensations: z.array(z.string().max(60)).max(10).optional(),
  pelvicTilt_deg: z.number().min(-40).max(60).optional(),
  takenAt: momentSchema,
});
export type Reading = z.infer<typeof readingSchema>;
export type EndFeel = NonNullable<Reading['endFeel']>;

export const meanOf = (trials: readonly number[]): number => trials.reduce((s, v) => s + v, 0) / trials.length;
/** Largest minus smallest trial, degrees. */
export const spreadOf = (trials: readonly number[]): number => Math.max(...trials) - Math.min(...trials);

/** Spread of trials that is more than the hand's own error, degrees (rule of thumb). */
export const WIDE_SPREAD = 6;

/** What is wrong with a typed value, in the teacher's words, or null. Refuses what no joint can do. */
export function valueProblem(test: string, readout: string, value: number): string | null {
  const r = readoutOf(test, readout);
  if (!r) return `Kolpos does not know the test "${test}" with the reading "${readout}".`;
  if (!Number.isFinite(value)) return 'Type a number of degrees, for example 64.';
  if (value < r.min || value > r.max) return `This reading lies between ${r.min}° and ${r.max}°. Please look again.`;
  return null;
}

/** The newest reading of each test, read-out and side; older ones are history. */
export function latest(readings: readonly Reading[]): Reading[] {
  const newest = new Map<string, Reading>();
  for (const r of readings) {
    const key = `${r.test}/${r.readout}/${r.side}`;
    const old = newest.get(key);
    if (!old || old.takenAt <= r.takenAt) newest.set(key, r);
  }
  return [...newest.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
}
