'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Build } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import type { FittedPose } from '@/core/fit/fit';
import { comfortOf, USUAL_WAY, type FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { rungOf } from '@/core/poses';
import { ownedWords } from '@/core/poses/prop-sizes';
import { usePropSizes } from '../settings/use-pose-settings';
import { depthWords, keyOf } from './PoseList';
import { PoseFigure } from './PoseFigure';
import { Strained, Stretched, Working } from './PoseNumbers';

/** Up to three poses side by side, the same facts in the same places. */
export function PoseCompare({
  poses,
  build,
  tolerances,
  posterior,
  way = USUAL_WAY,
  onClose,
  onOpen,
}: {
  poses: readonly FittedPose[];
  build?: Build;
  tolerances?: ArrayLike<number>;
  posterior?: Posterior;
  way?: FitWay;
  onClose: () => void;
  onOpen: (key: string) => void;
}) {
  const [sizes] = usePropSizes();
  return (
    <Box component="section" aria-label={say('Compared poses')} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', mb: 1 }}>
        <Typography variant="h1" sx={{ flex: 1, fontSize: 20 }}>
          {say('Side by side')}
        </Typography>
        <Button size="small" onClick={onClose}>
          {say('Stop comparing')}
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: `repeat(${poses.length}, minmax(0, 1fr))` },
          gap: 1.5,
        }}
      >
        {poses.map((p) => {
          const found = rungOf(p.pose, p.rung);
          return (
            <Box
              key={keyOf(p)}
              sx={{
                border: '1px solid var(--line)',
                borderRadius: 1.5,
                bgcolor: 'var(--surface)',
                p: 1.5,
                minWidth: 0,
              }}
            >
              <Typography variant="h3">
                {say(found?.shape.name ?? '')} {SIDE_MARK[p.side]}
              </Typography>
              <Typography variant="caption" component="p">
                {say(found?.rung.name ?? '')}, {depthWords(p)}
              </Typography>
              <Box sx={{ height: 160 }}>
                <PoseFigure
                  pose={p.pose}
                  rung={p.rung}
                  side={p.side}
                  depth={p.depth}
                  build={build}
                  tolerances={tolerances}
                  work={p.work}
                />
              </Box>
              <Stretched fit={p} posterior={posterior} />
              <Working fit={p} comfort={found ? comfortOf(found.rung, way) : undefined} />
              <Strained fit={p} />
              <Typography variant="h3" sx={{ mt: 1.5 }}>
                {say('Props')}
              </Typography>
              <Typography>
                {p.props.length === 0
                  ? say('none')
                  : p.props.map((q) => ownedWords(q.prop, q.height_cm, q.length_cm, sizes)).join('; ')}
              </Typography>
              <Button size="small" sx={{ mt: 1 }} onClick={() => onOpen(keyOf(p))}>
                {say('Open')}
              </Button>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
