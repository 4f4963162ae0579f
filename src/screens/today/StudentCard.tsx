import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns';
import Link from 'next/link';
import { useMemo } from 'react';
import { GROUP_WORDS } from '@/core/body/words';
import { screenOf } from '@/core/cautions/screen';
import type { Limit } from '@/core/inference';
import type { NextStep } from '@/core/progress/next-step';
import type { TodayOf } from '@/core/progress/today';
import type { Student } from '@/core/students/student';
import { Figure } from '@/figure/Figure';
import { today as day } from '@/store/studio';
import { STANDING } from '../findings/standing';
import { tintsOfLimit } from '../findings/tints';
import { useStudio } from '../shell/studio-context';
import { useBuild } from '../students/use-build';
import { counted, plural } from '@/core/plural';

const FRONT = { yaw: -90, pitch: 3 };
const BACK = { yaw: 90, pitch: 3 };
/** Groups that are seen from behind. */
const BEHIND: readonly string[] = ['hamstrings', 'gluteus-maximus', 'deep-buttock', 'calf', 'nerve-like'];

/** One student at a glance: what limits her on a small figure, what is due, and the one step that is next. */
export function StudentCard({
  student,
  limits,
  today,
  comes,
  next,
  last,
}: {
  student: Student;
  /** Null while it is not worked out. */
  limits: readonly Limit[] | null;
  today: TodayOf;
  /** The hour at which she comes today, empty for some time; null where she does not. */
  comes: string | null;
  next: NextStep;
  /** Moment of the newest reading; empty without one. */
  last: string;
}) {
  const { base } = useStudio();
  const build = useBuild(student);
  const tints = useMemo(() => (limits ?? []).flatMap(tintsOfLimit), [limits]);
  const first = limits?.at(0);
  const behind = first !== undefined && BEHIND.includes(first.group);
  const href =
    next.step === 'teach'
      ? `${base}/teach?practice=${next.practice}`
      : `${base}/student?id=${student.id}&step=${next.step}${next.step === 'progress' ? '&part=again' : ''}`;
  const due = [
    comes !== null && (comes === '' ? say('comes today') : say('comes at {{comes}}', { comes })),
    today.practice !== null && say('{{count}} minutes today', { count: today.practice }),
    today.due > 0 && say('{{counted}} due again', { counted: counted(today.due, 'reading') }),
    today.open > 0 &&
      say('{{count}} planned {{plural}} without a mark', { count: today.open, plural: plural(today.open, 'day') }),
  ].filter((w) => w !== false);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '76px minmax(0, 1fr)',
        gap: 1.5,
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
        p: 1.5,
      }}
    >
      <Figure
        label={
          first
            ? say('Limited first by {{name}} on the {{side}}.', {
                name: say(GROUP_WORDS[first.group].name),
                side: say(first.side),
              })
            : last
              ? say('Nothing is painted.')
              : say('Not measured yet.')
        }
        posture={STANDING}
        build={build}
        tints={tints}
        view={behind ? BACK : FRONT}
        shown={tints.length > 0 ? 'muscles' : 'skin'}
        detail="medium"
        height={148}
      />
      <Box sx={{ minWidth: 0, display: 'flex', flexDirection: 'column', gap: 0.25 }}>
        <Typography
          component={Link}
          href={`${base}/student?id=${student.id}`}
          sx={{
            fontWeight: 700,
            fontSize: 17,
            color: 'inherit',
            textDecoration: 'none',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {student.name}
        </Typography>
        {student.aim && <Typography sx={{ fontSize: 14, color: 'var(--ink-2)' }}>{student.aim}</Typography>}
        {first && (
          <Typography sx={{ fontSize: 14 }}>
            <span className="muscle">{say(GROUP_WORDS[first.group].name)}</span>, {say(first.side)}
            {limits && limits.length > 1 && say(' · {{count}} more', { count: limits.length - 1 })}
          </Typography>
        )}
        {limits?.length === 0 && last && (
          <Typography sx={{ fontSize: 14 }}>{say('Nothing stops short of typical.')}</Typography>
        )}
        <Typography variant="caption" component="p">
          {screenOf(student, day()).cautions.length > 0 && (
            <span style={{ color: 'var(--caution)' }}>{say('▲ caution ·')} </span>
          )}
          {due.length > 0 && <strong>{due.join(' · ')} · </strong>}
          {last
            ? say('measured {{formatDistanceToNow}}', {
                formatDistanceToNow: formatDistanceToNow(new Date(last), { addSuffix: true }),
              })
            : say('not measured yet')}
        </Typography>
        <Box sx={{ flex: 1 }} />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
          <Button
            size="small"
            variant={comes !== null || today.practice !== null || today.due > 0 ? 'contained' : 'outlined'}
            component={Link}
            href={href}
            aria-label={`${next.words}: ${student.name}`}
          >
            {next.words}
          </Button>
          {last && (
            <Button
              size="small"
              component={Link}
              href={`${base}/student?id=${student.id}&step=findings`}
              aria-label={say('Findings: {{name}}', { name: student.name })}
            >
              {say('Findings')}
            </Button>
          )}
        </Box>
      </Box>
    </Box>
  );
}
