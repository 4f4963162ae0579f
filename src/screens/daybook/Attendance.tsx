import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { dayWords } from '@/core/day-words';
import { attendanceOf, nextVisit, whenWords } from '@/core/visits/visit';
import { hourNow, today } from '@/store/studio';
import { PlainTable } from '../shell/PlainTable';
import { useStudio } from '../shell/studio-context';
import type { DayBook } from './use-day-book';

/** Of everybody who has a visit of her own: how often she came, when last, and when next. */
export function Attendance({ book }: { book: DayBook }) {
  const { base } = useStudio();
  const rows = book.students
    .filter((s) => book.visits.some((v) => v.student === s.id))
    .map((s) => ({
      student: s,
      ...attendanceOf(book.visits, s.id),
      next: nextVisit(
        book.visits,
        s.id,
        book.classes.filter((c) => c.students.includes(s.id)).map((c) => c.id),
        today(),
        hourNow(),
      ),
    }))
    .sort((a, b) => (a.student.name < b.student.name ? -1 : 1));
  if (rows.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="attendance" sx={{ mt: 3 }}>
      <Typography id="attendance" variant="h2" gutterBottom>
        {say('Who came')}
      </Typography>
      <PlainTable
        label={say('Who came how often')}
        heads={['student', 'came', say('did not'), say('called off'), 'last', 'next']}
        rows={rows.map(({ student, came, missed, off, last, next }) => ({
          key: student.id,
          cells: [
            <Link key="who" href={`${base}/student?id=${student.id}`} style={{ color: 'var(--act)' }}>
              {student.name}
            </Link>,
            came,
            missed,
            off,
            last ? dayWords(last) : '–',
            next ? whenWords(next) : say('none planned'),
          ],
        }))}
      />
    </Box>
  );
}
