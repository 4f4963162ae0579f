'use client';
import { sayIn } from '@/core/languages/catalogues';
import { dateIn, languageOf } from '@/core/languages/language';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { aimsFor } from '@/core/aims/for-student';
import { aimsPlainly } from '@/core/aims/plainly';
import { changesOf } from '@/core/progress/change';
import { baseRound, roundsOf } from '@/core/progress/rounds';
import { progressSheet } from '@/core/progress/student-sheet';
import { progressPage, THEN_NOW } from '@/pdf/progress-page';
import { today } from '@/store/studio';
import { useInference } from '@/workers/use-core';
import { useAimDefaults } from '../settings/use-aim-defaults';
import { EmptyChart } from '../shell/EmptyChart';
import { progressPdf } from '../shell/make-pdf';
import { PaperBar } from '../shell/PaperBar';
import { useStudio } from '../shell/studio-context';
import { useKnown } from '../shell/use-known';
import { Opening } from '../shell/Opening';
import { ProgressStrip } from './ProgressStrip';
import { dayOf } from '@/core/day-of';

const NOTHING: never[] = [];

/**
 * One page for the student: what changed since a round, beyond what measuring alone can make; to print, or as a PDF.
 */
export function ProgressSheetScreen() {
  const { base: root } = useStudio();
  const params = useSearchParams();
  const id = params.get('id') ?? '';
  const data = useKnown(id);
  const inference = useInference(data?.student, data?.readings, data?.felt ?? NOTHING, null);
  const defaults = useAimDefaults();
  if (!data) return <Opening />;
  const { student, readings, logs } = data;
  const rounds = roundsOf(readings.map((r) => dayOf(r)));
  const year = new Date().getFullYear();
  const changes = student
    ? changesOf(
        readings,
        { sex: student.sexForNorms, age: year - student.birthYear },
        baseRound(rounds, params.get('since'))?.from,
      )
    : NOTHING;
  const back = `${root}/student?id=${id}&step=progress&part=change`;
  if (!student || changes.length === 0)
    return (
      <EmptyChart
        title={say('There is no change to put on a sheet yet')}
        action={
          <Button variant="contained" component={Link} href={student ? back : `${root}/students`}>
            {student ? say('Progress') : say('All students')}
          </Button>
        }
      >
        {say('It tells what changed between two rounds of tests. One of them is missing.')}
      </EmptyChart>
    );
  if (inference.failed)
    return (
      <Typography role="alert">
        {say('The sheet could not be computed. ({{failed}})', { failed: inference.failed })}
      </Typography>
    );
  if (!inference.value) return <Typography role="status">{say('Writing the sheet …')}</Typography>;
  const { standing, work } = aimsFor(student, readings, inference.value.findings, year, defaults);
  const language = languageOf(student.language);
  const theirs = sayIn(language);
  const sheet = progressSheet(student, changes, {
    readings,
    logs,
    aims: work,
    plainly: aimsPlainly(standing, theirs),
    today: today(),
    say: theirs,
  });
  if (!sheet) return null;
  const page = progressPage(sheet, (day) => dateIn(language, new Date(`${day}T12:00:00`)), language);
  return (
    <Box sx={{ maxWidth: 760, mx: 'auto', p: { xs: 2, md: 3 }, bgcolor: 'var(--surface)', '@media print': { p: 0 } }}>
      <PaperBar
        what="progress"
        name={student.name}
        makePdf={(size) => progressPdf(page, size)}
        back={say('Back to the changes')}
        backTo={`${back}${params.get('since') ? `&since=${params.get('since')}` : ''}`}
      />
      <Typography variant="h1" lang={language}>
        {page.title}
      </Typography>
      <Typography sx={{ color: 'var(--ink-2)', mb: 1.5 }}>{page.head}</Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          '@media print': { gridTemplateColumns: '1fr 1fr' },
        }}
      >
        {page.changes.map((c) => (
          <Box key={c.kind} component="section" aria-label={c.title} sx={{ breakInside: 'avoid' }}>
            <Typography sx={{ fontWeight: 700 }}>{c.title}</Typography>
            <ProgressStrip change={c} />
            <Typography>{theirs(THEN_NOW, { what: c.what, then: c.then, now: c.now, words: c.words })}</Typography>
          </Box>
        ))}
      </Box>
      <Typography variant="caption" component="p" sx={{ my: 1.5 }}>
        {page.legend}
      </Typography>
      {page.sections.map((part) => (
        <Box key={part.title} component="section" aria-label={part.title} sx={{ mb: 1.5, breakInside: 'avoid' }}>
          <Typography variant="h2">{part.title}</Typography>
          {part.lines.map((l) => (
            <Typography key={l}>{l}</Typography>
          ))}
        </Box>
      ))}
      {page.caution && (
        <Typography sx={{ mt: 1, color: 'var(--caution)', fontWeight: 600 }}>▲ {page.caution}</Typography>
      )}
      <Typography sx={{ mt: 2, fontSize: 14, color: 'var(--ink-2)' }}>{page.foot}</Typography>
    </Box>
  );
}
