'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { rungOf } from '@/core/poses';
import type { ReachingPose } from '@/core/ranking/reaching';
import { core } from '@/workers/use-core';
import { PoseFigure } from '../poses/PoseFigure';
import { useStudio } from '../shell/studio-context';

/** As many as can be looked through at a glance. */
const SHOWN = 6;

/** Poses that lengthen or load a muscle in typical people, best first, each a way into the library. */
export function PosesReaching({ structure }: { structure: string }) {
  const { base } = useStudio();
  const [answer, setAnswer] = useState<{ structure: string; poses: ReachingPose[] } | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let current = true;
    core()
      .reaching(structure)
      .then(
        (poses) => current && setAnswer({ structure, poses }),
        () => current && setFailed(true),
      );
    return () => {
      current = false;
    };
  }, [structure]);
  const poses = answer?.structure === structure ? answer.poses : null;
  return (
    <Box component="section" aria-label={say('Poses that reach it')} sx={{ mt: 2 }}>
      <Typography variant="h3">{say('Poses that reach it, best first')}</Typography>
      {failed && <Typography>{say('The poses could not be computed. Reload the page to try again.')}</Typography>}
      {poses?.length === 0 && (
        <Typography>{say('No pose of the library brings it far, nor loads it much.')}</Typography>
      )}
      <Box
        component="ol"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          minHeight: 96,
          display: 'grid',
          gridTemplateColumns: 'repeat(3, minmax(0, 1fr))',
          gap: 1,
        }}
      >
        {poses?.slice(0, SHOWN).map((p) => {
          const found = rungOf(p.pose, p.rung);
          return (
            <Box
              component="li"
              key={`${p.pose}/${p.rung}`}
              sx={{ border: '1px solid var(--line)', borderRadius: 1, p: 0.75 }}
            >
              <PoseFigure pose={p.pose} rung={p.rung} side="right" depth={p.depth} height={64} muscles={false} />
              <Link href={`${base}/poses?pose=${p.pose}/${p.rung}`}>{say(found?.shape.name ?? '')}</Link>
              <Typography variant="caption" component="p">
                {p.stretch >= 0.3 ? say('stretch {{count}}', { count: Math.round(p.stretch * 100) }) : ''}
                {p.stretch >= 0.3 && p.load >= 0.1 ? ', ' : ''}
                {p.load >= 0.1 ? say('work {{count}}', { count: Math.round(p.load * 100) }) : ''}
              </Typography>
            </Box>
          );
        })}
      </Box>
      <Typography variant="caption" component="p">
        {say('In typical people, at the depth that is comfortable for them.')}
      </Typography>
    </Box>
  );
}
