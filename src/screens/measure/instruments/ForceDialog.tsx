'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { simulatedForce, simulatedNewtons } from '@demo/instruments';
import { forceOf, type ForceResult, type ForceSample } from '@/core/measuring/force';
import { serialForce } from '@/instruments/serial-force';
import type { ForceSource } from '@/instruments/sources';
import { LineChart } from '../../charts/LineChart';
import { InstrumentFrame } from './InstrumentFrame';
import type { InstrumentProps } from './types';

interface ForceDialogProps extends InstrumentProps {
  manner: 'make' | 'break';
  mass_kg: number;
  lever_cm: number;
  gravity_Nm: number;
}

/** A push as a curve: its peak and the best three seconds, found by the core. */
export default function ForceDialog({
  readout,
  trial,
  hidden,
  manner,
  mass_kg,
  lever_cm,
  gravity_Nm,
  onTake,
  onClose,
}: ForceDialogProps) {
  const curve = useRef<ForceSample[]>([]);
  const source = useRef<ForceSource | null>(null);
  const [running, setRunning] = useState<string | null>(null);
  const [now, setNow] = useState(0);
  const [result, setResult] = useState<{ told: ForceResult; curve: ForceSample[] } | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [cable] = useState(serialForce);
  useEffect(() => () => source.current?.stop(), []);

  const begin = (next: ForceSource) => {
    source.current?.stop();
    source.current = next;
    curve.current = [];
    setResult(null);
    setMessage(null);
    setRunning(next.name);
    void next
      .start((sample) => {
        curve.current.push(sample);
        if (curve.current.length % 3 === 0) setNow(sample.newtons);
      })
      .then((problem) => {
        if (!problem) return;
        setMessage(problem);
        setRunning(null);
      });
  };
  const end = () => {
    source.current?.stop();
    setRunning(null);
    const told = forceOf(curve.current);
    if (!told || told.peak < 2) {
      setMessage(say('No push was seen. Check the pad and try again, or type the newtons.'));
      return;
    }
    setResult({ told, curve: curve.current });
    if (told.held === null)
      setMessage(say('Nothing was held for three seconds. Once more: build up in 2 s, hold 3 s.'));
    else if (told.jerked) setMessage(say('It began with a jerk. A steady push counts more; once more if you can.'));
  };
  const value = result ? (manner === 'break' ? result.told.peak : (result.told.held ?? result.told.peak)) : null;
  const start = result?.curve[0]?.at ?? 0;
  return (
    <InstrumentFrame
      title={say('Force gauge: {{name}}', { name: say(readout.name) })}
      width="sm"
      message={message}
      onClose={onClose}
    >
      <Typography sx={{ mb: 1.5 }}>
        {say('Pad at a right angle to the limb. {{what}}', {
          what:
            manner === 'make'
              ? say('The student builds up over two seconds and holds three; the best three seconds count.')
              : say('You overcome the student; the peak counts.'),
        })}
      </Typography>
      <Typography
        aria-label={say('Force now')}
        sx={{ fontSize: 96, fontWeight: 700, lineHeight: 1, textAlign: 'center', fontVariantNumeric: 'tabular-nums' }}
      >
        {Math.round(value ?? now)} <span style={{ fontSize: 32 }}>N</span>
      </Typography>
      {result && (
        <>
          <Typography sx={{ textAlign: 'center' }}>
            {say('peak {{peak}} N', { peak: result.told.peak.toFixed(0) })}
            {result.told.held !== null && (
              <> {say('· best three seconds {{held}} N', { held: result.told.held.toFixed(0) })}</>
            )}
          </Typography>
          <LineChart
            label={say('Push over time: peak {{peak}} newtons', { peak: result.told.peak.toFixed(0) })}
            height={180}
            series={[
              {
                name: 'push',
                colour: '--act',
                points: result.curve.map((s): [number, number] => [(s.at - start) / 1000, s.newtons]),
              },
            ]}
            x={{ name: 'seconds', min: 0, max: Math.max(1, ((result.curve.at(-1)?.at ?? 0) - start) / 1000) }}
            y={{ name: 'N' }}
            now={(result.told.heldFrom ?? 0) / 1000}
            bands={
              result.told.heldFrom === null
                ? []
                : [{ from: result.told.heldFrom / 1000, to: result.told.heldFrom / 1000 + 3, word: 'held' }]
            }
          />
        </>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, justifyContent: 'center', mt: 1.5 }}>
        {running === null ? (
          <>
            {cable && (
              <Button variant="outlined" onClick={() => cable && begin(cable)}>
                {result ? say('Once more, gauge on a cable') : say('Use a gauge on a cable')}
              </Button>
            )}
            {hidden !== null && (
              <Button
                variant="outlined"
                onClick={() => begin(simulatedForce(simulatedNewtons(hidden, mass_kg, lever_cm, gravity_Nm), trial))}
              >
                {result ? say('Once more, simulated push') : say('Use the simulated push')}
              </Button>
            )}
            {!cable && hidden === null && (
              <Typography role="alert">
                {say('This browser cannot read a gauge by itself. Type the newtons that the gauge shows.')}
              </Typography>
            )}
          </>
        ) : (
          <Button variant="contained" onClick={end} sx={{ py: 2, px: 5, fontSize: 20 }}>
            {say('Stop')}
          </Button>
        )}
        {value !== null && (
          <Button variant="contained" onClick={() => onTake({ value: Math.round(value), instrument: 'force-gauge' })}>
            {say('Use {{count}} N', { count: Math.round(value) })}
          </Button>
        )}
      </Box>
    </InstrumentFrame>
  );
}
