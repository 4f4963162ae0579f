'use client';
import { useEffect, useState } from 'react';
import type { Findings } from '@/core/inference';
import type { Student } from '@/core/students/student';
import { feltIn, type LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { core } from '@/workers/use-core';
import { dayOf } from '@/core/day-of';

/**
 * What was to be read from tests and felt places up to each of these days, worked out one after another in the worker;
 * days are missing until they are there.
 */
export function useFoundThen(
  student: Student,
  readings: readonly Reading[],
  logs: readonly LogEntry[],
  days: readonly string[],
): ReadonlyMap<string, Findings> {
  const [found, setFound] = useState<ReadonlyMap<string, Findings>>(new Map());
  const key = days.join();
  useEffect(() => {
    let current = true;
    void (async () => {
      const next = new Map<string, Findings>();
      for (const day of key.split(',').filter(Boolean)) {
        const felt = feltIn(logs.filter((l) => dayOf(l) <= day));
        const findings = await core().foundThen(
          student,
          readings.filter((r) => dayOf(r) <= day),
          felt,
        );
        if (!current) return;
        next.set(day, findings);
        setFound(new Map(next));
      }
    })();
    return () => {
      current = false;
    };
  }, [student, readings, logs, key]);
  return found;
}
