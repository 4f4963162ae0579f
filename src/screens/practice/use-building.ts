'use client';
import { say } from '@/core/languages/spoken';
import { useSearchParams } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { Posterior } from '@/core/inference';
import type { FitWay } from '@/core/fit/way';
import { shapeById } from '@/core/poses';
import type { BuiltPractice } from '@/core/practice/build';
import { givenTitle } from '@/core/practice/given-title';
import { aimsWithPeak, peakGap } from '@/core/practice/peak';
import type { PracticePlan } from '@/core/practice/plan';
import { choiceOf, type Practice, type PracticeItem } from '@/core/practice/practice';
import { recheck } from '@/core/practice/recheck';
import { refit, type Refit } from '@/core/practice/refit';
import { requestOf, type PracticeRequest } from '@/core/practice/request';
import type { RankedPose } from '@/core/ranking/rank';
import type { Screening } from '@/core/cautions/screen';
import { firstName } from '@/core/students/called';
import { buildOfStudent, type Aim, type Student } from '@/core/students/student';
import { changePractice, editPractice } from '@/store/edits';
import { newId, now } from '@/store/studio';
import { textOf } from '@/workers/text';
import { core } from '@/workers/use-core';
import { useLikes } from '../settings/use-pose-settings';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/** What a practice is built from; `ranked` is null until poses are fitted. */
export interface BuiltFrom {
  student: Student;
  ranked: RankedPose[] | null;
  posterior: Posterior | null;
  aims: readonly Aim[];
  way: FitWay;
}

/** What could not be done as asked, with what was asked. */
export type BuildAnswer = Pick<BuiltPractice, 'change' | 'missing' | 'unkept' | 'unsaluted'> & {
  request: PracticeRequest;
};

/** An aim as a practice keeps it. */
const plain = ({ kind, group, side, weight }: Aim): Aim => ({ kind, group, side, weight });

/**
 * Building, fitting and correcting practices of a student; which of them is open, and what is to be told of the last
 * one.
 */
export function useBuilding(practices: readonly Practice[]) {
  const { db } = useStudio();
  const undo = useUndo();
  const { enqueueSnackbar } = useSnackbar();
  const [likes] = useLikes();
  const [building, setBuilding] = useState(false);
  const [answer, setAnswer] = useState<BuildAnswer | null>(null);
  const [refitted, setRefitted] = useState<readonly Refit[] | null>(null);
  // A practice that the address names is open until another one is chosen.
  const named = useSearchParams().get('practice');
  const [picked, choose] = useState<string | null>(null);
  const sorted = [...practices].sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
  const open = sorted.find((p) => p.id === (picked ?? named)) ?? sorted.at(0);

  /** Builds anew, or in place of a practice: another version of it, or around what is kept in it. */
  const build = async (
    { student, ranked, posterior, aims, way }: BuiltFrom,
    request: PracticeRequest,
    over?: Practice,
    locked: readonly PracticeItem[] = [],
  ): Promise<void> => {
    if (!ranked) return;
    // A peak that the practice was built for before is worked out anew: she may have changed since.
    const shape = request.peak ? shapeById(request.peak) : null;
    const towards = shape && posterior ? peakGap(shape, posterior, buildOfStudent(student), way) : null;
    const wanted = (towards ? aimsWithPeak(aims, towards) : aims).map(plain);
    setBuilding(true);
    setRefitted(null);
    setAnswer(null);
    try {
      const built = await core().build(textOf(ranked), wanted, { ...request, locked: [...locked], likes });
      const { change, missing, unkept, unsaluted } = built;
      setAnswer({ change, missing, unkept, unsaluted, request });
      if (built.items.length === 0) return;
      const time = now();
      const kept = new Set(locked.map((i) => `${i.pose}/${i.rung}`));
      const practice: Practice = {
        id: over?.id ?? newId(),
        student: student.id,
        title: over?.title ?? givenTitle(request.minutes, firstName(student.name)),
        minutes: request.minutes,
        items: built.items.map((i) =>
          i.salutation === undefined && kept.has(`${i.pose}/${i.rung}`) ? { ...i, locked: true } : i,
        ),
        aims: wanted,
        request,
        choice: choiceOf(built),
        createdAt: over?.createdAt ?? time,
        updatedAt: time,
      };
      const did = over ? say('Built again.') : say('The practice is built.');
      const done = await editPractice(db, practice, did);
      choose(practice.id);
      undo(did, done);
    } catch (error) {
      enqueueSnackbar(
        say('It could not be built: {{what}}', { what: error instanceof Error ? error.message : String(error) }),
        { variant: 'error' },
      );
    } finally {
      setBuilding(false);
    }
  };

  /** Items that were fitted to her, as a practice of her own, open below. */
  const openFitted = async (
    { student, aims }: Pick<BuiltFrom, 'student' | 'aims'>,
    plan: Pick<PracticePlan, 'title' | 'minutes' | 'request'>,
    { items, changes }: { items: PracticeItem[]; changes: Refit[] },
  ): Promise<void> => {
    if (items.length === 0) {
      enqueueSnackbar(say('Nothing in it is allowed and within reach here.'), { variant: 'info' });
      return;
    }
    const time = now();
    const practice: Practice = {
      id: newId(),
      student: student.id,
      title: plan.title,
      minutes: plan.minutes,
      items,
      aims: aims.map(plain),
      request: { ...(plan.request ?? requestOf({ minutes: plan.minutes })), breathSeconds: student.breathSeconds },
      createdAt: time,
      updatedAt: time,
    };
    setAnswer(null);
    setRefitted(changes);
    choose(practice.id);
    undo(say('Fitted, and open below.'), await editPractice(db, practice, say('Fitted.')));
  };

  /** A plan of elsewhere, fitted to this student as she is now. */
  const fitPlan = async (from: BuiltFrom, plan: PracticePlan): Promise<void> => {
    const { student, ranked, aims } = from;
    if (ranked) await openFitted(from, plan, refit(plan.items, ranked, aims, student.breathSeconds, newId));
  };

  /** What came back from home, put into the practice. */
  const adapt = async (id: string, items: readonly PracticeItem[]): Promise<void> => {
    const did = items === open?.items ? say('It stays as it is.') : say('Changed by what came back.');
    undo(did, await changePractice(db, id, (stored) => ({ ...stored, items: [...items], homeSeenAt: now() }), did));
  };

  /** What is forbidden or too much by now, out of the practice. */
  const correct = async ({ student, ranked, aims }: BuiltFrom, id: string, screening: Screening): Promise<void> => {
    if (!ranked) return;
    const did = say('The practice is corrected.');
    const corrected = (stored: Practice): Practice => ({
      ...stored,
      items: recheck(stored.items, screening, ranked, aims, student.breathSeconds).items,
    });
    undo(did, await changePractice(db, id, corrected, did));
  };

  return {
    sorted,
    open,
    choose,
    building,
    answer,
    forgetAnswer: () => setAnswer(null),
    refitted,
    forgetRefitted: () => setRefitted([]),
    build,
    openFitted,
    fitPlan,
    adapt,
    correct,
  };
}
export type Building = ReturnType<typeof useBuilding>;
