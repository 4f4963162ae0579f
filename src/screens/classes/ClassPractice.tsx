import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { Little } from '@/core/classes/help';
import { practiceOfClass, type YogaClass } from '@/core/classes/class';
import { themeName } from '@/core/classes/themes';
import { paceOf, totalSeconds } from '@/core/practice/practice';
import { clock } from '@/core/practice/sheet';
import { usePropSizes } from '../settings/use-pose-settings';
import { useStudio } from '../shell/studio-context';
import { ClassTable } from './ClassTable';
import { WhoGetsLittle } from './WhoGetsLittle';
import type { useMembers } from './use-class';
import type { KeepClass } from './use-class-building';
import type { useClassTable } from './use-class-table';

/** The practice of a class: its poses with each one's own rung, to be printed and taught. */
export function ClassPractice({
  one,
  table,
  little,
  members,
  canTeach,
  keep,
}: {
  one: YogaClass;
  table: ReturnType<typeof useClassTable>;
  little: readonly Little[];
  members: ReturnType<typeof useMembers>['members'];
  /** True where somebody is there who may practise. */
  canTeach: boolean;
  keep: KeepClass;
}) {
  'use memo';
  const { base } = useStudio();
  const [sizes] = usePropSizes();
  return (
    <Box component="section" aria-label={say('The practice')}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1 }}>
        <Typography variant="h1" sx={{ fontSize: 20, flex: 1 }}>
          {one.name}
          {one.theme && one.theme !== 'all' && `: ${within(themeName(one.theme))}`} ·{' '}
          <span className="num">{clock(totalSeconds(one.items, paceOf(practiceOfClass(one))))}</span>
        </Typography>
        <Button className="no-print" variant="outlined" disabled={!table} onClick={() => window.print()}>
          {say('Print on one page')}
        </Button>
        <Button
          className="no-print"
          variant="contained"
          component={Link}
          href={`${base}/teach?class=${one.id}`}
          disabled={!canTeach}
        >
          {say('Teach')}
        </Button>
      </Box>
      {table ? (
        <ClassTable
          rows={table.rows}
          doses={table.doses}
          members={members}
          sizes={sizes}
          onLeaveOut={({ block }) =>
            void keep(
              (c) => ({ ...c, items: c.items.filter((i) => !block.items.some((b) => b.id === i.id)) }),
              say('It is left out.'),
            )
          }
        />
      ) : (
        <Typography role="status">{say('Finding each one’s own rung …')}</Typography>
      )}
      <WhoGetsLittle
        little={little}
        members={members}
        onTake={({ items }) => void keep((c) => ({ ...c, items }), say('It is changed.'))}
      />
      <Typography sx={{ mt: 1, fontSize: 13, color: 'var(--ink-2)' }}>
        {say(
          '▲ a caution: the rungs given keep to it. Stop at pain, pinching, tingling or numbness. Kolpos never diagnoses.',
        )}
      </Typography>
    </Box>
  );
}
