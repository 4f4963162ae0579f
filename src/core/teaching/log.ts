import { z } from 'zod';
import { PAIN_KINDS } from '@/core/students/hurt';
import { momentSchema, placeSchema, whereSchema } from '@/core/students/student';
import { PLACES, type Place } from '@/core/students/student';
import type { FeltInPose } from '@/core/inference';
import type { PlayerState } from './player';

/** One pose and side as it was taught. */
export const logItemSchema = z.object({
  pose: z.string().min(1).max(60),
  rung: z.number().int().min(1).max(9),
  side: z.enum(['left', 'right', 'both']),
  /** Which of its sets it was. */
  set: z.object({ number: z.number().int().min(1).max(9), of: z.number().int().min(1).max(9) }).optional(),
  plannedSeconds: z.number().min(0).max(40000),
  doneSeconds: z.number().min(0).max(40000),
  skipped: z.boolean(),
  stopped: z.boolean().optional(),
  /** What kind of pain ended it. */
  pain: z.enum(PAIN_KINDS).optional(),
  placeFelt: placeSchema.optional(),
  strength: z.number().int().min(0).max(10).optional(),
});
export type LogItem = z.infer<typeof logItemSchema>;

/** Changes of an entry that are kept. */
const MOST_HISTORY = 20;

export const logSchema = z.object({
  id: z.string().min(1).max(64),
  student: z.string().min(1).max(64),
  practice: z.string().min(1).max(64),
  title: z.string().max(120),
  startedAt: momentSchema,
  endedAt: momentSchema,
  ...whereSchema,
  /** Where it was done when not in a lesson: alone, at home. */
  source: z.literal('home').optional(),
  items: z.array(logItemSchema).max(200),
  note: z.string().max(4000),
  /** What stood there before it was put right, oldest first: the words, and the items where they were changed. */
  history: z
    .array(
      z.object({
        note: z.string().max(4000),
        items: z.array(logItemSchema).max(200).optional(),
        changedAt: momentSchema,
      }),
    )
    .max(MOST_HISTORY)
    .optional(),
});
export type LogEntry = z.infer<typeof logSchema>;

/**
 * An entry put right: other words or items, with what stood there before in its history. The entry itself where nothing
 * differs.
 */
export function logPutRight(
  log: LogEntry,
  { note = log.note, items = log.items }: Partial<Pick<LogEntry, 'note' | 'items'>>,
  changedAt: string,
): LogEntry {
  const otherItems = JSON.stringify(items) !== JSON.stringify(log.items);
  if (note === log.note && !otherItems) return log;
  const before = { note: log.note, ...(otherItems && { items: log.items }), changedAt };
  return { ...log, note, items, history: [...(log.history ?? []), before].slice(-MOST_HISTORY) };
}

const isPlace = (v: string | undefined): v is Place => PLACES.some((p) => p === v);

/** The name of a lesson: the same from whatever tab, and however often, it is kept. */
export const lessonId = (state: Pick<PlayerState, 'practice' | 'startedAt'>): string =>
  `${state.practice.slice(0, 32)}-${state.startedAt.toString(36)}`;

/** What was taught, from the player's own account: items in the order of the practice, those never reached left out. */
export function logFrom(
  state: PlayerState,
  about: { id: string; title: string; endedAt: string; day?: string; zone?: string },
): LogEntry {
  const startedAt = new Date(state.startedAt).toISOString();
  return {
    ...about,
    student: state.student,
    practice: state.practice,
    startedAt,
    // A clock that was set back meanwhile must not end a lesson before it began.
    endedAt: about.endedAt < startedAt ? startedAt : about.endedAt,
    items: state.items.flatMap((i) => {
      const r = state.results.find((x) => x.item === i.id);
      if (!r) return [];
      return [
        {
          pose: r.pose,
          rung: r.rung,
          side: r.side,
          ...(r.set && { set: r.set }),
          plannedSeconds: r.plannedSeconds,
          doneSeconds: r.doneSeconds,
          skipped: r.skipped,
          ...(r.stopped ? { stopped: true } : {}),
          ...(r.stopped && r.pain ? { pain: r.pain } : {}),
          ...(isPlace(r.placeFelt) ? { placeFelt: r.placeFelt } : {}),
          ...(r.strength !== undefined ? { strength: r.strength } : {}),
        },
      ];
    }),
    note: '',
  };
}

/**
 * Where something was felt in taught poses, as evidence for the findings; what was skipped or stopped for pain says
 * nothing.
 */
export const feltIn = (logs: readonly LogEntry[]): FeltInPose[] =>
  logs.flatMap((log) => {
    const felt = log.items.flatMap(({ pose, rung, side, placeFelt, skipped, stopped }) =>
      placeFelt && placeFelt !== 'nowhere' && !skipped && !stopped
        ? [{ log: log.id, pose, rung, side, place: placeFelt }]
        : [],
    );
    // The same felt again in a further set is no further evidence.
    return felt.filter((f, k) => !felt.slice(0, k).some((g) => JSON.stringify(g) === JSON.stringify(f)));
  });
