'use client';
import { firstName } from '@/core/students/called';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { unanswered } from '@/core/cautions/red-flags';
import type { Student } from '@/core/students/student';
import { EmptyChart } from './EmptyChart';
import { useStudio } from './studio-context';

/** What stands in place of measuring, poses, practice and teaching until the nine questions are answered. */
export function AskFirst({ student }: { student: Pick<Student, 'id' | 'name' | 'redFlags'> }) {
  const { base } = useStudio();
  const left = unanswered(student).length;
  return (
    <EmptyChart
      title="First, nine questions"
      action={
        <Button variant="contained" component={Link} href={`${base}/student?id=${student.id}&step=ask`}>
          Ask {firstName(student.name)}
        </Button>
      }
    >
      {left === 1 ? 'One of them is' : `${left} of them are`} still to be answered. They take a minute, and tell whether
      somebody else should look before you measure or practise.
    </EmptyChart>
  );
}
