'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Build } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { closers, stopSentence, verdictOf, type Screening } from '@/core/cautions/screen';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { asksUnder, rungOf } from '@/core/poses';
import { speaksActive } from '@/core/poses/schools';
import { setWords } from '@/core/practice/taught-order';
import { isNextSet } from '@/core/practice/timing';
import { countOf, IN, PART_WORDS, partAt } from '@/core/teaching/moment';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';
import { PoseFigure } from '../poses/PoseFigure';
import { useDepth } from './NextUp';
import { clock } from '@/core/practice/sheet';
import { IN_ENGLISH } from '../shell/their-language';
import type { Lesson } from './use-lesson-language';
import { useSchools } from '../settings/use-pose-settings';

/**
 * What is read from three metres: the drawn shape, its name, side, time or breaths left, and one cue. Pressing the
 * figure pauses.
 */
export function Stage({
  state,
  screening,
  showSigns,
  build,
  posterior,
  way,
  cue,
  started,
  lesson = IN_ENGLISH,
  send,
}: {
  state: PlayerState;
  /** Of the student; none for a class, whose own rungs keep to them. */
  screening: Screening;
  /** False where a class looks on. */
  showSigns: boolean;
  build: Build;
  posterior: Posterior | null;
  way: FitWay;
  cue: string;
  started: boolean;
  /** The language of what is read here. */
  lesson?: Lesson;
  send: (event: PlayerEvent) => void;
}) {
  const { say: inLesson, language } = lesson;
  const [schools] = useSchools();
  const item = state.items[state.index];
  const found = item && rungOf(item.pose, item.rung);
  const depth = useDepth(item, { posterior, build, way });
  if (!item) return null;
  const stops = showSigns ? [...new Set(screening.cautions.map(stopSentence))] : [];
  const conflicts = found
    ? closers(screening, verdictOf(screening, asksUnder(screening, found.shape, found.rung, item.side)))
    : [];
  const count = countOf(state);
  const active = found && found.rung.intents.length > 0 && speaksActive(found.rung, schools);
  const part = active && count ? partAt(item, count.elapsed) : null;
  const status = !state.running
    ? started
      ? inLesson('paused')
      : inLesson('ready when you are')
    : state.stage === 'moving'
      ? isNextSet(state.items, state.index)
        ? inLesson('rest')
        : inLesson('getting there')
      : [
          count && count.of > 1 ? inLesson('{{time}} of {{of}}', { time: count.time, of: count.of }) : '',
          count ? inLesson('{{count}} breaths left', { count: count.breathsLeft }) : '',
          part && part.part !== 'arrive' ? `${inLesson(PART_WORDS[part.part])} ${Math.ceil(part.left)}` : '',
        ]
          .filter(Boolean)
          .join(' · ');
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1.15fr 1fr' },
        gap: { xs: 1, md: 3 },
        alignItems: 'center',
        minHeight: 0,
      }}
    >
      <Box
        sx={{ height: { xs: 170, sm: 320, md: 400 }, cursor: 'pointer' }}
        onClick={() => send({ type: state.running ? 'pause' : 'resume' })}
      >
        <PoseFigure
          pose={item.pose}
          rung={item.rung}
          side={item.side}
          depth={depth}
          build={build}
          muscles={false}
          detail="large"
        />
      </Box>
      <Box lang={language}>
        <Typography component="h1" sx={{ fontSize: { xs: 28, md: 44 }, fontWeight: 700, lineHeight: 1.1 }}>
          {inLesson(found?.shape.name ?? item.pose)}
        </Typography>
        <Typography sx={{ fontSize: { xs: 20, md: 26 }, mt: 0.5 }}>
          {[
            item.side === 'both'
              ? inLesson('both sides')
              : `${SIDE_MARK[item.side]} ${inLesson('{{side}} side', { side: inLesson(item.side, { context: 'stem' }) })}`,
            inLesson(found?.rung.name ?? ''),
            setWords(item, inLesson),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Typography>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 3 }}>
          <Typography
            role="timer"
            aria-live="off"
            className="num"
            sx={{ fontSize: { xs: 80, md: 120 }, fontWeight: 700, lineHeight: 1 }}
          >
            {clock(Math.ceil(state.left))}
          </Typography>
          {count && (
            <Breath
              count={count.breath}
              tap={state.pacing === 'taps' ? inLesson('tap a breath') : null}
              onTap={() => send({ type: 'breath' })}
            />
          )}
        </Box>
        <Typography sx={{ fontSize: { xs: 20, md: 24 } }}>{status}</Typography>
        <Typography
          aria-label={say('Cue')}
          sx={{ fontSize: { xs: 22, md: 28 }, lineHeight: 1.25, mt: 1.5, minHeight: { md: 70 } }}
        >
          {cue}
        </Typography>
        {stops.length > 0 && (
          <Typography lang="en" aria-label={say('Stop signs')} sx={{ color: 'var(--caution)', fontSize: 16, mt: 1 }}>
            ▲ {stops.join(' ')}
          </Typography>
        )}
        {conflicts.length > 0 && (
          <Typography lang="en" sx={{ color: 'var(--caution)', fontWeight: 700, fontSize: 18 }}>
            ▲ {say(conflicts[0].message)}
          </Typography>
        )}
      </Box>
    </Box>
  );
}

/** A breath as water that rises and falls; where breaths are tapped it is the place to tap. */
function Breath({ count, tap, onTap }: { count: number; tap: string | null; onTap: () => void }) {
  // Full at the end of the breath in, empty at the end of the breath out.
  const level = count < IN ? count / IN : 1 - (count - IN) / (1 - IN);
  if (tap !== null)
    return (
      <Box
        component="button"
        type="button"
        onClick={onTap}
        sx={{
          all: 'unset',
          cursor: 'pointer',
          width: 96,
          height: 96,
          borderRadius: '50%',
          textAlign: 'center',
          border: '2px solid var(--act)',
          color: 'var(--act)',
          fontWeight: 700,
          '&:focus-visible': { outline: '3px solid var(--act)', outlineOffset: 3 },
        }}
      >
        {tap}
      </Box>
    );
  return (
    <Box component="svg" viewBox="0 0 40 40" aria-hidden sx={{ width: { xs: 64, md: 88 }, height: { xs: 64, md: 88 } }}>
      <clipPath id="breath">
        <circle cx={20} cy={20} r={18} />
      </clipPath>
      <rect x={2} y={38 - 36 * level} width={36} height={36} fill="var(--sea-2)" clipPath="url(#breath)" />
      <circle cx={20} cy={20} r={18} fill="none" stroke="var(--ink-2)" strokeWidth={1} />
    </Box>
  );
}
