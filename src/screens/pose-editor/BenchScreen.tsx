'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { EmptyChart } from '../shell/EmptyChart';
import { useOwnPoses } from '../shell/OwnPoses';
import { useStudio } from '../shell/studio-context';
import { BenchEditor } from './BenchEditor';
import { BenchStart } from './BenchStart';

/** The pose bench: what to work on, or the pose that is worked on; the address says which. */
export function BenchScreen() {
  const { base } = useStudio();
  const id = useSearchParams().get('pose');
  const stored = useOwnPoses().find((p) => p.id === id);
  if (id === null) return <BenchStart />;
  if (!stored)
    return (
      <EmptyChart
        title={say('This pose is not on the bench')}
        action={
          <Button variant="contained" component={Link} href={`${base}/poses/bench`}>
            {say('To the bench')}
          </Button>
        }
      >
        {say('Perhaps it was removed, or it belongs to the other studio.')}
      </EmptyChart>
    );
  return <BenchEditor key={id} stored={stored} />;
}
