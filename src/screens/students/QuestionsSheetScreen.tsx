'use client';
import type { Say } from '@/core/languages/as-written';
import { sayIn } from '@/core/languages/catalogues';
import { dateIn, languageOf } from '@/core/languages/language';
import { say, spokenLanguage } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { answerTo, FURTHER, QUESTIONS } from '@/core/cautions/red-flags';
import type { Answer } from '@/core/students/red-flags';
import { today } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useKnown } from '../shell/use-known';

/**
 * The questions on paper: what was answered is ticked, what was not asked has empty boxes. To be printed, filled in and
 * signed.
 */
export function QuestionsSheetScreen() {
  const { base } = useStudio();
  const id = useSearchParams().get('id') ?? '';
  const data = useKnown(id);
  if (!data) return null;
  const { student } = data;
  const day = today();
  const language = student ? languageOf(student.language) : spokenLanguage();
  const theirs = sayIn(language);
  const said = (id: string): Answer | null => (student ? answerTo(student, id, day) : null);
  return (
    <Box
      lang={language}
      sx={{ p: { xs: 2, md: 3 }, maxWidth: 860, '@media print': { p: 0, maxWidth: 'none', fontSize: '9.5pt' } }}
    >
      <style>{'@page { margin: 12mm }'}</style>
      <Box lang={spokenLanguage()} className="no-print" sx={{ display: 'flex', gap: 1, mb: 2 }}>
        <Button variant="contained" onClick={() => window.print()}>
          {say('Print')}
        </Button>
        <Button component={Link} href={student ? `${base}/student?id=${id}&step=ask` : `${base}/students`}>
          {student ? say('Back to the questions') : say('All students')}
        </Button>
      </Box>
      <Typography variant="h1">
        {theirs('Before we begin{{what}}', { what: student ? `: ${student.name}` : '' })}
      </Typography>
      <Typography sx={{ my: 1 }}>
        {theirs(
          'These questions tell what to leave out and when somebody else should look first. They are no diagnosis. “Not sure” counts as yes until it is cleared.',
        )}
      </Typography>
      <Questions
        heading={theirs('First')}
        rows={QUESTIONS.map((q) => ({ id: q.id, text: theirs(q.ask), said: said(q.id) }))}
        unsure
        say={theirs}
      />
      <Questions
        heading={theirs('Does any of this apply to you?')}
        rows={FURTHER.map((c) => ({ id: c.id, text: theirs(c.name), said: said(c.id) }))}
        say={theirs}
      />
      <Box sx={{ display: 'flex', gap: 4, mt: 4 }}>
        {[
          theirs('Day: {{what}}', {
            what: student?.redFlags ? dateIn(language, new Date(`${student.redFlags.on}T12:00:00`)) : '',
          }),
          theirs('Asked by: {{what}}', { what: student?.redFlags?.by ?? '' }),
          theirs('Signed:'),
        ].map((line) => (
          <Typography key={line} sx={{ flex: 1, borderBottom: '1px solid var(--ink)' }}>
            {line}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

const WORDS = { yes: 'yes', no: 'no', unsure: 'not sure' } as const;

function Questions({
  heading,
  rows,
  unsure = false,
  say,
}: {
  heading: string;
  rows: readonly { id: string; text: string; said: Answer | null }[];
  unsure?: boolean;
  /** In the language of whoever is asked. */
  say: Say;
}) {
  const answers = unsure ? (['yes', 'no', 'unsure'] as const) : (['yes', 'no'] as const);
  return (
    <Box
      component="table"
      sx={{
        width: '100%',
        borderCollapse: 'collapse',
        mt: 1.5,
        '& td, & th': { borderTop: '1px solid var(--line)', py: 0.25, textAlign: 'left' },
        '& tr': { breakInside: 'avoid' },
        '@media print': { mt: 0.5, '& td, & th': { fontSize: '8.5pt', lineHeight: 1.2, py: 0 } },
      }}
    >
      <thead>
        <tr>
          <th scope="col">{heading}</th>
          {answers.map((a) => (
            <th key={a} scope="col" style={{ width: 70 }}>
              {say(WORDS[a])}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.id}>
            <td>{r.text}</td>
            {answers.map((a) => (
              <td key={a} aria-label={`${say(WORDS[a])}${r.said === a ? say(', ticked') : ''}`}>
                {r.said === a ? '☒' : '☐'}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
