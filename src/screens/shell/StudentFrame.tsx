'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type ReactNode } from 'react';
import { screenOf } from '@/core/cautions/screen';
import { today } from '@/store/studio';
import type { Student } from '@/core/students/student';
import { HeaderNote } from './HeaderNote';
import { useStudio } from './studio-context';
import { useKeys } from './use-keys';

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

/** Head of every page of a student: who, cautions, and the six steps as a plotted course. Keys 1–6 go to a step, with Alt from a field too. */
export function StudentFrame({
  student,
  step,
  done,
  children,
}: {
  student: Student;
  step: Step;
  done: Record<Step, boolean>;
  children: ReactNode;
}) {
  const { base } = useStudio();
  const router = useRouter();
  const address = (s: Step) => `${base}/student?id=${student.id}&step=${s}`;
  const screening = screenOf(student, today());

  useKeys(
    (e) => {
      const t = e.target;
      const inField = t instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(t.tagName);
      if ((inField && !e.altKey) || e.ctrlKey || e.metaKey) return;
      const to = STEPS[Number(e.code.replace('Digit', '')) - 1];
      if (!to) return;
      e.preventDefault();
      router.push(`${base}/student?id=${student.id}&step=${to}`);
    },
    { inFields: true },
  );

  return (
    <Box>
      <Box
        component="header"
        className="no-print"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 1.5,
          alignItems: 'center',
          px: 3,
          py: 1,
          borderBottom: '1px solid var(--line)',
        }}
      >
        <Box sx={{ flex: '1 1 220px', minWidth: 0 }}>
          <Typography variant="h1" component="p" noWrap>
            {student.name}
          </Typography>
          <Typography variant="caption" component="p" sx={{ overflow: 'hidden' }}>
            {student.height_cm} cm · born {student.birthYear}
            {student.dominantLeg !== 'unknown' && ` · ${student.dominantLeg} leg leads`}
            {screening.cautions.length > 0 && (
              <Box component="span" sx={{ color: 'var(--caution)', fontWeight: 600 }}>
                {' '}
                · ▲ caution: {screening.cautions.map((c) => c.name.toLowerCase()).join('; ')}
              </Box>
            )}
          </Typography>
          <HeaderNote student={student} />
        </Box>
        <Box component="nav" aria-label="Steps" sx={{ position: 'relative', width: 520, maxWidth: '100%' }}>
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
                    href={address(s)}
                    aria-current={here ? 'step' : undefined}
                    sx={{
                      color: 'var(--ink)',
                      textDecoration: 'none',
                      fontWeight: here ? 700 : 400,
                      fontSize: 14,
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
                    {LABELS[s]}
                    <Box
                      component="span"
                      sx={{
                        position: 'absolute',
                        width: '1px',
                        height: '1px',
                        overflow: 'hidden',
                        clipPath: 'inset(50%)',
                      }}
                    >
                      {done[s] ? ', has entries' : ', empty'}
                    </Box>
                  </Box>
                </Box>
              );
            })}
          </Box>
          <Box sx={{ height: 22 }} />
        </Box>
      </Box>
      {screening.level === 'refer-now' || screening.level === 'refer-first' ? (
        <Box
          role="alert"
          sx={{
            mx: 3,
            mt: 2,
            p: 2,
            bgcolor: 'var(--caution-pale)',
            color: 'var(--caution)',
            borderRadius: 1.5,
            fontWeight: 600,
          }}
        >
          ▲ Caution: {screening.cautions.find((c) => c.level === screening.level)?.message}
        </Box>
      ) : null}
      <Box sx={{ px: { xs: 2, md: 3 }, py: 2.5 }}>{children}</Box>
    </Box>
  );
}
