'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useMemo } from 'react';
import { dayWords } from '@/core/day-words';
import { overviewTable } from '@/core/formats/sheets/overview-table';
import { commonLimits, LATELY_DAYS, limitsWords, overviewOf, type OverviewRow } from '@/core/overview/studio-overview';
import { feltIn } from '@/core/teaching/log';
import { whenWords } from '@/core/visits/visit';
import { hourNow, today } from '@/store/studio';
import { EmptyChart } from '../shell/EmptyChart';
import { PlainTable } from '../shell/PlainTable';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { Opening } from '../shell/Opening';
import { useLimits } from '../today/use-limits';
import { CommonLimits } from './CommonLimits';

/** All students at once: what limits many, who is due, how it goes. */
export function OverviewScreen() {
  const { db, base } = useStudio();
  const data = useLiveQuery(async () => {
    const [students, readings, logs, plans, classes, visits, memos] = await Promise.all([
      db.students.toArray(),
      db.readings.toArray(),
      db.logs.toArray(),
      db.plans.toArray(),
      db.classes.toArray(),
      db.visits.toArray(),
      db.memos.toArray(),
    ]);
    return { students: students.filter((s) => !s.archived), readings, logs, plans, classes, visits, memos };
  }, [db]);
  const people = useMemo(
    () =>
      (data?.students ?? []).map((student) => {
        const logs = data?.logs.filter((l) => l.student === student.id) ?? [];
        return {
          student,
          readings: data?.readings.filter((r) => r.student === student.id) ?? [],
          logs,
          felt: feltIn(logs),
        };
      }),
    [data],
  );
  const limits = useLimits(db, people, data?.memos ?? []);
  if (!data) return <Opening />;
  if (people.length === 0)
    return (
      <EmptyChart
        title={say('Nobody to look over yet')}
        action={
          <Button variant="contained" component={Link} href={`${base}/students?add=1`}>
            {say('Add the first student')}
          </Button>
        }
      >
        {say('Here you will see what your students have in common, who is due and how it goes.')}
      </EmptyChart>
    );
  const rows = overviewOf(
    people.map(({ student, readings, logs }) => ({
      id: student.id,
      name: student.name,
      limits: readings.length === 0 ? [] : (limits.get(student.id) ?? null),
      readings,
      logs,
      plan: data.plans.find((p) => p.student === student.id),
      classes: data.classes.filter((c) => c.students.includes(student.id)).map((c) => c.id),
    })),
    data.visits,
    data.classes.map((c) => c.id),
    today(),
    hourNow(),
  );
  const common = commonLimits(rows);
  const open = rows.filter((r) => r.limits === null).length;
  return (
    <Box sx={{ p: 3, maxWidth: 1180 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 2 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {say('Overview')}
        </Typography>
        <Button
          variant="outlined"
          className="no-print"
          onClick={() => saveFile('overview.csv', overviewTable(rows), 'text/csv')}
        >
          {say('Save as a table')}
        </Button>
      </Box>
      <Typography variant="h2" gutterBottom>
        {say('What limits, and how many')}
      </Typography>
      {common.length > 0 ? (
        <Box sx={{ maxWidth: 620 }}>
          <CommonLimits limits={common} />
        </Box>
      ) : (
        <Typography color="text.secondary">
          {open > 0
            ? say('Working out what limits them …')
            : say('Nobody’s readings stop short of typical, or nobody has been measured yet.')}
        </Typography>
      )}
      <Typography variant="caption" component="p" role="status">
        {say('◁ left, ▷ right, ◁▷ both sides.')}
        {open > 0 &&
          say(' {{what}} to go.', {
            what: open === 1 ? say('One student') : say('{{count}} students', { count: open }),
          })}
      </Typography>
      <Typography variant="h2" sx={{ mt: 3 }} gutterBottom>
        {say('Each student, last {{count}} days', { count: LATELY_DAYS })}
      </Typography>
      <OverviewTable rows={rows} base={base} />
    </Box>
  );
}

const LINK = { color: 'var(--act)' } as const;

function OverviewTable({ rows, base }: { rows: readonly OverviewRow[]; base: string }) {
  /** A number that leads to where it comes from; a stroke where there is none. */
  const to = (row: OverviewRow, part: string, said: string | false, what: string) =>
    said === false ? (
      '–'
    ) : (
      <Link
        key={part}
        href={`${base}/student?id=${row.id}&step=progress&part=${part}`}
        style={LINK}
        aria-label={`${what}, ${said}: ${row.name}`}
      >
        {said}
      </Link>
    );
  return (
    <PlainTable
      label={say('Each student')}
      minWidth={860}
      heads={[
        'student',
        say('limited by'),
        'measured',
        say('due again'),
        'practised',
        say('planned days'),
        'came',
        say('next visit'),
      ]}
      rows={rows.map((r) => ({
        key: r.id,
        cells: [
          <Link key="who" href={`${base}/student?id=${r.id}`} style={LINK}>
            {r.name}
          </Link>,
          r.limits === null ? '…' : limitsWords(r.limits) || '–',
          r.measured ? dayWords(r.measured) : say('not yet'),
          to(r, 'again', r.due > 0 && String(r.due), say('due again')),
          to(
            r,
            'log',
            r.practised > 0 && say('{{practised}} ×, {{minutes}} min', { practised: r.practised, minutes: r.minutes }),
            'practised',
          ),
          to(
            r,
            'weeks',
            r.planned > 0 && say('{{done}} of {{planned}} done', { done: r.done, planned: r.planned }),
            say('planned days'),
          ),
          r.came + r.missed > 0 ? (
            <Link
              key="came"
              href={`${base}/daybook`}
              style={LINK}
              aria-label={say('Came {{came}} of {{what}}: {{name}}', {
                came: r.came,
                what: r.came + r.missed,
                name: r.name,
              })}
            >
              {say('{{came}} of {{what}}', { came: r.came, what: r.came + r.missed })}
            </Link>
          ) : (
            '–'
          ),
          r.next ? whenWords(r.next) : '–',
        ],
      }))}
    />
  );
}
