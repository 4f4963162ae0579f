'use client';
import { say } from '@/core/languages/spoken';
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
      title={say('First, nine questions')}
      action={
        <Button variant="contained" component={Link} href={`${base}/student?id=${student.id}&step=ask`}>
          {say('Ask {{firstName}}', { firstName: firstName(student.name) })}
        </Button>
      }
    >
      {say(
        '{{what}} still to be answered. They take a minute, and tell whether somebody else should look before you measure or practise.',
        { what: left === 1 ? say('One of them is') : say('{{count}} of them are', { count: left }) },
      )}
    </EmptyChart>
  );
}
