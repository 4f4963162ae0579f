'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { SIDE_MARK } from '@/core/body/words';
import { screen, poseConflicts } from '@/core/cautions/screen';
import type { PracticeItem } from '@/core/practice/practice';
import { logFrom } from '@/core/teaching/log';
import { hasBegun, secondsLeft } from '@/core/teaching/player';
import { endPlayer } from '@/store/changes';
import { newId, now, today } from '@/store/studio';
import { feltIn } from '@/core/teaching/log';
import { useInference } from '@/workers/use-core';
import { useWay } from '../poses/use-way';
import { reachedIn } from '@/core/fit/fit';
import { buildOfStudent } from '@/core/people/student';
import { demandsOf, rungOf, shapeById } from '@/core/poses';
import { PoseFigure } from '../poses/PoseFigure';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { FeltPanel } from './FeltPanel';
import { usePlayer } from './use-player';

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
/** What to have at hand for an item, ready to follow its name. */
function fetchWords(item: PracticeItem): string {
  const props = rungOf(item.pose, item.rung)?.rung.props ?? [];
  const carried = props.filter((p) => p !== 'wall');
  return `${props.includes('wall') ? ' · at the wall' : ''}${carried.length > 0 ? ` · fetch ${carried.join(', ')}` : ''}`;
}

const NOTHING: never[] = [];

