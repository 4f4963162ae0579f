'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { aimedName } from '@/core/aims/words';
import { listed } from '@/core/aims/plainly';
import type { Aim } from '@/core/students/student';
import { useStudio } from '../shell/studio-context';

/** What stands where no pose does: by name, by choices, or because nothing is to be lengthened or strengthened yet. */
export function NothingRanked({
  aims,
  student,
  named,
}: {
  aims: readonly Aim[];
  student: string;
  /** True where a name was typed. */
  named: boolean;
}) {
  const { base } = useStudio();
  if (named)
    return <Typography>{say('No pose is called that. Check the spelling, or try another of its names.')}</Typography>;
  if (aims.some((a) => a.kind !== 'leave'))
    return (
      <Typography>
        {say(
          'No pose serves these aims within these choices and the cautions. Clear a choice, or type a name to see why it is not here.',
        )}
      </Typography>
    );
  const left = [...new Set(aims.map((a) => `${aimedName(a)} ${say(a.side)}`))];
  return (
    <>
      <Typography sx={{ mb: 1 }}>
        {say(
          'So far there is only something to leave alone: {{listed}}. Settle what is open under Findings, or set an aim there; then poses are ranked for it.',
          { listed: listed(left) },
        )}
      </Typography>
      <Button variant="outlined" component={Link} href={`${base}/student?id=${student}&step=findings`}>
        {say('Findings')}
      </Button>
    </>
  );
}
