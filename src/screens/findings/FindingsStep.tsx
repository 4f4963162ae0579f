'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { AimsOf } from '@/core/aims/for-student';
import { SIDES } from '@/core/body';
import type { Inference, MovementFinding, StructureFinding } from '@/core/inference';
import { headline } from '@/core/inference/words';
import { derivedFrom } from '@/core/measuring/derived';
import type { Student } from '@/core/students/student';
import { latest, type Reading } from '@/core/assessment/reading';
import type { Answer } from '@/workers/use-core';
import type { LeadingQuestion } from '../measure/use-question';
import { WorkedOut } from '../measure/WorkedOut';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { AimList } from './AimList';
import { OpenPoints } from './OpenPoints';
import { SideCard } from './SideCard';
import { MovementSource, StructureSource } from './Sources';
import { StrengthList } from './StrengthList';
import { ToleranceChart } from './ToleranceChart';

type Opened = { movement: MovementFinding } | { structure: StructureFinding };

/** What limits each side, how sure, what is open, and the aims that follow. Every number opens to what it rests on. */
export function FindingsStep({
  student,
  readings,
  inference,
  aimed,
  question,
}: {
  student: Student;
  readings: readonly Reading[];
  inference: Answer<Inference>;
  aimed: AimsOf | null;
  question: LeadingQuestion;
}) {
  const { base } = useStudio();
  const router = useRouter();
  const [opened, setOpened] = useState<Opened | null>(null);
  const findings = inference.value?.findings ?? null;
  const address = (step: string) => `${base}/student?id=${student.id}&step=${step}`;

  if (readings.length === 0)
    return (
      <EmptyChart
        title="Findings begin with a reading"
        action={
          <Button variant="contained" component={Link} href={address('measure')}>
            Measure
          </Button>
        }
      >
        Here Kolpos says what stops each movement, how sure it is, and which test would tell more.
      </EmptyChart>
    );
  if (inference.failed)
    return (
      <Typography role="alert">
        The findings could not be computed. Your readings are kept. ({inference.failed})
      </Typography>
    );
  if (!findings || !aimed)
    return (
      <Box role="status">
        <LateProgress busy label="Computing findings" />
        <Typography color="text.secondary">Reading {readings.length} readings …</Typography>
      </Box>
    );
  const known = latest(readings);
  const derived = derivedFrom(readings, student).filter((d) => !d.id.startsWith('gap-'));
  const settle = (m: MovementFinding) =>
    void question.ask({ side: m.side, movement: m.movement }).then(() => router.push(address('measure')));
  const again = (r: Reading) =>
    router.push(`${address('measure')}&at=${[r.test, r.readout, r.side, ...(r.variant ? [r.variant] : [])].join('/')}`);
  const { diagnostics } = findings;
  return (
    <>
      <LateProgress busy={inference.busy} label="Computing findings" />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1, mb: 1.5 }}>
        <Typography variant="h1" sx={{ flex: '1 1 360px' }}>
          {headline(findings)}
        </Typography>
        <Button size="small" component={Link} href={`${base}/sheet?id=${student.id}`}>
          Sheet for {student.name.split(' ')[0]}
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            sm: 'repeat(2, minmax(0, 1fr))',
            lg: '1fr 1fr minmax(250px, 280px)',
          },
          alignItems: 'start',
        }}
      >
        {SIDES.map((side) => (
          <SideCard
            key={side}
            side={side}
            column={side === 'left' ? '1' : '2'}
            movements={findings.movements}
            readings={readings}
            onOpen={(movement) => setOpened({ movement })}
            onSettle={settle}
          />
        ))}
        <Box sx={{ gridColumn: { sm: '1 / -1', lg: '3' }, gridRow: { lg: '1 / span 2' } }}>
          <AimList student={student} aimed={aimed} />
          <Button fullWidth variant="contained" component={Link} href={address('poses')} sx={{ mt: 1.5 }}>
            Rank poses for these aims
          </Button>
          <Typography variant="caption" component="p" sx={{ mt: 2 }}>
            {diagnostics.readings} readings{diagnostics.places > 0 && `, ${diagnostics.places} places felt in poses`},{' '}
            {diagnostics.samples} draws, effective {diagnostics.effective}, R-hat {diagnostics.rhat}.{' '}
            {findings.model.note}
          </Typography>
          <Button
            size="small"
            onClick={() => saveFile(`kolpos-findings-${student.id}.json`, JSON.stringify(findings, null, 2))}
          >
            Save the numbers
          </Button>
        </Box>
        <Box sx={{ gridColumn: { sm: '1 / -1', lg: '1 / 3' }, display: 'grid', gap: 2.5, minWidth: 0 }}>
          <OpenPoints findings={findings} readings={known} onSettle={settle} onTest={again} />
          <Box sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2 }}>
            <Typography variant="h2" sx={{ mb: 1 }}>
              Length and strength, left against right
            </Typography>
            <ToleranceChart
              structures={findings.structures}
              student={student}
              readings={readings}
              onOpen={(structure) => setOpened({ structure })}
            />
            <StrengthList student={student} readings={readings} />
            <WorkedOut values={derived} />
          </Box>
        </Box>
      </Box>
      <Dialog
        open={opened !== null}
        onClose={() => setOpened(null)}
        maxWidth="sm"
        fullWidth
        aria-labelledby="source-title"
      >
        {opened && 'movement' in opened && <MovementSource m={opened.movement} readings={readings} />}
        {opened && 'structure' in opened && <StructureSource f={opened.structure} />}
        <Button sx={{ m: 2 }} onClick={() => setOpened(null)}>
          Close
        </Button>
      </Dialog>
    </>
  );
}
