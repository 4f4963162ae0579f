'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useState } from 'react';
import { ChoiceChips } from '../ChoiceChips';
import { freeSpace } from './free-space';
import { TapPane } from './TapPane';
import type { InstrumentProps } from './types';

const FAILURES = ['tired', 'height was lost', 'knee bent', 'balance', 'pain', 'cramp'] as const;
/** Milliseconds between two raises of the simulated student. */
const PACE = 160;

/** A big counter: one more with the space bar or a tap anywhere. */
export default function CounterDialog({ readout, hidden, onTake, onClose }: InstrumentProps) {
  const [count, setCount] = useState(0);
  const [simulating, setSimulating] = useState(false);
  const [failure, setFailure] = useState<string | undefined>(undefined);
  const more = useCallback(() => setCount((c) => Math.min(readout.max, c + 1)), [readout.max]);
  useEffect(() => {
    if (!simulating || hidden === null || count >= Math.round(hidden)) return;
    const timer = setTimeout(more, PACE);
    return () => clearTimeout(timer);
  }, [simulating, hidden, count, more]);
  return (
    <TapPane
      title={say(readout.name)}
      onPress={more}
      onClose={onClose}
      big={
        <>
          <Typography sx={{ mt: 1 }}>{say('Space bar or a tap anywhere counts one.')}</Typography>
          <Typography
            role="status"
            aria-label={say('Counted')}
            sx={{
              fontSize: { xs: 140, sm: 240 },
              fontWeight: 700,
              lineHeight: 1.1,
              fontVariantNumeric: 'tabular-nums',
            }}
          >
            {count}
          </Typography>
        </>
      }
    >
      <ChoiceChips
        question={say('Why did it end?')}
        choices={FAILURES.map((f) => ({ id: f, label: f, stops: f === 'pain' }))}
        chosen={failure}
        onChoose={setFailure}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, justifyContent: 'center', mt: 2 }}>
        <Button
          variant="contained"
          size="large"
          onClick={() => onTake({ value: count, instrument: 'counter', failure })}
        >
          {say('Use {{count}}', { count })}
        </Button>
        <Button
          disabled={count === 0}
          onClick={(e) => {
            freeSpace(e);
            setCount(count - 1);
          }}
        >
          {say('One back')}
        </Button>
        {hidden !== null && (
          <Button variant="outlined" onClick={() => setSimulating(true)} disabled={simulating}>
            {say('Use the simulated student')}
          </Button>
        )}
        <Button onClick={onClose}>{say('Type it instead')}</Button>
      </Box>
    </TapPane>
  );
}
