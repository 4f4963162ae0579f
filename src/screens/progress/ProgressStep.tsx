'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import TextField from '@mui/material/TextField';
import { format } from 'date-fns';
import { SIDE_MARK } from '@/core/body/words';
import type { Student } from '@/core/people/student';
import { PLACE_WORDS } from '@/core/people/words';
import { rungOf } from '@/core/poses';
import type { LogEntry } from '@/core/teaching/log';
import { readoutOf, testById } from '@/core/tests/battery';
import { meanOf, type Reading, withUnit } from '@/core/tests/reading';
import { END_FEEL_WORDS } from '@/core/tests/words';
import { removeReadings } from '@/store/changes';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

const minutes = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;

/** The log of taught practices and every reading ever kept. */
export function ProgressStep({
  student,
  readings,
  logs,
}: {
  student: Student;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
}) {
  const { db } = useStudio();
  const undo = useUndo();
  if (readings.length === 0 && logs.length === 0)
    return (
      <EmptyChart title="Nothing written down yet">
        What you measure and teach is kept here, newest first: practices with what was felt, and every reading.
      </EmptyChart>
    );
  const sorted = [...readings].sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1));
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Typography variant="h1" gutterBottom>
        Log of {student.name}
      </Typography>
      <Typography variant="h2" sx={{ mt: 2 }}>
        Practices taught
      </Typography>
      {logs.length === 0 && <Typography color="text.secondary">None yet.</Typography>}
      {[...logs]
        .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))
        .map((log) => (
          <Box
            key={log.id}
            component="article"
            sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2, my: 1.5 }}
          >
            <Typography sx={{ fontWeight: 700 }}>
              {log.title} · {format(new Date(log.startedAt), 'd MMM yyyy, HH:mm')}
            </Typography>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {log.items.map((i, k) => (
                <li key={k}>
                  {rungOf(i.pose, i.rung)?.shape.name ?? i.pose} {SIDE_MARK[i.side]} {i.side}:{' '}
                  {i.skipped ? 'skipped' : `${minutes(i.doneSeconds)} of ${minutes(i.plannedSeconds)}`}
                  {i.stopped ? ' · ▲ stopped' : ''}
                  {i.placeFelt ? ` · felt ${PLACE_WORDS[i.placeFelt]}` : ''}
                  {i.strength !== undefined ? `, ${i.strength} of 10` : ''}
                </li>
              ))}
            </Box>
            <TextField
              label="Your words"
              multiline
              fullWidth
              defaultValue={log.note}
              sx={{ mt: 1 }}
              onBlur={(e) =>
                void (e.target.value !== log.note && db.logs.put({ ...log, note: e.target.value.slice(0, 4000) }))
              }
            />
          </Box>
        ))}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Readings
      </Typography>
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            '& td:nth-of-type(-n + 1), & td:nth-of-type(3), & td:nth-of-type(4)': { whiteSpace: 'nowrap' },
            '& td, & th': { textAlign: 'left', borderBottom: '1px solid var(--line)', py: 0.75, pr: 2, fontSize: 14 },
          }}
        >
          <thead>
            <tr>
              <th>When</th>
              <th>Test</th>
              <th>Side</th>
              <th>Trials</th>
              <th>Felt, end</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {sorted.map((r) => (
              <tr key={r.id}>
                <td className="num">{format(new Date(r.takenAt), 'd MMM yyyy')}</td>
                <td>
                  {testById(r.test)?.name ?? r.test}, {readoutOf(r.test, r.readout)?.name.toLowerCase() ?? r.readout}
                </td>
                <td>{r.side === 'both' ? 'both' : `${SIDE_MARK[r.side]} ${r.side}`}</td>
                <td className="num">
                  {r.trials.map((t) => withUnit(r, t)).join(', ')}
                  {r.trials.length > 1 ? ` (mean ${meanOf(r.trials).toFixed(r.unit === 'Nm_kg' ? 2 : 1)})` : ''}
                </td>
                <td>
                  {r.placeFelt ? PLACE_WORDS[r.placeFelt] : ''}
                  {r.endFeel ? `${r.placeFelt ? ', ' : ''}${END_FEEL_WORDS[r.endFeel]}` : ''}
                  {r.variant
                    ? ` · ${testById(r.test)?.variants?.find((v) => v.id === r.variant)?.name ?? r.variant}`
                    : ''}
                  {r.active ? ' · alone' : ''}
                  {r.compensations?.length ? ` · seen: ${r.compensations.join(', ')}` : ''}
                  {r.history?.length ? ' · put right' : ''}
                </td>
                <td>
                  <Button
                    size="small"
                    aria-label={`Remove reading ${testById(r.test)?.name ?? r.test} ${r.side}`}
                    onClick={() => void removeReadings(db, [r.id]).then((c) => undo('The reading is removed.', c))}
                  >
                    Remove
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}
