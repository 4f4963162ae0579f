import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';

const KEYS: readonly (readonly [string, string])[] = [
  ['g then t, d, s, c, p, m, f or u', 'Today, Day book, Students, Classes, Poses, Muscles, Settings & files, Guide'],
  ['Ctrl K or /', 'search everything'],
  ['1 … 6', 'inside a student: Ask, Measure, Findings, Poses, Practice, Progress (from a field: with Alt)'],
  ['← → ↑ ↓', 'turn the figure when it is chosen'],
  [
    '+ − × ÷ Enter',
    'in Measure, from the value or a number pad: nudge, where felt, how it ends, add a trial and then keep',
  ],
  ['space', 'in an instrument: take the reading, start and stop the clock, count one'],
  ['Alt ↑ / Alt ↓', 'move a block of a practice; Enter on its name opens it'],
  ['Ctrl Z / Ctrl Y', 'undo and redo changes of a practice, without end'],
  ['space, →, ←, s', 'in Teach: pause, next, back, skip (a foot pedal’s page keys too)'],
  ['l, r, e, h, b', 'in Teach: longer, this side once more, easier, harder, a breath tapped'],
  ['?', 'this list'],
];

/** Every key and what it does. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  'use memo';
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">{say('Keys')}</DialogTitle>
      <DialogContent>
        <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1, columnGap: 3, m: 0 }}>
          {KEYS.map(([k, what]) => (
            <Box key={k} sx={{ display: 'contents' }}>
              <Typography component="dt" sx={{ fontWeight: 700 }}>
                {say(k)}
              </Typography>
              <Typography component="dd" sx={{ m: 0 }}>
                {say(what)}
              </Typography>
            </Box>
          ))}
        </Box>
        <Button sx={{ mt: 2 }} onClick={onClose}>
          {say('Close')}
        </Button>
      </DialogContent>
    </Dialog>
  );
}
