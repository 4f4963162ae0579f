'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { screenOf, stopOf } from '@/core/cautions/screen';
import type { Inference } from '@/core/inference';
import type { FitWay } from '@/core/fit/way';
import { shapeById } from '@/core/poses';
import { peakGap } from '@/core/practice/peak';
import type { Practice } from '@/core/practice/practice';
import { requestOf } from '@/core/practice/request';
import { firstName } from '@/core/students/called';
import { buildOfStudent, type Aim, type Student } from '@/core/students/student';
import { today } from '@/store/studio';
import { useRanking, type Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { NoAimYet } from '../shell/NoAimYet';
import { BeforePractice } from './BeforePractice';
import { BuildForm } from './BuildForm';
import { BuildTold, RefittedTold } from './BuildTold';
import { OpenPractice } from './OpenPractice';
import { PasteSequence } from './PasteSequence';
import { PeakNote } from './PeakNote';
import { StartFrom } from './StartFrom';
import { useBuilding, type BuiltFrom } from './use-building';
import { useWishes } from './use-wishes';
import { WishesPanel } from './WishesPanel';

/** Minutes → a practice for these aims; the newest one open for changing. */
export function PracticeStep({
  student,
  practices,
  inference,
  aims,
  way,
}: {
  student: Student;
  practices: readonly Practice[];
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  way: FitWay;
}) {
  const { whole: ranked, busy } = useRanking(student, inference.value, aims, way);
  const [wishes, putWishes] = useWishes(student.id);
  const [wished, setWished] = useState(false);
  const [pasting, setPasting] = useState(false);
  const come = useSearchParams().get('from');
  const made = useBuilding(practices);
  const { open, sorted, building, answer, refitted } = made;
  const posterior = inference.value?.posterior ?? null;
  const peak = wishes.peak ? shapeById(wishes.peak) : null;
  const gap = useMemo(
    () => (peak && posterior ? peakGap(peak, posterior, buildOfStudent(student), way) : null),
    [peak, posterior, student, way],
  );
  const screening = screenOf(student, today());

  if (screening.stopped)
    return (
      <EmptyChart title={say('No practice for now')}>
        {say(stopOf(screening)?.message ?? '')} {say('When it is cleared, take the caution off under Ask.')}
      </EmptyChart>
    );
  // Not known yet is not none.
  if (!aims)
    return (
      <Box role="status">
        <LateProgress busy label={say('Computing findings')} />
        <Typography color="text.secondary">{say('Working out what to aim for …')}</Typography>
      </Box>
    );
  if (aims.length === 0) return <NoAimYet student={student.id} title={say('A practice is built for aims')} />;
  const from: BuiltFrom = { student, ranked, posterior, aims, way };
  const waiting = !ranked || building;
  return (
    <>
      <LateProgress busy={busy} label={say('Fitting poses')} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start', mb: 2 }}>
        <BuildForm
          again={open !== undefined}
          building={building}
          disabled={waiting}
          onBuild={(minutes) =>
            void made.build(from, requestOf({ ...wishes, minutes, breathSeconds: student.breathSeconds }))
          }
        />
        <StartFrom
          student={student}
          asked={refitted === null ? come : null}
          disabled={waiting}
          onFit={(plan) => void made.fitPlan(from, plan)}
        />
        <Button variant="outlined" onClick={() => setPasting(true)} disabled={waiting}>
          {say('Your own sequence …')}
        </Button>
        {sorted.length > 1 && (
          <TextField
            select
            label={say('Practice')}
            value={open?.id ?? ''}
            onChange={(e) => made.choose(e.target.value)}
            slotProps={{ select: { native: true } }}
            sx={{ minWidth: 240 }}
          >
            {sorted.map((p) => (
              <option key={p.id} value={p.id}>
                {p.title}
              </option>
            ))}
          </TextField>
        )}
      </Box>
      <Box
        component="details"
        open={wished}
        onToggle={(e) => setWished((e.target as HTMLDetailsElement).open)}
        sx={{ mb: 2 }}
      >
        <summary>{say('Wishes: style, place, props, sides, peak')}</summary>
        <WishesPanel wishes={wishes} home={student.props ?? []} put={putWishes} />
        {gap && <PeakNote gap={gap} />}
      </Box>
      {answer && (
        <BuildTold answer={answer} onBuild={(request) => void made.build(from, request)} onClose={made.forgetAnswer} />
      )}
      {refitted && refitted.length > 0 && <RefittedTold changes={refitted} onClose={made.forgetRefitted} />}
      {!open && <BeforePractice {...{ aims, ranked, posterior, build: buildOfStudent(student) }} />}
      {open && ranked && (
        <OpenPractice
          student={student}
          practice={open}
          ranked={ranked}
          aims={aims}
          screening={screening}
          building={building}
          onBuild={(request, kept) => void made.build(from, request, open, kept)}
          onCorrect={() => void made.correct(from, open.id, screening)}
          onAdapt={(items) => void made.adapt(open.id, items)}
        />
      )}
      {pasting && ranked && (
        <PasteSequence
          student={student}
          ranked={ranked}
          aims={aims}
          onClose={() => setPasting(false)}
          onFit={(pasted) => {
            setPasting(false);
            const plan = {
              title: say('Your sequence for {{firstName}}', { firstName: firstName(student.name) }),
              minutes: pasted.minutes,
            };
            void made.openFitted(from, plan, pasted);
          }}
        />
      )}
    </>
  );
}
