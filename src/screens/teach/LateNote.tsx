'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lateBy, onTime } from '@/core/teaching/late';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';
import { clock } from '@/core/practice/sheet';

/** Late from here on it is said, seconds. Ours. */
const WORTH_SAYING = 45;

/** Says when the practice runs late, and what would end it on time. */
export function LateNote({ state, send }: { state: PlayerState; send: (event: PlayerEvent) => void }) {
  const late = lateBy(state, state.at);
  if (late < WORTH_SAYING) return null;
  const shorter = onTime(state, late);
  if (shorter.won < 1) return null;
  const parts = [
    shorter.fromRest > 0 ? `${clock(shorter.fromRest)} less rest` : '',
    shorter.fromHolds > 0 ? `${clock(shorter.fromHolds)} less in the longest holds` : '',
  ].filter(Boolean);
  return (
    <Box role="status" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      <Typography sx={{ fontSize: 18 }}>
        {clock(late)} late. To end {shorter.won >= late - 1 ? 'on time' : `${clock(late - shorter.won)} late`}:{' '}
        {parts.join(' and ')}.
      </Typography>
      <Button variant="outlined" onClick={() => send({ type: 'retime', later: shorter.later })}>
        Shorten it
      </Button>
    </Box>
  );
}
