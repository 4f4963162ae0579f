'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { LIBRARY } from '@/core/poses';
import { TYPICAL } from '@/core/fit/typical';
import { LateProgress } from '../shell/LateProgress';
import { useOwnPoses } from '../shell/OwnPoses';
import { useStudio } from '../shell/studio-context';
import { calledFirst, firstOfShape, matches } from './pose-filter';
import { PoseBrowser } from './PoseBrowser';
import { PoseDetail } from './PoseDetail';
import { PoseFilterBar } from './PoseFilterBar';
import { keyOf } from './PoseList';
import { useLibrary } from './use-library';
import { usePoseView } from './use-pose-view';

const RUNGS = LIBRARY.reduce((s, shape) => s + shape.rungs.length, 0);

/** The whole library in typical people, for looking things up without a student. */
export function LibraryScreen() {
  const { base } = useStudio();
  const own = useOwnPoses().filter((p) => p.inLibrary).length;
  const { fits, failed } = useLibrary();
  const view = usePoseView();
  const asked = useSearchParams().get('pose');
  const [seen, setSeen] = useState(asked);
  // Another pose that the address asks for goes before the one that was opened by hand.
  if (asked !== seen) {
    setSeen(asked);
    view.closePose();
  }
  const named = calledFirst(fits?.filter((p) => matches(p, view.filter)) ?? [], view.filter.text);
  const list = view.filter.rungs === 'best' ? firstOfShape(named) : named;
  const open =
    fits?.find((p) => keyOf(p) === view.open) ??
    (view.open === null && asked ? fits?.find((p) => `${p.pose}/${p.rung}` === asked) : undefined) ??
    list[0];
  return (
    <Box sx={{ p: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline' }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {say('Poses')}
        </Typography>
        <Button size="small" component={Link} href={`${base}/poses/bench`}>
          {say('Pose bench')}
        </Button>
      </Box>
      <Typography sx={{ color: 'var(--ink-2)', mb: 1.5 }}>
        {say(
          '{{lIBRARY}} shapes with {{rUNGS}} rungs{{what}}, computed for typical people. On a student’s own page they are ranked and fitted to that body.',
          {
            lIBRARY: LIBRARY.length,
            rUNGS: RUNGS,
            what: own > 0 ? say(' and {{count}} of your own', { count: own }) : '',
          },
        )}
      </Typography>
      {failed && (
        <Typography role="alert">
          {say('The library could not be computed: {{failed}}. Reload the page to try again.', { failed })}
        </Typography>
      )}
      <LateProgress busy={!fits && !failed} label={say('Fitting every pose')} />
      {fits && (
        <>
          <PoseFilterBar filter={view.filter} set={view.setFilter} />
          <PoseBrowser
            label={say('Poses of the library')}
            view={view}
            list={list}
            open={open}
            comparable={fits}
            empty={<Typography>{say('No pose answers all of this. Clear a choice above.')}</Typography>}
          >
            {open && (
              <PoseDetail
                key={keyOf(open)}
                fit={open}
                posterior={TYPICAL}
                onRung={(rung) => view.openPose(keyOf({ ...open, rung }))}
              />
            )}
          </PoseBrowser>
        </>
      )}
    </Box>
  );
}
