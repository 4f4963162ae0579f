'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { TYPICAL_BUILD, type Build } from '@/core/body';
import { TYPICAL } from '@/core/fit/typical';
import { USUAL_WAY, type FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { buildOfStudent } from '@/core/students/student';
import { feltIn } from '@/core/teaching/log';
import { useInference } from '@/workers/use-core';
import { useWay } from '../poses/use-way';
import { useStudio } from '../shell/studio-context';

/** In whose body a pose is read: a student's, from all her readings, or typical people's. */
export interface ReadFor {
  posterior: Posterior;
  build: Build;
  way: FitWay;
  busy: boolean;
}
const TYPICAL_PEOPLE: ReadFor = { posterior: TYPICAL, build: TYPICAL_BUILD, way: USUAL_WAY, busy: false };
const NOTHING_FELT: never[] = [];

/** Tolerances and build of a student by id; of typical people for null and until hers are known. */
export function useReadFor(id: string | null): ReadFor {
  const { db } = useStudio();
  const data = useLiveQuery(async () => {
    if (id === null) return undefined;
    const [student, readings, logs] = await Promise.all([
      db.students.get(id),
      db.readings.where('student').equals(id).toArray(),
      db.logs.where('student').equals(id).toArray(),
    ]);
    return student && { student, readings, felt: feltIn(logs) };
  }, [db, id]);
  const own = id !== null && data?.student.id === id ? data : undefined;
  const inference = useInference(own?.student, own?.readings, own?.felt ?? NOTHING_FELT, null);
  const build = useMemo(() => (own ? buildOfStudent(own.student) : TYPICAL_BUILD), [own]);
  const way = useWay(own?.student, own?.readings, inference.value?.findings);
  return useMemo(
    () =>
      id === null || !own || !inference.value
        ? { ...TYPICAL_PEOPLE, busy: id !== null }
        : { posterior: inference.value.posterior, build, way, busy: inference.busy },
    [id, own, inference.value, inference.busy, build, way],
  );
}
