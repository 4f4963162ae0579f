import { useEffect, useMemo } from 'react';
import type { FeltInPose } from '@/core/inference';
// Not by the folder's door: what computes is the worker's, and a first page does without it.
import { limitsOf, readLimits, restsOn, writeLimits, type Limit } from '@/core/inference/limits';
import type { Student } from '@/core/students/student';
import type { Reading } from '@/core/assessment/reading';
import type { Memo, StudioDatabase } from '@/store/studio';
import { LIMITS } from '@/store/memo-keys';
import { core } from '@/workers/use-core';

/** Whoever only passes through leaves nothing to compute, ms. */
const PAUSE = 700;

/**
 * What limits each of these students, from what was kept beside her readings; where nothing is kept, or it rests on
 * other readings, it is worked out one after the other while the page is open, and kept.
 */
export function useLimits(
  db: StudioDatabase,
  people: readonly { student: Student; readings: readonly Reading[]; felt: readonly FeltInPose[] }[],
  memos: readonly Memo[],
): ReadonlyMap<string, readonly Limit[]> {
  const known = useMemo(() => {
    const texts = new Map(memos.map((m) => [m.key, m.value]));
    const out = new Map<string, readonly Limit[]>();
    for (const own of people) {
      const limits = readLimits(texts.get(LIMITS + own.student.id), own);
      if (limits) out.set(own.student.id, limits);
    }
    return out;
  }, [people, memos]);
  const missing = people.find((p) => p.readings.length > 0 && !known.has(p.student.id));
  const key = missing ? `${missing.student.id} ${restsOn(missing)}` : null;
  useEffect(() => {
    if (!missing) return;
    let current = true;
    const { student, readings, felt } = missing;
    const { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg } = student;
    const work = async (): Promise<void> => {
      const person = { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg };
      const result = await core().infer(person, [...readings], [...felt], null);
      if (!current || !result) return;
      await db.memos.put({ key: LIMITS + id, value: writeLimits(missing, limitsOf(result.findings.movements)) });
    };
    // A figure without paint is all that is lost.
    const timer = setTimeout(() => void work().catch(() => undefined), PAUSE);
    return () => {
      current = false;
      clearTimeout(timer);
    };
    // The next one follows when this one is kept.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [db, key]);
  return known;
}
