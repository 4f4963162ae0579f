'use client';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { AskedQuestion } from '@/core/fit/asked';
import type { FitWay } from '@/core/fit/way';
import type { FeltInPose, Inference } from '@/core/inference';
import type { Aim, Student } from '@/core/students/student';
import { allShapes, LIBRARY, setOwnShapes, type Shape } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import type { Reading } from '@/core/assessment/reading';
import type { CoreDoor } from './core.worker';

let door: Remote<CoreDoor> | null = null;
let own: { all: Shape[]; offered: Shape[] } = { all: [], offered: [] };

/** The worker, started when first needed. Browser only. */
export function core(): Remote<CoreDoor> {
  if (!door) {
    door = wrap<CoreDoor>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }));
    if (own.all.length > 0) void door.setOwnShapes(own.all, own.offered);
  }
  return door;
}

/** Tells page and worker of the teacher's own poses; messages keep their order, so whatever is asked later knows them. */
export function tellOwnShapes(all: Shape[], offered: Shape[]): void {
  own = { all, offered };
  setOwnShapes(all, offered);
  void door?.setOwnShapes(all, offered);
}

export interface Answer<T> {
  /** The newest answer; may belong to an older question while `busy`. */
  value: T | null;
  busy: boolean;
  failed: string | null;
}

const remembered = new Map<string, Inference>();

/** An answer to the newest question only; `key` tells when the question changed, null asks nothing. */
function useAnswer<T>(key: string | null, ask: () => Promise<T | null>): Answer<T> {
  const [answer, setAnswer] = useState<{ key: string | null; value: T | null; failed: string | null }>({
    key: null,
    value: null,
    failed: null,
  });
  useEffect(() => {
    if (key === null) return;
    let current = true;
    ask().then(
      // Null says that the worker left it for something newer.
      (value) => current && value !== null && setAnswer({ key, value, failed: null }),
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

/**
 * Findings of a student from these readings, places felt in poses, and a question where one leads; remembered while the page
 * lives. A newer reading stops the computing of an older one.
 */
export function useInference(
  student: Student | undefined,
  readings: readonly Reading[] | undefined,
  felt: readonly FeltInPose[],
  asked: AskedQuestion | null,
): Answer<Inference> {
  const key =
    student && readings
      ? JSON.stringify([
          student.id,
          student.sexForNorms,
          student.measures,
          student.birthYear,
          student.hurt,
          student.complaints,
          readings,
          felt,
          asked,
        ])
      : null;
  return useAnswer(key, async () => {
    const known = key === null ? undefined : remembered.get(key);
    if (known) return known;
    if (!student) return null;
    const { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg } = student;
    const result = await core().infer(
      { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg },
      [...(readings ?? [])],
      [...felt],
      asked,
    );
    if (key !== null && result) {
      remembered.clear();
      remembered.set(key, result);
    }
    return result;
  });
}

type RankedStudent = Pick<Student, 'height_cm' | 'mass_kg' | 'measures' | 'cautions' | 'birthYear' | 'hurt'>;

/** A ranking on its way: first the likely best, then everything. */
export interface Ranking extends Answer<RankedPose[]> {
  /** Every pose in full; null until it is there. */
  whole: RankedPose[] | null;
}

/** Poses ranked for a student and her aims. */
export function useRanking(
  student: Student | undefined,
  inference: Inference | null,
  aims: readonly Aim[] | null,
  way: FitWay,
): Ranking {
  const key =
    student && inference && aims
      ? JSON.stringify([
          student.id,
          student.height_cm,
          student.mass_kg,
          student.measures,
          student.cautions,
          student.birthYear,
          aims.map((a) => [a.kind, a.group, a.side, a.weight]),
          Array.from(inference.posterior.mean),
          way,
          // Own poses change what there is to rank.
          allShapes().slice(LIBRARY.length),
        ])
      : null;
  const ask = <T>(
    of: (posterior: Inference['posterior'], person: RankedStudent, list: Aim[], how: FitWay) => Promise<T[] | null>,
  ): Promise<T[] | null> => {
    if (!inference || !student || !aims) return Promise.resolve([]);
    const { height_cm, mass_kg, measures, cautions, birthYear, hurt } = student;
    return of(
      inference.posterior,
      { height_cm, mass_kg, measures, cautions, birthYear, hurt },
      aims.map(({ kind, group, side, weight }) => ({ kind, group, side, weight })),
      way,
    );
  };
  const first = useAnswer(key, () => ask((...of) => core().rankFirst(...of)));
  const whole = useAnswer(key, () => ask((...of) => core().rank(...of)));
  const done = !whole.busy && whole.value !== null;
  return {
    value: done || first.busy ? (whole.value ?? first.value) : first.value,
    busy: whole.busy,
    failed: whole.failed ?? first.failed,
    whole: done ? whole.value : null,
  };
}
