import { readoutOf, testById } from '@/core/assessment/battery';
import { meanOf, UNIT_SIGNS, type Reading } from '@/core/assessment/reading';
import { END_FEEL_WORDS, INSTRUMENT_WORDS } from '@/core/assessment/words';
import { dayOf } from '@/core/day-of';
import { rungOf, shapeById } from '@/core/poses';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';
import type { Student } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';
import { writeTable, type Cell } from './table';

/** Readings, what was taught, and students as tables for any program; told column by column in docs/files.md. */

interface Column<T> {
  name: string;
  of: (row: T) => Cell;
}
const table = <T>(columns: readonly Column<T>[], rows: readonly T[]): string =>
  writeTable(
    columns.map((c) => c.name),
    rows.map((row) => columns.map((c) => c.of(row))),
  );

/** Clock time as it stands in a moment, `HH:MM` in Greenwich. */
const timeOf = (moment: string): string => moment.slice(11, 16);
const yes = (v: boolean | undefined): Cell => (v ? 'yes' : '');

const namesOf = (students: readonly Student[]): ((id: string) => string) => {
  const names = new Map(students.map((s) => [s.id, s.name]));
  return (id) => names.get(id) ?? '';
};

/** One row a reading, oldest first. */
export function readingsTable(readings: readonly Reading[], students: readonly Student[]): string {
  const name = namesOf(students);
  const columns: readonly Column<Reading>[] = [
    { name: 'student', of: (r) => name(r.student) },
    { name: 'day', of: (r) => dayOf(r) },
    { name: 'time (UTC)', of: (r) => timeOf(r.takenAt) },
    { name: 'test', of: (r) => testById(r.test)?.clinical ?? r.test },
    { name: 'measured', of: (r) => readoutOf(r.test, r.readout)?.name ?? r.readout },
    { name: 'side', of: (r) => r.side },
    { name: 'value', of: (r) => Math.round(meanOf(r.trials) * 1000) / 1000 },
    { name: 'unit', of: (r) => (r.unit === 'grade' ? 'grade' : UNIT_SIGNS[r.unit].trim()) },
    { name: 'trials', of: (r) => (r.trials.length > 1 ? r.trials.join(' / ') : '') },
    { name: 'felt', of: (r) => (r.placeFelt ? PLACE_WORDS[r.placeFelt] : '') },
    { name: 'ended by', of: (r) => (r.endFeel ? END_FEEL_WORDS[r.endFeel] : '') },
    { name: 'pain', of: (r) => (r.painKind ? PAIN_WORDS[r.painKind] : yes(r.pain)) },
    { name: 'moving head or ankle', of: (r) => r.distant ?? '' },
    { name: 'seen', of: (r) => (r.compensations ?? []).join('; ') },
    { name: 'moved alone', of: (r) => yes(r.active) },
    { name: 'warm', of: (r) => yes(r.warm) },
    { name: 'at home', of: (r) => yes(r.atHome) },
    { name: 'way', of: (r) => r.variant ?? '' },
    { name: 'instrument', of: (r) => (r.instrument ? INSTRUMENT_WORDS[r.instrument] : '') },
    { name: 'test id', of: (r) => r.test },
    { name: 'measured id', of: (r) => r.readout },
  ];
  return table(
    columns,
    [...readings].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1)),
  );
}

/** One row an item of what was taught or done at home, oldest first. */
export function logTable(logs: readonly LogEntry[], students: readonly Student[]): string {
  const name = namesOf(students);
  type Row = { log: LogEntry; item: LogEntry['items'][number] };
  const columns: readonly Column<Row>[] = [
    { name: 'student', of: ({ log }) => name(log.student) },
    { name: 'day', of: ({ log }) => dayOf(log) },
    { name: 'time (UTC)', of: ({ log }) => timeOf(log.startedAt) },
    { name: 'practice', of: ({ log }) => log.title },
    { name: 'at home', of: ({ log }) => yes(log.source === 'home') },
    { name: 'pose', of: ({ item }) => shapeById(item.pose)?.name ?? item.pose },
    { name: 'rung', of: ({ item }) => rungOf(item.pose, item.rung)?.rung.name ?? item.rung },
    { name: 'side', of: ({ item }) => item.side },
    { name: 'set', of: ({ item }) => item.set?.number },
    { name: 'planned (s)', of: ({ item }) => Math.round(item.plannedSeconds) },
    { name: 'done (s)', of: ({ item }) => Math.round(item.doneSeconds) },
    { name: 'left out', of: ({ item }) => yes(item.skipped) },
    { name: 'felt', of: ({ item }) => (item.placeFelt ? PLACE_WORDS[item.placeFelt] : '') },
    { name: 'strength (0-10)', of: ({ item }) => item.strength },
    { name: 'stopped for pain', of: ({ item }) => (item.pain ? PAIN_WORDS[item.pain] : yes(item.stopped)) },
    { name: 'note', of: ({ log }) => log.note },
  ];
  return table(
    columns,
    [...logs]
      .sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1))
      .flatMap((log) => log.items.map((item) => ({ log, item }))),
  );
}

/** One row a student, by name. What was told in confidence, complaints, cautions and answers, stays in the backup. */
export function studentsTable(students: readonly Student[]): string {
  const columns: readonly Column<Student>[] = [
    { name: 'student', of: (s) => s.name },
    { name: 'height (cm)', of: (s) => s.height_cm },
    { name: 'mass (kg)', of: (s) => s.mass_kg },
    { name: 'year of birth', of: (s) => s.birthYear },
    { name: 'norms of', of: (s) => s.sexForNorms ?? '' },
    { name: 'leading leg', of: (s) => (s.dominantLeg === 'unknown' ? '' : s.dominantLeg) },
    { name: 'language', of: (s) => s.language ?? '' },
    { name: 'aim', of: (s) => s.aim },
    { name: 'archived', of: (s) => yes(s.archived) },
  ];
  return table(
    columns,
    [...students].sort((a, b) => a.name.localeCompare(b.name)),
  );
}
