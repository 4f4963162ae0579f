'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo } from 'react';
import { aimsFor } from '@/core/aims/for-student';
import { unanswered } from '@/core/cautions/red-flags';
import { feltIn } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { heldOf } from '@/store/unsaved';
import { core, useInference } from '@/workers/use-core';
import { useQuestion } from '../measure/use-question';
import { useWay } from '../poses/use-way';
import { AskFirst } from '../shell/AskFirst';
import { EmptyChart } from '../shell/EmptyChart';
import { STEPS } from '../shell/PlottedCourse';
import { StudentFrame } from '../shell/StudentFrame';
import { useStudio } from '../shell/studio-context';
import { useUnsaved } from '../shell/use-unsaved';
import { Opening } from '../shell/Opening';
import { useAimDefaults } from '../settings/use-aim-defaults';
import { AskStep, FindingsStep, MeasureStep, PosesStep, PracticeStep, ProgressStep, useStepsAhead } from './steps';

/** One student: the step that the address names, with the findings computed once for all steps. */
export function StudentScreen() {
  const { db, base } = useStudio();
  const params = useSearchParams();
  const id = params.get('id') ?? '';
  const step = STEPS.find((s) => s === params.get('step')) ?? 'measure';
  const data = useLiveQuery(async () => {
    const [student, readings, practices, logs] = await Promise.all([
      db.students.get(id),
      db.readings.where('student').equals(id).toArray(),
      db.practices.where('student').equals(id).toArray(),
      db.logs.where('student').equals(id).toArray(),
    ]);
    return { student, readings, practices, logs };
  }, [db, id]);
  useStepsAhead(step);
  // What computes is fetched while the database is read: both are waited for.
  useEffect(() => void core(), []);
  const held = useUnsaved();
  // What the browser could not write counts like the rest while the page lives.
  const readings = useMemo(() => {
    if (!data) return undefined;
    const own = heldOf<Reading>(db.name, 'readings', held).filter((r) => r.student === id);
    return own.length === 0 ? data.readings : [...data.readings.filter((r) => !own.some((o) => o.id === r.id)), ...own];
  }, [data, held, db, id]);
  const felt = useMemo(() => feltIn(data?.logs ?? []), [data?.logs]);
  const question = useQuestion(data?.student, readings);
  const inference = useInference(data?.student, readings, felt, question.asked);
  const defaults = useAimDefaults();
  const way = useWay(data?.student, readings, inference.value?.findings);
  if (!data || !readings) return <Opening />;
  const { student, practices, logs } = data;
  if (!student)
    return (
      <EmptyChart
        title={say('This student is not here')}
        action={
          <Button variant="contained" component={Link} href={`${base}/students`}>
            {say('All students')}
          </Button>
        }
      >
        {say('This student may belong to the other studio, or was undone.')}
      </EmptyChart>
    );
  const aimed = inference.value
    ? aimsFor(student, readings, inference.value.findings, new Date().getFullYear(), defaults)
    : null;
  const aims = aimed?.work ?? null;
  // Findings and progress tell what was; what is done next waits for the questions.
  const closed = (step === 'measure' || step === 'poses' || step === 'practice') && unanswered(student).length > 0;
  const done = {
    ask: student.aim !== '' || student.complaints.length > 0,
    measure: readings.length > 0,
    findings: readings.length > 0,
    poses: readings.length > 0,
    practice: practices.length > 0,
    progress: logs.length > 0,
  };
  return (
    <StudentFrame student={student} step={step} done={done}>
      {step === 'ask' && <AskStep key={student.id} student={student} />}
      {closed && <AskFirst student={student} />}
      {/* Findings and Measure say so in their own place. */}
      {inference.failed && (step === 'poses' || step === 'practice' || step === 'progress') && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {say('What follows from the readings could not be computed. Your readings are kept. ({{failed}})', {
            failed: inference.failed,
          })}
        </Alert>
      )}
      {step === 'measure' && !closed && (
        <MeasureStep student={student} readings={readings} inference={inference} aims={aims} question={question} />
      )}
      {step === 'findings' && (
        <FindingsStep student={student} readings={readings} inference={inference} aimed={aimed} question={question} />
      )}
      {step === 'poses' && !closed && (
        <PosesStep student={student} inference={inference} aims={aims} way={way} question={question} />
      )}
      {step === 'practice' && !closed && (
        <PracticeStep student={student} practices={practices} inference={inference} aims={aims} way={way} />
      )}
      {step === 'progress' && (
        <ProgressStep
          student={student}
          readings={readings}
          logs={logs}
          practices={practices}
          inference={inference}
          aimed={aimed}
          way={way}
        />
      )}
    </StudentFrame>
  );
}
