'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import type { Student } from '@/core/students/student';
import type { Practice } from '@/core/practice/practice';
import type { LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { useStudio } from '../shell/studio-context';

/** A practice with its student and what is known of her. */
export interface PracticeData {
  practice: Practice | undefined;
  student: Student | undefined;
  readings: Reading[];
  logs: LogEntry[];
}

/** A practice by its id, with its student; undefined while it is looked up. */
export function usePractice(id: string): PracticeData | undefined {
  const { db } = useStudio();
  return useLiveQuery(async () => {
    const practice = await db.practices.get(id);
    if (!practice) return { practice, student: undefined, readings: [], logs: [] };
    const [student, readings, logs] = await Promise.all([
      db.students.get(practice.student),
      db.readings.where('student').equals(practice.student).toArray(),
      db.logs.where('student').equals(practice.student).toArray(),
    ]);
    return { practice, student, readings, logs };
  }, [db, id]);
}
