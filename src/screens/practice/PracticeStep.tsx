'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { screen } from '@/core/cautions/screen';
import type { Inference } from '@/core/limits';
import type { FitWay } from '@/core/fit/way';
import type { Aim, Student } from '@/core/people/student';
import type { Practice } from '@/core/practice/practice';
import { savePractice } from '@/store/changes';
import { newId, now, today } from '@/store/studio';
import { core, useRanking, type Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { NoAimYet } from '../shell/NoAimYet';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { PracticeEditor } from './PracticeEditor';

/** Minutes → a practice for these aims; the newest one open for changing. */
export function PracticeStep({
  student,
  practices,
  inference,
  aims,
  way,
}: {
  student: Student;
  practices: readonly Practice[];
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  way: FitWay;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const { whole: ranked, busy } = useRanking(student, inference.value, aims, way);
  const [minutes, setMinutes] = useState('20');
  const [problem, setProblem] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const sorted = [...practices].sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
  const open = sorted.find((p) => p.id === chosen) ?? sorted[0];
  const screening = screen(student.cautions, today());

  if (screening.stopped)
    return (
      <EmptyChart title="No practice for now">
        {screening.cautions.find((c) => c.tests === 'all')?.message} When it is cleared, take the caution off under Ask.
      </EmptyChart>
    );
  if (!aims || aims.length === 0) return <NoAimYet student={student.id} title="A practice is built for aims" />;
  const build = async () => {
    const wanted = Number(minutes.replace(',', '.'));
    if (!(wanted >= 5 && wanted <= 120)) {
      setProblem('Type minutes between 5 and 120.');
      return;
    }
    setProblem(null);
    if (!ranked) return;
    const plain = aims.map(({ kind, group, side, weight }) => ({ kind, group, side, weight }));
    const built = await core().build(ranked, plain, { minutes: wanted, breathSeconds: student.breathSeconds });
    const time = now();
    const practice: Practice = {
      id: newId(),
      student: student.id,
      title: `${wanted} minutes for ${student.name.split(' ')[0]}`,
      minutes: wanted,
      items: built.items,
      aims: plain,
      createdAt: time,
      updatedAt: time,
    };
    const change = await savePractice(db, practice);
    setChosen(practice.id);
    undo('The practice is built.', change);
  };
  return (
    <>
      <LateProgress busy={busy} label="Fitting poses" />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start', mb: 2 }}>
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            void build();
          }}
          sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}
        >
          <TextField
            label="Minutes"
            value={minutes}
            onChange={(e) => setMinutes(e.target.value)}
            error={problem !== null}
            helperText={problem}
            sx={{ width: 150 }}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          />
          <Button type="submit" variant={open ? 'outlined' : 'contained'} disabled={!ranked}>
            Build a practice
          </Button>
        </Box>
        {sorted.length > 1 && (
          <TextField
            select
            label="Practice"
            value={open?.id ?? ''}
            onChange={(e) => setChosen(e.target.value)}
            slotProps={{ select: { native: true } }}
            sx={{ minWidth: 240 }}
          >
            {sorted.map((p) => (
              <option key={p.id} value={p.id}>
                {p.title}
              </option>
            ))}
          </TextField>
        )}
      </Box>
      {!open && (
        <Typography color="text.secondary">
          Say how many minutes you have. Kolpos chooses poses for the aims, both sides, mild before deep, and leaves
          time for rest.
        </Typography>
      )}
      {open && ranked && <PracticeEditor key={open.id} student={student} practice={open} ranked={ranked} />}
    </>
  );
}
