import { z } from 'zod';
import { daySchema } from './places';

export const ANSWERS = ['yes', 'no', 'unsure'] as const;
export type Answer = (typeof ANSWERS)[number];

/** Answers to the nine questions, who asked them and on which day. */
export const redFlagsSchema = z.object({
  on: daySchema,
  by: z.string().trim().max(80).optional(),
  answers: z.record(z.string().max(60), z.enum(ANSWERS)),
});
export type RedFlags = z.infer<typeof redFlagsSchema>;
