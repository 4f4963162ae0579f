'use client';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { Inference } from '@/core/limits';
import type { Aim, Student } from '@/core/people/student';
import type { RankedPose } from '@/core/ranking/rank';
import type { Reading } from '@/core/tests/reading';
import type { CoreDoor } from './core.worker';

let door: Remote<CoreDoor> | null = null;

/** The worker, started when first needed. Browser only. */
export function core(): Remote<CoreDoor> {
  door ??= wrap<CoreDoor>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }));
  return door;
}

export interface Answer<T> {
  /** The newest answer; may belong to an older question while `busy`. */
  value: T | null;
  busy: boolean;
  failed: string | null;
}

const remembered = new Map<string, Inference>();

/** An answer to the newest question only; `key` tells when the question changed, null asks nothing. */
function useAnswer<T>(key: string | null, ask: () => Promise<T>): Answer<T> {
  const [answer, setAnswer] = useState<{ key: string | null; value: T | null; failed: string | null }>({
    key: null,
    value: null,
    failed: null,
  });
  useEffect(() => {
    if (key === null) return;
    let current = true;
    ask().then(
      (value) => current && setAnswer({ key, value, failed: null }),
      (error: unknown) =>
        current &&
        setAnswer((old) => ({ key, value: old.value, failed: error instanceof Error ? error.message : String(error) })),
    );
    return () => {
      current = false;
    };
    // `ask` closes over what `key` describes; a new closure alone is not a new question.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return { value: answer.value, busy: key !== null && answer.key !== key, failed: answer.failed };
}

/** Findings of a student from these readings; remembered while the page lives. */
export function useInference(
  student: Student | undefined,
  readings: readonly Reading[] | undefined,
): Answer<Inference> {
  const key =
    student && readings ? JSON.stringify([student.id, student.sexForNorms, student.measures, readings]) : null;
  return useAnswer(key, async () => {
    const known = key === null ? undefined : remembered.get(key);
    if (known) return known;
    const result = await core().infer(
      { id: student?.id ?? '', sexForNorms: student?.sexForNorms, measures: student?.measures },
      [...(readings ?? [])],
    );
    if (key !== null) {
      remembered.clear();
      remembered.set(key, result);
    }
    return result;
  });
}

/** Poses ranked for a student and her aims. */
export function useRanking(
  student: Student | undefined,
  inference: Inference | null,
  aims: readonly Aim[] | null,
): Answer<RankedPose[]> {
  const key =
    student && inference && aims
      ? JSON.stringify([
          student.id,
          student.height_cm,
          student.mass_kg,
          student.measures,
          student.cautions,
          aims.map((a) => [a.kind, a.group, a.side, a.weight]),
          Array.from(inference.posterior.mean),
        ])
      : null;
  return useAnswer(key, () =>
    inference && student && aims
      ? core().rank(
          inference.posterior,
          {
            height_cm: student.height_cm,
            mass_kg: student.mass_kg,
            measures: student.measures,
            cautions: student.cautions,
          },
          aims.map(({ kind, group, side, weight }) => ({ kind, group, side, weight })),
        )
      : Promise.resolve([]),
  );
}
