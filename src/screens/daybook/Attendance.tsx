import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { dayWords, weekdayWords } from '@/core/day-words';
import { attendanceOf, nextVisit } from '@/core/visits/visit';
import { hourNow, today } from '@/store/studio';
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
  const cell = { py: 0.5, pr: 2, textAlign: 'left', borderTop: '1px solid var(--line)' } as const;
  return (
    <Box component="section" aria-labelledby="attendance" sx={{ mt: 3, overflowX: 'auto' }}>
      <Typography id="attendance" variant="h2" gutterBottom>
        Who came
      </Typography>
      <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%' }}>
        <thead>
          <tr>
            {['student', 'came', 'did not', 'called off', 'last', 'next'].map((h) => (
              <Box key={h} component="th" scope="col" sx={{ ...cell, borderTop: 0, color: 'var(--ink-2)' }}>
                {h}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ student, came, missed, off, last, next }) => (
            <tr key={student.id}>
              <Box component="th" scope="row" sx={{ ...cell, fontWeight: 600 }}>
                <Link href={`${base}/student?id=${student.id}`} style={{ color: 'var(--act)' }}>
                  {student.name}
                </Link>
              </Box>
              {[came, missed, off].map((n, i) => (
                <Box key={i} component="td" className="num" sx={cell}>
                  {n}
                </Box>
              ))}
              <Box component="td" sx={cell}>
                {last ? dayWords(last) : '–'}
              </Box>
              <Box component="td" sx={cell}>
                {next ? `${weekdayWords(next.day)}${next.at ? `, ${next.at}` : ''}` : 'none planned'}
              </Box>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
