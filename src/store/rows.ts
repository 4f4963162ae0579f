import type { Table } from 'dexie';
import type { KolposRecord } from '@/core/formats/record';
import type { StudioDatabase } from './studio';

/** Memos that are about this machine and not about how she works. */
const OF_THIS_MACHINE: readonly string[] = ['taken-out', 'brought-in', 'demo-filled', 'new-student'];
/** Memos that can be worked out again: what limits each student. */
export const LIMITS = 'limits/';
/** Memos that no file takes along and none brings. */
export const ofThisMachine = (key: string): boolean => OF_THIS_MACHINE.includes(key) || key.startsWith(LIMITS);

/** What a file holds beside settings, by the tables it stands in. */
export type Rows = Omit<KolposRecord, 'format' | 'version' | 'exportedAt' | 'settings'>;

/** Tables of what a file holds, with its rows. */
export const rowsOf = (db: StudioDatabase, r: Rows): readonly (readonly [Table, readonly object[]])[] => [
  [db.students, r.students],
  [db.readings, r.readings],
  [db.practices, r.practices],
  [db.logs, r.logs],
  [db.poses, r.poses],
  [db.templates, r.templates],
  [db.plans, r.plans],
  [db.classes, r.classes],
];
