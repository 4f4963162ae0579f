'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { cautionName } from '@/core/cautions/catalogue';
import { stands } from '@/core/cautions/screen';
import { complaintNow, courseOf, type Course } from '@/core/students/complaints';
import type { Student } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { SIDE_MARK } from '@/core/body/words';
import { today } from '@/store/studio';
import { Pick } from '../../shell/Pick';

const NOW: readonly (readonly [Course, string])[] = [
  ['gone', 'gone'],
  ['better', 'better'],
  ['same', 'the same'],
  ['worse', 'worse'],
];

/** For a student who comes back: only what may have changed, in a few taps. */
export function SinceLastTime({ student, change }: { student: Student; change: (part: Partial<Student>) => void }) {
  const day = today();
  if (!student.askedOn || student.askedOn >= day) return null;
  const cautions = student.cautions.filter((c) => stands(c, day));
  const asked = student.askedOn;
  const put = (index: number, course: Course) =>
    change({ complaints: student.complaints.map((c, k) => (k === index ? complaintNow(c, course, day, asked) : c)) });
  return (
    <Box
      role="region"
      aria-label={say('Since last time')}
      sx={{ border: '1px solid var(--act)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 1.5, mb: 2 }}
    >
      <Typography variant="h2">
        {say('Since last time, {{format}}: what is different?', { format: format(new Date(asked), say('d MMMM')) })}
      </Typography>
      {student.complaints.map((c, i) => (
        <Box
          key={`${c.place}${c.side}`}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mt: 1 }}
        >
          <Typography sx={{ flex: '1 1 220px' }}>
            {say(PLACE_WORDS[c.place])} {SIDE_MARK[c.side]}
            {c.strength !== undefined && say(' ({{count}} of 10)', { count: c.strength })}
          </Typography>
          {NOW.map(([course, words]) => (
            <Pick key={course} label={say(words)} on={courseOf(c, day) === course} press={() => put(i, course)} />
          ))}
        </Box>
      ))}
      {cautions.length > 0 && (
        <Typography sx={{ mt: 1 }}>
          {say('Still true? {{cautions}}. Change it below.', { cautions: cautions.map(cautionName).join('; ') })}
        </Typography>
      )}
      <Typography sx={{ mt: 1 }}>
        {say('Anything new among the nine questions, on the body or among the cautions? Then change it here first.')}
      </Typography>
      <Button
        variant="contained"
        sx={{ mt: 1 }}
        onClick={() =>
          change({ askedOn: day, ...(student.redFlags && { redFlags: { ...student.redFlags, on: day } }) })
        }
      >
        {say('That is all')}
      </Button>
    </Box>
  );
}
