'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { type ReactNode } from 'react';
import { screenOf } from '@/core/cautions/screen';
import { today } from '@/store/studio';
import type { Student } from '@/core/students/student';
import { heightWords } from '@/core/units';
import { useUnits } from '../settings/use-units';
import { HeaderNote } from './HeaderNote';
import { PlottedCourse, STEPS, type Step } from './PlottedCourse';
import { useStudio } from './studio-context';
import { useKeys } from './use-keys';

/**
 * Head of every page of a student: who, cautions, and the six steps as a plotted course. Keys 1–6 go to a step, with
 * Alt from a field too.
 */
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
  const units = useUnits() ?? 'metric';
  const screening = screenOf(student, today());

  useKeys(
    (e) => {
      const target = e.target;
      const inField = target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
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
            {say('{{height}} · born {{count}}', {
              height: heightWords(student.height_cm, units),
              count: student.birthYear,
            })}
            {student.dominantLeg !== 'unknown' &&
              say(' · {{dominantLeg}} leg leads', { dominantLeg: say(student.dominantLeg) })}
            {screening.cautions.length > 0 && (
              <Box component="span" sx={{ color: 'var(--caution)', fontWeight: 600 }}>
                {' '}
                {say('· ▲ caution: {{cautions}}', {
                  cautions: screening.cautions.map((c) => within(c.name)).join('; '),
                })}
              </Box>
            )}
          </Typography>
          <HeaderNote student={student} />
        </Box>
        <PlottedCourse student={student.id} step={step} done={done} />
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
          {say('▲ Caution:')} {say(screening.cautions.find((c) => c.level === screening.level)?.message ?? '')}
        </Box>
      ) : null}
      <Box sx={{ px: { xs: 2, md: 3 }, py: 2.5 }}>{children}</Box>
    </Box>
  );
}
