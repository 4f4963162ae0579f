'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { PLACES } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { clock } from '@/core/practice/sheet';
import { logItemSchema, type LogItem } from '@/core/teaching/log';
import { poseName } from './log-words';

const NOT_SAID = '';
const STRENGTHS = Array.from({ length: 11 }, (_, n) => String(n));

/** What was done and felt in one pose, put right after the practice. */
export function LogItemDialog({
  item,
  onClose,
  onKeep,
}: {
  item: LogItem;
  onClose: () => void;
  onKeep: (item: LogItem) => void;
}) {
  'use memo';
  const [seconds, setSeconds] = useState(String(Math.round(item.doneSeconds)));
  const [place, setPlace] = useState<string>(item.placeFelt ?? NOT_SAID);
  const [strength, setStrength] = useState(item.strength === undefined ? NOT_SAID : String(item.strength));
  const [skipped, setSkipped] = useState(item.skipped);
  const [stopped, setStopped] = useState(item.stopped ?? false);
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = () => {
    const { pose, rung, side, plannedSeconds } = item;
    const done = /^\d+$/.test(seconds.trim()) ? Number(seconds) : NaN;
    const next = logItemSchema.safeParse({
      pose,
      rung,
      side,
      plannedSeconds,
      // What was not typed anew keeps its parts of a second.
      doneSeconds: done === Math.round(item.doneSeconds) ? item.doneSeconds : done,
      skipped,
      ...(stopped && { stopped }),
      ...(place !== NOT_SAID && { placeFelt: place }),
      ...(strength !== NOT_SAID && { strength: Number(strength) }),
    });
    if (next.success) onKeep(next.data);
    else setWrong(say('Type whole seconds, for example 90.'));
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <DialogTitle>
        {poseName(item.pose, item.rung)}
        {item.side === 'both' ? '' : `, ${say(item.side)}`}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <TextField
          label={say('Seconds done')}
          value={seconds}
          onChange={(e) => {
            setSeconds(e.target.value);
            setWrong(null);
          }}
          error={wrong !== null}
          helperText={
            wrong ??
            say('Planned: {{count}} ({{clock}})', {
              count: Math.round(item.plannedSeconds),
              clock: clock(item.plannedSeconds),
            })
          }
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          sx={{ mt: 1 }}
        />
        <TextField select label={say('Felt where')} value={place} onChange={(e) => setPlace(e.target.value)}>
          <MenuItem value={NOT_SAID}>{say('not said')}</MenuItem>
          {PLACES.map((p) => (
            <MenuItem key={p} value={p}>
              {say(PLACE_WORDS[p])}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label={say('How strong, of 10')}
          value={strength}
          onChange={(e) => setStrength(e.target.value)}
        >
          <MenuItem value={NOT_SAID}>{say('not said')}</MenuItem>
          {STRENGTHS.map((n) => (
            <MenuItem key={n} value={n}>
              {n}
            </MenuItem>
          ))}
        </TextField>
        <FormControlLabel
          control={<Checkbox checked={skipped} onChange={(_, on) => setSkipped(on)} />}
          label={say('Skipped')}
        />
        <FormControlLabel
          control={<Checkbox checked={stopped} onChange={(_, on) => setStopped(on)} />}
          label={say('Stopped for pain')}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('Leave it')}</Button>
        <Button variant="contained" onClick={keep}>
          {say('Keep')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
