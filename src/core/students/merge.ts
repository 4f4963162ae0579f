import { canonicalText as textOf } from '@/core/canonical';
import type { Student } from './student';

/** Fields of a student that are about the row itself, not about her. */
const OF_THE_ROW = ['id', 'createdAt', 'updatedAt', 'fieldsAt'] as const;
type RowField = (typeof OF_THE_ROW)[number];
/** A field of a student that somebody can change. */
export type StudentField = Exclude<keyof Student, RowField>;

const isField = (key: string): key is StudentField => !(OF_THE_ROW as readonly string[]).includes(key);
const fieldsOf = (...students: readonly Student[]): StudentField[] =>
  [...new Set(students.flatMap((s) => Object.keys(s)))].filter(isField).sort();

/** Moment of the last change of a field. Of rows that do not keep it, that of the whole row. */
const momentOf = (s: Student, field: StudentField): string =>
  s.fieldsAt?.[field] ?? (s.fieldsAt ? s.createdAt : s.updatedAt);

/**
 * A student after a change of some fields, which carry its moment from now on; those that say the same as before do
 * not.
 */
export function stamped(before: Student, part: Partial<Student>, at: string): Student {
  const after: Student = { ...before, ...part, updatedAt: at };
  const fieldsAt = { ...(before.fieldsAt ?? stampsOf(before)) };
  for (const field of fieldsOf({ ...before, ...part }))
    if (textOf(before[field]) !== textOf(after[field])) fieldsAt[field] = at;
  return { ...after, fieldsAt };
}

/** A row that kept no moments of its fields: all of them are as old as the row. */
const stampsOf = (s: Student): Record<string, string> =>
  Object.fromEntries(fieldsOf(s).map((field) => [field, s.updatedAt]));

/** True where a field was changed after a moment, and after the row first kept moments of its fields. */
export function changedSince(s: Student, field: StudentField, moment: string): boolean {
  const all = Object.values(s.fieldsAt ?? {});
  const first = all.reduce((least, m) => (m < least ? m : least), all[0] ?? '');
  const own = s.fieldsAt?.[field] ?? '';
  return own > moment && own > first;
}

export interface Merged {
  student: Student;
  /** Fields that came from the second one. */
  taken: StudentField[];
  /** Fields in which the first one is newer and stays. */
  kept: StudentField[];
}

/**
 * One student from two states of her: of every field the one that was changed last. What closes something is never lost
 * by it: cautions and pains that stand on one side only stay. Which of the two comes first makes no difference to what
 * comes out.
 * @param here the state on this machine
 * @param there the state in a file
 */
export function mergeStudents(here: Student, there: Student): Merged {
  const out: Record<string, unknown> = {};
  const stamps: Record<string, string> = {};
  const taken: StudentField[] = [],
    kept: StudentField[] = [];
  for (const field of fieldsOf(here, there)) {
    const a = here[field],
      b = there[field];
    const at = momentOf(here, field),
      bt = momentOf(there, field);
    const same = textOf(a) === textOf(b);
    // Of two at the same moment the text decides, never the order they come in.
    const second = !same && (bt > at || (bt === at && textOf(b) > textOf(a)));
    out[field] = second ? b : a;
    stamps[field] = at > bt ? at : bt;
    if (second) taken.push(field);
    else if (!same) kept.push(field);
  }
  out.cautions = taken.includes('cautions')
    ? cautionsOf(there.cautions, here.cautions)
    : cautionsOf(here.cautions, there.cautions);
  const hurt = hurtOf(here, there, taken.includes('hurt'));
  if (hurt) out.hurt = hurt;
  const stampsKept = here.fieldsAt !== undefined || there.fieldsAt !== undefined;
  return {
    student: {
      ...(out as Omit<Student, RowField>),
      id: here.id,
      createdAt: here.createdAt < there.createdAt ? here.createdAt : there.createdAt,
      updatedAt: here.updatedAt > there.updatedAt ? here.updatedAt : there.updatedAt,
      ...(stampsKept && { fieldsAt: stamps }),
    },
    taken,
    kept,
  };
}

type Cautions = Student['cautions'];

/**
 * The newer list, and what of the older one it does not speak of. An entry may stand beside an ended one of its name:
 * each answers for one entry only, the same first, so that none that stands is taken for the one that was lifted.
 */
function cautionsOf(newer: Cautions, older: Cautions): Cautions {
  const open = [...newer];
  const answered = (is: (n: Cautions[number]) => boolean): boolean => {
    const i = open.findIndex(is);
    if (i >= 0) open.splice(i, 1);
    return i >= 0;
  };
  const others = older.filter((c) => !answered((n) => textOf(n) === textOf(c)));
  return [...newer, ...others.filter((c) => !answered((n) => n.caution === c.caution && sameLeg(n, c)))];
}

/** A caution of one side answers for that side alone: told left here and right or of both there, both stand. */
const sameLeg = (newer: Cautions[number], older: Cautions[number]): boolean =>
  newer.side === undefined || newer.side === older.side;

type Hurts = NonNullable<Student['hurt']>;
const keyOf = (h: Hurts[number]): string => `${h.log}/${h.pose}/${h.rung}/${h.side}`;

/** What hurt on either side, newest first; of what stands on both the newer list's word counts. */
function hurtOf(here: Student, there: Student, second: boolean): Hurts | undefined {
  if (!here.hurt && !there.hurt) return undefined;
  const [newer, older] = second ? [there.hurt ?? [], here.hurt ?? []] : [here.hurt ?? [], there.hurt ?? []];
  const all = new Map([...older, ...newer].map((h) => [keyOf(h), h]));
  return [...all.values()].sort((a, b) => (a.on === b.on ? (keyOf(a) < keyOf(b) ? -1 : 1) : a.on < b.on ? 1 : -1));
}
