'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback } from 'react';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import { changePractice, stepPractice, stepsOf } from '@/store/edits';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { useKeys } from '../shell/use-keys';

/** New items from those that are stored when it is made. */
export type ItemsChange = (items: readonly PracticeItem[]) => PracticeItem[];

/** Changes of a practice with their way back and forward, by button or by Ctrl+Z and Ctrl+Y. */
export function useEdits(practice: Practice) {
  const { db } = useStudio();
  const undo = useUndo();
  const { id } = practice;
  const steps = useLiveQuery(() => stepsOf(db, id), [db, id, practice.updatedAt]);
  const save = useCallback(
    async (change: ItemsChange, did: string) =>
      undo(did, await changePractice(db, id, (stored) => ({ ...stored, items: change(stored.items) }), did)),
    [db, id, undo],
  );
  const back = useCallback(() => void stepPractice(db, id, -1), [db, id]);
  const forward = useCallback(() => void stepPractice(db, id, 1), [db, id]);
  useKeys((e) => {
    if (!(e.ctrlKey || e.metaKey)) return;
    const key = e.key.toLowerCase();
    if (key === 'z' && !e.shiftKey) back();
    else if (key === 'y' || (key === 'z' && e.shiftKey)) forward();
    else return;
    e.preventDefault();
  });
  return { save, back, forward, canBack: steps?.back ?? null, canForward: steps?.forward ?? null };
}
export type Edits = ReturnType<typeof useEdits>;
