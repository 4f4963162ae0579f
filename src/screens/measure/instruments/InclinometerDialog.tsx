'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useRef, useState } from 'react';
import { simulatedTilt } from '@demo/instruments';
import { Inclinometer, type TiltState } from '@/core/measuring/inclinometer';
import { motionTilt } from '@/instruments/motion-tilt';
import type { TiltSource } from '@/instruments/sources';
import { freeSpace } from './free-space';
import { InstrumentFrame } from './InstrumentFrame';
import { useSpaceBar } from './TapPane';
import type { InstrumentProps } from './types';

/** Milliseconds between two drawings of the number. */
const REFRESH = 80;

/** The tilt of the device against level or a zero of one's own; the reading is taken when the limb is still. */
export default function InclinometerDialog({ readout, trial, hidden, onTake, onClose }: InstrumentProps) {
  const [flipped, setFlipped] = useState(false);
  const meter = useRef(new Inclinometer());
  const source = useRef<TiltSource | null>(null);
  const [running, setRunning] = useState<string | null>(null);
  const [state, setState] = useState<TiltState | null>(null);
  const [zero, setZero] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const [device] = useState(motionTilt);

  const begin = (next: TiltSource) => {
    source.current?.stop();
    source.current = next;
    meter.current = new Inclinometer();
    setState(null);
    setZero(false);
    setMessage(null);
    setRunning(next.name);
    void next
      .start((sample) => meter.current.push(sample))
      .then((problem) => {
        if (!problem) return;
        setMessage(problem);
        setRunning(null);
      });
  };
  useEffect(() => {
    const timer = setInterval(() => setState(meter.current.state()), REFRESH);
    return () => {
      clearInterval(timer);
      source.current?.stop();
    };
  }, []);
  const sign = flipped ? -1 : 1;
  const take = useCallback(() => {
    // What the page shows is what is taken, however busy the machine was since it was drawn.
    const held = state?.held ?? meter.current.capture();
    if (!held) {
      setMessage(say('Not still yet. Hold the limb and the device quiet for a moment, then press again.'));
      return;
    }
    onTake({
      value: Math.round(sign * held.angle),
      likelyError: Math.round(held.likelyError * 10) / 10,
      instrument: 'inclinometer',
    });
  }, [onTake, sign, state]);
  useSpaceBar(take);

  const angle = state?.angle ?? null;
  return (
    <InstrumentFrame
      title={say('Inclinometer: {{name}}', { name: say(readout.name) })}
      width="sm"
      message={message}
      onClose={onClose}
    >
      <Typography sx={{ mb: 1.5 }}>
        {say(
          'Lay the long edge along the limb. Level is zero; for a zero of your own ({{zero}}) hold it there and press Zero here. Move to the end and hold: the number turns dark when it is still.',
          { zero: say(readout.zero) },
        )}
      </Typography>
      {running === null && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {device && (
            <Button variant="contained" onClick={() => device && begin(device)}>
              {say('Use this device’s sensor')}
            </Button>
          )}
          {hidden !== null && (
            <Button variant="outlined" onClick={() => begin(simulatedTilt(hidden, readout, trial))}>
              {say('Use the simulated limb')}
            </Button>
          )}
          {!device && hidden === null && (
            <Typography role="alert">
              {say('This browser offers no motion sensor. Type the reading; a phone or tablet can measure it.')}
            </Typography>
          )}
        </Box>
      )}
      {running !== null && (
        <Box sx={{ textAlign: 'center' }}>
          <Typography variant="caption">{running}</Typography>
          <Typography
            role="timer"
            aria-label={say('Tilt now')}
            sx={{
              fontSize: { xs: 128, sm: 112 },
              lineHeight: 1,
              fontWeight: 700,
              fontVariantNumeric: 'tabular-nums',
              color: state?.still ? 'var(--ink)' : 'var(--contour)',
            }}
          >
            {angle === null ? '–' : `${Math.round(sign * angle)}°`}
          </Typography>
          <Typography aria-live="polite" sx={{ fontWeight: 600 }}>
            {state?.still ? say('Still: take it') : angle === null ? say('Waiting for the sensor') : say('Moving')}
            {zero ? say(' · from your zero') : say(' · from level')}
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, justifyContent: 'center', my: 2 }}>
            <Button
              onClick={(e) => {
                freeSpace(e);
                const set = meter.current.setZero();
                // What is shown is what a press takes: at once from the new zero.
                setState(meter.current.state());
                setMessage(set ? null : say('Hold still for the zero, then press again.'));
                if (set) setZero(true);
              }}
            >
              {say('Zero here')}
            </Button>
            {zero && (
              <Button
                onClick={(e) => {
                  freeSpace(e);
                  meter.current.clearZero();
                  setState(meter.current.state());
                  setZero(false);
                }}
              >
                {say('Back to level')}
              </Button>
            )}
            <Button
              aria-pressed={flipped}
              onClick={(e) => {
                freeSpace(e);
                setFlipped(!flipped);
              }}
            >
              {say('Turn the sign')}
            </Button>
          </Box>
          <Button variant="contained" fullWidth onClick={take} sx={{ py: 2.5, fontSize: 20 }}>
            {say('Take the reading (space)')}
          </Button>
        </Box>
      )}
    </InstrumentFrame>
  );
}
