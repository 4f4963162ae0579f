'use client';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { otherSide, TYPICAL_BUILD } from '@/core/body';
import { practiceOfClass, type YogaClass } from '@/core/classes/class';
import type { TableRow } from '@/core/classes/table';
import { wayOf } from '@/core/classes/ways';
import { TYPICAL } from '@/core/fit/typical';
import { USUAL_WAY } from '@/core/fit/way';
import { screen, screenOf } from '@/core/cautions/screen';
import { rungOf } from '@/core/poses';
import { shutBy } from '@/core/practice/passing';
import { requestOf } from '@/core/practice/request';
import { lessonId, logFrom } from '@/core/teaching/log';
import { hasBegun } from '@/core/teaching/player';
import { endPlayer } from '@/store/changes';
import { now, today, whereAt } from '@/store/studio';
import type { ClassPerson } from '@/workers/core.worker';
import { core } from '@/workers/use-core';
import { useClass, useClassWay } from '../classes/use-class';
import { useClassTable } from '../classes/use-class-table';
import { EmptyChart } from '../shell/EmptyChart';
import { Pick } from '../shell/Pick';
import { useStudio } from '../shell/studio-context';
import { Opening } from '../shell/Opening';
import { Finished } from './Finished';
import { FollowNote } from './FollowNote';
import { LateNote } from './LateNote';
import { MainWays } from './MainWays';
import { NextUp, type TaughtBody } from './NextUp';
import { Stage } from './Stage';
import { TeachFrame } from './TeachFrame';
import { TopBar } from './TopBar';
import { usePlayer } from './use-player';
import { languageOfAll } from '@/core/languages/language';
import { useLessonLanguage } from './use-lesson-language';
import { useSaying } from './use-saying';

/**
 * The practice of a class: what everybody may see, and for the teacher, when she asks for it, who does something else.
 */
export function ClassTeachScreen({ id }: { id: string }) {
  const { base } = useStudio();
  const data = useClass(id);
  if (!data) return <Opening />;
  const { one, people } = data;
  if (!one || one.items.length === 0 || people.length === 0)
    return (
      <EmptyChart
        title={say('There is nothing to teach yet')}
        action={
          <Button variant="contained" component={Link} href={one ? `${base}/class?id=${id}` : `${base}/classes`}>
            {one ? say('Back to the class') : say('Classes')}
          </Button>
        }
      >
        {say('A class is taught when somebody comes and a practice is built.')}
      </EmptyChart>
    );
  return <Teaching key={one.id} one={one} people={people} />;
}

