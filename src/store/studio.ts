import Dexie, { type EntityTable, type Table } from 'dexie';
import type { Side } from '@/core/body';
import type { YogaClass } from '@/core/classes/class';
import { hurtIn } from '@/core/students/hurt';
import type { Student } from '@/core/students/student';
import type { OwnShape } from '@/core/poses/schema';
import type { PlanChoice } from '@/core/progress/plan';
import type { Template } from '@/core/practice/plan';
import type { Practice } from '@/core/practice/practice';
import type { Visit } from '@/core/visits/visit';
import type { LogEntry } from '@/core/teaching/log';
import type { PlayerState } from '@/core/teaching/player';
import type { Movement } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';
import { oneDoor } from './one-door';
import { styleOfToday } from './style-of-today';

export type StudioName = 'studio' | 'demo';

/** A player that is under way; one a practice. */
export interface RunningPlayer {
  practice: string;
  state: PlayerState;
  savedAt: string;
}

/** What the teacher has typed for a test and side but not kept yet: survives a reload. */
export interface Draft {
  id: string;
  trials: string[];
  placeFelt?: string;
  endFeel?: string;
  tilt?: string;
  /** What head or ankle changed far away, and the value after breathing, as typed. */
  distant?: 'changes' | 'same';
  after?: string;
  /** What spoils the reading, as seen. */
  seen?: string[];
  active?: boolean;
  selfHeld?: boolean;
  instrument?: string;
  likelyError?: number;
  failure?: string;
  /** Pushes: lever arm in centimetres as typed, gravity counted or not, make or break. */
  lever?: string;
  gravity?: boolean;
  manner?: 'make' | 'break';
}

/** Why a test was left out. */
export const SKIP_REASONS = ['no time today', 'does not want to', 'cannot get there', 'nothing to do it with'] as const;

/** The measuring of one student: which tests, where she is in them, what was left out. One a student. */
export interface MeasureSession {
  student: string;
  battery: string;
  /** Tests of her own list. */
  own: string[];
  skipped: { test: string; reason: string }[];
  here?: { test: string; readout: string; side: string; variant?: string };
  /** True where the student comes from practice or is warmed up. */
  warm: boolean;
  /** Readings from this moment on count as done; empty: all that there are. */
  startedAt: string;
  parkedAt?: string;
  /** One thing that the tests are to settle, and since when. */
  question?: { side: Side; movement?: Movement; pose?: { id: string; rung: number }; since: string };
}

/** A picture that an angle was read from. It stays on this machine and goes into no file of the studio. */
export interface Picture {
  id: string;
  student: string;
  label: string;
  takenAt: string;
  blob: Blob;
}

/** Small things about the studio itself, such as when it was last taken out as a file. */
export interface Memo {
  key: string;
  value: string;
}

/** How a practice stood after its n-th change. */
export interface Edit {
  practice: string;
  n: number;
  /** What that change was, in a few words. */
  did: string;
  state: Practice;
}

/** Something that was computed, with when it was last of use (milliseconds). Can be worked out again at any time. */
export interface Result {
  kind: string;
  name: string;
  value: unknown;
  usedAt: number;
}

/** What was removed together, with when; kept for thirty days. */
export interface Removed {
  id: string;
  at: string;
  /** What it was, in words. */
  words: string;
  rows: { table: string; row: object }[];
}

/** What a browser gave and keeps, such as a folder. It goes into no file. */
export interface Handle {
  key: string;
  handle: unknown;
}

/** Which of its edits a practice shows; later ones can be done again. */
export interface EditMark {
  practice: string;
  at: number;
}

/** Database of one studio. */
export class StudioDatabase extends Dexie {
  students!: EntityTable<Student, 'id'>;
  readings!: EntityTable<Reading, 'id'>;
  practices!: EntityTable<Practice, 'id'>;
  logs!: EntityTable<LogEntry, 'id'>;
  players!: EntityTable<RunningPlayer, 'practice'>;
  drafts!: EntityTable<Draft, 'id'>;
  memos!: EntityTable<Memo, 'key'>;
  sessions!: EntityTable<MeasureSession, 'student'>;
  pictures!: EntityTable<Picture, 'id'>;
  poses!: EntityTable<OwnShape, 'id'>;
  templates!: EntityTable<Template, 'id'>;
  plans!: EntityTable<PlanChoice, 'student'>;
  edits!: Table<Edit, [string, number]>;
  editMarks!: EntityTable<EditMark, 'practice'>;
  classes!: EntityTable<YogaClass, 'id'>;
  results!: Table<Result, [string, string]>;
  removed!: EntityTable<Removed, 'id'>;
  handles!: EntityTable<Handle, 'key'>;
  visits!: EntityTable<Visit, 'id'>;

  constructor(name: StudioName) {
    super(name === 'demo' ? 'kolpos-demo' : 'kolpos');
    this.use(oneDoor(this.name));
    this.version(1).stores({
      students: 'id, name',
      readings: 'id, student, [student+test]',
      practices: 'id, student, updatedAt',
      logs: 'id, student, startedAt',
      players: 'practice',
      drafts: 'id',
      memos: 'key',
    });
    this.version(2).stores({ sessions: 'student', pictures: 'id, student' });
    this.version(3).stores({ poses: 'id, name' });
    this.version(4).stores({
      templates: 'id, title',
      edits: '[practice+n], practice',
      editMarks: 'practice',
      plans: 'student',
    });
    this.version(5).stores({ classes: 'id, name' });
    // What hurt in lessons of before is remembered too.
    this.version(6)
      .stores({})
      .upgrade(async (trans) => {
        const logs = await trans.table<LogEntry>('logs').toArray();
        await trans
          .table<Student>('students')
          .toCollection()
          .modify((s) => {
            const hurt = hurtIn(
              logs.filter((l) => l.student === s.id),
              s.hurt,
            );
            if (hurt.length > 0) s.hurt = hurt;
          });
      });
    this.version(7).stores({ results: '[kind+name], [kind+usedAt]' });
    this.version(8).stores({ removed: 'id, at', handles: 'key' });
    this.version(9).stores({ visits: 'id, day, student, class' });
    // Until here the style of a practice stood under another name.
    this.version(10).stores({}).upgrade(styleOfToday);
  }
}

const open = new Map<StudioName, StudioDatabase>();

/** The database of a studio; opened once a page. */
export function studioDatabase(name: StudioName): StudioDatabase {
  let db = open.get(name);
  if (!db) open.set(name, (db = new StudioDatabase(name)));
  return db;
}

/**
 * A name that nothing else has, 128 random bits. Not `randomUUID`: on plain http from another machine there is none.
 */
export const newId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('');
export const now = (): string => new Date().toISOString();
/**
 * Which day it is here, and in which time zone, now or at a moment (milliseconds): what a reading and a lesson keep
 * beside it.
 */
export const whereAt = (at = Date.now()): { day: string; zone: string } => ({
  day: dayAt(at),
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
});
/** The hour now on the wall here, `HH:MM`. */
export const hourNow = (): string => new Date().toLocaleTimeString('sv', { hour: '2-digit', minute: '2-digit' });
/** The day of today here, `YYYY-MM-DD`. */
export const today = (): string => dayAt(Date.now());
/** The day of a moment on the wall clock here, `YYYY-MM-DD`. */
const dayAt = (at: number): string => new Date(at).toLocaleDateString('sv');
