import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Build } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { reachedIn } from '@/core/fit/fit';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { rungOf } from '@/core/poses';
import type { PracticeItem } from '@/core/practice/practice';
import { PoseFigure } from '../poses/PoseFigure';

/** How deep an item goes for whoever is taught, 0–1; half-way while that is not known. */
export function depthOf(
  item: Pick<PracticeItem, 'pose' | 'rung' | 'side'>,
  posterior: Posterior | null,
  build: Build,
  way: FitWay,
): number {
  const found = rungOf(item.pose, item.rung);
  if (!found || !posterior) return 0.5;
  return reachedIn(found.shape, item.rung, item.side === 'left' ? 'left' : 'right', posterior, build, way).depth;
}

/** What comes next: small, drawn and named, with what to fetch for it. */
export function NextUp({
  next,
  depth,
  children,
}: {
  next: PracticeItem | undefined;
  depth: number;
  /** What else is said of it. */
  children?: ReactNode;
}) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, minHeight: 64 }}>
      {next && (
        <Box sx={{ width: 96, flex: 'none' }}>
          <PoseFigure
            pose={next.pose}
            rung={next.rung}
            side={next.side}
            depth={depth}
            height={64}
            muscles={false}
            detail="medium"
          />
        </Box>
      )}
      <Typography aria-label="Next" sx={{ fontSize: 18 }}>
        {next ? (
          <>
            Next: <strong>{rungOf(next.pose, next.rung)?.shape.name ?? next.pose}</strong>{' '}
            {next.side === 'both' ? '' : `${SIDE_MARK[next.side]} ${next.side}`}
            {children}
          </>
        ) : (
          'Last one'
        )}
      </Typography>
    </Box>
  );
}
