'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { clock } from '@/core/practice/sheet';
import { secondsLeft, type PlayerEvent, type PlayerState } from '@/core/teaching/player';
import { canSpeak } from '@/instruments/speak';
import { LANGUAGE_NAMES } from '@/core/languages/language';
import { IN_ENGLISH } from '../shell/their-language';
import type { Lesson, OtherLanguage } from './use-lesson-language';

/** Where the practice is, how long it still takes, what is heard and shown, and the ways out. */
export function TopBar({
  state,
  bell,
  setBell,
  voiced,
  setVoiced,
  onlyCues,
  setOnlyCues,
  more,
  lesson = IN_ENGLISH,
  other = null,
  back,
  send,
}: {
  state: PlayerState;
  bell: boolean;
  setBell: (on: boolean) => void;
  voiced: boolean;
  setVoiced: (on: boolean) => void;
  /** True while nothing about anybody is shown. */
  onlyCues: boolean;
  setOnlyCues: (on: boolean) => void;
  /** What is shown beside cues otherwise, in a few words. */
  more: string;
  /** The language it is said in, and another in which it could be. */
  lesson?: Lesson;
  other?: OtherLanguage | null;
  back: string;
  send: (event: PlayerEvent) => void;
}) {
  const said = other?.on ? other.language : 'en';
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: { xs: 'nowrap', md: 'wrap' },
        overflowX: { xs: 'auto', md: 'visible' },
        '& > *': { flex: 'none' },
        gap: { xs: 0, md: 1 },
        alignItems: 'center',
      }}
    >
      <Typography sx={{ flex: '1 0 auto !important', fontSize: 18, mr: 2 }}>
        {say('{{what}} of {{items}} · {{clock}} left in all', {
          what: state.index + 1,
          items: state.items.length,
          clock: clock(Math.floor(secondsLeft(state))),
        })}
      </Typography>
      <Button onClick={() => setBell(!bell)} aria-pressed={bell}>
        {bell ? say('Bell on') : say('Bell off')}
      </Button>
      {canSpeak(lesson.language) && (
        <Button onClick={() => setVoiced(!voiced)} aria-pressed={voiced}>
          {voiced ? say('Voice on') : say('Voice off')}
        </Button>
      )}
      <Button
        onClick={() => send({ type: 'pacing', by: state.pacing === 'taps' ? 'clock' : 'taps' })}
        aria-pressed={state.pacing === 'taps'}
      >
        {state.pacing === 'taps' ? say('Breaths by tapping') : say('Breaths by the clock')}
      </Button>
      {other && (
        <Button onClick={() => other.put(!other.on)} aria-pressed={other.on}>
          <Said
            text={'Cues: <1>{{said}}</1>'}
            values={{ said: say(LANGUAGE_NAMES[said]) }}
            parts={[<span key="1" lang={said} />]}
          />
        </Button>
      )}
      <Button onClick={() => setOnlyCues(!onlyCues)} aria-pressed={onlyCues}>
        {onlyCues ? say('Only cues') : more}
      </Button>
      <Button onClick={() => send({ type: 'finish' })}>{say('End here')}</Button>
      <Button component={Link} href={back}>
        {say('Leave')}
      </Button>
    </Box>
  );
}
