'use client';
import { say } from '@/core/languages/spoken';
import { useMemo, useRef, useState, type RefObject } from 'react';
import { otherSide } from '@/core/body';
import type { Build } from '@/core/body';
import { leverOf, limbTorque } from '@/core/measuring/torque';
import { typedValue } from '@/core/measuring/typed';
import type { Student } from '@/core/students/student';
import { normOf, type Norm, type Readout, type TestDefinition, type Variant } from '@/core/assessment/definition';
import { testPosture } from '@/core/assessment/drawn';
import {
  kindOf,
  latest,
  meanOf,
  valueProblem,
  withUnit,
  type Reading,
  type ReadingSide,
} from '@/core/assessment/reading';
import { keepReadings } from '@/store/changes';
import { newId, now, whereAt, today } from '@/store/studio';
import { ageOn } from '@/core/students/age';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { useBuild } from '../students/use-build';
import type { Taken } from './instruments/types';
import { readingFromDraft, trialProblem, type DraftOf } from './reading-from-draft';
import { useDraft, type DraftValues } from './use-draft';

/** What is read: one read-out of one side of a test, done in one way. */
export interface Read {
  student: Student;
  test: TestDefinition;
  readout: Readout;
  side: ReadingSide;
  variant?: Variant;
  warm?: boolean;
  readings: readonly Reading[];
  /** What the model expects this read-out to give, if it does. */
  expected?: DraftOf['known']['expected'];
}

/** What follows a reading that was kept. */
export interface AfterReading {
  onKept: (reading: Reading) => void;
  onSkip: (reason: string) => void;
  /** A reading was kept that ended in pain. */
  onPain: (reading: Reading) => void;
}

/** A reading on its way: what is typed, what it would say, and what can be done with it. */
export interface Taking {
  build: Build;
  norm: Norm | null;
  before: Reading | undefined;
  across: Reading | undefined;
  /** Torque of gravity on the limb, N·m; 0 where nothing is pushed. */
  gravity_Nm: number;
  draft: DraftValues;
  /** The draft with the lever arm of the last time. */
  values: DraftValues;
  /** True for pushes in newtons. */
  push: boolean;
  /** The value in the field, NaN where it is none, and whether it may stand. */
  typed: number;
  possible: boolean;
  /** The value to draw: what is typed, else the mean of the trials, else what is usual. */
  shown: number;
  problem: string | null;
  asked: { question: string; text: string; instead?: number } | null;
  field: RefObject<HTMLInputElement | null>;
  /** What is asked of a place that was felt. */
  sensation: 'note' | 'ease' | 'stop' | undefined;
  change: (part: Partial<DraftValues>) => void;
  /** The same, and what was said of the value before is taken back. */
  changeAnew: (part: Partial<DraftValues>) => void;
  set: (value: number) => void;
  addTrial: () => void;
  take: (taken: Taken) => void;
  keep: (painPressed: boolean) => void;
  setProblem: (problem: string | null) => void;
}

