'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo, useState } from 'react';
import { screenOf } from '@/core/cautions/screen';
import type { YogaClass } from '@/core/classes/class';
import { mayTakePart } from '@/core/classes/may-take-part';
import type { Student } from '@/core/students/student';
import { feltIn } from '@/core/teaching/log';
import { today } from '@/store/studio';
import type { ClassPerson, MemberFacts } from '@/workers/core.worker';
import { core } from '@/workers/use-core';
import { useAimDefaults } from '../settings/use-aim-defaults';
import { useComfort } from '../settings/use-pose-settings';
import { useStudio } from '../shell/studio-context';

/** A class with its students and what is known of them. */
export interface ClassData {
  one: YogaClass | undefined;
  /** Everybody who is not archived, by name. */
  students: Student[];
  people: ClassPerson[];
}

/** A class by its id; undefined while it is looked up. */
export function useClass(id: string): ClassData | undefined {
  const { db } = useStudio();
  return useLiveQuery(async () => {
    const [one, all] = await Promise.all([db.classes.get(id), db.students.orderBy('name').toArray()]);
    const students = all.filter((s) => !s.archived);
    const inIt = students.filter((s) => one?.students.includes(s.id));
    const people = await Promise.all(
      inIt.map(async (student): Promise<ClassPerson> => {
        const [readings, logs] = await Promise.all([
          db.readings.where('student').equals(student.id).toArray(),
          db.logs.where('student').equals(student.id).toArray(),
        ]);
        return { student, readings, felt: feltIn(logs) };
      }),
    );
    return { one, students, people };
  }, [db, id]);
}

/** What the worker is asked about people with: the day, and the teacher's settings. */
export function useClassWay() {
  const aims = useAimDefaults();
  const [comfort] = useComfort();
  return useMemo(
    () => ({ when: { year: new Date().getFullYear(), day: today() }, settings: { aims, comfort } }),
    [aims, comfort],
  );
}
export type ClassWay = ReturnType<typeof useClassWay>;

/**
 * What a class needs to know of each of its students, read one after another in the worker; those that are there so
 * far.
 */
export function useMembers(
  people: readonly ClassPerson[] | undefined,
  way: ClassWay,
): { members: MemberFacts[]; busy: boolean; failed: string | null } {
  const [found, setFound] = useState<{ of: unknown; members: MemberFacts[]; failed: string | null }>({
    of: null,
    members: [],
    failed: null,
  });
  useEffect(() => {
    if (!people) return;
    let current = true;
    void (async () => {
      const members: MemberFacts[] = [];
      try {
        for (const person of people) {
          const member = await core().classMember(person, way.when, way.settings);
          members.push({ ...member, ...mayTakePart(person.student, screenOf(person.student, way.when.day)) });
          if (!current) return;
          setFound({ of: people, members: [...members], failed: null });
        }
        if (people.length === 0) setFound({ of: people, members: [], failed: null });
      } catch (error) {
        if (current) setFound({ of: people, members, failed: error instanceof Error ? error.message : String(error) });
      }
    })();
    return () => {
      current = false;
    };
  }, [people, way]);
  const here = found.of === people;
  return {
    // While somebody is read anew, what was known of the others stays in sight.
    members: found.members,
    busy: people !== undefined && !(here && (found.members.length === people.length || found.failed !== null)),
    failed: here ? found.failed : null,
  };
}
