'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useRouter } from 'next/navigation';
import { SIDE_MARK } from '@/core/body/words';
import type { Aim, Student } from '@/core/students/student';
import { aimWords } from '@/core/practice/words';
import { retestsOf, type Retest } from '@/core/progress/retest';
import { retestWords } from '@/core/progress/words';
import { readoutOf, testById } from '@/core/assessment/battery';
import { withUnit, meanOf, type Reading } from '@/core/assessment/reading';
import { changeSession } from '@/store/changes';
import { now, today } from '@/store/studio';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';

/** What to test again and when, in the same way as last time; what the aims rest on stands first. */
export function RetestPart({
  student,
  readings,
  aims,
}: {
  student: Student;
  readings: readonly Reading[];
  aims: readonly Aim[];
}) {
  const { db, base } = useStudio();
  const router = useRouter();
  const all = retestsOf(readings, aims, today());
  if (all.length === 0)
    return (
      <EmptyChart title={say('Nothing to test again')}>
        {say('Measure first; then it is told here when to come back to it.')}
      </EmptyChart>
    );
  const aimed = all.filter((r) => r.aims.length > 0);
  const listed = aimed.length > 0 ? aimed : all;
  const due = listed.filter((r) => r.inDays <= 0);
  const warm = due.filter((r) => r.last.warm).length;
  /** Leads Measure through these tests, as a round of its own. */
  const measure = async (list: readonly Retest[]) => {
    await changeSession(db, student.id, {
      battery: 'own',
      own: [...new Set(list.map((r) => r.test))],
      skipped: [],
      warm: list.every((r) => r.last.warm ?? false),
      here: undefined,
      startedAt: now(),
    });
    router.push(`${base}/student?id=${student.id}&step=measure`);
  };
  return (
    <>
      <Typography sx={{ mb: 1 }}>
        {say('{{what}}Same time of day, same tool, same side first, and {{what2}}.', {
          what:
            due.length > 0
              ? say('{{due}} of {{listed}} {{what}} are due. ', {
                  due: due.length,
                  listed: listed.length,
                  what: listed === aimed ? say('readings that the aims rest on') : say('readings'),
                })
              : say(
                  'Nothing is due before {{format}}. Sooner, a change is likely to be smaller than the error of measuring. ',
                  { format: format(new Date(listed[0].due), say('d MMMM')) },
                ),
          what2: warm > due.length / 2 ? say('warmed up as last time') : say('cold as last time'),
        })}
      </Typography>
      <Button
        variant={due.length > 0 ? 'contained' : 'outlined'}
        onClick={() => void measure(due.length > 0 ? due : listed)}
        sx={{ mb: 2 }}
      >
        {due.length > 0 ? say('Measure what is due') : say('Measure them all the same')}
      </Button>
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            '& td, & th': {
              textAlign: 'left',
              borderBottom: '1px solid var(--line)',
              py: 0.75,
              pr: 2,
              fontSize: 14,
              verticalAlign: 'top',
            },
          }}
        >
          <thead>
            <tr>
              <th>{say('From')}</th>
              <th>{say('Test')}</th>
              <th>{say('Last time')}</th>
              <th>{say('For')}</th>
            </tr>
          </thead>
          <tbody>
            {listed.map((r) => {
              const readout = readoutOf(r.test, r.readout);
              const variant = testById(r.test)?.variants?.find((v) => v.id === r.variant)?.name;
              return (
                <tr key={r.last.id}>
                  <td className="num">
                    {format(new Date(r.due), say('d MMM'))}
                    <br />
                    {r.inDays > 0 ? say('in {{count}} days', { count: r.inDays }) : say('due')}
                  </td>
                  <td>
                    {say(testById(r.test)?.name ?? r.test)}{' '}
                    {r.side === 'both' ? '' : `${SIDE_MARK[r.side]} ${say(r.side)}`}
                    <br />
                    {[say(readout?.name ?? ''), variant, r.active ? say('alone') : ''].filter(Boolean).join(', ')}
                  </td>
                  <td>
                    {readout ? withUnit(readout, meanOf(r.last.trials)) : ''},{' '}
                    {format(new Date(r.last.takenAt), say('d MMM yyyy'))}
                    <br />
                    {[r.last.warm ? say('warm') : say('cold'), r.last.instrument ?? say('typed')].join(', ')}
                  </td>
                  <td>
                    {r.aims.map((a) => aimWords(a)).join('; ') || say('no aim')}
                    <br />
                    {retestWords(r.why)}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Box>
    </>
  );
}
