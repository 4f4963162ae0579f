'use client';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import type { Student } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import type { Practice } from '@/core/practice/practice';
import { roundsOf } from '@/core/progress/rounds';
import { timelineOf } from '@/core/progress/timeline';
import type { LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { CameBackButton } from '../home/CameBackButton';
import { ShowMore } from '../shell/ShowMore';
import { useStudio } from '../shell/studio-context';
import { DayByDay } from './DayByDay';
import { LINE_WORDS, poseName, testName } from './log-words';
import { OneLog } from './OneLog';
import { ReadingsTable } from './ReadingsTable';
import { useFoundThen } from './use-found-then';
import { dayOf } from '@/core/day-of';

const dayWords = (moment: string): string => format(new Date(moment), say('d MMM yyyy'));
/** True where every word that was searched for stands somewhere in the text. */
const holds = (text: readonly (string | undefined)[], words: readonly string[]): boolean => {
  const all = text.join(' ').toLowerCase();
  return words.every((w) => all.includes(w));
};
const newestFirst = <T,>(list: readonly T[], at: (x: T) => string): T[] =>
  [...list].sort((a, b) => (at(a) < at(b) ? 1 : -1));

/** Lessons and readings that are shown at once. */
const LESSONS = 8;
const READINGS = 40;

/**
 * The student's story day by day, the practices taught and every reading ever kept, newest first; searched by any word.
 */
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
  'use memo';
  const { db } = useStudio();
  const [search, setSearch] = useState('');
  const [lessons, setLessons] = useState(LESSONS);
  const [rows, setRows] = useState(READINGS);
  const plan = useLiveQuery(() => db.plans.get(student.id), [db, student.id]) ?? null;
  const rounds = useMemo(() => roundsOf(readings.map((r) => dayOf(r))).map((r) => r.to), [readings]);
  const found = useFoundThen(student, readings, logs, rounds);
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const days = timelineOf({ student, readings, practices, logs, plan, found }).filter((d) =>
    holds([dayWords(`${d.day}T00:00:00`), ...d.lines.flatMap((l) => [say(LINE_WORDS[l.kind]), l.text])], words),
  );
  const taught = newestFirst(logs, (l) => l.startedAt).filter((l) =>
    holds(
      [
        l.title,
        l.note,
        dayWords(l.startedAt),
        ...l.items.flatMap((i) => [
          poseName(i.pose, i.rung),
          i.side,
          i.placeFelt && say(PLACE_WORDS[i.placeFelt]),
          i.stopped ? 'stopped' : '',
          i.skipped ? 'skipped' : '',
        ]),
      ],
      words,
    ),
  );
  const read = newestFirst(readings, (r) => r.takenAt).filter((r) =>
    holds([testName(r), r.side, dayWords(r.takenAt), r.placeFelt && say(PLACE_WORDS[r.placeFelt])], words),
  );
  const none = (of: readonly unknown[]) => (
    <Typography color="text.secondary">{of.length === 0 ? say('None yet.') : say('None with these words.')}</Typography>
  );
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start', mb: 1 }}>
        <TextField
          label={say('Search the log')}
          value={search}
          onChange={(e) => setSearch(e.target.value)}
          size="small"
          sx={{ width: 300 }}
          helperText={
            words.length > 0
              ? say('{{days}} days, {{taught}} practices, {{read}} readings', {
                  days: days.length,
                  taught: taught.length,
                  read: read.length,
                })
              : ' '
          }
        />
        <CameBackButton />
      </Box>
      {days.length > 0 && <DayByDay days={days} />}
      <Typography variant="h2" sx={{ mt: 3 }}>
        {say('Practices taught, and done at home')}
      </Typography>
      {taught.length === 0 && none(logs)}
      {taught.slice(0, lessons).map((log) => (
        <OneLog key={log.id} log={log} name={firstName(student.name)} />
      ))}
      <ShowMore all={taught.length} shown={lessons} step={LESSONS} onShow={setLessons} />
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Readings')}
      </Typography>
      {read.length === 0 ? none(readings) : <ReadingsTable readings={read.slice(0, rows)} />}
      <ShowMore all={read.length} shown={rows} step={READINGS} onShow={setRows} />
    </>
  );
}
