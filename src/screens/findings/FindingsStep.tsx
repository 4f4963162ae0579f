'use client';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { AimsOf } from '@/core/aims/for-student';
import type { Side } from '@/core/body';
import type { Inference, MovementFinding, GroupFinding } from '@/core/inference';
import { weakWords } from '@/core/aims/words';
import { headline } from '@/core/inference/words';
import { derivedFrom } from '@/core/measuring/derived';
import type { Student } from '@/core/students/student';
import { latest, type Reading } from '@/core/assessment/reading';
import type { Answer } from '@/workers/use-core';
import type { LeadingQuestion } from '../measure/use-question';
import { WorkedOut } from '../measure/WorkedOut';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { useStudio } from '../shell/studio-context';
import { useBuild } from '../students/use-build';
import { AimList } from './AimList';
import { EndedInPain } from './EndedInPain';
import { FoundBody } from './FoundBody';
import { FoundThere } from './FoundThere';
import { HowComputed } from './HowComputed';
import { OpenPoints } from './OpenPoints';
import { SideCard } from './SideCard';
import { MovementSource, GroupSource } from './Sources';
import { StrengthList } from './StrengthList';
import { ToleranceChart } from './ToleranceChart';

type Opened = { movement: MovementFinding } | { group: GroupFinding };

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
  'use memo';
  const { base } = useStudio();
  const router = useRouter();
  const build = useBuild(student);
  const [opened, setOpened] = useState<Opened | null>(null);
  const findings = inference.value?.findings ?? null;
  const address = (step: string) => `${base}/student?id=${student.id}&step=${step}`;

  if (readings.length === 0)
    return (
      <EmptyChart
        title={say('Findings begin with a reading')}
        action={
          <Button variant="contained" component={Link} href={address('measure')}>
            {say('Measure')}
          </Button>
        }
      >
        {say('Here Kolpos says what stops each movement, how sure it is, and which test would tell more.')}
      </EmptyChart>
    );
  if (inference.failed)
    return (
      <Typography role="alert">
        {say('The findings could not be computed. Your readings are kept. ({{failed}})', { failed: inference.failed })}
      </Typography>
    );
  if (!findings || !aimed)
    return (
      <Box role="status">
        <LateProgress busy label={say('Computing findings')} />
        <Typography color="text.secondary">
          {say('Reading {{count}} readings …', { count: readings.length })}
        </Typography>
      </Box>
    );
  const known = latest(readings);
  const derived = derivedFrom(readings, student).filter((d) => !d.id.startsWith('gap-'));
  const settle = (finding: MovementFinding) =>
    void question.ask({ side: finding.side, movement: finding.movement }).then(() => router.push(address('measure')));
  const again = (read: Reading) =>
    router.push(
      `${address('measure')}&at=${[read.test, read.readout, read.side, ...(read.variant ? [read.variant] : [])].join('/')}`,
    );
  const side = (which: Side, at: { gridColumn: object; gridRow: object }) => (
    <Box sx={{ minWidth: 0, ...at }}>
      <SideCard
        side={which}
        movements={findings.movements}
        readings={readings}
        onOpen={(movement) => setOpened({ movement })}
        onSettle={settle}
      />
    </Box>
  );
  return (
    <>
      <LateProgress busy={inference.busy} label={say('Computing findings')} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1, mb: 1.5 }}>
        <Typography variant="h1" sx={{ flex: '1 1 360px' }}>
          {headline(findings, weakWords(aimed.proposed))}
        </Typography>
        <Button size="small" component={Link} href={`${base}/sheet?id=${student.id}`}>
          {say('Sheet for {{firstName}}', { firstName: firstName(student.name) })}
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 270px' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2, minWidth: 0 }}>
          <FoundThere student={student} findings={findings} readings={readings} />
          <Box
            sx={{
              border: '1px solid var(--line)',
              borderRadius: 1.5,
              bgcolor: 'var(--surface)',
              p: 2,
              display: 'grid',
              columnGap: 2,
              rowGap: 1,
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '1fr 1fr', md: 'minmax(0, 1fr) 330px minmax(0, 1fr)' },
            }}
          >
            {side('left', { gridColumn: { xs: '1', md: '1' }, gridRow: { xs: '2', md: '1' } })}
            <Box sx={{ gridColumn: { xs: '1 / -1', md: '2' }, gridRow: '1', minWidth: 0 }}>
              <FoundBody movements={findings.movements} build={build} height={400} />
            </Box>
            {side('right', { gridColumn: { xs: '1', sm: '2', md: '3' }, gridRow: { xs: '3', sm: '2', md: '1' } })}
          </Box>
          <EndedInPain readings={readings} />
          <OpenPoints findings={findings} readings={known} onSettle={settle} onTest={again} />
          <Box sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2 }}>
            <Typography variant="h2" sx={{ mb: 1 }}>
              {say('Length and strength, left against right')}
            </Typography>
            <ToleranceChart
              findings={findings.groups}
              student={student}
              readings={readings}
              onOpen={(group) => setOpened({ group })}
            />
            <StrengthList student={student} readings={readings} />
            <WorkedOut values={derived} />
          </Box>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Button fullWidth variant="contained" component={Link} href={address('poses')} sx={{ mb: 1.5 }}>
            {say('Rank poses for these aims')}
          </Button>
          <AimList student={student} aimed={aimed} posterior={inference.value?.posterior} />
          <HowComputed findings={findings} student={student.id} />
        </Box>
      </Box>
      <Dialog
        open={opened !== null}
        onClose={() => setOpened(null)}
        maxWidth="sm"
        fullWidth
        aria-labelledby="source-title"
      >
        {opened && 'movement' in opened && <MovementSource finding={opened.movement} readings={readings} />}
        {opened && 'group' in opened && <GroupSource finding={opened.group} />}
        <Button sx={{ m: 2 }} onClick={() => setOpened(null)}>
          {say('Close')}
        </Button>
      </Dialog>
    </>
  );
}
