import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { LateProgress } from '../shell/LateProgress';

/** Places for the first poses, while they are being fitted. */
const PLACES = 8;

/** The screen before the first ranking: it says what is being done and for whom, and where the poses will stand. */
export function PosesWaiting({ name, failed }: { name: string; failed: string | null }) {
  return (
    <>
      <Typography variant="h1" sx={{ fontSize: 20 }}>
        {say('Poses for {{name}}', { name })}
      </Typography>
      <Box role="status">
        {!failed && <LateProgress busy label={say('Ranking poses')} />}
        <Typography color="text.secondary">
          {failed
            ? say('The ranking failed: {{failed}}', { failed })
            : say('Fitting every pose. The first time it takes a few seconds.')}
        </Typography>
      </Box>
      {!failed && (
        <Box
          aria-hidden
          sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))', mt: 2 }}
        >
          {Array.from({ length: PLACES }, (_, i) => (
            <Box key={i}>
              <Skeleton variant="rounded" animation={false} height={130} />
              <Skeleton animation={false} width="60%" />
              <Skeleton animation={false} width="40%" />
            </Box>
          ))}
        </Box>
      )}
    </>
  );
}