function Teaching({ one, people }: { one: YogaClass; people: ClassPerson[] }) {
  const { db, base } = useStudio();
  const router = useRouter();
  const { enqueueSnackbar } = useSnackbar();
  const practice = useMemo(() => practiceOfClass(one), [one]);
  const { state, send, bell, setBell, lead, takeOver } = usePlayer(db, practice);
  const way = useClassWay();
  const table = useClassTable(one, people, way, true);
  const [onlyCues, setOnlyCues] = useState(true);
  const [away, setAway] = useState<readonly string[]>([]);
  const [keeping, setKeeping] = useState(false);
  const shut = shutBy(NOTHING_AGAINST, one.request);
  // One lesson is said in one language: theirs where all of them have the same.
  const { lesson, other } = useLessonLanguage(languageOfAll(people.map((p) => p.student.language)));
  const { cue, voiced, setVoiced } = useSaying(state, null, shut, lesson);
  if (!state) return null;
  const back = `${base}/class?id=${one.id}`;
  const finish = async () => {
    setKeeping(true);
    try {
      const here = people.filter((p) => !away.includes(p.student.id));
      const taught = logFrom(state, {
        id: lessonId(state),
        title: one.name,
        endedAt: now(),
        ...whereAt(state.startedAt),
      });
      const practice = { items: one.items, request: one.request ?? requestOf({ minutes: 60 }) };
      await endPlayer(db, one.id, await core().classLogs(here, way.when, way.settings, taught, practice));
      router.push(back);
    } catch (error) {
      enqueueSnackbar(
        say('It could not be written down: {{what}}. It waits here.', {
          what: error instanceof Error ? error.message : String(error),
        }),
        { variant: 'error' },
      );
    } finally {
      setKeeping(false);
    }
  };
  const item = state.items.at(state.index);
  if (state.stage === 'finished' || !item)
    return (
      <Finished
        state={state}
        keep={() => void finish()}
        label={keeping ? say('Writing it down …') : say('Keep in each one’s log')}
        busy={keeping || lead !== 'leads' || away.length === people.length}
        send={send}
      >
        <FollowNote lead={lead} takeOver={takeOver} />
        <Box
          role="group"
          aria-label={say('Who was here')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
        >
          <Typography sx={{ fontSize: 20 }}>{say('Who was here?')}</Typography>
          {people.map(({ student }) => (
            <Pick
              key={student.id}
              label={student.name}
              on={!away.includes(student.id)}
              press={() =>
                setAway((old) =>
                  old.includes(student.id) ? old.filter((x) => x !== student.id) : [...old, student.id],
                )
              }
            />
          ))}
        </Box>
      </Finished>
    );
  const next = state.items.at(state.index + 1);
  const rowOf = (taught: { pose: string; rung: number } | undefined) =>
    table?.rows.find((r) => r.block.pose === taught?.pose && r.block.rung === taught.rung);
  /** Who goes another way to an item than the class, and which. */
  const waysTo = (k: number): string[] =>
    onlyCues || k === 0
      ? []
      : people.flatMap(({ student }) => {
          const [before, then] = [k - 1, k].map((i) => state.items.at(i));
          const way = wayOf(
            student.id,
            screenOf(student, today()),
            [rowOf(before), before],
            [rowOf(then), then],
            one.request,
          );
          return way ? [`${firstName(student.name)}: ${way}`] : [];
        });
  const others = onlyCues
    ? []
    : [...otherwise(rowOf(item), people), ...(state.stage === 'moving' ? waysTo(state.index) : [])];
  const coming =
    onlyCues || (next?.pose === item.pose && next.rung === item.rung)
      ? []
      : [...otherwise(rowOf(next), people), ...waysTo(state.index + 1)];
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
          more={say('Cues and who differs')}
          lesson={lesson}
          other={other}
          back={back}
          send={send}
        />
        <LateNote state={state} send={send} />
      </Box>
      <Stage
        state={state}
        screening={NOTHING_AGAINST}
        showSigns={false}
        {...EVERYBODY}
        cue={cue}
        started={hasBegun(state)}
        lesson={lesson}
        send={send}
      />
      {!onlyCues && (
        <Typography aria-label={say('Who differs')} sx={{ fontSize: 18 }}>
          {table ? others.join(' · ') || say('Everybody does the same.') : say('Finding each one’s own rung …')}
        </Typography>
      )}
      <Box sx={{ display: 'grid', gap: 1 }}>
        {lead !== 'follows' && <MainWays state={state} started={hasBegun(state)} send={send} />}
        <NextUp next={next} from={item} body={EVERYBODY} shut={shut} lesson={lesson}>
          {coming.length > 0 && <span lang="en">{` · ${coming.join(' · ')}`}</span>}
        </NextUp>
      </Box>
    </TeachFrame>
  );
}
/** A class is drawn as typical people. */
const EVERYBODY: TaughtBody = { posterior: TYPICAL, build: TYPICAL_BUILD, way: USUAL_WAY };

/** A class is taught by its own table; who differs is told beside it. */
const NOTHING_AGAINST = screen([], '');

/** Those who do another rung or another shape, in a few words each. */
function otherwise(row: TableRow | undefined, people: readonly ClassPerson[]): string[] {
  return (row?.hers ?? []).flatMap((h) => {
    const name = firstName(people.find((p) => p.student.id === h.member)?.student.name ?? '');
    const { oneSide } = h;
    const meanwhile = oneSide && [
      say('{{only}} only', { only: say(oneSide.only) }),
      say('on the {{otherSide}} {{instead}}', {
        otherSide: say(otherSide(oneSide.only)),
        instead: insteadWords(oneSide.meanwhile),
      }),
    ];
    const more = [limitWords(h), ...(meanwhile ?? [])].filter(Boolean).join(', ');
    if (h.kind === 'same') return more ? [`${name}: ${more}`] : [];
    if (h.kind !== 'own') return [`${name}: ${insteadWords(h)}`];
    const own = h.pose === null ? null : rungOf(h.pose, h.rung);
    return [`${name}: ${[say(own?.rung.name ?? ''), more].filter(Boolean).join(', ')}`];
  });
}

type Doing = NonNullable<TableRow['hers'][number]['oneSide']>['meanwhile'];

/** How long a caution lets her hold it, where that is shorter than the class does. */
const limitWords = ({ most_s }: Doing): string =>
  most_s === undefined ? '' : say('▲ {{count}} s at most, then rest', { count: most_s });

/** Another shape than that of the class. */
function insteadWords(doing: Doing): string {
  const found = doing.pose === null ? null : rungOf(doing.pose, doing.rung);
  return found ? [say(found.shape.name), say(found.rung.name), limitWords(doing)].filter(Boolean).join(', ') : 'waits';
}
