import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Link from 'next/link';
import { useStudio } from './studio-context';

export const STEPS = ['ask', 'measure', 'findings', 'poses', 'practice', 'progress'] as const;
export type Step = (typeof STEPS)[number];
const LABELS: Record<Step, string> = {
  ask: 'Ask',
  measure: 'Measure',
  findings: 'Findings',
  poses: 'Poses',
  practice: 'Practice',
  progress: 'Progress',
};
/** Soundings of the plotted course: heights of the six marks, pixels. */
const COURSE = [13, 9, 15, 12, 8, 12];

/** The six steps of a student as a plotted course, with what has entries already. */
export function PlottedCourse({
  student,
  step,
  done,
}: {
  /** Id. */
  student: string;
  step: Step;
  done: Record<Step, boolean>;
}) {
  'use memo';
  const { base } = useStudio();
  return (
    <Box component="nav" aria-label={say('Steps')} sx={{ position: 'relative', width: 520, maxWidth: '100%' }}>
      <svg
        viewBox="0 0 520 24"
        width="100%"
        height="24"
        aria-hidden="true"
        style={{ display: 'block' }}
        preserveAspectRatio="none"
      >
        <polyline
          points={COURSE.map((y, i) => `${43 + i * 86.8},${y}`).join(' ')}
          fill="none"
          stroke="var(--contour)"
          strokeWidth="1.2"
        />
      </svg>
      <Box
        component="ol"
        sx={{
          position: 'absolute',
          inset: 0,
          m: 0,
          p: 0,
          display: 'grid',
          gridTemplateColumns: 'repeat(6, 1fr)',
          listStyle: 'none',
        }}
      >
        {STEPS.map((s, i) => {
          const here = s === step;
          return (
            <Box component="li" key={s} sx={{ textAlign: 'center' }}>
              <Box
                component={Link}
                href={`${base}/student?id=${student}&step=${s}`}
                aria-current={here ? 'step' : undefined}
                sx={{
                  color: 'var(--ink)',
                  textDecoration: 'none',
                  fontWeight: here ? 700 : 400,
                  // A long word of another language has no more room than a short one on a phone.
                  fontSize: { xs: say(LABELS[s]).length > 8 ? 11 : 12.5, sm: 14 },
                  letterSpacing: { xs: '-0.01em', sm: 'normal' },
                  whiteSpace: 'nowrap',
                  display: 'block',
                  pt: '26px',
                  position: 'relative',
                }}
              >
                <Box
                  component="span"
                  aria-hidden="true"
                  sx={{
                    position: 'absolute',
                    left: '50%',
                    top: COURSE[i] - (here ? 8 : 6),
                    ml: here ? '-8px' : '-6px',
                    width: here ? 16 : 12,
                    height: here ? 16 : 12,
                    borderRadius: '50%',
                    border: `${here ? 3 : 2}px solid var(--act)`,
                    bgcolor: done[s] && !here ? 'var(--act)' : 'var(--paper)',
                  }}
                />
                {say(LABELS[s])}
                <Box
                  component="span"
                  sx={{ position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' }}
                >
                  {done[s] ? say(', has entries') : say(', empty')}
                </Box>
              </Box>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ height: 22 }} />
    </Box>
  );
}
