'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { readoutOf, testById } from '@/core/assessment/battery';
import { readWithUnit } from '@/core/assessment/reading';
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
        {student.name}, {format(new Date(`${dayOf(row)}T12:00:00`), say('EEEE d MMMM'))}
      </Typography>
      {known && <Alert severity="info">{say('This is in the log already.')}</Alert>}
      {log && (
        <Typography>
          {say('{{title}}: {{clock}} of {{clock2}} minutes held, {{items}} of {{items2}} items.', {
            title: log.title,
            clock: clock(done),
            clock2: clock(planned),
            items: log.items.filter((i) => !i.skipped).length,
            items2: log.items.length,
          })}
        </Typography>
      )}
      {hurt.map((i, k) => (
        <Alert key={k} severity="warning" sx={{ my: 0.5 }}>
          {say('{{poseName}}{{side}} hurt{{what}}. It is closed until you clear it.', {
            poseName: poseName(i.pose, i.rung),
            side: sideOf(i.side),
            what: i.pain ? `, ${say(PAIN_WORDS[i.pain])}` : '',
          })}
        </Alert>
      ))}
      {felt.length > 0 && (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {felt.map((i, k) => (
            <li key={k}>
              {poseName(i.pose, i.rung)}
              {sideOf(i.side)}:{' '}
              {[
                i.placeFelt && say(PLACE_WORDS[i.placeFelt]),
                i.strength !== undefined && say('{{count}} of 10', { count: i.strength }),
              ]
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
            {say(testById(r.test)?.name ?? '')}
            {say('{{side}}: {{what}}, read alone at home', {
              side: sideOf(r.side),
              what: readout ? readWithUnit(readout, r.trials[0]) : r.trials[0],
            })}
          </Typography>
        );
      })}
      {leftOut.map((words) => (
        <Typography key={words} variant="body2" color="text.secondary">
          {say('Left out: {{words}}', { words })}
        </Typography>
      ))}
    </Box>
  );
}
