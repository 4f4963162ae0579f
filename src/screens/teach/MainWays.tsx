'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ReactNode } from 'react';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';
import { useKeys } from '../shell/use-keys';

/** Breaths by which a hold grows at a touch. Ours. */
const MORE = 2;
/** How a button beside the mat looks: found by a thumb without looking long. */
export const BIG = { fontSize: 17, px: { xs: 1, sm: 1.5 }, py: { xs: 0.5, sm: 1 } } as const;

/** Going on, back and past, longer, and a side once more, by button and key; further ways stand behind. */
export function MainWays({
  state,
  started,
  send,
  quiet = false,
  most_s = null,
  onPain,
  children,
}: {
  state: PlayerState;
  started: boolean;
  send: (event: PlayerEvent) => void;
  /** True while something else listens to the keys. */
  quiet?: boolean;
  /** Longest hold that a caution allows, seconds. */
  most_s?: number | null;
  /** Something hurt; left out where nobody in particular is taught. */
  onPain?: () => void;
  children?: ReactNode;
}) {
  const item = state.items.at(state.index);
  const full = most_s !== null && !!item && item.repeats === 1 && item.holdSeconds * (1 + MORE / item.breaths) > most_s;
  useKeys((e) => {
    if (e.ctrlKey || e.metaKey || e.altKey || quiet) return;
    if (e.key === 'l' && !full) send({ type: 'longer', breaths: MORE });
    else if (e.key === 'r') send({ type: 'again' });
    else if (e.key === 'b') send({ type: 'breath' });
  });
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      <Button
        size="large"
        variant="contained"
        sx={{ minWidth: { xs: 110, sm: 150 }, fontSize: 20 }}
        onClick={() => send({ type: state.running ? 'pause' : 'resume' })}
      >
        {state.running ? say('Pause') : started ? say('Go on') : say('Begin')}
      </Button>
      <Button size="large" variant="outlined" sx={BIG} onClick={() => send({ type: 'back' })}>
        {say('Back')}
      </Button>
      <Button size="large" variant="outlined" sx={BIG} onClick={() => send({ type: 'next' })}>
        {say('Next')}
      </Button>
      {/* Always in the first row, wherever the thumb is. */}
      {onPain && (
        <Button size="large" variant="outlined" sx={BIG} color="warning" onClick={onPain}>
          {say('▲ Pain, stop this')}
        </Button>
      )}
      <Button size="large" sx={BIG} onClick={() => send({ type: 'skip' })}>
        {say('Skip')}
      </Button>
      <Button size="large" sx={BIG} disabled={full} onClick={() => send({ type: 'longer', breaths: MORE })}>
        {full ? say('At most {{count}} s', { count: most_s }) : say('Longer')}
      </Button>
      {item && item.side !== 'both' && (
        <Button size="large" sx={BIG} onClick={() => send({ type: 'again' })}>
          {say('Once more')}
        </Button>
      )}
      {children}
    </Box>
  );
}
