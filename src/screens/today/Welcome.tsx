import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useMemo } from 'react';
import type { PoseId } from '@/core/poses';
import { Figure } from '@/figure/Figure';
import { poseScene } from '@/figure/pose-scene';
import { seaTint } from '@/figure/scales';
import { addressOf } from '../shell/guided-stops';
import { useStudio } from '../shell/studio-context';

const STEPS = [
  {
    title: 'Ask and test',
    words: 'Nine safety questions, then a few hip tests on a mat or table. About twenty minutes.',
  },
  {
    title: 'See what limits',
    words: 'Which muscle stops each movement, how sure that is, and which test would tell more.',
  },
  {
    title: 'Build and teach',
    words: 'Poses ranked for this body, a practice for the minutes there are, and what changed since.',
  },
] as const;

/** What the picture shows: a low lunge with what it lengthens. */
const SHOWN = ['psoas', 'iliacus', 'rectus-femoris'];

/** The first thing a teacher sees: what Kolpos is in a picture and three steps, what it takes, and two ways in. */
export function Welcome() {
  const { base } = useStudio();
  const scene = useMemo(() => {
    const drawn = poseScene('low-lunge' satisfies PoseId, 2, 'right', 0.9);
    return (
      drawn && {
        ...drawn,
        tints: SHOWN.map((structure, i) => ({
          structure,
          side: 'right' as const,
          fill: seaTint(0.9 - 0.25 * i),
          sure: 0.6,
        })),
      }
    );
  }, []);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: { xs: 2, md: 5 },
        alignItems: 'center',
        maxWidth: 1100,
        mx: 'auto',
        p: { xs: 2, md: 4 },
        minHeight: { md: '88vh' },
      }}
    >
      <Box>
        <Typography variant="h1" sx={{ fontSize: { xs: 30, md: 40 }, lineHeight: 1.15 }}>
          {say('Welcome to Kolpos')}
        </Typography>
        <Typography sx={{ fontSize: 18, mt: 1, color: 'var(--ink-2)' }}>
          {say('Find out what limits a student’s hips, and practise for exactly that.')}
        </Typography>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, my: 3, display: 'grid', gap: 1.5 }}>
          {STEPS.map(({ title, words }, i) => (
            <Box component="li" key={title} sx={{ display: 'grid', gridTemplateColumns: '36px 1fr', gap: 1 }}>
              <Box
                className="num"
                aria-hidden
                sx={{ fontSize: 28, fontWeight: 700, lineHeight: 1.1, color: 'var(--act)' }}
              >
                {i + 1}
              </Box>
              <Box>
                <Typography sx={{ fontWeight: 700 }}>{say(title)}</Typography>
                <Typography sx={{ color: 'var(--ink-2)' }}>{say(words)}</Typography>
              </Box>
            </Box>
          ))}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
          <Button variant="contained" size="large" component={Link} href={`${base}/students?add=1`}>
            {say('Add the first student')}
          </Button>
          <Button variant="outlined" size="large" href={`/demo${addressOf(1)}`}>
            {say('See it work')}
          </Button>
        </Box>
        <Typography variant="caption" component="p" sx={{ mt: 2.5, maxWidth: 480 }}>
          {say(
            'You need a mat, a table or firm bed for some tests, and a phone to measure angles. Everything stays in this browser. Kolpos supports your judgement and does not diagnose; where a caution stands, a licensed clinician decides.',
          )}
        </Typography>
      </Box>
      {scene && (
        <Figure
          {...scene}
          label={say('A low lunge, the front of the hip painted where it is lengthened.')}
          height={'min(62vh, 520px)'}
          turns
        />
      )}
    </Box>
  );
}
