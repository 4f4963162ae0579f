import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { Student } from '@/core/students/student';
import { visitsWithTaught, type SeenVisit, type Visit } from '@/core/visits/visit';
import { useStudio } from '../shell/studio-context';

export interface DayBook {
  /** As they are shown: whoever has a lesson of that day in the log came. */
  visits: readonly SeenVisit[];
  /** As they are stored, by id. */
  stored: ReadonlyMap<string, Visit>;
  students: readonly Student[];
  classes: readonly YogaClass[];
  nameOf: (visit: Pick<Visit, 'student' | 'class'>) => string;
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
      visits: visitsWithTaught(
        data.visits,
        data.logs,
        data.classes.map((c) => c.id),
      ).filter((v) => names.has(v.student ?? v.class ?? '')),
      stored: new Map(data.visits.map((v) => [v.id, v])),
      students: data.students,
      classes: data.classes,
      nameOf: (visit) => names.get(visit.student ?? visit.class ?? '') ?? '',
    };
  }, [data]);
}
