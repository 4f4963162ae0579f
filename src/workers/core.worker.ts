import { expose } from 'comlink';
import { hiddenValue } from '@demo/hidden';
import { screenOf } from '@/core/cautions/screen';
import { MOST_STUDENTS } from '@/core/classes/class';
import { littleFor, type Little } from '@/core/classes/help';
import { logOf } from '@/core/classes/logs';
import { memberOf, presentOf, type Member } from '@/core/classes/member';
import { classAims } from '@/core/classes/shared';
import { classTable, dosesFor, type TableRow } from '@/core/classes/table';
import { aboutOf, type WeekTheme } from '@/core/classes/themes';
import { classRanking } from '@/core/classes/together';
import { questionOf, type AskedQuestion } from '@/core/fit/asked';
import type { FeltInPose, Findings, Inference, Inferred, Posterior } from '@/core/inference';
import { infer, inferring } from '@/core/inference/infer';
import { buildOfStudent, type Aim, type Student } from '@/core/students/student';
import { buildPractice, type BuildOptions, type BuiltPractice } from '@/core/practice/build';
import type { Likes } from '@/core/practice/likes';
import type { Dose } from '@/core/practice/doses';
import type { PracticeItem } from '@/core/practice/practice';
import type { PracticeRequest } from '@/core/practice/request';
import { settledRung } from '@/core/pose-editor/settled';
import type { FittedPose } from '@/core/fit/fit';
import type { Comfort, FitWay } from '@/core/fit/way';
import { suits, type Suits } from '@/core/ranking/suits';
import type { AimDefaults } from '@/core/aims/defaults';
import { ownShapes, rungOf, setOwnShapes, type Rung, type Shape } from '@/core/poses';
import { rankFirst, ranking, warmUp, type RankedPose } from '@/core/ranking/rank';
import { reaching, typicalFits, type ReachingPose } from '@/core/ranking/reaching';
import type { LogEntry } from '@/core/teaching/log';
import type { Reading, ReadingSide } from '@/core/assessment/reading';
import { newestOnly } from './interruptible';
import { ofText, textOf, type Text } from './text';
import { keepIn, keptOr, type Keeper } from './kept';

type InferredStudent = Inferred & Pick<Student, 'height_cm' | 'mass_kg'>;

const inferNewest = newestOnly(),
  rankNewest = newestOnly();

/** What follows from readings, kept: a class is asked about pose after pose. */
const inferredBefore = new Map<string, Inference>();
function inferredOnce(student: Student, readings: Reading[], felt: FeltInPose[]): Inference {
  const { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg } = student;
  const person = { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg };
  const key = JSON.stringify([person, readings, felt]);
  let known = inferredBefore.get(key);
  if (!known) inferredBefore.set(key, (known = infer(person, readings, { felt, next: false })));
  return known;
}

/** A student of a class with what was read of her. */
export interface ClassPerson {
  student: Student;
  readings: Reading[];
  felt: FeltInPose[];
}
type When = Parameters<typeof memberOf>[3];
type ClassSettings = { aims: AimDefaults; comfort: Comfort };
/** What a practice of a class is to be like; without a theme it is about all that they share. */
export interface ClassWish {
  request: PracticeRequest;
  likes?: Likes;
  theme?: WeekTheme;
}
export type MemberFacts = Omit<Member, 'ranked'>;

/** Rankings of students in classes, kept, beyond the life of a page too: the wishes of a class do not change them. */
const membersBefore = new Map<string, Promise<Member>>();
function memberOnce(person: ClassPerson, when: When, settings: ClassSettings): Promise<Member> {
  const { student, readings, felt } = person;
  const key = JSON.stringify([student, readings, felt, when, settings, ownShapes()]);
  let known = membersBefore.get(key);
  if (!known) {
    if (membersBefore.size >= 2 * MOST_STUDENTS) membersBefore.clear();
    const read = () => memberOf(student, readings, inferredOnce(student, readings, felt), when, settings);
    known = keptOr('member', key, () => Promise.resolve(textOf(read()))).then((m) => (m === null ? read() : ofText(m)));
    membersBefore.set(key, known);
    // One that failed is tried again when it is asked for again; whoever asked is told.
    known.catch(() => membersBefore.delete(key));
  }
  return known;
}
const membersOf = (people: readonly ClassPerson[], when: When, settings: ClassSettings): Promise<Member[]> =>
  Promise.all(people.map((p) => memberOnce(p, when, settings)));

let warm = false;
/** Poses are likely to be ranked after findings: what that needs for anybody is worked out while the page is read. */
function warmOnce(): void {
  if (warm) return;
  warm = true;
  void newestOnly()(warmUp());
}

type RankedStudent = Pick<Student, 'height_cm' | 'mass_kg' | 'measures' | 'cautions' | 'birthYear' | 'hurt'>;

