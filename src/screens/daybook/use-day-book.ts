import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { YogaClass } from '@/core/classes/class';
import { dayOf } from '@/core/day-of';
import type { Student } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';
import { withTaughtVisits, type Visit } from '@/core/visits/visit';
import { useStudio } from '../shell/studio-context';

export interface DayBook {
  /** With those said to have come of whom a lesson of that day is in the log. */
  visits: readonly Visit[];
  students: readonly Student[];
  classes: readonly YogaClass[];
  nameOf: (v: Pick<Visit, 'student' | 'class'>) => string;
}

/** Days with a lesson, by student. */
export function taughtDays(logs: readonly LogEntry[]): Map<string, Set<string>> {
  const out = new Map<string, Set<string>>();
  for (const log of logs) {
    const own = out.get(log.student) ?? new Set<string>();
    own.add(dayOf(log));
    out.set(log.student, own);
  }
  return out;
}

/** Everything that the day book shows; null while it is read. */
export function useDayBook(): DayBook | null {
  const { db } = useStudio();
  const data = useLiveQuery(async () => {
    const [visits, students, classes, logs] = await Promise.all([
      db.visits.toArray(),
      db.students.toArray(),
      db.classes.toArray(),
      db.logs.toArray(),
    ]);
    return { visits, students, classes, logs };
  }, [db]);
  return useMemo(() => {
    if (!data) return null;
    const names = new Map([...data.students, ...data.classes].map((x) => [x.id, x.name]));
    return {
      // A visit of somebody who is not here any more is nobody's.
      visits: withTaughtVisits(data.visits, taughtDays(data.logs)).filter((v) => names.has(v.student ?? v.class ?? '')),
      students: data.students,
      classes: data.classes,
      nameOf: (v) => names.get(v.student ?? v.class ?? '') ?? '',
    };
  }, [data]);
}
