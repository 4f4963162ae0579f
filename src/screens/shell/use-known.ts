'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { FeltInPose } from '@/core/inference';
import type { Student } from '@/core/students/student';
import { feltIn, type LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { useStudio } from './studio-context';

/** What is known of a student: read, taught, and felt in what was taught. */
export interface Known {
  student: Student | undefined;
  readings: Reading[];
  logs: LogEntry[];
  felt: FeltInPose[];
}

/** What is known of a student by her id, always the newest; undefined while it is looked up. */
export function useKnown(id: string): Known | undefined {
  const { db } = useStudio();
  const data = useLiveQuery(async () => {
    const [student, readings, logs] = await Promise.all([
      db.students.get(id),
      db.readings.where('student').equals(id).toArray(),
      db.logs.where('student').equals(id).toArray(),
    ]);
    return { student, readings, logs };
  }, [db, id]);
  return useMemo(() => data && { ...data, felt: feltIn(data.logs) }, [data]);
}
