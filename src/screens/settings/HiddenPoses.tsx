'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { rungOf, shapeById } from '@/core/poses';
import { hidden, starred } from '@/core/practice/likes';
import { useLikes } from './use-pose-settings';

/** Poses that she has starred or hidden, each to be taken back. */
export function HiddenPoses() {
  const [likes, put] = useLikes();
  const rungs = likes.liked.flatMap((key) => {
    const [pose, rung] = key.split('/');
    const found = rungOf(pose, Number(rung));
    return found ? [{ key, pose, rung: Number(rung), label: `${say(found.shape.name)}, ${say(found.rung.name)}` }] : [];
  });
  return (
    <>
      <Typography sx={{ mt: 2, mb: 1 }}>
        {say(
          'Starred poses come into a practice where they serve as well; hidden ones never do. Star or hide a pose where it is open.',
        )}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
        {rungs.map((r) => (
          <Button
            key={r.key}
            variant="outlined"
            size="small"
            aria-label={say('Take the star from {{label}}', { label: r.label })}
            onClick={() => put(starred(likes, r.pose, r.rung))}
          >
            ★ {r.label} ×
          </Button>
        ))}
        {likes.never.map((pose) => {
          const name = shapeById(pose)?.name ?? pose;
          return (
            <Button
              key={pose}
              variant="outlined"
              size="small"
              aria-label={say('Show {{name}} again', { name })}
              onClick={() => put(hidden(likes, pose))}
            >
              {say('Hidden: {{name}} ×', { name })}
            </Button>
          );
        })}
        {rungs.length + likes.never.length === 0 && <Typography variant="caption">{say('None yet.')}</Typography>}
      </Box>
    </>
  );
}
