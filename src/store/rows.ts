import type { Table } from 'dexie';
import type { KolposRecord } from '@/core/formats/record';
import type { StudioDatabase } from './studio';

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
  [db.visits, r.visits],
];
