import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { rungOf } from '@/core/poses';
import type { alternativesFor } from '@/core/practice/alternatives';
import type { RankedPose } from '@/core/ranking/rank';
import { PoseFigure } from '../poses/PoseFigure';

/** What could stand in the place of a block, best first. */
export function InItsPlace({
  name,
  others,
  onSwap,
}: {
  /** Of the block. */
  name: string;
  others: ReturnType<typeof alternativesFor>;
  onSwap: (fits: readonly RankedPose[]) => void;
}) {
  'use memo';
  return (
    <Box component="section" aria-label={say('Instead of {{name}}', { name })}>
      <Typography sx={{ fontWeight: 700 }}>{say('In its place')}</Typography>
      {others.length === 0 && <Typography>{say('Nothing else of its phase is allowed and within reach.')}</Typography>}
      <Box sx={{ display: 'grid', gap: 0.5, gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))', mt: 0.5 }}>
        {others.map(({ fits, worth }) => {
          const [pose] = fits;
          const found = rungOf(pose.pose, pose.rung);
          return (
            <Button
              key={`${pose.pose}/${pose.rung}`}
              variant="outlined"
              aria-label={say('Take {{what}}, {{what2}}', {
                what: say(found?.shape.name ?? pose.pose),
                what2: say(found?.rung.name ?? ''),
              })}
              onClick={() => onSwap(fits)}
              sx={{ justifyContent: 'flex-start', textAlign: 'left', gap: 1, p: 0.5, lineHeight: 1.25 }}
            >
              <Box sx={{ width: 60, flex: 'none' }}>
                <PoseFigure
                  pose={pose.pose}
                  rung={pose.rung}
                  side={pose.side}
                  depth={pose.depth}
                  height={40}
                  muscles={false}
                />
              </Box>
              <span>
                {say(found?.shape.name ?? '')}
                <Typography variant="caption" component="span" sx={{ display: 'block' }}>
                  {say(found?.rung.name ?? '')} {say('· {{count}} of 100', { count: Math.round(100 * worth) })}
                </Typography>
              </span>
            </Button>
          );
        })}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 0.5 }}>
        {say('Of 100: how much it gives the aims that {{name}} is here for, less what it strains.', {
          name: within(name),
        })}
      </Typography>
    </Box>
  );
}
