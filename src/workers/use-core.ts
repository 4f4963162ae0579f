'use client';
import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { AskedQuestion } from '@/core/fit/asked';
import type { FitWay } from '@/core/fit/way';
import type { FeltInPose, Inference } from '@/core/inference';
import type { Aim, Student } from '@/core/students/student';
// Not by the folder's door: a first page does without the library.
import { ownShapes, setOwnShapes } from '@/core/poses/own';
import type { Shape } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import type { Reading } from '@/core/assessment/reading';
import type { CoreDoor } from './core.worker';
import { keep, keepIn, kept, keptOr, type Keeper } from './kept';
import { ofText, type Text } from './text';

let door: Remote<CoreDoor> | null = null;
let own: { all: Shape[]; offered: Shape[] } = { all: [], offered: [] };

/** What is said to whoever waits for a worker that does not load or has died. */
const DIED = 'The part of Kolpos that computes has stopped. Load this page again; what you entered is kept.';

/**
 * A worker whose every answer ends with it: nobody waits for ever for one that does not load, or dies. The next
 * question starts another.
 */
function started(): Remote<CoreDoor> {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const wrapped = wrap<CoreDoor>(worker);
  const died = new Promise<never>((_, reject) => {
    worker.addEventListener('error', () => {
      reject(new Error(DIED));
      worker.terminate();
      door = null;
    });
  });
  // Where nobody waits its end is no fault.
  died.catch(() => undefined);
  return new Proxy(wrapped, {
    get: (remote, name) => {
      const ask = Reflect.get(remote, name) as (...of: unknown[]) => Promise<unknown>;
      return (...of: unknown[]) => Promise.race([ask(...of), died]);
    },
  });
}

/** The worker, started when first needed. Browser only. */
export function core(): Remote<CoreDoor> {
  if (!door) {
    door = started();
    if (own.all.length > 0) void door.setOwnShapes(own.all, own.offered);
    if (keeper) void door.keepIn(proxy(keeper));
  }
  return door;
}

/**
 * Tells page and worker of the teacher's own poses; messages keep their order, so whatever is asked later knows them.
 */
export function tellOwnShapes(all: Shape[], offered: Shape[]): void {
  own = { all, offered };
  setOwnShapes(all, offered);
  void door?.setOwnShapes(all, offered);
}

let keeper: Keeper | null = null;
/** Tells page and worker where results are kept. */
export function tellKeeper(where: Keeper): void {
  keeper = where;
  keepIn(where);
  void door?.keepIn(proxy(where));
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

/** What of a student her findings rest on, beside her readings. */
const inferredOf = ({ id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg }: Student) => ({
  id,
  sexForNorms,
  measures,
  birthYear,
  complaints,
  height_cm,
  mass_kg,
});

/**
 * Findings of a student from these readings, places felt in poses, and a question where one leads; remembered while the
 * page lives. A newer reading stops the computing of an older one.
 */
export function useInference(
  student: Student | undefined,
  readings: readonly Reading[] | undefined,
  felt: readonly FeltInPose[],
  asked: AskedQuestion | null,
): Answer<Inference> {
  const person = student && inferredOf(student);
  const key = person && readings ? JSON.stringify([person, readings, felt, asked]) : null;
  return useAnswer(key, async () => {
    if (key === null || !person || !readings) return null;
    const known = remembered.get(key);
    if (known) return known;
    const result = await keptOr('inference', key, () => core().infer(person, [...readings], [...felt], asked));
    if (result) {
      remembered.clear();
      remembered.set(key, result);
    }
    return result;
  });
}

/** What of a student her ranking rests on, beside findings and aims. */
const rankedOf = ({ height_cm, mass_kg, measures, cautions, birthYear, hurt }: Student) => ({
  height_cm,
  mass_kg,
  measures,
  cautions,
  birthYear,
  hurt,
});

/** A ranking on its way: first the likely best, then everything. */
export interface Ranking extends Answer<RankedPose[]> {
  /** Every pose in full; null until it is there. */
  whole: RankedPose[] | null;
}

/** The newest ranking that was looked for, read once for whoever asks. */
let newest: { key: string; all: Promise<RankedPose[] | null> } | null = null;
function keptRanking(key: string): Promise<RankedPose[] | null> {
  if (newest?.key !== key)
    newest = { key, all: kept<Text<RankedPose[]>>('ranking', key).then((text) => text && ofText(text)) };
  return newest.all;
}

/** Poses ranked for a student and her aims. */
export function useRanking(
  student: Student | undefined,
  inference: Inference | null,
  aims: readonly Aim[] | null,
  way: FitWay,
): Ranking {
  // Cautions end on a day.
  const day = new Date().toLocaleDateString('sv');
  const asked =
    student && inference && aims
      ? {
          posterior: inference.posterior,
          person: rankedOf(student),
          list: aims.map(({ kind, group, side, weight }) => ({ kind, group, side, weight })),
        }
      : null;
  const key =
    asked &&
    JSON.stringify([
      asked.person,
      asked.list,
      Array.from(asked.posterior.mean),
      asked.posterior.drawCount,
      way,
      // Own poses change what there is to rank.
      ownShapes(),
      day,
    ]);
  const first = useAnswer(key, async () => {
    if (!asked || key === null) return [];
    const { posterior, person, list } = asked;
    return (await keptRanking(key)) ?? core().rankFirst(posterior, person, list, way, day);
  });
  const whole = useAnswer(key, async () => {
    if (!asked || key === null) return [];
    const { posterior, person, list } = asked;
    const before = await keptRanking(key);
    if (before) return before;
    const text = await core().rank(posterior, person, list, way, day);
    if (text === null) return null;
    keep('ranking', key, text);
    const all = ofText(text);
    newest = { key, all: Promise.resolve(all) };
    return all;
  });
  const done = !whole.busy && whole.value !== null;
  return {
    value: done || first.busy ? (whole.value ?? first.value) : first.value,
    busy: whole.busy,
    failed: whole.failed ?? first.failed,
    whole: done ? whole.value : null,
  };
}
