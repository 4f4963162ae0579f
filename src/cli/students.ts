import type { KolposRecord } from '@/core/formats/record';

/** Who is in a record, by id, with how much there is of each. */
export function students(record: KolposRecord): { students: object[] } {
  const of = (rows: readonly { student: string }[], id: string): number => rows.filter((r) => r.student === id).length;
  return {
    students: record.students.map(({ id, name }) => ({
      id,
      name,
      readings: of(record.readings, id),
      practices: record.practices.filter((p) => p.student === id).map((p) => p.id),
      lessons: of(record.logs, id),
    })),
  };
}
