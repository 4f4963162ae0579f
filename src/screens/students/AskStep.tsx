'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Student } from '@/core/people/student';
import { saveStudent } from '@/store/changes';
import { useStudio } from '../shell/studio-context';
import { StudentForm } from './StudentForm';

/** What a student says: kept as the teacher types, with one way back to how it was when she came here. */
export function AskStep({ student }: { student: Student }) {
  const { db } = useStudio();
  const [before] = useState(student);
  const [round, setRound] = useState(0);
  const changed = student.updatedAt !== before.updatedAt;
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 1.5, maxWidth: 900 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          Ask
        </Typography>
        <Typography variant="caption" role="status" aria-label="Kept or not">
          {changed ? 'Kept.' : 'Kept as you type.'}
        </Typography>
        <Button
          size="small"
          disabled={!changed}
          onClick={() =>
            void saveStudent(db, before).then(() => {
              setRound(round + 1);
            })
          }
        >
          Put back as it was
        </Button>
      </Box>
      <StudentForm
        key={`${student.id}/${round}`}
        student={round > 0 ? { ...before, updatedAt: student.updatedAt } : student}
        onSave={(s) => void saveStudent(db, s)}
      />
    </>
  );
}
