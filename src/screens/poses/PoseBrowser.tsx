'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { Build } from '@/core/body';
import type { Posterior } from '@/core/inference';
import type { FittedPose } from '@/core/fit/fit';
import type { FitWay } from '@/core/fit/way';
import { PoseCompare } from './PoseCompare';
import { keyOf, PoseList } from './PoseList';
import type { usePoseView } from './use-pose-view';

/** A list of poses beside the one that is open, or beside up to three of them side by side. */
export function PoseBrowser<T extends FittedPose>({
  label,
  view,
  list,
  open,
  comparable,
  build,
  tolerances,
  posterior,
  way,
  cautions,
  value,
  empty,
  children,
}: {
  label: string;
  view: ReturnType<typeof usePoseView>;
  list: readonly T[];
  open: T | undefined;
  /** Poses that may stand side by side: those that are worked out. */
  comparable: readonly T[];
  build?: Build;
  tolerances?: ArrayLike<number>;
  /** What is known of the student; none in a typical body. */
  posterior?: Posterior;
  way?: FitWay;
  cautions?: (pose: T) => readonly string[];
  value?: (pose: T) => string;
  /** What is said where nothing answers the choices. */
  empty: ReactNode;
  /** The open pose. */
  children: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 430px) minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Box component="section" aria-label={label} sx={{ minWidth: 0 }}>
        <PoseList
          poses={list}
          open={open ? keyOf(open) : null}
          onOpen={view.openPose}
          compared={view.compared}
          onCompare={view.toggleCompared}
          cautions={cautions}
          value={value}
          build={build}
          empty={empty}
        />
        {view.compared.length > 1 && (
          <Button variant="outlined" size="small" sx={{ mt: 1 }} onClick={() => view.setComparing(true)}>
            {say('Compare {{count}}', { count: view.compared.length })}
          </Button>
        )}
      </Box>
      {view.comparing ? (
        <PoseCompare
          poses={comparable.filter((p) => view.compared.includes(keyOf(p)))}
          build={build}
          tolerances={tolerances}
          posterior={posterior}
          way={way}
          onClose={() => view.setComparing(false)}
          onOpen={view.openPose}
        />
      ) : (
        children
      )}
    </Box>
  );
}
