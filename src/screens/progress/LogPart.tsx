'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import { SIDE_MARK } from '@/core/body/words';
import type { Student } from '@/core/people/student';
import { PLACE_WORDS } from '@/core/people/words';
import { rungOf } from '@/core/poses';
import type { Practice } from '@/core/practice/practice';
import { timelineOf } from '@/core/progress/timeline';
import type { LogEntry } from '@/core/teaching/log';
import { readoutOf, testById } from '@/core/tests/battery';
import { meanOf, withUnit, type Reading } from '@/core/tests/reading';
import { END_FEEL_WORDS } from '@/core/tests/words';
import { hearWords, voiceStaysHere } from '@/instruments/voice';
import { removeReadings } from '@/store/changes';
import { rewriteLog } from '@/store/edits';
import { clock } from '@/core/practice/sheet';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

const poseName = (pose: string, rung: number): string => rungOf(pose, rung)?.shape.name ?? pose;
const testName = (r: Reading): string =>
  `${testById(r.test)?.name ?? r.test}, ${readoutOf(r.test, r.readout)?.name.toLowerCase() ?? r.readout}`;
/** Days that are shown at first. */
const SHOWN = 6;
/** True where every word that was searched for stands somewhere in the text. */
const holds = (text: string, words: readonly string[]): boolean => words.every((w) => text.toLowerCase().includes(w));

/** The log of taught practices and every reading ever kept, newest first; searched by any word. */
export function LogPart({
  student,
  readings,
  logs,
  practices,
}: {
  student: Student;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
  practices: readonly Practice[];
}) {
  const [all, setAll] = useState(false);
  const [search, setSearch] = useState('');
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const days = timelineOf(student, readings, practices, logs).filter((d) =>
    holds([format(new Date(`${d.day}T00:00:00`), 'd MMM yyyy'), ...d.lines].join(' '), words),
  );
  const taught = [...logs]
    .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))
    .filter((l) =>
      holds(
        [
          l.title,
          l.note,
          format(new Date(l.startedAt), 'd MMM yyyy'),
          ...l.items.flatMap((i) => [
            poseName(i.pose, i.rung),
            i.side,
            i.placeFelt ? PLACE_WORDS[i.placeFelt] : '',
            i.stopped ? 'stopped' : '',
            i.skipped ? 'skipped' : '',
          ]),
        ].join(' '),
        words,
      ),
    );
  const read = [...readings]
    .sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1))
    .filter((r) =>
      holds(
        [
          testName(r),
          r.side,
          format(new Date(r.takenAt), 'd MMM yyyy'),
          r.placeFelt ? PLACE_WORDS[r.placeFelt] : '',
        ].join(' '),
        words,
      ),
    );
  return (
    <>
      <TextField
        label="Search the log"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
        size="small"
        sx={{ width: 300, mb: 1 }}
        helperText={words.length > 0 ? `${taught.length} practices, ${read.length} readings` : ' '}
      />
      <Typography variant="h2">Day by day</Typography>
      <Box
        component="dl"
        aria-label="Day by day"
        sx={{ m: 0, mb: 2, display: 'grid', gridTemplateColumns: '110px 1fr', rowGap: 0.5 }}
      >
        {days.slice(0, all ? days.length : SHOWN).map((d) => (
          <Box key={d.day} sx={{ display: 'contents' }}>
            <Typography component="dt" className="num" sx={{ fontSize: 15 }}>
              {format(new Date(`${d.day}T00:00:00`), 'd MMM yyyy')}
            </Typography>
            <Box component="dd" sx={{ m: 0 }}>
              {d.lines.map((line) => (
                <Typography key={line} sx={{ fontSize: 15 }}>
                  {line}
                </Typography>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      {days.length > SHOWN && (
        <Button size="small" onClick={() => setAll(!all)}>
          {all ? 'Show the last days only' : `Show all ${days.length} days`}
        </Button>
      )}
      <Typography variant="h2">Practices taught</Typography>
      {taught.length === 0 && (
        <Typography color="text.secondary">{logs.length === 0 ? 'None yet.' : 'None with these words.'}</Typography>
      )}
      {taught.map((log) => (
        <OneLog key={log.id} log={log} name={student.name.split(' ')[0]} />
      ))}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Readings
      </Typography>
      {read.length === 0 ? (
        <Typography color="text.secondary">{readings.length === 0 ? 'None yet.' : 'None with these words.'}</Typography>
      ) : (
        <Readings readings={read} />
      )}
    </>
  );
}

/** One taught practice, with words that can be added and put right; what stood there before is kept. */
function OneLog({ log, name }: { log: LogEntry; name: string }) {
  const { db } = useStudio();
  const undo = useUndo();
  const [text, setText] = useState<string | null>(null);
  const [hears, setHears] = useState(false);
  useEffect(() => {
    let current = true;
    void voiceStaysHere().then((yes) => current && setHears(yes));
    return () => {
      current = false;
    };
  }, []);
  const earlier = log.history?.filter((h) => h.note !== '') ?? [];
  return (
    <Box
      component="article"
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2, my: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {log.title} · {format(new Date(log.startedAt), 'd MMM yyyy, HH:mm')}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {log.items.map((i, k) => (
          <li key={k}>
            {poseName(i.pose, i.rung)}, {rungOf(i.pose, i.rung)?.rung.name ?? `rung ${i.rung}`}
            {i.side === 'both' ? '' : ` ${SIDE_MARK[i.side]} ${i.side}`}:{' '}
            {i.skipped ? 'skipped' : `${clock(i.doneSeconds)} of ${clock(i.plannedSeconds)}`}
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
        value={text ?? log.note}
        placeholder={`How was it for ${name}?`}
        sx={{ mt: 1 }}
        onChange={(e) => setText(e.target.value.slice(0, 4000))}
        onBlur={() => {
          if (text !== null && text !== log.note)
            void rewriteLog(db, log, text).then((c) => undo('Your words are kept.', c));
          setText(null);
        }}
      />
      {hears && (
        <Button
          size="small"
          onClick={() =>
            void hearWords().then((said) => {
              if (said) setText(`${(text ?? log.note).trim()} ${said}`.trim().slice(0, 4000));
            })
          }
        >
          Speak it
        </Button>
      )}
      {earlier.length > 0 && (
        <Box component="details" sx={{ mt: 0.5, fontSize: 14 }}>
          <summary>Earlier words</summary>
          {earlier.map((h) => (
            <Typography key={h.changedAt} sx={{ fontSize: 14 }}>
              until {format(new Date(h.changedAt), 'd MMM yyyy, HH:mm')}: {h.note}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Readings({ readings }: { readings: readonly Reading[] }) {
  const { db } = useStudio();
  const undo = useUndo();
  return (
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
          {readings.map((r) => (
            <tr key={r.id}>
              <td className="num">{format(new Date(r.takenAt), 'd MMM yyyy')}</td>
              <td>{testName(r)}</td>
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
  );
}
