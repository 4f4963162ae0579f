import { z } from 'zod';
import { aimSchema, momentSchema } from '@/core/students/student';
import { itemSchema } from './practice';
import { requestSchema } from './request';
import { without } from './without';

/** A practice without its student: what a template and a file hold. */
export const practicePlanSchema = z.object({
  title: z.string().max(120),
  minutes: z.number().min(5).max(120),
  items: z.array(itemSchema).min(1, 'A practice needs an item.').max(120),
  aims: z.array(aimSchema).max(60),
  request: requestSchema.optional(),
});
export type PracticePlan = z.infer<typeof practicePlanSchema>;

export const templateSchema = practicePlanSchema.extend({
  id: z.string().min(1).max(64),
  createdAt: momentSchema,
  updatedAt: momentSchema,
});
export type Template = z.infer<typeof templateSchema>;

/** What of a practice can be given on: nothing of the student, no notes, which may speak of her, and nothing kept. */
export const planOf = ({ title, minutes, items, aims, request }: PracticePlan): PracticePlan => ({
  title,
  minutes,
  items: items.map((i) => without(i, 'note', 'locked')),
  aims,
  ...(request && { request }),
});