/** Full screen beside the mat: pose, side, time, next. Keys: space, arrows, s. Ends in the log. */
export function TeachScreen() {
  const { db, base } = useStudio();
  const router = useRouter();
  const id = useSearchParams().get('practice') ?? '';
  const data = useLiveQuery(async () => {
    const practice = await db.practices.get(id);
    const student = practice ? await db.students.get(practice.student) : undefined;
    const readings = practice ? await db.readings.where('student').equals(practice.student).toArray() : [];
    const logs = practice ? await db.logs.where('student').equals(practice.student).toArray() : [];
    return { practice, student, readings, felt: feltIn(logs), build: student && buildOfStudent(student) };
  }, [db, id]);
  const { state, send, bell, setBell } = usePlayer(db, data?.practice);
  const inference = useInference(data?.student, data?.readings, data?.felt ?? NOTHING, null);
  const way = useWay(data?.student, data?.readings, inference.value?.findings);

  if (!data || (data.practice && !state)) return null;
  const { practice, student, build } = data;
  if (!practice || !student || !build || !state)
    return (
      <EmptyChart
        title="This practice is not here"
        action={
          <Button variant="contained" component={Link} href={base}>
            Today
          </Button>
        }
      >
        Perhaps it was taken back with undo.
      </EmptyChart>
    );
  const back = `${base}/student?id=${student.id}&step=practice`;
  const screening = screen(student.cautions, today());
  if (screening.stopped)
    return (
      <EmptyChart
        title="Not today"
        action={
          <Button component={Link} href={back}>
            Back
          </Button>
        }
      >
        {screening.cautions.find((c) => c.tests === 'all')?.message}
      </EmptyChart>
    );
  const finish = async () => {
    await endPlayer(db, practice.id, logFrom(state, { id: newId(), title: practice.title, endedAt: now() }));
    router.push(`${base}/student?id=${student.id}&step=progress`);
  };
  const started = hasBegun(state);
  const item = state.items[state.index];
  const next = state.items[state.index + 1];
  // What was felt is asked about the item just done, or the one that is held now.
  const asked =
    state.stage === 'finished'
      ? state.items.at(-1)
      : state.stage === 'moving' && state.index > 0
        ? state.items[state.index - 1]
        : item;
  const askedResult = state.results.find((r) => r.item === asked?.id);
  const askName = asked ? rungOf(asked.pose, asked.rung)?.shape.name : '';

  const feltPanel = asked && (
    <FeltPanel
      name={`${askName}${asked.side === 'both' ? '' : ` ${SIDE_MARK[asked.side]} ${asked.side}`}`}
      placeFelt={askedResult?.placeFelt}
      strength={askedResult?.strength}
      onFelt={(felt) => send({ type: 'felt', item: asked.id, ...felt })}
    />
  );

  if (state.stage === 'finished' || !item)
    return (
      <Box
        sx={{ minHeight: '100vh', p: 5, display: 'flex', flexDirection: 'column', gap: 3, maxWidth: 900, mx: 'auto' }}
      >
        <Typography sx={{ fontSize: 40, fontWeight: 700 }}>The practice is done.</Typography>
        <Typography sx={{ fontSize: 20 }}>
          {state.results.filter((r) => !r.skipped).length} of {state.items.length} items taught. Everything is written
          down when you keep it.
        </Typography>
        {feltPanel}
        <Box sx={{ display: 'flex', gap: 2 }}>
          <Button size="large" variant="contained" onClick={() => void finish()}>
            Keep in the log
          </Button>
          <Button size="large" onClick={() => send({ type: 'back' })}>
            Back to the last item
          </Button>
        </Box>
      </Box>
    );
  const found = rungOf(item.pose, item.rung);
  const shape = shapeById(item.pose);
  const conflicts = found ? poseConflicts(screening, demandsOf(found.shape, found.rung)) : [];
  const depth =
    inference.value && shape
      ? reachedIn(shape, item.rung, item.side === 'both' ? 'right' : item.side, inference.value.posterior, build, way)
          .depth
      : 0.5;
  const breaths = Math.ceil(state.left / student.breathSeconds);
  return (
    <Box
      sx={{
        minHeight: '100vh',
        display: 'grid',
        gridTemplateRows: 'auto 1fr auto auto',
        p: { xs: 2, md: 3 },
        gap: 1.5,
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography sx={{ flex: 1, fontSize: 18 }}>
          {state.index + 1} of {state.items.length} · {clock(secondsLeft(state))} left in all
        </Typography>
        <Button onClick={() => setBell(!bell)} aria-pressed={bell}>
          {bell ? 'Bell on' : 'Bell off'}
        </Button>
        <Button onClick={() => send({ type: 'finish' })}>End here</Button>
        <Button component={Link} href={back}>
          Leave
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '1.15fr 1fr' },
          gap: 3,
          alignItems: 'center',
          minHeight: 0,
        }}
      >
        <Box sx={{ height: { xs: 260, md: 400 } }}>
          <PoseFigure pose={item.pose} rung={item.rung} side={item.side} depth={depth} build={build} />
        </Box>
        <Box>
          <Typography component="h1" sx={{ fontSize: { xs: 32, md: 44 }, fontWeight: 700, lineHeight: 1.1 }}>
            {found?.shape.name}
          </Typography>
          <Typography sx={{ fontSize: 26, mt: 0.5 }}>
            {item.side === 'both' ? 'both sides' : `${SIDE_MARK[item.side]} ${item.side} side`} · {found?.rung.name}
          </Typography>
          <Typography
            role="timer"
            aria-live="off"
            className="num"
            sx={{ fontSize: { xs: 80, md: 120 }, fontWeight: 700, lineHeight: 1 }}
          >
            {clock(Math.ceil(state.left))}
          </Typography>
          <Typography sx={{ fontSize: 22 }}>
            {!state.running
              ? started
                ? 'paused'
                : 'ready when you are'
              : state.stage === 'moving'
                ? 'getting there'
                : `${breaths} ${breaths === 1 ? 'breath' : 'breaths'} left`}
          </Typography>
          <Typography sx={{ fontSize: 20, mt: 1.5 }}>
            {state.stage === 'moving' || !started
              ? found?.shape.cues.enter
              : state.left > item.holdSeconds / 2
                ? found?.shape.cues.keep
                : found?.shape.cues.deepen}
          </Typography>
          {conflicts.length > 0 && (
            <Typography sx={{ color: 'var(--caution)', fontWeight: 700, fontSize: 18 }}>
              ▲ {conflicts[0].message}
            </Typography>
          )}
        </Box>
      </Box>
      {feltPanel}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Button
          size="large"
          variant="contained"
          sx={{ minWidth: 150, fontSize: 20 }}
          onClick={() => send({ type: state.running ? 'pause' : 'resume' })}
        >
          {state.running ? 'Pause' : started ? 'Go on' : 'Begin'}
        </Button>
        <Button size="large" variant="outlined" onClick={() => send({ type: 'back' })}>
          Back
        </Button>
        <Button size="large" variant="outlined" onClick={() => send({ type: 'next' })}>
          Next
        </Button>
        <Button size="large" onClick={() => send({ type: 'skip' })}>
          Skip
        </Button>
        <Button size="large" color="warning" onClick={() => send({ type: 'stop-item' })}>
          ▲ Pain, stop this
        </Button>
        <Typography sx={{ flex: { xs: '1 1 100%', sm: 1 }, textAlign: { sm: 'right' }, fontSize: 18 }}>
          {next ? (
            <>
              Next: <strong>{rungOf(next.pose, next.rung)?.shape.name}</strong>{' '}
              {next.side === 'both' ? '' : `${SIDE_MARK[next.side]} ${next.side}`}
              {fetchWords(next)}
            </>
          ) : (
            'Last one'
          )}
        </Typography>
      </Box>
    </Box>
  );
}
