'use client';
import { useCallback, useEffect, useState } from 'react';
import { notReady } from '@/core/pose-editor/ready';
import type { OwnShape } from '@/core/poses/schema';
import { savePose } from '@/store/changes';
import { now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useKeys } from '../shell/use-keys';

/** Changes of the same thing within this time are one step of the way back, milliseconds. */
const ONE_STEP_MS = 1200;
/** A pause this long after a change is enough to write it down, milliseconds. */
const SAVE_MS = 250;

interface History {
  past: readonly OwnShape[];
  present: OwnShape;
  future: readonly OwnShape[];
  mark: string;
  at: number;
}

/** A pose under the teacher's hands: every change is kept by itself, and each can be taken back. */
export function useBench(first: OwnShape) {
  const { db } = useStudio();
  const [history, setHistory] = useState<History>({ past: [], present: first, future: [], mark: '', at: 0 });
  /** The moment of our last writing: what is newer came from another window. */
  const [savedAt, setSavedAt] = useState(first.updatedAt);
  const [saved, setSaved] = useState(first);
  /** Why it fell out of the library by a change. */
  const [dropped, setDropped] = useState<readonly string[]>([]);
  const { present } = history;

  const change = useCallback((by: (shape: OwnShape) => OwnShape, mark = '') => {
    const at = Date.now();
    setHistory((h) => {
      const next = by(h.present);
      if (next === h.present) return h;
      const same = mark !== '' && mark === h.mark && at - h.at < ONE_STEP_MS;
      return { past: same ? h.past : [...h.past, h.present], present: next, future: [], mark, at };
    });
  }, []);
  const undo = useCallback(
    () =>
      setHistory((h) => {
        const before = h.past.at(-1);
        return before
          ? { ...h, past: h.past.slice(0, -1), present: before, future: [h.present, ...h.future], mark: '' }
          : h;
      }),
    [],
  );
  const redo = useCallback(
    () =>
      setHistory((h) => {
        const [next, ...future] = h.future;
        return next ? { ...h, past: [...h.past, h.present], present: next, future, mark: '' } : h;
      }),
    [],
  );
  // A field that is being typed in has a way back of its own.
  useKeys((e) => {
    if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return;
    e.preventDefault();
    if (e.shiftKey) redo();
    else undo();
  });
  /** Takes over a version that another window wrote. */
  const adopt = useCallback((shape: OwnShape) => {
    setHistory((h) => ({ past: [...h.past, h.present], present: shape, future: [], mark: '', at: 0 }));
    setSaved(shape);
    setSavedAt(shape.updatedAt);
  }, []);

  const write = useCallback(
    (shape: OwnShape) => {
      const obstacles = shape.inLibrary ? notReady(shape) : [];
      const at = now();
      const kept = { ...shape, inLibrary: shape.inLibrary && obstacles.length === 0, updatedAt: at };
      if (obstacles.length > 0) {
        setDropped(obstacles);
        setHistory((h) => (h.present === shape ? { ...h, present: { ...shape, inLibrary: false } } : h));
      } else if (shape.inLibrary) setDropped([]);
      setSaved(shape);
      setSavedAt(at);
      return savePose(db, kept);
    },
    [db],
  );
  useEffect(() => {
    if (present === saved) return;
    const timer = setTimeout(() => void write(present), SAVE_MS);
    // A page that is left before the pause is over still writes.
    const leave = () => {
      if (document.visibilityState === 'hidden') void write(present);
    };
    document.addEventListener('visibilitychange', leave);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', leave);
    };
  }, [present, saved, write]);
  return {
    shape: present,
    change,
    undo,
    redo,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    adopt,
    savedAt,
    dropped,
    /** Writes at once what waits, for leaving the page within the application. */
    flush: () => (present === saved ? Promise.resolve() : write(present).then(() => undefined)),
  };
}
export type Bench = ReturnType<typeof useBench>;
