import { say } from '@/core/languages/spoken';
import type { LogEntry, LogItem } from '@/core/teaching/log';
import { logSchema } from '@/core/teaching/log';
import { readoutOf, testById } from '@/core/assessment/battery';
import { readingSchema, type Reading } from '@/core/assessment/reading';
import { rungOf } from '@/core/poses';
import type { Practice } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import { homeCodesIn, readHomeCode, type HomeReading, type HomeResult, type HomeReturn } from './code';

/** What was given back, as it would be kept: looked through, with what is there already and what cannot be. */
export interface TakenIn {
  student: Pick<Student, 'id' | 'name'>;
  /** Null where only tests were done. */
  log: LogEntry | null;
  readings: Reading[];
  /** True where all of it is there already. */
  known: boolean;
  /** What was left out, a sentence each. */
  leftOut: string[];
}

export type Given = { ok: true; taken: TakenIn[] } | { ok: false; message: string };

/** What is there to compare with. */
export interface Here {
  students: readonly Pick<Student, 'id' | 'name'>[];
  practices: readonly Pick<Practice, 'id' | 'title'>[];
  /** Ids that are there. */
  logs: ReadonlySet<string>;
  readings: ReadonlySet<string>;
  /** Milliseconds since 1970: what is given back cannot be of later. */
  now: number;
}

/** Letters that are looked at: a year of daily practices is less. */
const MOST_LETTERS = 1_000_000;
/** A phone's clock may be ahead by so much, ms; and nobody brings back what is older. Ours. */
const AHEAD = 26 * 3_600_000;
const OLDEST = 400 * 24 * 3_600_000;
/** Longer than any practice that can be built, seconds. */
const LONGEST_S = 6 * 3600;

export type Returned = { ok: true; returned: HomeReturn[]; damaged: number } | { ok: false; message: string };

/** The lines in what a student gave back that can be read; a sentence where there is none. */
export function returnedIn(text: string): Returned {
  if (text.length > MOST_LETTERS)
    return { ok: false, message: say('This is far longer than what a practice gives back.') };
  const read = homeCodesIn(text).map(readHomeCode);
  if (read.length === 0)
    return {
      ok: false,
      message: say('There is nothing in it that a home practice gave back: such a line begins with KOLPOS1.'),
    };
  const returned = read.filter((r) => r !== null);
  if (returned.length === 0)
    return { ok: false, message: say('Something of it was lost on the way. Ask for it once more, whole.') };
  return { ok: true, returned, damaged: read.length - returned.length };
}

/** Reads what a student gave back: a photographed code's text, a message, or a file. Nothing is written. */
export function takeIn(text: string, here: Here): Given {
  const back = returnedIn(text);
  if (!back.ok) return back;
  const taken: TakenIn[] = [];
  for (const one of back.returned) {
    const put = takenIn(one, here);
    if (typeof put === 'string') return { ok: false, message: put };
    taken.push(put);
  }
  if (back.damaged > 0)
    taken[0].leftOut.push(
      back.damaged === 1
        ? say('One time of practising was damaged on the way.')
        : say('{{count}} times were damaged on the way.', { count: back.damaged }),
    );
  return { ok: true, taken };
}

/** One time at home; a sentence where it cannot be taken in at all. */
function takenIn({ file, student: id, play }: HomeReturn, here: Here): TakenIn | string {
  const student = here.students.find((s) => s.id === id);
  if (!student) return say('It is of a student who is not in this studio.');
  if (play.startedAt > here.now + AHEAD)
    return say('By its clock it was done in the future: the phone shows the wrong day.');
  if (play.startedAt < here.now - OLDEST)
    return say('By its clock it is more than a year old: the phone shows the wrong day.');
  if (play.endedAt - play.startedAt > LONGEST_S * 1000 * 4)
    return say('By its clock it took longer than a day can be.');
  const leftOut: string[] = [];
  const where = { day: play.day, ...(play.zone && { zone: play.zone }) };
  const name = `home-${file}-${(play.startedAt / 1000).toString(36)}`.slice(0, 60);
  const items = play.items.flatMap((r) => itemOf(r, leftOut));
  const log: LogEntry | null =
    items.length === 0
      ? null
      : {
          id: name,
          student: student.id,
          practice: play.practice || 'home',
          title: here.practices.find((p) => p.id === play.practice)?.title ?? say('At home'),
          startedAt: new Date(play.startedAt).toISOString(),
          endedAt: new Date(play.endedAt).toISOString(),
          ...where,
          source: 'home',
          items,
          note: '',
        };
  const taken = { student: student.id, takenAt: new Date(play.endedAt).toISOString(), ...where };
  const readings = play.readings.flatMap((r, k) => readingOf(r, { id: `${name}-${k}`, ...taken }, leftOut));
  if (log && !logSchema.safeParse(log).success) return say('Its day, or the clock of the phone, cannot be.');
  if (!log && readings.length === 0)
    return leftOut.length > 0
      ? say('Nothing in it can be kept. {{what}}', { what: leftOut[0] })
      : say('Nothing was done in it.');
  const known = (!log || here.logs.has(log.id)) && readings.every((r) => here.readings.has(r.id));
  return { student, log, readings, known, leftOut };
}

function itemOf(r: HomeResult, leftOut: string[]): LogItem[] {
  if (!rungOf(r.pose, r.rung)) {
    leftOut.push(say('“{{pose}}”, rung {{count}}, is no shape of this studio.', { pose: r.pose, count: r.rung }));
    return [];
  }
  const { plannedSeconds, doneSeconds } = r;
  if (plannedSeconds > LONGEST_S || doneSeconds > LONGEST_S || (r.strength ?? 0) > 10) {
    leftOut.push(say('What is told of “{{pose}}” cannot be.', { pose: r.pose }));
    return [];
  }
  return [{ ...r }];
}

/** @param taken of whom, when and where it was read */
function readingOf(
  r: HomeReading,
  taken: Pick<Reading, 'id' | 'student' | 'takenAt' | 'day' | 'zone'>,
  leftOut: string[],
): Reading[] {
  const test = testById(r.test),
    readout = readoutOf(r.test, r.readout);
  const sideFits = test && (test.sided ? r.side !== 'both' : r.side === 'both');
  if (!test || !readout || !sideFits || !(r.value >= readout.min && r.value <= readout.max)) {
    leftOut.push(say('“{{test}}”: {{count}} cannot be.', { test: r.test, count: r.value }));
    return [];
  }
  const reading = readingSchema.safeParse({
    ...taken,
    test: r.test,
    readout: r.readout,
    side: r.side,
    trials: [r.value],
    unit: readout.unit,
    atHome: true,
    selfHeld: true,
  });
  if (reading.success) return [reading.data];
  leftOut.push(say('“{{test}}”: its day cannot be.', { test: r.test }));
  return [];
}
