import { say } from '@/core/languages/spoken';
import type { z } from 'zod';
import { classSchema } from '@/core/classes/class';
import { ownShapeSchema, type OwnShape } from '@/core/poses/schema';
import { templateSchema } from '@/core/practice/plan';
import { practiceSchema } from '@/core/practice/practice';
import { planSchema } from '@/core/progress/plan';
import { readingSchema } from '@/core/assessment/reading';
import { hurtIn } from '@/core/students/hurt';
import { studentSchema } from '@/core/students/student';
import { logSchema } from '@/core/teaching/log';
import { visitSchema } from '@/core/visits/visit';
import { contentDigest } from './content-digest';
import { fail, firstIssue, pathOf, readJson, type Failed } from './json';
import { Moments } from './moments';
import { inWordsOfToday, settingOfToday } from './older-words';
import { headSchema, RECORD_VERSION, settingSchema, type KolposRecord } from './record';
import { Aside, type SetAsideRow } from './set-aside';
import { sound, type Lists, type PlacedRow } from './sound-record';

/**
 * Whether the file is as it was written: its digest matches, does not, or it has none (older files, files made by
 * hand).
 */
export type Integrity = 'matches' | 'differs' | 'none';

export type ReadResult = { ok: true; record: KolposRecord; setAside: SetAsideRow[]; digest: Integrity } | Failed;

/** Of each kind: how one is read, how many a file may hold, and whether every version has it. */
const KINDS = {
  students: { schema: studentSchema, most: 5000, since: 1 },
  readings: { schema: readingSchema, most: 200_000, since: 1 },
  practices: { schema: practiceSchema, most: 20_000, since: 1 },
  logs: { schema: logSchema, most: 50_000, since: 1 },
  poses: { schema: ownShapeSchema as unknown as z.ZodType<OwnShape>, most: 2000, since: 2 },
  templates: { schema: templateSchema, most: 5000, since: 3 },
  plans: { schema: planSchema, most: 5000, since: 3 },
  classes: { schema: classSchema, most: 2000, since: 4 },
  visits: { schema: visitSchema, most: 100_000, since: 6 },
} as const;
type Kind = keyof typeof KINDS;

/**
 * Reads a record from text. Never throws. What is no record at all is refused with the place of the first thing wrong;
 * a row that cannot be taken is set aside with its reason, and the rest is read. What belongs to a row that was set
 * aside goes with it.
 */
export function readRecord(text: string): ReadResult {
  const json = readJson(text, 'kolpos/record', say('a Kolpos record'), RECORD_VERSION);
  if (!json.ok) return json;
  const head = headSchema.safeParse(json.data);
  if (!head.success) return firstIssue(head.error);
  const lists = listsOf(json.data, head.data.version);
  if (!lists.ok) return lists;

  const aside = new Aside();
  const { exportedAt, digest } = head.data;
  const odd = Moments.file(exportedAt);
  if (odd) aside.put('exportedAt', odd, exportedAt);
  const settings = settingsOf(json.data.settings, aside);
  const rows = <K extends Kind>(kind: K) => rowsOf<Lists[K][number]>(kind, lists.lists[kind], aside);
  const logs = rows('logs');
  const record = sound(
    {
      students: rows('students'),
      readings: rows('readings'),
      practices: rows('practices'),
      logs,
      poses: rows('poses'),
      templates: rows('templates'),
      plans: rows('plans'),
      classes: rows('classes'),
      visits: rows('visits'),
    },
    exportedAt,
    aside,
  );
  return {
    ok: true,
    record: {
      ...head.data,
      ...record,
      settings,
      students: withHurt(record.students, lessons(record.logs, logs, exportedAt)),
    },
    setAside: aside.rows,
    digest: digest === undefined ? 'none' : digest === contentDigest(json.data) ? 'matches' : 'differs',
  };
}

/** The lists of a file, unread. */
function listsOf(
  data: Record<string, unknown>,
  version: number,
): { ok: true; lists: Record<Kind, readonly unknown[]> } | Failed {
  const lists: Partial<Record<Kind, readonly unknown[]>> = {};
  for (const [kind, { most, since }] of Object.entries(KINDS) as [Kind, { most: number; since: number }][]) {
    const list = data[kind];
    if (list === undefined && (since > version || since > 1)) lists[kind] = [];
    else if (!Array.isArray(list))
      return fail(kind, say('A record needs the list “{{kind}}”, even an empty one.', { kind: say(kind) }));
    else if (list.length > most)
      return fail(
        kind,
        say('{{list}} {{kind}} are more than one file can hold ({{most}}).', {
          list: list.length,
          kind: say(kind),
          most,
        }),
      );
    else lists[kind] = list;
  }
  return { ok: true, lists: lists as Record<Kind, readonly unknown[]> };
}

/** Settings that can be taken; each is a text under its key. */
function settingsOf(given: unknown, aside: Aside): Record<string, string> {
  if (given === undefined) return {};
  if (typeof given !== 'object' || given === null || Array.isArray(given)) {
    aside.put('settings', say('Settings are texts under their names.'), given);
    return {};
  }
  return Object.fromEntries(
    Object.entries(given).flatMap(([key, value]): [string, string][] => {
      const read = settingSchema.safeParse([key, value]);
      if (read.success) return [[read.data[0], settingOfToday(...read.data)]];
      aside.put(`settings.${key.slice(0, 120)}`, read.error.issues[0].message, value);
      return [];
    }),
  );
}

/** Rows that the schema of their kind takes; of two with one id the first stays. */
function rowsOf<T extends object>(kind: Kind, list: readonly unknown[], aside: Aside): PlacedRow<T>[] {
  const schema = KINDS[kind].schema as unknown as z.ZodType<T>;
  const ids = new Set<string>();
  return list.flatMap((entry, i): PlacedRow<T>[] => {
    const where = `${kind}[${i}]`;
    const read = schema.safeParse(inWordsOfToday(entry));
    if (!read.success) {
      const [issue] = read.error.issues;
      aside.put(pathOf([kind, i, ...issue.path]), issue.message, entry);
      return [];
    }
    const row = read.data;
    const { id, student } = row as { id?: string; student?: string };
    const own = id ?? student ?? '';
    if (ids.has(own)) {
      const why =
        id === undefined
          ? say('“{{own}}” has a plan already in this file.', { own })
          : say('The id “{{own}}” stands here a second time.', { own });
      aside.put(`${where}.${id === undefined ? 'student' : 'id'}`, why, entry);
      return [];
    }
    ids.add(own);
    return [{ where, row }];
  });
}

/** Lessons to remember pain from: also those that were set aside for their days, as of the day of the file. */
const lessons = (
  kept: KolposRecord['logs'],
  all: readonly PlacedRow<KolposRecord['logs'][number]>[],
  written: string,
) => {
  const here = new Set(kept.map((l) => l.id));
  const others = all.filter(({ row }) => !here.has(row.id));
  return [...kept, ...others.map(({ row }) => ({ ...row, startedAt: written, day: undefined }))];
};

/** What hurt is remembered from every lesson there is, also from those of older files. */
const withHurt = (students: readonly KolposRecord['students'][number][], logs: KolposRecord['logs']) =>
  students.map((s) => {
    const hurt = hurtIn(
      logs.filter((l) => l.student === s.id),
      s.hurt,
    );
    return hurt.length > 0 || s.hurt ? { ...s, hurt } : s;
  });
