'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useMemo, useState } from 'react';
import { reachedIn } from '@/core/fit/fit';
import { propsOf } from '@/core/fit/props';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { buildOfStudent, type Student } from '@/core/students/student';
import type { Screening } from '@/core/cautions/screen';
import type { Say } from '@/core/languages/as-written';
import { rungOf, verdictOfRung } from '@/core/poses';
import { ownedWords, type PropSizes } from '@/core/poses/prop-sizes';
import { alternativesFor } from '@/core/practice/alternatives';
import { blocksOf } from '@/core/practice/blocks';
import { itemsFor } from '@/core/practice/edit';
import { shutBy } from '@/core/practice/passing';
import { setSeconds, type Practice, type PracticeItem } from '@/core/practice/practice';
import { requestOf } from '@/core/practice/request';
import type { RankedPose } from '@/core/ranking/rank';
import { otherRung } from '@/core/teaching/other-rung';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';
import { newId } from '@/store/studio';
import { usePropSizes } from '../settings/use-pose-settings';
import { useBuild } from '../students/use-build';
import { BIG, MainWays } from './MainWays';
import { NextUp } from './NextUp';
import type { Lesson } from './use-lesson-language';
import { useKeys } from '../shell/use-keys';

interface OtherWaysProps {
  state: PlayerState;
  student: Student;
  practice: Practice;
  ranked: readonly RankedPose[] | null;
  way: FitWay;
  posterior: Posterior | null;
  screening: Screening;
  started: boolean;
  /** The language in which what comes next is read. */
  lesson: Lesson;
  send: (event: PlayerEvent) => void;
}

/**
 * Going on, back and past; longer, again, easier, harder, something else; and what to fetch for the next while this one
 * runs.
 */
export function OtherWays({
  state,
  student,
  practice,
  ranked,
  way,
  posterior,
  screening,
  started,
  lesson,
  send,
}: OtherWaysProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const build = useBuild(student);
  const [sizes] = usePropSizes();
  const item = state.items[state.index] as PracticeItem | undefined;
  const next = state.items[state.index + 1] as PracticeItem | undefined;
  const easier = useMemo(() => (item && ranked ? otherRung(item, ranked, -1) : null), [item, ranked]);
  const harder = useMemo(() => (item && ranked ? otherRung(item, ranked, 1) : null), [item, ranked]);
  const others = useMemo(() => {
    const block = item && blocksOf(state.items).find((b) => b.items.some((i) => i.id === item.id));
    if (!block || !ranked) return [];
    const request = practice.request ?? requestOf({ minutes: practice.minutes });
    return alternativesFor(block, state.items, { ranked, aims: practice.aims, request });
  }, [item, ranked, state.items, practice]);
  const here = item && rungOf(item.pose, item.rung);
  const most_s = here ? verdictOfRung(screening, here.shape, item.rung, item.side).hold_s : null;
  const exchange = (fits: readonly RankedPose[] | null) => {
    if (!fits || !item) return;
    const seconds = setSeconds(item);
    const own = itemsFor(fits, {
      phase: item.phase,
      seconds,
      breathSeconds: student.breathSeconds,
      aims: practice.aims,
      newId,
    });
    const now = own.find((i) => i.side === item.side) ?? own[0];
    if (!now) return;
    send({ type: 'exchange', now, twin: own.find((i) => i !== now) ?? null });
  };
  useKeys((e) => {
    if (e.ctrlKey || e.metaKey || e.altKey || anchor) return;
    if (e.key === 'e') exchange(easier);
    else if (e.key === 'h') exchange(harder);
  });
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <MainWays
        state={state}
        started={started}
        send={send}
        quiet={anchor !== null}
        most_s={most_s}
        onPain={() => send({ type: 'stop-item' })}
      >
        <Button size="large" sx={BIG} disabled={!easier} onClick={() => exchange(easier)}>
          {say('Easier')}
        </Button>
        <Button size="large" sx={BIG} disabled={!harder} onClick={() => exchange(harder)}>
          {say('Harder')}
        </Button>
        <Button
          size="large"
          sx={BIG}
          disabled={others.length === 0}
          aria-haspopup="menu"
          onClick={(e) => setAnchor(e.currentTarget)}
        >
          {say('Swap')}
        </Button>
        <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
          {others.map(({ fits }) => {
            const found = rungOf(fits[0].pose, fits[0].rung);
            return (
              <MenuItem
                key={`${fits[0].pose}/${fits[0].rung}`}
                onClick={() => {
                  setAnchor(null);
                  exchange(fits);
                }}
              >
                {say(found?.shape.name ?? '')}, {say(found?.rung.name ?? '')}
              </MenuItem>
            );
          })}
        </Menu>
      </MainWays>
      <NextUp
        next={next}
        from={item}
        body={{ posterior, build, way }}
        shut={shutBy(screening, practice.request)}
        lesson={lesson}
      >
        {next && fetchWords(next, item, { student, posterior, way, sizes, say: lesson.say })}
      </NextUp>
    </Box>
  );
}

/** What to have at hand for an item, in the sizes there are; nothing that is there already. */
function fetchWords(
  next: PracticeItem,
  item: PracticeItem | undefined,
  {
    student,
    posterior,
    way,
    sizes,
    say: inLesson,
  }: { student: Student; posterior: Posterior | null; way: FitWay; sizes: PropSizes; say: Say },
): string {
  const found = rungOf(next.pose, next.rung);
  if (!found || (item?.pose === next.pose && item.rung === next.rung)) return '';
  const side = next.side === 'left' ? 'left' : 'right';
  const build = buildOfStudent(student);
  const depth = posterior
    ? reachedIn({ shape: found.shape, rung: next.rung, side }, { posterior, build }, way).depth
    : 0.5;
  const fetched = propsOf(found.rung, side, depth, build)
    .filter((p) => p.prop !== 'wall')
    .map((p) => ownedWords(p.prop, p.height_cm, p.length_cm, sizes, inLesson));
  const wall = found.rung.props.includes('wall') ? inLesson('at the wall') : '';
  const things = fetched.length > 0 ? inLesson('fetch {{things}}', { things: fetched.join(', ') }) : '';
  return [wall, things]
    .filter(Boolean)
    .map((w) => ` · ${w}`)
    .join('');
}
