'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import { dayWords } from '@/core/day-words';
import { answered, QUESTIONS, unanswered } from '@/core/cautions/red-flags';
import { stands } from '@/core/cautions/screen';
import { ANSWERS, type Answer } from '@/core/students/red-flags';
import type { Student } from '@/core/students/student';
import { today } from '@/store/studio';
import { useStudio } from '../../shell/studio-context';
import { KeptText } from './KeptText';
import { counted } from '@/core/plural';

const WORDS: Readonly<Record<Answer, string>> = { yes: 'Yes', no: 'No', unsure: 'Not sure' };

/** The nine questions that come before any test or practice. Not sure counts as yes until it is cleared. */
export function RedFlagQuestions({
  student,
  newest,
  change,
}: {
  student: Student;
  /** The student as last changed: answers in quick succession build on each other. */
  newest: () => Student;
  change: (part: Partial<Student>) => void;
}) {
  const { base } = useStudio();
  const left = unanswered(student).length;
  const [opened, setOpened] = useState(left > 0);
  const { redFlags } = student;
  const said = QUESTIONS.filter((q) => redFlags?.answers[q.id] === 'yes' || redFlags?.answers[q.id] === 'unsure');
  if (left === 0 && !opened)
    return (
      <Box
        role="region"
        aria-label={say('First, nine questions')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 2 }}
      >
        <Typography sx={{ flex: '1 1 300px', color: said.length > 0 ? 'var(--caution)' : undefined }}>
          {said.length > 0 && '▲ '}
          {say('Nine questions asked on')} {redFlags && dayWords(redFlags.on, 'long')}
          {redFlags?.by ? say(' by {{by}}', { by: redFlags.by }) : ''}:{' '}
          {said.length === 0
            ? say('no to all.')
            : say('{{counted}} below as a caution.', {
                counted: counted(said.length, say('answer stands'), say('answers stand')),
              })}
        </Typography>
        <Button size="small" onClick={() => setOpened(true)}>
          {say('Ask them again')}
        </Button>
      </Box>
    );
  return (
    <Box
      role="region"
      aria-label={say('First, nine questions')}
      sx={{ border: '2px solid var(--act)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2, mb: 2.5 }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'baseline' }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {say('First, nine questions')}
        </Typography>
        <Typography variant="caption" role="status">
          {left === 0
            ? say('All asked.')
            : say('{{what}} of {{qUESTIONS}} asked', { what: QUESTIONS.length - left, qUESTIONS: QUESTIONS.length })}
        </Typography>
      </Box>
      <Typography sx={{ mb: 1 }}>
        {say(
          'They take a minute. Measuring, poses and practices open when all are answered. “Not sure” counts as yes until somebody who knows has looked.',
        )}
      </Typography>
      <Box component="ol" sx={{ m: 0, pl: 3, display: 'grid', gap: 0.5 }}>
        {QUESTIONS.map((q) => {
          const answer = redFlags?.answers[q.id] ?? null;
          const yes = answer === 'yes' || answer === 'unsure';
          const told = !yes && student.cautions.some((c) => c.caution === q.id && stands(c, today()));
          return (
            <Box component="li" key={q.id} sx={{ borderTop: '1px solid var(--line)', py: 0.5 }}>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'center' }}>
                <Typography id={`asks-${q.id}`} sx={{ flex: '1 1 420px' }}>
                  {say(q.ask)}
                </Typography>
                <RadioGroup
                  row
                  aria-labelledby={`asks-${q.id}`}
                  value={answer}
                  onChange={(_, v) => change(answered(newest(), q.id, v as Answer, today()))}
                >
                  {ANSWERS.map((a) => (
                    <FormControlLabel key={a} value={a} control={<Radio size="small" />} label={say(WORDS[a])} />
                  ))}
                </RadioGroup>
              </Box>
              {told && (
                <Typography sx={{ color: 'var(--caution)' }}>
                  {say('▲ It was told as a caution and stands below. If that was a mistake, take it off there.')}
                </Typography>
              )}
              {yes && (
                <Typography role="alert" sx={{ color: 'var(--caution)', fontWeight: 600 }}>
                  ▲ {say(q.message)}
                </Typography>
              )}
            </Box>
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mt: 1.5 }}>
        <Box sx={{ width: 220 }}>
          <KeptText
            label={say('Who asked')}
            value={redFlags?.by ?? ''}
            max={80}
            onKeep={(by) => {
              const { redFlags: now } = newest();
              change({ redFlags: { on: now?.on ?? today(), answers: now?.answers ?? {}, by } });
            }}
          />
        </Box>
        {left === 0 && (
          <>
            <Button variant="contained" component={Link} href={`${base}/student?id=${student.id}&step=measure`}>
              {say('Go to Measure')}
            </Button>
            <Button onClick={() => setOpened(false)}>{say('Close the questions')}</Button>
          </>
        )}
      </Box>
    </Box>
  );
}
