'use client';
import { SIDES } from '@/core/body';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { screenOf } from '@/core/cautions/screen';
import type { AskedQuestion } from '@/core/fit/asked';
import type { Student } from '@/core/students/student';
import { BATTERY, testById } from '@/core/assessment/battery';
import { lockOf } from '@/core/assessment/locks';
import type { Reading } from '@/core/assessment/reading';
import { changeSession } from '@/store/changes';
import { now, today, type MeasureSession } from '@/store/studio';
import { useStudio } from '../shell/studio-context';

/** What is to be settled about a student. */
export type Subject = Omit<NonNullable<MeasureSession['question']>, 'since'>;

export interface LeadingQuestion {
  /** As the inference takes it; null where no question leads. */
  asked: AskedQuestion | null;
  ask: (subject: Subject) => Promise<void>;
  leave: () => void;
}

/** The question that leads the measuring of a student; it is written down and survives a reload. */
export function useQuestion(student: Student | undefined, readings: readonly Reading[] | undefined): LeadingQuestion {
  const { db } = useStudio();
  const id = student?.id ?? '';
  const found = useLiveQuery(async () => ({ id, question: (await db.sessions.get(id))?.question }), [db, id]);
  const question = found?.id === id ? found.question : undefined;
  const asked = useMemo((): AskedQuestion | null => {
    if (!question || !readings || !student) return null;
    const { since, ...subject } = question;
    const screening = screenOf(student, today());
    const fresh = readings.filter((r) => r.takenAt >= since);
    const newest = readings.reduce<Reading | null>((a, r) => (!a || r.takenAt > a.takenAt ? r : a), null);
    const from = newest ? testById(newest.test)?.position : undefined;
    return {
      ...subject,
      asked: new Set(fresh.map((r) => `${r.test}/${r.side}/${r.variant ?? ''}`)).size,
      closed: BATTERY.flatMap((t) => SIDES.filter((s) => lockOf(screening, t, s)).map((s) => `${t.id}/${s}`)),
      ...(from ? { from } : {}),
    };
  }, [question, readings, student]);
  return {
    asked,
    ask: (subject) => changeSession(db, id, { question: { ...subject, since: now() } }),
    leave: () => void changeSession(db, id, { question: undefined }).catch(() => undefined),
  };
}
