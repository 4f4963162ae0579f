'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { memo } from 'react';
import type { Problem } from '@/core/pose-editor/problems';
import type { PoseReading } from '@/core/fit/fit';
import Typography from '@mui/material/Typography';
import { Strained, Stretched, Working } from '../poses/PoseNumbers';

/** Who is stretched, who works and what strains at the depth that is shown. */
export const BenchReading = memo(function BenchReading({
  reading,
  comfort,
}: {
  reading: PoseReading;
  comfort: number;
}) {
  return (
    <>
      <Stretched fit={reading} />
      <Working fit={reading} comfort={comfort} />
      <Strained fit={reading} />
    </>
  );
});

/** Problems told at once; more would not be read. */
const TOLD = 5;

/** What cannot be, and joints at their end. */
export const BenchProblems = memo(function BenchProblems({ problems }: { problems: readonly Problem[] }) {
  return (
    <>
      <Box component="ul" aria-label={say('What cannot be')} aria-live="polite" sx={{ m: 0, mt: 1, pl: 2.25 }}>
        {problems.slice(0, TOLD).map((p) => (
          <Box component="li" key={p.words} sx={{ color: p.impossible ? 'var(--caution)' : undefined }}>
            {p.words}
          </Box>
        ))}
      </Box>
      {problems.length > TOLD && (
        <Typography variant="body2">{say('And {{count}} more.', { count: problems.length - TOLD })}</Typography>
      )}
      {problems.length === 0 && <Typography variant="body2">{say('Nothing here is impossible.')}</Typography>}
    </>
  );
});
