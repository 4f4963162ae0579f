import { z } from 'zod';
import { classSchema } from '@/core/classes/class';
import { studentSchema } from '@/core/students/student';
import { templateSchema } from '@/core/practice/plan';
import { practiceSchema } from '@/core/practice/practice';
import { planSchema } from '@/core/progress/plan';
import { readingSchema } from '@/core/assessment/reading';
import { logSchema } from '@/core/teaching/log';
import { visitSchema } from '@/core/visits/visit';
import { momentSchema } from '@/core/students/student';
import { ownShapeSchema, type OwnShape } from '@/core/poses/schema';
import { contentDigest } from './content-digest';

/**
 * 2 added the teacher's own poses, 3 templates, plans of weeks and settings, 4 classes, 5 what hurt and the nine
 * questions, 6 the day book, 7 calls the style of a practice so.
 */
export const RECORD_VERSION = 7;

/** What says that a file is a record, and when it was written. */
export const headSchema = z.object({
  format: z.literal('kolpos/record'),
  version: z.literal([1, 2, 3, 4, 5, 6, RECORD_VERSION]),
  exportedAt: momentSchema,
  /** SHA-256 of everything else in the file, hexadecimal: a letter lost on the way is noticed. */
  digest: z.string().max(200).optional(),
});

const settingKeySchema = z.string().max(120);
const settingValueSchema = z.string().max(200_000);
/** A setting: its key and its text. */
export const settingSchema = z.tuple([settingKeySchema, settingValueSchema]);

export const recordSchema = headSchema.extend({
  students: z.array(studentSchema).max(5000),
  readings: z.array(readingSchema).max(200000),
  practices: z.array(practiceSchema).max(20000),
  logs: z.array(logSchema).max(50000),
  poses: z.array(ownShapeSchema).max(2000).default([]),
  templates: z.array(templateSchema).max(5000).default([]),
  /** Weeks ahead, one a student. */
  plans: z.array(planSchema).max(5000).default([]),
  classes: z.array(classSchema).max(2000).default([]),
  /** The day book: who comes when. */
  visits: z.array(visitSchema).max(100_000).default([]),
  /** What the teacher set, by its key, as text: schools, voice, props, cues in her own words. */
  settings: z.record(settingKeySchema, settingValueSchema).default({}),
});
export type KolposRecord = Omit<z.infer<typeof recordSchema>, 'poses'> & { poses: OwnShape[] };

/** Parts that older versions did not have. */
type Later = 'poses' | 'templates' | 'plans' | 'classes' | 'visits' | 'settings';

/** Text of a record: entries by id, fields in the schema's order, two spaces, a line feed at the end. */
export function writeRecord(
  parts: Omit<KolposRecord, 'format' | 'version' | 'digest' | Later> & Partial<Pick<KolposRecord, Later>>,
): string {
  const byId = <T extends { id: string }>(list: readonly T[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
  const record: KolposRecord = {
    format: 'kolpos/record',
    version: RECORD_VERSION,
    exportedAt: parts.exportedAt,
    students: byId(parts.students),
    readings: byId(parts.readings),
    practices: byId(parts.practices),
    logs: byId(parts.logs),
    poses: byId(parts.poses ?? []),
    templates: byId(parts.templates ?? []),
    plans: [...(parts.plans ?? [])].sort((a, b) => (a.student < b.student ? -1 : 1)),
    classes: byId(parts.classes ?? []),
    visits: byId(parts.visits ?? []),
    settings: Object.fromEntries(Object.entries(parts.settings ?? {}).sort(([a], [b]) => (a < b ? -1 : 1))),
  };
  // What does not fit the schema is written as it stands: taking out must never lose anything.
  const ordered = recordSchema.safeParse(record);
  const whole = ordered.success ? ordered.data : record;
  const { format, version, exportedAt, ...rest } = whole;
  const file = { format, version, exportedAt, digest: contentDigest(whole), ...rest };
  return `${JSON.stringify(file, null, 2)}\n`;
}
