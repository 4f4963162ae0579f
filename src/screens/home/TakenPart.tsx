'use client';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { readoutOf, testById } from '@/core/assessment/battery';
import { withUnit } from '@/core/assessment/reading';
import { dayOf } from '@/core/day-of';
import type { TakenIn } from '@/core/home/take-in';
import { clock } from '@/core/practice/clock';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';
import { poseName } from '../progress/log-words';

/** One time at home, as it would stand in the log. */
export function TakenPart({ taken: { student, log, readings, known, leftOut } }: { taken: TakenIn }) {
  const row = log ?? { ...readings[0], startedAt: readings[0].takenAt };
  const done = log?.items.reduce((s, i) => s + i.doneSeconds, 0) ?? 0;
  const planned = log?.items.reduce((s, i) => s + i.plannedSeconds, 0) ?? 0;
  const hurt = log?.items.filter((i) => i.stopped) ?? [];
  const felt = log?.items.filter((i) => i.placeFelt ?? i.strength !== undefined) ?? [];
  const sideOf = (side: string): string => (side === 'both' ? '' : ` (${side})`);
  return (
    <Box
      component="section"
      aria-label={student.name}
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, p: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {student.name}, {format(new Date(`${dayOf(row)}T12:00:00`), 'EEEE d MMMM')}
      </Typography>
      {known && <Alert severity="info">This is in the log already.</Alert>}
      {log && (
        <Typography>
          {log.title}: {clock(done)} of {clock(planned)} minutes held, {log.items.filter((i) => !i.skipped).length} of{' '}
          {log.items.length} items.
        </Typography>
      )}
      {hurt.map((i, k) => (
        <Alert key={k} severity="warning" sx={{ my: 0.5 }}>
          {poseName(i.pose, i.rung)}
          {sideOf(i.side)} hurt{i.pain ? `, ${PAIN_WORDS[i.pain]}` : ''}. It is closed until you clear it.
        </Alert>
      ))}
      {felt.length > 0 && (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {felt.map((i, k) => (
            <li key={k}>
              {poseName(i.pose, i.rung)}
              {sideOf(i.side)}:{' '}
              {[i.placeFelt && PLACE_WORDS[i.placeFelt], i.strength !== undefined && `${i.strength} of 10`]
                .filter(Boolean)
                .join(', ')}
            </li>
          ))}
        </Box>
      )}
      {readings.map((r) => {
        const readout = readoutOf(r.test, r.readout);
        return (
          <Typography key={r.id}>
            {testById(r.test)?.name}
            {sideOf(r.side)}: {readout ? withUnit(readout, r.trials[0]) : r.trials[0]}, read alone at home
          </Typography>
        );
      })}
      {leftOut.map((words) => (
        <Typography key={words} variant="body2" color="text.secondary">
          Left out: {words}
        </Typography>
      ))}
    </Box>
  );
}
