import { z } from 'zod';
import { aimSchema, momentSchema } from '@/core/students/student';
import { itemSchema, type Practice } from '@/core/practice/practice';
import { requestOf, requestSchema } from '@/core/practice/request';
import { weekThemeSchema } from './themes';
import { classWeeksSchema } from './weeks';

/** Most students of a class: more cannot be watched, and do not fit on a page. Ours. */
export const MOST_STUDENTS = 16;

/** Students who practise together, and the practice that was built for them. */
export const classSchema = z.object({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1).max(80),
  /** Ids of its students. */
  students: z.array(z.string().min(1).max(64)).max(MOST_STUDENTS),
  items: z.array(itemSchema).max(120).default([]),
  /** Shared aims that it was built for. */
  aims: z.array(aimSchema).max(60).default([]),
  request: requestSchema.optional(),
  /** What the practice was built about; without one, about all that they share. */
  theme: weekThemeSchema.optional(),
  /** Its weeks ahead. */
  weeks: classWeeksSchema.optional(),
  createdAt: momentSchema,
  updatedAt: momentSchema,
});
export type YogaClass = z.infer<typeof classSchema>;

/** The practice of a class as every sheet and player knows it; its “student” is the class. */
export const practiceOfClass = (c: YogaClass): Practice => ({
  id: c.id,
  student: c.id,
  title: c.name,
  minutes: (c.request ?? requestOf({ minutes: 60 })).minutes,
  items: c.items,
  aims: c.aims,
  ...(c.request && { request: c.request }),
  createdAt: c.createdAt,
  updatedAt: c.updatedAt,
});
