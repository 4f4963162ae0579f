'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { testLimits } from '@/core/assessment/locks';
import { screenOf, stopOf } from '@/core/cautions/screen';
import type { Inference } from '@/core/inference';
import { derivedFrom } from '@/core/measuring/derived';
import type { Aim, Student } from '@/core/students/student';
import { latest, type Reading } from '@/core/assessment/reading';
import { today } from '@/store/studio';
import type { Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { swappedPair } from './course';
import { LiveFindings } from './LiveFindings';
import { OwnTestsDialog } from './OwnTestsDialog';
import { PainAsked } from './PainAsked';
import { QuestionBar } from './QuestionBar';
import { ReadingPanel } from './ReadingPanel';
import { SessionActions } from './SessionActions';
import { SidesSwapped, type SwappedReadings } from './SidesSwapped';
import { TestQueue } from './TestQueue';
import type { LeadingQuestion } from './use-question';
import { useCourse } from './use-course';
import { WorkedOut } from './WorkedOut';

/** The queue of tests, the one being done, and what each reading changes. */
export function MeasureStep({
  student,
  readings,
  inference,
  aims,
  question,
}: {
  student: Student;
  readings: readonly Reading[];
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  question: LeadingQuestion;
}) {
  const { base } = useStudio();
  const router = useRouter();
  const [choosing, setChoosing] = useState(false);
  const [pained, setPained] = useState<Reading | null>(null);
  const [swapped, setSwapped] = useState<SwappedReadings | null>(null);
  const screening = useMemo(() => screenOf(student, today()), [student]);
  const known = useMemo(() => latest(readings), [readings]);
  const derived = useMemo(() => derivedFrom(readings, student), [readings, student]);
  const course = useCourse({ student, readings, aims, screening, gains: inference.value?.findings.next ?? [] });
  if (!course) return null;

  const { here, test, battery, stations } = course;
  if (screening.stopped || !here)
    return <NoTests why={say(stopOf(screening)?.message ?? 'Every test is locked by a caution.')} />;
  const readout = test?.readouts.find((r) => r.id === here.readout) ?? test?.readouts[0];
  if (!test || !readout) return null;
  const expected = inference.value?.findings.movements.find(
    (m) => m.test === test.id && m.readout === readout.id && m.side === here.side && m.measured === null,
  )?.end;

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '210px minmax(0, 1fr)', lg: '210px minmax(0, 1fr) 240px' },
        alignItems: 'start',
      }}
    >
      <TestQueue
        entries={course.entries}
        batteries={course.batteries}
        battery={battery.id}
        here={here.test}
        done={course.done}
        all={stations.length}
        warm={course.warm}
        order={
          battery.id === 'full-strength'
            ? say('Short strong efforts first, holds that tire last: split it over two days.')
            : say('Fewest turns of the body; within a position what would tell most comes first.')
        }
        onBattery={course.chooseBattery}
        onOwn={() => setChoosing(true)}
        onTest={(id, variant) => course.goTest(id, here.side, variant)}
        onUnskip={course.unskip}
        onWarm={course.setWarm}
        footer={
          <SessionActions
            done={course.done}
            all={stations.length}
            findings={`${base}/student?id=${student.id}&step=findings`}
            onAgain={course.again}
            onPark={() => {
              course.park();
              router.push(base);
            }}
          />
        }
      />
      <Box sx={{ minWidth: 0, order: { xs: 1, md: 0 } }}>
        {question.asked && (
          <QuestionBar
            asked={question.asked}
            settling={inference.value?.findings.question ?? null}
            busy={inference.busy}
            onLeave={question.leave}
            onTest={(s) => course.goTest(s.test, s.side, s.variant)}
          />
        )}
        {swapped && <SidesSwapped swapped={swapped} onDone={() => setSwapped(null)} />}
        {testLimits(screening, test, here.side === 'both' ? undefined : here.side).map((words) => (
          <Typography key={words} role="note" sx={{ color: 'var(--caution)', fontWeight: 600 }}>
            ▲ {words}
          </Typography>
        ))}
        <ReadingPanel
          key={`${here.test}/${readout.id}/${here.side}/${here.variant ?? ''}`}
          student={student}
          test={test}
          readout={readout}
          side={here.side}
          variant={test.variants?.find((v) => v.id === here.variant)}
          closed={course.entries.find((e) => e.test.id === test.id)}
          warm={course.warm}
          readings={readings}
          expected={expected}
          onChoose={({ variant, ...rest }) =>
            course.go({ ...here, ...rest, variant: variant === undefined ? here.variant : (variant ?? undefined) })
          }
          onKept={(reading) => {
            const found = swappedPair(readings, reading, readout);
            setSwapped(found ? { pair: found, name: readout.name } : null);
            // A question leads: after its own read-outs the teacher waits for what would tell next.
            const onward = course.next();
            if (!question.asked || (onward?.test === here.test && onward.side === here.side)) course.go(onward);
          }}
          onSkip={(reason) => course.skip(test.id, reason)}
          onPain={setPained}
        />
      </Box>
      <Box component="aside" aria-label={say('What it tells')} sx={{ order: 3, gridColumn: { md: '2', lg: 'auto' } }}>
        <LiveFindings
          inference={inference}
          readings={known}
          readout={readout}
          test={test.id}
          side={here.side}
          person={student}
          next={course.worth}
          onTest={(n) => course.goTest(n.test, n.side, n.variant)}
        />
        <WorkedOut
          values={derived.filter(
            (d) => !d.id.startsWith('gap-') && d.from.some((id) => known.find((r) => r.id === id)?.test === test.id),
          )}
        />
      </Box>
      {pained && <PainAsked reading={pained} student={student} onClose={() => setPained(null)} />}
      {choosing && (
        <OwnTestsDialog
          chosen={course.own}
          onClose={() => setChoosing(false)}
          onUse={(own) => {
            setChoosing(false);
            course.takeOwn(own);
          }}
        />
      )}
    </Box>
  );
}

const NoTests = ({ why }: { why: string }) => (
  <EmptyChart title={say('No tests for now')}>
    {say('{{why}} When it is cleared, say by whom under Ask: the reason stays on record.', { why })}
  </EmptyChart>
);
