import Dexie, { type EntityTable } from 'dexie';
import type { Student } from '@/core/people/student';
import type { Practice } from '@/core/practice/practice';
import type { LogEntry } from '@/core/teaching/log';
import type { PlayerState } from '@/core/teaching/player';
import type { Reading } from '@/core/tests/reading';

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
}

/** Small things about the studio itself, such as when it was last taken out as a file. */
interface Memo {
  key: string;
  value: string;
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

  constructor(name: StudioName) {
    super(name === 'demo' ? 'kolpos-demo' : 'kolpos');
    this.version(1).stores({
      students: 'id, name',
      readings: 'id, student, [student+test]',
      practices: 'id, student, updatedAt',
      logs: 'id, student, startedAt',
      players: 'practice',
      drafts: 'id',
      memos: 'key',
    });
  }
}

const open = new Map<StudioName, StudioDatabase>();

/** The database of a studio; opened once a page. */
export function studioDatabase(name: StudioName): StudioDatabase {
  let db = open.get(name);
  if (!db) open.set(name, (db = new StudioDatabase(name)));
  return db;
}

export const newId = (): string => crypto.randomUUID();
export const now = (): string => new Date().toISOString();
