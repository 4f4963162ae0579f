'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { SIDE_MARK } from '@/core/body/words';
import { unanswered } from '@/core/cautions/red-flags';
import { screenOf, stopOf, type Screening } from '@/core/cautions/screen';
import type { Student } from '@/core/students/student';
import { rungOf } from '@/core/poses';
import type { Practice } from '@/core/practice/practice';
import { feltIn, lessonId, logFrom, type LogEntry } from '@/core/teaching/log';
import { hasBegun } from '@/core/teaching/player';
import type { Reading } from '@/core/assessment/reading';
import { endPlayer } from '@/store/changes';
import { now, today, whereAt } from '@/store/studio';
import { useInference, useRanking } from '@/workers/use-core';
import { useWay } from '../poses/use-way';
import { useBuild } from '../students/use-build';
import { RecheckedNote } from '../practice/Rechecked';
import { usePractice } from '../practice/use-practice';
import { AskFirst } from '../shell/AskFirst';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { Opening } from '../shell/Opening';
import { ClassTeachScreen } from './ClassTeachScreen';
import { FeltPanel } from './FeltPanel';
import { FollowNote } from './FollowNote';
import { Finished } from './Finished';
import { LateNote } from './LateNote';
import { OtherWays } from './OtherWays';
import { PainNote } from './PainNote';
import { Stage } from './Stage';
import { TeachFrame } from './TeachFrame';
import { TopBar } from './TopBar';
import { useNothingForbidden } from './use-nothing-forbidden';
import { usePlayer } from './use-player';
import { useRechecked } from './use-rechecked';
import { shutBy } from '@/core/practice/passing';
import { languageOf } from '@/core/languages/language';
import { useLessonLanguage } from './use-lesson-language';
import { useSaying } from './use-saying';

/**
 * Full screen beside the mat, for one student or a class. The practice is looked up; the teaching itself begins when
 * all of it is there.
 */
export function TeachScreen() {
  const params = useSearchParams();
  const ofClass = params.get('class');
  return ofClass ? <ClassTeachScreen id={ofClass} /> : <PracticeTeachScreen id={params.get('practice') ?? ''} />;
}

/** A practice of one student. */
function PracticeTeachScreen({ id }: { id: string }) {
  const { base } = useStudio();
  const data = usePractice(id);
  if (!data) return <Opening />;
  const { practice, student } = data;
  if (!practice || !student)
    return (
      <EmptyChart
        title={say('This practice is not here')}
        action={
          <Button variant="contained" component={Link} href={base}>
            {say('Today')}
          </Button>
        }
      >
        {say('It may have been undone.')}
      </EmptyChart>
    );
  const screening = screenOf(student, today());
  if (unanswered(student).length > 0) return <AskFirst student={student} />;
  if (screening.stopped)
    return (
      <EmptyChart
        title={say('Not today')}
        action={
          <Button component={Link} href={`${base}/student?id=${student.id}&step=practice`}>
            {say('Back')}
          </Button>
        }
      >
        {say(stopOf(screening)?.message ?? '')}
      </EmptyChart>
    );
  return (
    <Teaching
      key={practice.id}
      practice={practice}
      student={student}
      screening={screening}
      readings={data.readings}
      logs={data.logs}
    />
  );
}

