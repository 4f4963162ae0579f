import { z } from 'zod';
import { daySchema, placeSchema, type Place } from './places';
import { dayOf } from '@/core/day-of';
import { PAIN_KINDS, type PainKind } from './pain-kinds';

export { PAIN_KINDS, type PainKind } from './pain-kinds';

/** A pose and side that was ended for pain. It stays closed until the teacher clears it with a word. */
export const hurtSchema = z.object({
  /** The lesson in which it was. */
  log: z.string().min(1).max(64),
  pose: z.string().min(1).max(60),
  rung: z.number().int().min(1).max(9),
  side: z.enum(['left', 'right', 'both']),
  on: daySchema,
  place: placeSchema.optional(),
  kind: z.enum(PAIN_KINDS).optional(),
  cleared: z.object({ word: z.string().trim().min(1).max(200), on: daySchema }).optional(),
});
export type Hurt = z.infer<typeof hurtSchema>;

/** A lesson as far as it is needed to know what hurt. */
interface Lesson {
  id: string;
  startedAt: string;
  day?: string;
  items: readonly {
    pose: string;
    rung: number;
    side: Hurt['side'];
    stopped?: boolean;
    placeFelt?: Place;
    pain?: PainKind;
  }[];
}

const keyOf = (h: Pick<Hurt, 'log' | 'pose' | 'rung' | 'side'>): string => `${h.log}/${h.pose}/${h.rung}/${h.side}`;

/**
 * What hurt in these lessons, newest first; what was cleared before stays cleared, and what is remembered of a lesson
 * that is not among them stays remembered.
 */
export function hurtIn(lessons: readonly Lesson[], before: readonly Hurt[] = []): Hurt[] {
  const kept = new Map(before.map((h) => [keyOf(h), h]));
  const here = new Set(lessons.map((l) => l.id));
  const out = new Map(before.filter((h) => !here.has(h.log)).map((h) => [keyOf(h), h]));
  for (const { id, items, ...lesson } of lessons)
    for (const { pose, rung, side, stopped, placeFelt, pain } of items) {
      if (!stopped) continue;
      const hurt: Hurt = {
        log: id,
        pose,
        rung,
        side,
        on: dayOf(lesson),
        ...(placeFelt && { place: placeFelt }),
        ...(pain && { kind: pain }),
      };
      const cleared = kept.get(keyOf(hurt))?.cleared;
      out.set(keyOf(hurt), cleared ? { ...hurt, cleared } : hurt);
    }
  return [...out.values()].sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : keyOf(a) < keyOf(b) ? -1 : 1));
}

/** What still keeps a pose closed: not cleared by the teacher. */
export const stillHurts = (hurt: readonly Hurt[] | undefined): Hurt[] => (hurt ?? []).filter((h) => !h.cleared);

/** Cleared with a word, on a day: every time that it hurt in this pose and side. */
export const clearHurt = (
  hurt: readonly Hurt[],
  which: Pick<Hurt, 'pose' | 'side'>,
  word: string,
  on: string,
): Hurt[] =>
  hurt.map((h) => (h.pose === which.pose && h.side === which.side && !h.cleared ? { ...h, cleared: { word, on } } : h));
