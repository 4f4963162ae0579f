import { z } from 'zod';
import { aimSchema, momentSchema } from '@/core/students/student';
import type { Pace } from './pace';
import { requestSchema } from './request';
import { MOST_SETS } from './taught-order';

export { setSeconds, totalSeconds, transitionBefore, workSeconds } from './timing';

export const itemSchema = z.object({
  id: z.string().min(1).max(64),
  pose: z.string().min(1).max(60),
  rung: z.number().int().min(1).max(9),
  side: z.enum(['left', 'right', 'both']),
  holdSeconds: z.number().min(3).max(1800),
  breaths: z.number().int().min(1).max(300),
  repeats: z.number().int().min(1).max(20),
  phase: z.enum(['settle', 'warm', 'approach', 'deepest', 'counter', 'rest']),
  /** Aims served, as `kind:group:side`. */
  because: z.array(z.string().max(80)).max(12),
  note: z.string().max(300).optional(),
  /** What the teacher says in it, where she put it in her own words. */
  cues: z.array(z.string().max(300)).max(12).optional(),
  /** Stays when the practice is built again. */
  locked: z.boolean().optional(),
  /** Items that follow each other with the same number are gone through on one side, then on the other. */
  round: z.number().int().min(1).max(60).optional(),
  /** The salutation that it is a step of, with the others of its round. */
  salutation: z.string().min(1).max(40).optional(),
  /** How often it is gone through, with its other side or its round between, or after a rest. */
  sets: z.number().int().min(1).max(MOST_SETS).optional(),
  /** Which of how many, once a practice is laid out as it is taught. */
  set: z
    .object({ number: z.number().int().min(1).max(MOST_SETS), of: z.number().int().min(1).max(MOST_SETS) })
    .optional(),
});
export type PracticeItem = z.infer<typeof itemSchema>;

export const practiceSchema = z.object({
  id: z.string().min(1).max(64),
  student: z.string().min(1).max(64),
  title: z.string().max(120),
  minutes: z.number().min(5).max(120),
  items: z.array(itemSchema).max(120),
  aims: z.array(aimSchema).max(60),
  /** What it was built for; absent where it was made before wishes were kept. */
  request: requestSchema.optional(),
  /** How good the choice was when it was built; what is changed by hand is not in it. */
  choice: z
    .object({
      objective: z.number(),
      bound: z.number(),
      gap: z.number().min(0),
      searched: z.number().int(),
      of: z.number().int(),
      orderExact: z.boolean(),
      kept: z.number().int().optional(),
    })
    .optional(),
  /** Up to when what came back of it from home was looked at. */
  homeSeenAt: momentSchema.optional(),
  createdAt: momentSchema,
  updatedAt: momentSchema,
});
export type Practice = z.infer<typeof practiceSchema>;

/** The pace that a practice was built for. */
export const paceOf = (practice: Pick<Practice, 'request'>): Pace => practice.request?.pace ?? 'usual';

export const PHASES = ['settle', 'warm', 'approach', 'deepest', 'counter', 'rest'] as const;

type Choice = NonNullable<Practice['choice']>;
/** What of a built practice is kept with it to tell how good its choice was. */
export const choiceOf = ({ objective, bound, gap, searched, of, orderExact, kept }: Choice): Choice => ({
  objective,
  bound,
  gap,
  searched,
  of,
  orderExact,
  ...(kept && { kept }),
});
