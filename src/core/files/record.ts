import { z } from 'zod';
import { studentSchema } from '@/core/people/student';
import { practiceSchema } from '@/core/practice/practice';
import { readingSchema, valueProblem } from '@/core/tests/reading';
import { readoutOf } from '@/core/tests/battery';
import { logSchema } from '@/core/teaching/log';
import { momentSchema } from '@/core/people/student';

export const RECORD_VERSION = 1;

export const recordSchema = z.object({
  format: z.literal('kolpos/record'),
  version: z.literal(RECORD_VERSION),
  exportedAt: momentSchema,
  students: z.array(studentSchema).max(5000),
  readings: z.array(readingSchema).max(200000),
  practices: z.array(practiceSchema).max(20000),
  logs: z.array(logSchema).max(50000),
});
export type KolposRecord = z.infer<typeof recordSchema>;

export interface FileProblem {
  /** Where in the file, for example `students[2].height_cm`. */
  field: string;
  message: string;
}

export type ReadResult = { ok: true; record: KolposRecord } | { ok: false; problem: FileProblem };

/** Reads a record from text. Never throws; the first thing wrong is named with its place. */
export function readRecord(text: string): ReadResult {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    const detail = error instanceof Error ? error.message : '';
    const line = lineOf(text, detail);
    return fail(
      line ? `line ${line}` : 'the file',
      'This is not complete JSON. Was the file cut short or opened in a word processor?',
    );
  }
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return fail('the file', 'This is not a Kolpos record.');
  const head = data as { format?: unknown; version?: unknown };
  if (head.format !== 'kolpos/record')
    return fail('format', 'This is not a Kolpos record: "format" must be "kolpos/record".');
  if (typeof head.version === 'number' && head.version > RECORD_VERSION)
    return fail(
      'version',
      `This file was written by a newer Kolpos (version ${head.version}). Update Kolpos, then bring it in.`,
    );
  const parsed = recordSchema.safeParse(data);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return fail(pathOf(issue.path), issue.message);
  }
  return meaningProblem(parsed.data) ?? { ok: true, record: parsed.data };
}

/** What a schema cannot see: ids used twice, readings of nobody, impossible values. */
function meaningProblem(record: KolposRecord): ReadResult | null {
  for (const key of ['students', 'readings', 'practices', 'logs'] as const) {
    const seen = new Set<string>();
    for (const [i, entry] of record[key].entries()) {
      if (seen.has(entry.id)) return fail(`${key}[${i}].id`, `The id "${entry.id}" stands here a second time.`);
      seen.add(entry.id);
    }
  }
  const people = new Set(record.students.map((s) => s.id));
  for (const key of ['readings', 'practices', 'logs'] as const)
    for (const [i, entry] of record[key].entries())
      if (!people.has(entry.student))
        return fail(`${key}[${i}].student`, `There is no student "${entry.student}" in this file.`);
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
export function writeRecord(parts: Omit<KolposRecord, 'format' | 'version'>): string {
  const byId = <T extends { id: string }>(list: readonly T[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
  const record: KolposRecord = {
    format: 'kolpos/record',
    version: RECORD_VERSION,
    exportedAt: parts.exportedAt,
    students: byId(parts.students),
    readings: byId(parts.readings),
    practices: byId(parts.practices),
    logs: byId(parts.logs),
  };
  // What does not fit the schema is written as it stands: taking out must never lose anything.
  const ordered = recordSchema.safeParse(record);
  return `${JSON.stringify(ordered.success ? ordered.data : record, null, 2)}\n`;
}

/** The published JSON Schema of a record. */
export const recordJsonSchema = (): unknown => ({
  title: 'kolpos/record',
  description:
    'Everything of a studio: students, readings, practices, logs. Angles in degrees, lengths in centimetres, mass in kilograms.',
  ...z.toJSONSchema(recordSchema),
});

const fail = (field: string, message: string): ReadResult => ({ ok: false, problem: { field, message } });

const pathOf = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((s, p) => (typeof p === 'number' ? `${s}[${p}]` : s ? `${s}.${String(p)}` : String(p)), '') ||
  'the file';

function lineOf(text: string, message: string): number | null {
  const at = /position (\d+)/.exec(message);
  return at ? text.slice(0, Number(at[1])).split('\n').length : text.length > 0 ? text.split('\n').length : null;
}
