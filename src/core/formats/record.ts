import { z } from 'zod';
import { classSchema } from '@/core/classes/class';
import { studentSchema } from '@/core/students/student';
import { hurtIn } from '@/core/students/hurt';
import { templateSchema } from '@/core/practice/plan';
import { practiceSchema } from '@/core/practice/practice';
import { planSchema } from '@/core/progress/plan';
import { readingSchema, valueProblem } from '@/core/assessment/reading';
import { readoutOf } from '@/core/assessment/battery';
import { logSchema } from '@/core/teaching/log';
import { momentSchema } from '@/core/students/student';
import { ownShapeSchema, type OwnShape } from '@/core/poses/schema';
import { fail, firstIssue, readJson, type Failed } from './json';

/** 2 added the teacher's own poses, 3 templates, plans of weeks and settings, 4 classes, 5 what hurt and the nine questions. */
export const RECORD_VERSION = 5;

export const recordSchema = z.object({
  format: z.literal('kolpos/record'),
  version: z.literal([1, 2, 3, 4, RECORD_VERSION]),
  exportedAt: momentSchema,
  students: z.array(studentSchema).max(5000),
  readings: z.array(readingSchema).max(200000),
  practices: z.array(practiceSchema).max(20000),
  logs: z.array(logSchema).max(50000),
  poses: z.array(ownShapeSchema).max(2000).default([]),
  templates: z.array(templateSchema).max(5000).default([]),
  /** Weeks ahead, one a student. */
  plans: z.array(planSchema).max(5000).default([]),
  classes: z.array(classSchema).max(2000).default([]),
  /** What the teacher set, by its key, as text: schools, voice, props, cues in her own words. */
  settings: z.record(z.string().max(120), z.string().max(200_000)).default({}),
});
export type KolposRecord = Omit<z.infer<typeof recordSchema>, 'poses'> & { poses: OwnShape[] };

/** Parts that older versions did not have. */
type Later = 'poses' | 'templates' | 'plans' | 'classes' | 'settings';

export type ReadResult = { ok: true; record: KolposRecord } | Failed;

/** Reads a record from text. Never throws; the first thing wrong is named with its place. */
export function readRecord(text: string): ReadResult {
  const json = readJson(text, 'kolpos/record', 'a Kolpos record', RECORD_VERSION);
  if (!json.ok) return json;
  const parsed = recordSchema.safeParse(json.data);
  if (!parsed.success) return firstIssue(parsed.error);
  return meaningProblem(parsed.data) ?? { ok: true, record: withHurt(parsed.data) };
}

/** What hurt is remembered from every lesson there is, also from those of older files. */
const withHurt = (record: KolposRecord): KolposRecord => ({
  ...record,
  students: record.students.map((s) => {
    const hurt = hurtIn(
      record.logs.filter((l) => l.student === s.id),
      s.hurt,
    );
    return hurt.length > 0 || s.hurt ? { ...s, hurt } : s;
  }),
});

/** What a schema cannot see: ids used twice, readings of nobody, impossible values. */
function meaningProblem(record: KolposRecord): ReadResult | null {
  for (const key of ['students', 'readings', 'practices', 'logs', 'poses', 'templates', 'classes'] as const) {
    const seen = new Set<string>();
    for (const [i, entry] of record[key].entries()) {
      if (seen.has(entry.id)) return fail(`${key}[${i}].id`, `The id "${entry.id}" stands here a second time.`);
      seen.add(entry.id);
    }
  }
  const people = new Set(record.students.map((s) => s.id));
  for (const key of ['readings', 'practices', 'logs', 'plans'] as const)
    for (const [i, entry] of record[key].entries())
      if (!people.has(entry.student))
        return fail(`${key}[${i}].student`, `There is no student "${entry.student}" in this file.`);
  for (const [i, c] of record.classes.entries())
    for (const [k, id] of c.students.entries())
      if (!people.has(id)) return fail(`classes[${i}].students[${k}]`, `There is no student "${id}" in this file.`);
  for (const [i, reading] of record.readings.entries()) {
    // Tests of a newer battery are kept unread; values of known ones must be possible.
    if (!readoutOf(reading.test, reading.readout)) continue;
    for (const [k, value] of reading.trials.entries()) {
      const problem = valueProblem(reading.test, reading.readout, value);
      if (problem) return fail(`readings[${i}].trials[${k}]`, problem);
    }
  }
  return null;
}

/** Text of a record: entries by id, fields in the schema's order, two spaces, a line feed at the end. */
export function writeRecord(
  parts: Omit<KolposRecord, 'format' | 'version' | Later> & Partial<Pick<KolposRecord, Later>>,
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
    settings: Object.fromEntries(Object.entries(parts.settings ?? {}).sort(([a], [b]) => (a < b ? -1 : 1))),
  };
  // What does not fit the schema is written as it stands: taking out must never lose anything.
  const ordered = recordSchema.safeParse(record);
  return `${JSON.stringify(ordered.success ? ordered.data : record, null, 2)}\n`;
}

/** The published JSON Schema of a record. */
export const recordJsonSchema = (): unknown => ({
  title: 'kolpos/record',
  description:
    'Everything of a studio: students, readings, practices, logs, own poses, templates, plans, classes, settings. Angles in degrees, lengths in centimetres, mass in kilograms.',
  ...z.toJSONSchema(recordSchema),
});