const door = {
  /** Findings; null where a newer question came while computing: then nobody waits for this one. */
  infer: (
    student: InferredStudent,
    readings: Reading[],
    felt: FeltInPose[] = [],
    asked: AskedQuestion | null = null,
  ): Promise<Inference | null> =>
    inferNewest(
      inferring(student, readings, { felt, question: asked ? questionOf(asked, student) : undefined }),
    ).finally(warmOnce),
  /** A first ranking at once: the likely best in full, the rest in a rough order. On a day: cautions end on one. */
  rankFirst: (posterior: Posterior, student: RankedStudent, aims: Aim[], way: FitWay, day: string): RankedPose[] =>
    rankFirst(posterior, buildOfStudent(student), aims, screenOf(student, day), way),
  /** The whole ranking, as text; null where a newer one was asked for meanwhile. */
  rank: async (
    posterior: Posterior,
    student: RankedStudent,
    aims: Aim[],
    way: FitWay,
    day: string,
  ): Promise<Text<RankedPose[]> | null> => {
    const all = await rankNewest(ranking(posterior, buildOfStudent(student), aims, screenOf(student, day), way));
    return all && textOf(all);
  },
  /** How a rung suits a student, from all her readings; null where the pose is not there. */
  suits: (
    { pose, rung }: { pose: string; rung: number },
    { student, readings, felt }: { student: Student; readings: Reading[]; felt: FeltInPose[] },
    day: string,
    settings: { aims: AimDefaults; comfort: Comfort },
  ): Suits | null => {
    const found = rungOf(pose, rung);
    const who = { student, readings, inference: inferredOnce(student, readings, felt) };
    return found && suits({ shape: found.shape, rung }, who, day, settings);
  },
  /** Findings from some of the readings alone: what was known on an earlier day, read as today. */
  foundThen: (student: Student, readings: Reading[], felt: FeltInPose[]): Findings =>
    inferredOnce(student, readings, felt).findings,
  /** The teacher's own poses, told before anything that may speak of them. */
  setOwnShapes: (all: Shape[], offered: Shape[]): void => {
    membersBefore.clear();
    setOwnShapes(all, offered);
  },
  /** Where results are kept beyond the life of a page: what the page gives. */
  keepIn: (where: Keeper): void => keepIn(where),
  /** A rung put on what it touches, entry, half-way and full. */
  settle: (shape: Shape, rung: number): Rung => settledRung(shape, rung),
  /** The library in typical people: where each rung ends, right side worked. */
  library: (): FittedPose[] => typicalFits(),
  /** Poses that lengthen or load a muscle in typical people, best first. */
  reaching: (structure: string): ReachingPose[] => reaching(structure),
  /** A practice from a whole ranking, which comes as text. */
  build: (ranked: Text<RankedPose[]>, aims: Aim[], options: BuildOptions): Promise<BuiltPractice> =>
    buildPractice(ofText(ranked), aims, options),
  /** What a class needs to know of a student; her ranking stays here. */
  classMember: async (person: ClassPerson, when: When, settings: ClassSettings): Promise<MemberFacts> => {
    const { id, name, aims, cautions, stopped, measured } = await memberOnce(person, when, settings);
    return { id, name, aims, cautions, stopped, measured };
  },
  /** A practice for all of them, for what they share; about a theme where there is one. */
  classBuild: async (
    people: ClassPerson[],
    when: When,
    settings: ClassSettings,
    { request, likes, theme }: ClassWish,
  ): Promise<{ built: BuiltPractice; aims: Aim[] }> => {
    const members = await membersOf(people, when, settings);
    const aims = classAims(members, theme);
    const about = theme && aboutOf(aims, theme);
    return {
      built: await buildPractice(classRanking(members, aims, request), aims, { ...request, likes, about }),
      aims,
    };
  },
  /** What each of them does in a practice of the class, and what each gets from it. */
  classTable: async (
    people: ClassPerson[],
    when: When,
    settings: ClassSettings,
    items: PracticeItem[],
    request: PracticeRequest,
  ): Promise<{ rows: TableRow[]; doses: { member: string; doses: Dose[] }[] }> => {
    const members = await membersOf(people, when, settings);
    return {
      rows: classTable(members, items, request),
      doses: presentOf(members).map((m) => ({ member: m.id, doses: dosesFor(m, items, request) })),
    };
  },
  /**
   * Who gets little from a practice of the class, and the one change that would help most; ids of new items begin with
   * what is given.
   */
  classHelp: async (
    people: ClassPerson[],
    when: When,
    settings: ClassSettings,
    { items, ...purpose }: { items: PracticeItem[]; request: PracticeRequest; theme?: WeekTheme },
    fresh: string,
  ): Promise<Little[]> => {
    let n = 0;
    return littleFor(await membersOf(people, when, settings), items, purpose, () => `${fresh}-${++n}`);
  },
  /** Each one's own log of what was taught to the class; ids begin with that of the log. */
  classLogs: async (
    people: ClassPerson[],
    when: When,
    settings: ClassSettings,
    taught: LogEntry,
    practice: { items: PracticeItem[]; request: PracticeRequest },
  ): Promise<LogEntry[]> =>
    presentOf(await membersOf(people, when, settings)).map((m) =>
      // The same name however often it is kept, and whoever else was here.
      logOf(m, taught, practice, `${taught.id}-${m.id.slice(0, 20)}`),
    ),
  /** What the simulated student of the demo hides in a read-out. */
  hidden: (student: Pick<Student, 'id' | 'sexForNorms'>, test: string, readout: string, side: ReadingSide): number =>
    hiddenValue(student, test, readout, side),
};
export type CoreDoor = typeof door;
expose(door);
