import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { Practice } from '@/core/practice/practice';
import { clock } from '@/core/practice/sheet';
import { useStudio } from '../shell/studio-context';

/** How long a practice is, beside what was asked, and the ways out of the editor: teach it, print it. */
export function PracticeTotal({
  practice,
  total,
  breathSeconds,
}: {
  practice: Practice;
  /** Seconds, with changes of place. */
  total: number;
  breathSeconds: number;
}) {
  'use memo';
  const { base } = useStudio();
  return (
    <>
      <Typography variant="caption">{say('Total, with changes of place')}</Typography>
      <Typography className="num" sx={{ fontSize: 40, fontWeight: 700, lineHeight: 1.1 }}>
        {clock(total)}
      </Typography>
      <Typography variant="caption" component="p" sx={{ mb: 1.5 }}>
        {say('of {{minutes}}:00 asked; one breath is {{breathSeconds}} s', {
          minutes: practice.minutes,
          breathSeconds,
        })}
      </Typography>
      <Button
        fullWidth
        size="large"
        variant="contained"
        component={Link}
        href={`${base}/teach?practice=${practice.id}`}
        disabled={practice.items.length === 0}
      >
        {say('Teach it')}
      </Button>
      <Button fullWidth size="small" component={Link} href={`${base}/print?practice=${practice.id}`} sx={{ mt: 1 }}>
        {say('Print it')}
      </Button>
    </>
  );
}
