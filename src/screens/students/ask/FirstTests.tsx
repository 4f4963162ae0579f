'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import type { Screening } from '@/core/cautions/screen';
import type { Complaint } from '@/core/students/student';
import { testById } from '@/core/assessment/battery';
import { testsFor } from '@/core/assessment/complaints';
import { locksOf } from '@/core/assessment/locks';
import { changeSession } from '@/store/changes';
import { useStudio } from '../../shell/studio-context';

/** Most tests that are named; more would be a battery. */
const MOST = 6;

/** What to look at first for these complaints, as possibilities; nothing while somebody else has to look first. */
export function FirstTests({
  student,
  complaints,
  screening,
}: {
  student: string;
  complaints: readonly Complaint[];
  screening: Screening;
}) {
  const { db, base } = useStudio();
  const router = useRouter();
  if (screening.stopped)
    return (
      <Typography sx={{ color: 'var(--caution)', fontWeight: 600 }}>
        {say('▲ Nothing is proposed and nothing is tested until the caution above is lifted.')}
      </Typography>
    );
  const found = testsFor(complaints).slice(0, MOST);
  if (found.length === 0)
    return (
      <Typography color="text.secondary">
        {say('Without a complaint the quick look is a good beginning: it takes about a quarter of an hour.')}
      </Typography>
    );
  return (
    <Box>
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {found.map(({ test, because }) => {
          const known = testById(test);
          const { lock = null, shutSides = [] } = known ? locksOf(screening, known) : {};
          return (
            <Box component="li" key={test} sx={{ mb: 0.5 }}>
              {say(known?.name ?? test)}
              {shutSides.map(({ side }) => (
                <span key={side} style={{ color: 'var(--caution)' }}>
                  {' '}
                  {say('▲ {{side}} locked by a caution', { side: say(side) })}
                </span>
              ))}
              {lock && (
                <span style={{ color: 'var(--caution)' }}>
                  {' '}
                  ▲{' '}
                  {lock.open.length > 0
                    ? say('only {{open}}', { open: lock.open.map((v) => say(v.name)).join(say(' or ')) })
                    : say('locked by a caution')}
                </span>
              )}
              <Typography variant="caption" component="p">
                “{because.join('”, “')}”
              </Typography>
            </Box>
          );
        })}
      </Box>
      <Typography variant="caption" component="p" sx={{ mb: 1 }}>
        {say('Which tests would make an idea likelier or less likely: a starting point of ours, not a diagnosis.')}
      </Typography>
      <Button
        variant="outlined"
        onClick={() => {
          void changeSession(db, student, { battery: 'complaints', here: undefined }).then(() => {
            router.push(`${base}/student?id=${student}&step=measure`);
          });
        }}
      >
        {say('Test these')}
      </Button>
    </Box>
  );
}
