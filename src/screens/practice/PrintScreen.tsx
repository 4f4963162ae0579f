'use client';
import { say, spokenLanguage } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { buildOfStudent } from '@/core/students/student';
import { screenOf } from '@/core/cautions/screen';
import { recheck } from '@/core/practice/recheck';
import { feltIn } from '@/core/teaching/log';
import { dateIn, languageOf } from '@/core/languages/language';
import { changeStudent } from '@/store/changes';
import { today } from '@/store/studio';
import { useInference, useRanking } from '@/workers/use-core';
import { useWay } from '../poses/use-way';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { sheetContent } from '@/pdf/content';
import { usePropSizes } from '../settings/use-pose-settings';
import { Handout } from './Handout';
import { makePdf } from '../shell/make-pdf';
import { LanguageSelect } from '../shell/LanguageSelect';
import { PaperBar } from '../shell/PaperBar';
import { Opening } from '../shell/Opening';
import { RecheckedNote } from './Rechecked';
import { TeacherSheet } from './TeacherSheet';
import { useCues } from './use-cues';
import { usePractice } from './use-practice';

/** A practice on paper: the teacher's page to carry, or the student's to take home. */
export function PrintScreen() {
  const { base, db } = useStudio();
  const id = useSearchParams().get('practice') ?? '';
  const [who, setWho] = useState<'teacher' | 'student'>('teacher');
  const data = usePractice(id);
  const felt = useMemo(() => feltIn(data?.logs ?? []), [data?.logs]);
  const inference = useInference(data?.student, data?.readings, felt, null);
  const [sizes] = usePropSizes();
  const { voice, schools, book } = useCues();
  const way = useWay(data?.student, data?.readings, inference.value?.findings);
  const { whole: ranked } = useRanking(data?.student, inference.value, data?.practice?.aims ?? null, way);
  if (!data) return <Opening />;
  const { practice, student } = data;
  if (!practice || !student || practice.items.length === 0)
    return (
      <EmptyChart
        title={say('There is nothing to print')}
        action={
          <Button variant="contained" component={Link} href={base}>
            {say('Today')}
          </Button>
        }
      >
        {say('The practice is empty, or it was taken back with undo.')}
      </EmptyChart>
    );
  const screening = screenOf(student, today());
  const safe = recheck(practice.items, screening, ranked, practice.aims, student.breathSeconds);
  const language = who === 'student' ? languageOf(student.language) : spokenLanguage();
  const content = sheetContent({
    practice: { ...practice, items: safe.items },
    posterior: inference.value?.posterior ?? null,
    build: buildOfStudent(student),
    way,
    on: dateIn(language),
    language,
    name: firstName(student.name),
    screening,
    sizes,
    voice,
    schools,
    book,
  });
  return (
    <Box sx={{ p: { xs: 2, md: 3 }, '@media print': { p: 0 } }}>
      <PaperBar
        what={who === 'teacher' ? 'practice' : 'practice-for'}
        name={student.name}
        makePdf={(size) => makePdf(who, content, size)}
        ready={
          (inference.value !== null && (safe.changes.length === 0 || ranked !== null)) || inference.failed !== null
        }
        back={say('Back to the practice')}
        backTo={`${base}/student?id=${student.id}&step=practice`}
      >
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={say('For whom')}
          value={who}
          onChange={(_, v: typeof who | null) => v && setWho(v)}
        >
          <ToggleButton value="teacher">{say('my page')}</ToggleButton>
          <ToggleButton value="student">{say('for the student')}</ToggleButton>
        </ToggleButtonGroup>
        {who === 'student' && (
          <LanguageSelect
            size="small"
            label={say('Language')}
            value={language}
            onPick={(to) => void changeStudent(db, student.id, { language: to })}
          />
        )}
      </PaperBar>
      <RecheckedNote changes={safe.changes} />
      {!inference.value && !inference.failed && (
        <Typography variant="caption" role="status" className="no-print">
          {say('Fitting every shape …')}
        </Typography>
      )}
      {who === 'teacher' ? <TeacherSheet content={content} /> : <Handout content={content} />}
    </Box>
  );
}
