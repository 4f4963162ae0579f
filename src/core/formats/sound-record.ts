import { say } from '@/core/languages/spoken';
import type { YogaClass } from '@/core/classes/class';
import type { Student } from '@/core/students/student';
import { Moments } from './moments';
import type { KolposRecord } from './record';
import type { Aside } from './set-aside';
import { KnownPoses, soundAims, soundLog, soundPlan, soundPractice, soundShapes, whyNoLesson } from './sound-practices';
import { whyNoReading } from './sound-readings';
import { soundStudent, whyNobody } from './sound-students';

export type Lists = Pick<
  KolposRecord,
  'students' | 'readings' | 'practices' | 'logs' | 'poses' | 'templates' | 'plans' | 'classes' | 'visits'
>;

/** A row that its schema takes, with the place at which it stands in the file. */
export interface PlacedRow<T> {
  where: string;
  row: T;
}

type Read = { [K in keyof Lists]: PlacedRow<Lists[K][number]>[] };
/** Why a row cannot be taken, and at which of its fields; null where it can. */
type WhyNot = { at: string; why: string } | null;

/**
 * What a schema cannot see: days and people that cannot be, poses and tests that are not there, what belongs to nobody.
 */
export function sound(read: Read, exportedAt: string, aside: Aside): Lists {
  const sieve = new Sieve(exportedAt, aside);
  const { moments } = sieve;
  const students = studentsOf(read.students, sieve);
  const people = new People(students, aside);
  const shapes = sieve.keep(read.poses, () => null);
  const known = new KnownPoses(shapes);
  const poses = soundShapes(shapes, 'poses', known, aside);
  const classes = sieve.keep(
    read.classes,
    () => null,
    (c, where) => soundClass(c, where, { sieve, people, known }),
  );
  return {
    students,
    poses,
    readings: sieve.keep(
      read.readings,
      (r) => {
        const student = people.find(r.student);
        return student ? whyNoReading(r, student, moments) : people.whyNot(r);
      },
      (r, where) => soundDay(r, r.takenAt, where, aside),
    ),
    practices: sieve.keep(
      read.practices,
      (p) => people.whyNot(p),
      (p, where) => soundPractice(p, where, known, aside),
    ),
    logs: sieve.keep(
      read.logs,
      (l) => people.whyNot(l) ?? whyNoLesson(l, moments),
      (l, where) => soundDay(soundLog(l, where, known, aside), l.startedAt, where, aside),
    ),
    templates: sieve.keep(
      read.templates,
      () => null,
      (t, where) => soundPractice(t, where, known, aside),
    ),
    plans: sieve.keep(
      read.plans,
      (p) => people.whyNot(p) ?? whyTooFar('start', moments.ahead(p.start)),
      (p, where) => soundPlan(p, where, moments, known, aside),
    ),
    classes,
    visits: sieve.keep(read.visits, (v) => whoseVisit(v, people, classes) ?? whyTooFar('day', moments.ahead(v.day))),
  };
}

const whyTooFar = (at: string, why: string | null): WhyNot => (why ? { at, why } : null);

/** Sets aside what cannot be, and mends what can. */
class Sieve {
  readonly moments: Moments;

  constructor(
    readonly exportedAt: string,
    readonly aside: Aside,
  ) {
    this.moments = new Moments(exportedAt);
  }

  /** Rows that can be taken, mended; the others are set aside with their reason. */
  keep<T extends object>(
    placed: readonly PlacedRow<T>[],
    whyNot: (row: T) => WhyNot,
    mend: (row: T, where: string) => T = (row) => row,
  ): T[] {
    return placed.flatMap(({ where, row }) => {
      const no = whyNot(row);
      if (no) this.aside.put(`${where}.${no.at}`, no.why, row);
      return no ? [] : [this.withinDays(mend(row, where), where)];
    });
  }

  /** Days of writing that cannot be are replaced by that of the file: the row itself stays. */
  private withinDays<T extends object>(row: T, where: string): T {
    const days = row as { createdAt?: string; updatedAt?: string };
    for (const field of ['createdAt', 'updatedAt'] as const) {
      const why = days[field] === undefined ? null : this.moments.past(days[field]);
      if (!why) continue;
      this.aside.put(
        `${where}.${field}`,
        say('{{why}} The day of the file stands in its place.', { why }),
        days[field],
      );
      row = { ...row, [field]: this.exportedAt };
    }
    return row;
  }
}

function studentsOf(placed: Read['students'], sieve: Sieve): Student[] {
  const { exportedAt, moments, aside } = sieve;
  return sieve.keep(
    placed,
    (s) => whyNobody(s, exportedAt),
    (s, where) => ({
      ...soundStudent(s, where, moments, exportedAt, aside),
      ...(s.aims && { aims: soundAims(s.aims, `${where}.aims`, aside) }),
      ...(s.aimChoices && { aimChoices: soundAims(s.aimChoices, `${where}.aimChoices`, aside) }),
    }),
  );
}

/** Students that were taken, and where those stand that were not. */
class People {
  private readonly byId: ReadonlyMap<string, Student>;
  private readonly lost: ReadonlyMap<string, string>;

  constructor(students: readonly Student[], aside: Aside) {
    this.byId = new Map(students.map((s) => [s.id, s]));
    // Also those that the schema did not take.
    this.lost = new Map(
      aside.rows.flatMap(({ row, where }) => {
        const place = /^students\[\d+\]/.exec(where)?.[0];
        const { id } = (row ?? {}) as { id?: unknown };
        return place && typeof id === 'string' ? [[id, place] as const] : [];
      }),
    );
  }

  find(id: string): Student | undefined {
    return this.byId.get(id);
  }

  /** Why a row belongs to nobody; null where its student is there. */
  whyNot({ student }: { student: string }): { at: string; why: string } | null {
    if (this.byId.has(student)) return null;
    const at = this.lost.get(student);
    return {
      at: 'student',
      why: at
        ? say('Its student was set aside ({{at}}).', { at })
        : say('There is no student “{{student}}” in this file.', { student }),
    };
  }
}

/** A class with poses, students and weeks that can be. */
function soundClass(
  one: YogaClass,
  where: string,
  { sieve: { moments, aside }, people, known }: { sieve: Sieve; people: People; known: KnownPoses },
): YogaClass {
  const own = {
    ...soundPractice(one, where, known, aside),
    students: aside.sift(`${where}.students`, one.students, (id, i) =>
      one.students.indexOf(id) !== i
        ? { why: say('“{{id}}” stands in this class a second time.', { id }) }
        : people.whyNot({ student: id }),
    ),
  };
  const far = one.weeks && moments.ahead(one.weeks.start);
  if (!far) return own;
  aside.put(`${where}.weeks.start`, say('{{far}} The class comes without its weeks.', { far }), one.weeks);
  return { ...own, weeks: undefined };
}

/** Why a visit is nobody's; null where its student or class is there. */
function whoseVisit(
  visit: KolposRecord['visits'][number],
  people: People,
  classes: readonly Pick<YogaClass, 'id'>[],
): WhyNot {
  if (visit.student !== undefined) return people.whyNot({ student: visit.student });
  return classes.some((c) => c.id === visit.class)
    ? null
    : { at: 'class', why: say('There is no class “{{class}}” in this file.', { class: visit.class ?? '' }) };
}

/** A row without a day of the wall clock that its moment cannot have had. */
function soundDay<T extends { day?: string }>(row: T, moment: string, where: string, aside: Aside): T {
  const why = Moments.wallClock(row.day, moment);
  if (!why) return row;
  aside.put(`${where}.day`, why, row.day);
  return { ...row, day: undefined };
}
