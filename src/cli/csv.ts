import type { KolposRecord } from '@/core/formats/record';
import { logTable, readingsTable, studentsTable } from '@/core/formats/sheets/write';
import { InputProblem, studentOf } from './commands';

/**
 * Readings, the log or the students of a record as a table, of everybody or of one; as the application writes them.
 * @throws InputProblem where there is no such table or student
 */
export function csv(record: KolposRecord, what: string, id: string | undefined): string {
  const students = id === undefined ? record.students : [studentOf(record, id)];
  const hers = <T extends { student: string }>(rows: readonly T[]): T[] =>
    rows.filter((r) => id === undefined || r.student === id);
  switch (what) {
    case 'readings':
      return readingsTable(hers(record.readings), students);
    case 'log':
      return logTable(hers(record.logs), students);
    case 'students':
      return studentsTable(students);
    default:
      throw new InputProblem(`There is no table of "${what}": ask for readings, log or students.`, 'table');
  }
}
