'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';

/** The end of a practice: what was taught, and keeping it. */
export function Finished({
  state,
  keep,
  label,
  busy = false,
  send,
  children,
}: {
  state: PlayerState;
  keep: () => void;
  label: string;
  busy?: boolean;
  send: (event: PlayerEvent) => void;
  children?: ReactNode;
}) {
  return (
    <Box sx={{ minHeight: '100vh', p: 5, display: 'flex', flexDirection: 'column', gap: 3, maxWidth: 900, mx: 'auto' }}>
      <Typography sx={{ fontSize: 40, fontWeight: 700 }}>{say('The practice is done.')}</Typography>
      <Typography sx={{ fontSize: 20 }}>
        {say('{{results}} of {{items}} items taught. Everything is written down when you keep it.', {
          results: state.results.filter((r) => !r.skipped).length,
          items: state.items.length,
        })}
      </Typography>
      {children}
      <Box sx={{ display: 'flex', gap: 2 }}>
        <Button size="large" variant="contained" onClick={keep} disabled={busy}>
          {label}
        </Button>
        <Button size="large" onClick={() => send({ type: 'back' })}>
          {say('Back to the last item')}
        </Button>
      </Box>
    </Box>
  );
}
