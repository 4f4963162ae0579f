'use client';
import { say } from '@/core/languages/spoken';
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
    shorter.fromRest > 0 ? say('{{clock}} less rest', { clock: clock(shorter.fromRest) }) : '',
    shorter.fromHolds > 0 ? say('{{clock}} less in the longest holds', { clock: clock(shorter.fromHolds) }) : '',
  ].filter(Boolean);
  return (
    <Box role="status" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      <Typography sx={{ fontSize: 18 }}>
        {say('{{clock}} late. To end {{what}}: {{parts}}.', {
          clock: clock(late),
          what: shorter.won >= late - 1 ? say('on time') : say('{{clock}} late', { clock: clock(late - shorter.won) }),
          parts: parts.join(say(' and ')),
        })}
      </Typography>
      <Button variant="outlined" onClick={() => send({ type: 'retime', later: shorter.later })}>
        {say('Shorten it')}
      </Button>
    </Box>
  );
}