/** Pose, side, time, one cue, what comes next; everything in reach of one touch. Ends in the log. */
function Teaching({
  practice,
  student,
  screening,
  readings,
  logs,
}: {
  practice: Practice;
  student: Student;
  screening: Screening;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
}) {
  const { db, base } = useStudio();
  const router = useRouter();
  const [felt] = useState(() => feltIn(logs));
  const inference = useInference(student, readings, felt, null);
  const build = useBuild(student);
  const way = useWay(student, readings, inference.value?.findings);
  const { value: ranked, whole } = useRanking(student, inference.value, practice.aims, way);
  const safe = useRechecked(practice, student, screening, whole, inference.failed !== null);
  const { state, send, bell, setBell, lead, takeOver } = usePlayer(db, safe?.practice);
  const leftOut = useNothingForbidden(state, screening, send);
  /** What a class may see: cues and shapes, and nothing about anybody. */
  const [onlyCues, setOnlyCues] = useState(false);
  const { lesson, other } = useLessonLanguage(languageOf(student.language));
  const { cue, voiced, setVoiced } = useSaying(state, ranked, shutBy(screening, practice.request), lesson);
  if (!state)
    return safe ? null : (
      <EmptyChart title={practice.title}>{say('Checking it against what has changed since …')}</EmptyChart>
    );
  const back = `${base}/student?id=${student.id}&step=practice`;
  const finish = async () => {
    await endPlayer(db, practice.id, [
      logFrom(state, { id: lessonId(state), title: practice.title, endedAt: now(), ...whereAt(state.startedAt) }),
    ]);
    router.push(`${base}/student?id=${student.id}&step=progress`);
  };
  const started = hasBegun(state);
  const item = state.items[state.index];
  // What was felt is asked about the item just done, or the one that is held now.
  const asked =
    state.stage === 'finished'
      ? state.items.at(-1)
      : state.stage === 'moving' && state.index > 0
        ? state.items[state.index - 1]
        : item;
  const told = state.results.find((r) => r.item === asked?.id);
  const feltPanel = asked && !onlyCues && (
    <FeltPanel
      name={`${rungOf(asked.pose, asked.rung)?.shape.name ?? asked.pose}${asked.side === 'both' ? '' : ` ${SIDE_MARK[asked.side]} ${asked.side}`}`}
      side={asked.side}
      build={build}
      placeFelt={told?.placeFelt}
      strength={told?.strength}
      onFelt={(answer) => send({ type: 'felt', item: asked.id, ...answer })}
    />
  );
  if (state.stage === 'finished' || !item)
    return (
      <Finished
        state={state}
        keep={() => void finish()}
        label={say('Keep in the log')}
        busy={lead !== 'leads'}
        send={send}
      >
        <FollowNote lead={lead} takeOver={takeOver} />
        {feltPanel}
      </Finished>
    );
  return (
    <TeachFrame>
      <Box>
        <FollowNote lead={lead} takeOver={takeOver} />
        <TopBar
          state={state}
          bell={bell}
          setBell={setBell}
          voiced={voiced}
          setVoiced={setVoiced}
          onlyCues={onlyCues}
          setOnlyCues={setOnlyCues}
          more={say('Cues and questions')}
          lesson={lesson}
          other={other}
          back={back}
          send={send}
        />
        <LateNote state={state} send={send} />
        {!onlyCues && !started && <RecheckedNote changes={safe?.changes ?? []} />}
        {!onlyCues && leftOut.length > 0 && (
          <Typography role="status" sx={{ color: 'var(--caution)', fontWeight: 600, fontSize: 18 }}>
            {say('▲ Left out for a caution: {{leftOut}}.', { leftOut: leftOut.join('; ') })}
          </Typography>
        )}
        {!onlyCues && (
          <PainNote
            state={state}
            practice={practice}
            ranked={ranked}
            breathSeconds={student.breathSeconds}
            send={send}
          />
        )}
      </Box>
      <Stage
        state={state}
        screening={screening}
        showSigns={!onlyCues}
        build={build}
        posterior={inference.value?.posterior ?? null}
        way={way}
        cue={cue}
        started={started}
        lesson={lesson}
        send={send}
      />
      {lead !== 'follows' && feltPanel}
      {lead !== 'follows' && (
        <OtherWays
          state={state}
          student={student}
          practice={practice}
          ranked={ranked}
          way={way}
          posterior={inference.value?.posterior ?? null}
          screening={screening}
          started={started}
          lesson={lesson}
          send={send}
        />
      )}
    </TeachFrame>
  );
}
