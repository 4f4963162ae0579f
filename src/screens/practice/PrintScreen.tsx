'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { buildOfStudent } from '@/core/people/student';
import { screen } from '@/core/cautions/screen';
import { feltIn } from '@/core/teaching/log';
import { today } from '@/store/studio';
import { useInference } from '@/workers/use-core';
import { useWay } from '../poses/use-way';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { sheetContent } from '@/paper/content';
import { usePropSizes } from '../settings/use-pose-settings';
import { saveFile } from '../shell/save-file';
import { Handout } from './Handout';
import { makePdf } from './make-pdf';
import { TeacherSheet } from './TeacherSheet';
import { useCues } from './use-cues';
import { usePractice } from './use-practice';

type Paper = 'A4' | 'letter';

/** A practice on paper: the teacher's page to carry, or the student's to take home. */
export function PrintScreen() {
  const { base } = useStudio();
  const id = useSearchParams().get('practice') ?? '';
  const [who, setWho] = useState<'teacher' | 'student'>('teacher');
  const [paper, setPaper] = useState<Paper>('A4');
  const data = usePractice(id);
  const felt = useMemo(() => feltIn(data?.logs ?? []), [data?.logs]);
  const inference = useInference(data?.student, data?.readings, felt, null);
  const [sizes] = usePropSizes();
  const { voice, schools, book } = useCues();
  const [making, setMaking] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const way = useWay(data?.student, data?.readings, inference.value?.findings);
  if (!data) return null;
  const { practice, student } = data;
  if (!practice || !student || practice.items.length === 0)
    return (
      <EmptyChart
        title="There is nothing to print"
        action={
          <Button variant="contained" component={Link} href={base}>
            Today
          </Button>
        }
      >
        The practice is empty, or it was taken back with undo.
      </EmptyChart>
    );
  const cautions = screen(student.cautions, today()).cautions;
  const content = sheetContent({
    practice,
    posterior: inference.value?.posterior ?? null,
    build: buildOfStudent(student),
    way,
    on: format(new Date(), 'd MMMM yyyy'),
    name: student.name.split(' ')[0],
    cautions: cautions.map((c) => c.name),
    sizes,
    voice,
    schools,
    book,
  });
  const pdf = async () => {
    setMaking(true);
    try {
      const file = await makePdf(who, content, paper === 'A4' ? 'A4' : 'LETTER');
      saveFile(who === 'teacher' ? 'practice.pdf' : `practice-for-${content.name.toLowerCase()}.pdf`, file);
    } catch (error) {
      enqueueSnackbar(
        `The PDF could not be made: ${error instanceof Error ? error.message : String(error)}. Printing still works.`,
        { variant: 'error' },
      );
    } finally {
      setMaking(false);
    }
  };
  return (
    <Box sx={{ p: { xs: 2, md: 3 }, '@media print': { p: 0 } }}>
      <style>{`@page { size: ${paper}; margin: 12mm }`}</style>
      <Box className="no-print" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="For whom"
          value={who}
          onChange={(_, v: typeof who | null) => v && setWho(v)}
        >
          <ToggleButton value="teacher">my page</ToggleButton>
          <ToggleButton value="student">for the student</ToggleButton>
        </ToggleButtonGroup>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="Paper"
          value={paper}
          onChange={(_, v: Paper | null) => v && setPaper(v)}
        >
          <ToggleButton value="A4">A4</ToggleButton>
          <ToggleButton value="letter">Letter</ToggleButton>
        </ToggleButtonGroup>
        <Button variant="contained" onClick={() => window.print()} disabled={!inference.value && !inference.failed}>
          Print
        </Button>
        <Button
          variant="outlined"
          onClick={() => void pdf()}
          disabled={making || (!inference.value && !inference.failed)}
        >
          {making ? 'Making the PDF …' : 'Keep as PDF'}
        </Button>
        <Button component={Link} href={`${base}/student?id=${student.id}&step=practice`}>
          Back to the practice
        </Button>
        {!inference.value && !inference.failed && (
          <Typography variant="caption" role="status">
            Fitting every shape …
          </Typography>
        )}
      </Box>
      {who === 'teacher' ? <TeacherSheet content={content} /> : <Handout content={content} />}
    </Box>
  );
}
