'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { EmptyChart } from './EmptyChart';
import { useStudio } from './studio-context';

/** What a screen says that needs an aim before it can begin. */
export function NoAimYet({ student, title }: { student: string; title: string }) {
  const { base } = useStudio();
  return (
    <EmptyChart
      title={title}
      action={
        <Button variant="contained" component={Link} href={`${base}/student?id=${student}&step=measure`}>
          {say('Measure')}
        </Button>
      }
    >
      {say('There is no aim yet. Measure first, or set an aim under Findings.')}
    </EmptyChart>
  );
}
