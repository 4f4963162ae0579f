'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useState } from 'react';
import { simulatedClock } from '@demo/instruments';
import { realClock, type HoldClock } from '@/instruments/sources';
import { ChoiceChips } from '../ChoiceChips';
import { freeSpace } from './free-space';
import { TapPane } from './TapPane';
import type { InstrumentProps } from './types';

const FAILURES = ['tired', 'form was lost', 'pain', 'cramp', 'balance', 'time was up'] as const;

interface Run {
  clock: HoldClock;
  from: number;
  /** Seconds at which it was stopped; null while it runs. */
  stopped: number | null;
  /** Seconds shown. */
  now: number;
}

/** A big clock for holds: starts and stops by the space bar or a tap anywhere. */
export default function StopwatchDialog({ readout, trial, hidden, onTake, onClose }: InstrumentProps) {
  const [clock, setClock] = useState<HoldClock>(realClock);
  const [run, setRun] = useState<Run | null>(null);
  const [failure, setFailure] = useState<string | undefined>(undefined);
  const going = run !== null && run.stopped === null;

  const press = useCallback(() => {
    setRun((r) => {
      if (r === null) return { clock, from: clock.now(), stopped: null, now: 0 };
      if (r.stopped !== null) return r;
      const seconds = (r.clock.now() - r.from) / 1000;
      return { ...r, stopped: seconds, now: seconds };
    });
  }, [clock]);
  useEffect(() => {
    if (!going) return;
    const timer = setInterval(() => {
      setRun((r) => {
        if (!r || r.stopped !== null) return r;
        const passed = r.clock.now() - r.from;
        const over = r.clock.letsGoAfter !== null && passed >= r.clock.letsGoAfter;
        const seconds = (over ? (r.clock.letsGoAfter ?? passed) : passed) / 1000;
        return over ? { ...r, stopped: seconds, now: seconds } : { ...r, now: seconds };
      });
    }, 60);
    return () => clearInterval(timer);
  }, [going]);

  const seconds = run?.stopped ?? null;
  return (
    <TapPane
      title={say(readout.name)}
      onPress={press}
      onClose={onClose}
      big={
        <>
          <Typography sx={{ mt: 1 }}>
            {run === null
              ? say('Space bar or a tap anywhere starts the clock.')
              : seconds === null
                ? say('Space bar or a tap anywhere stops it.')
                : say('Stopped.')}
          </Typography>
          <Typography
            role="timer"
            aria-label={say('Seconds held')}
            sx={{
              fontSize: { xs: 120, sm: 220 },
              fontWeight: 700,
              lineHeight: 1.1,
              fontVariantNumeric: 'tabular-nums',
            }}
          >
            {(run?.now ?? 0).toFixed(seconds === null ? 0 : 1)}
          </Typography>
          <Typography variant="caption">{say('seconds · {{name}}', { name: clock.name })}</Typography>
        </>
      }
    >
      {run === null && hidden !== null && (
        <Button
          variant="outlined"
          aria-pressed={clock.simulated}
          onClick={(e) => {
            freeSpace(e);
            setClock(clock.simulated ? realClock : simulatedClock(hidden, trial));
          }}
        >
          {clock.simulated ? say('Use a real clock') : say('Use the simulated student')}
        </Button>
      )}
      {seconds !== null && (
        <>
          <ChoiceChips
            question={say('Why did it end?')}
            choices={FAILURES.map((f) => ({ id: f, label: f, stops: f === 'pain' }))}
            chosen={failure}
            onChoose={setFailure}
          />
          <Box sx={{ display: 'flex', gap: 1.5, justifyContent: 'center', mt: 2 }}>
            <Button
              variant="contained"
              size="large"
              onClick={() => onTake({ value: Math.round(seconds), instrument: 'stopwatch', failure })}
            >
              {say('Use {{count}} s', { count: Math.round(seconds) })}
            </Button>
            <Button
              onClick={(e) => {
                freeSpace(e);
                setRun(null);
                setFailure(undefined);
              }}
            >
              {say('From nought again')}
            </Button>
          </Box>
        </>
      )}
      <Button onClick={onClose} sx={{ mt: 1 }}>
        {say('Type it instead')}
      </Button>
    </TapPane>
  );
}
