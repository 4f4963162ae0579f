'use client';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import type { Screening } from '@/core/cautions/screen';
import type { NextTest } from '@/core/inference';
import type { Aim, Student } from '@/core/students/student';
import { testById } from '@/core/assessment/battery';
import type { Reading, ReadingSide } from '@/core/assessment/reading';
import { now } from '@/store/studio';
import { batteriesFor, placeFrom, queueFor, testsIn, type Place } from './course';
import { firstPlaceOf, nextPlace, placeNow } from './places';
import { useSession } from './use-session';

/** What a course of tests follows from. */
interface CourseOf {
  student: Student;
  readings: readonly Reading[];
  aims: readonly Aim[] | null;
  screening: Screening;
  /** What would tell most next. */
  gains: readonly NextTest[];
}

/**
 * The course of a student's tests: the queue, where in it she is, and every way to move in it. Null until it has been
 * looked up.
 */
export function useCourse({ student, readings, aims, screening, gains }: CourseOf) {
  const { session, sideOrder, change } = useSession(student.id);
  const [chosen, choose] = useState<Place | null>(placeFrom(useSearchParams().get('at')));
  if (!session) return null;

  const { skipped, warm, startedAt: since } = session;
  const batteries = batteriesFor(student, aims, session.own);
  const battery = batteries.find((b) => b.id === session.battery) ?? batteries[0];
  const tests = testsIn(battery, readings, since, chosen?.test);
  const queue = queueFor({ tests, readings, since, screening, skipped, sideOrder, gains });
  const here = placeNow(queue, chosen, session.here as Place | undefined, skipped);
  const go = (to: Place | undefined) => {
    if (!to) return;
    choose(to);
    change({ here: to });
  };
  /** Begins with something else: nothing is chosen any more. */
  const anew = (part: Parameters<typeof change>[0]) => {
    choose(null);
    change({ ...part, here: undefined });
  };
  const next = (leaving?: string) => (here ? nextPlace(queue, here, skipped, leaving) : undefined);
  const goTest = (id: string, side: ReadingSide | undefined = here?.side, variant?: string) => {
    if (side) go(firstPlaceOf(queue, id, side, variant));
  };
  const isSkipped = (id: string) => skipped.some((s) => s.test === id);
  return {
    ...queue,
    batteries,
    battery,
    /** Tests of the teacher's own list, else of the battery. */
    own: session.own.length > 0 ? session.own : battery.tests.map((t) => t.id),
    warm,
    here,
    test: here ? testById(here.test) : null,
    done: queue.stations.filter(queue.isRead).length,
    /** Of what would tell most, what is neither locked nor left out. */
    worth: gains.filter((n) => {
      const entry = queue.entries.find((e) => e.test.id === n.test);
      return !entry?.lock && !entry?.shutSides.some((s) => s.side === n.side) && !isSkipped(n.test);
    }),
    next,
    go,
    goTest,
    setWarm: (on: boolean) => change({ warm: on }),
    chooseBattery: (id: string) => anew({ battery: id }),
    takeOwn: (own: string[]) => anew({ own, battery: 'own' }),
    again: () => anew({ startedAt: now(), skipped: [] }),
    park: () => change({ here, parkedAt: now() }),
    skip: (id: string, reason: string) => {
      change({ skipped: [...skipped.filter((s) => s.test !== id), { test: id, reason }] });
      go(next(id));
    },
    unskip: (id: string) => {
      change({ skipped: skipped.filter((s) => s.test !== id) });
      goTest(id);
    },
  };
}