/** A reading's draft and everything that is done with it; null until what was typed before a reload is there. */
export function useReading(read: Read, { onKept, onSkip, onPain }: AfterReading): Taking | null {
  const { student, test, readout, side, variant, warm = false, readings, expected } = read;
  const { db } = useStudio();
  const undo = useUndo();
  const draftId = `${student.id}/${test.id}/${readout.id}/${side}${variant ? `/${variant.id}` : ''}`;
  const [draft, change, forget] = useDraft(db, draftId);
  const [problem, setProblem] = useState<string | null>(null);
  const [asked, setAsked] = useState<Taking['asked']>(null);
  const field = useRef<HTMLInputElement>(null);
  const build = useBuild(student);
  const age = ageOn(student.birthYear, today());
  const norm = normOf(readout, student.sexForNorms, age);
  const known = useMemo(() => latest(readings), [readings]);
  const gravity_Nm = useMemo(
    () => gravityOn({ test, readout, side }, build, student.mass_kg),
    [test, readout, side, build, student.mass_kg],
  );
  if (!draft) return null;

  const kind = { test: test.id, readout: readout.id, variant: variant?.id, active: draft.active };
  const newest = (of: ReadingSide) => known.find((r) => kindOf(r) === kindOf({ ...kind, side: of }));
  const before = newest(side);
  const across = side === 'both' ? undefined : newest(otherSide(side));
  const push = readout.unit === 'Nm_kg';
  const lever = draft.lever ?? [before, across].flatMap((r) => (r?.push ? [String(r.push.lever_cm)] : [])).at(0);
  const values = { ...draft, lever };
  const typed = typedValue(draft.typed, readout);
  const possible = !push && Number.isFinite(typed) && valueProblem(test.id, readout.id, typed) === null;
  const usual = before ? meanOf(before.trials) : (norm?.mean ?? (readout.min + readout.max) / 2);
  const trials = !push && draft.trials.length > 0 ? meanOf(draft.trials.map((t) => typedValue(t, readout))) : usual;
  const of: DraftOf = {
    student: student.id,
    mass_kg: student.mass_kg,
    test,
    readout,
    side,
    variant,
    warm,
    gravity_Nm,
    known: { sex: student.sexForNorms, age, before, across, expected },
  };
  const sensation = test.sensations.find((s) => s.place === draft.placeFelt)?.action;
  const changeAnew = (part: Partial<DraftValues>) => {
    setProblem(null);
    setAsked(null);
    change(part);
  };
  const keep = async (painPressed: boolean) => {
    const pain = painPressed || sensation === 'stop' || draft.failure === 'pain' || draft.endFeel === 'pain';
    const result = readingFromDraft(values, of, { pain, id: newId(), takenAt: now(), ...whereAt() });
    setProblem(result.ok ? null : result.problem);
    if (!result.ok) return;
    const text = JSON.stringify([draft.trials, draft.typed]);
    // An unlikely value is asked about once: pressing again keeps it.
    if (result.question && asked?.text !== text) {
      setAsked({ question: result.question, text, instead: result.instead });
      return;
    }
    setAsked(null);
    const kept = await keepReadings(db, [result.reading], draftId);
    forget();
    const whose = side === 'both' ? '' : `, ${say(side)}`;
    const value = withUnit(readout, meanOf(result.reading.trials));
    undo(
      say('{{name}}{{whose}}: {{value}} is kept{{what}}.', {
        name: say(readout.name),
        whose,
        value,
        what: pain ? say(', ended by pain') : '',
      }),
      kept,
    );
    if (!pain) return onKept(result.reading);
    onSkip(say('ended by pain'));
    onPain(result.reading);
  };
  return {
    build,
    norm,
    before,
    across,
    gravity_Nm,
    draft,
    values,
    push,
    typed,
    possible,
    shown: possible ? typed : trials,
    problem,
    asked,
    field,
    sensation,
    change,
    changeAnew,
    set: (value) => changeAnew({ typed: String(value), instrument: undefined, likelyError: undefined }),
    addTrial: () => {
      const issue = trialProblem(draft.typed, values, of);
      setProblem(issue);
      if (issue) return;
      const text = push ? draft.typed : String(typedValue(draft.typed, readout));
      change({ trials: [...draft.trials, text].slice(-3), typed: '', lever });
    },
    take: ({ value, instrument, likelyError, failure }) => {
      const kept = draft.typed.trim() === '' ? draft.trials : draft.trials.slice(0, 2);
      const room = kept.length >= 3 ? kept.slice(1) : kept;
      changeAnew({ trials: [...room, String(value)], typed: '', instrument, likelyError, failure, lever });
      field.current?.focus();
    },
    keep: (painPressed) => void keep(painPressed),
    setProblem,
  };
}

/** Torque of gravity on the limb that a push is measured at, N·m. */
function gravityOn({ test, readout, side }: Pick<Read, 'test' | 'readout' | 'side'>, build: Build, mass_kg: number) {
  const lever = leverOf(test.id, readout.id);
  if (!lever || lever.against === 0) return 0;
  const on = side === 'left' ? 'left' : 'right';
  return lever.against * limbTorque(testPosture(test, readout, on, 1, {}), build, mass_kg, lever.joint, on);
}
