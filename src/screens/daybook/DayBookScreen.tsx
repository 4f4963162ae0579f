'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { daysLater } from '@/core/day-count';
import { weekdayWords } from '@/core/day-words';
import { unsaid, visitsBetween, weekOf } from '@/core/visits/visit';
import { today } from '@/store/studio';
import { MarkedCalendar, type DayMark } from '../charts/MarkedCalendar';
import { Attendance } from './Attendance';
import { BookCalendar } from './BookCalendar';
import type { CanCome } from './ComerPick';
import { useDayBook } from './use-day-book';
import { VisitForm } from './VisitForm';
import { VisitRow } from './VisitRow';
import { Opening } from '../shell/Opening';

/** Visits that are asked about at once, the latest. */
const UNSAID = 8;

/** Who comes when: a week at a time, with what became of each visit; days are chosen in the months beside it. */
export function DayBookScreen() {
  const book = useDayBook();
  const now = today();
  const [day, setDay] = useState(now);
  const marks = useMemo(() => {
    const out = new Map<string, DayMark>();
    for (const visit of book?.visits ?? []) {
      if (visit.became === 'off') continue;
      const visits = Number(out.get(visit.day)?.sign ?? 0) + 1;
      out.set(visit.day, {
        sign: String(visits),
        told: visits === 1 ? say(', one visit') : say(', {{count}} visits', { count: visits }),
      });
    }
    return out;
  }, [book]);
  if (!book) return <Opening />;
  const { from, to } = weekOf(day);
  const week = visitsBetween(book.visits, from, to);
  const open = unsaid(book.visits, now).filter((v) => v.day < from || v.day > to);
  const canCome: CanCome[] = [
    ...book.students.filter((s) => !s.archived).map((s): CanCome => ({ kind: 'student', id: s.id, name: s.name })),
    ...book.classes.map((c): CanCome => ({ kind: 'class', id: c.id, name: c.name })),
  ];
  const days = Array.from({ length: 7 }, (_, k) => daysLater(from, k));
  return (
    <Box sx={{ p: 3, maxWidth: 1180 }}>
      <Typography variant="h1" gutterBottom>
        {say('Day book')}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '320px minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <MarkedCalendar marks={marks} chosen={day} onChoose={setDay} />
          <BookCalendar book={book} canCome={canCome} />
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mb: 1 }}>
            <Typography variant="h2" sx={{ flex: '1 1 auto' }}>
              {say('{{weekday}} to {{weekday2}}', { weekday: weekdayWords(from), weekday2: weekdayWords(to) })}
            </Typography>
            <Button size="small" onClick={() => setDay(daysLater(day, -7))}>
              {say('Week before')}
            </Button>
            <Button size="small" disabled={day === now} onClick={() => setDay(now)}>
              {say('Today')}
            </Button>
            <Button size="small" onClick={() => setDay(daysLater(day, 7))}>
              {say('Next week')}
            </Button>
          </Box>
          {days.map((d) => {
            const own = week.filter((v) => v.day === d);
            if (own.length === 0 && d !== day) return null;
            return (
              <Box key={d} component="section" aria-label={weekdayWords(d)} sx={{ mb: 2 }}>
                <Typography variant="h3" sx={{ mb: 0.5, color: d === now ? 'var(--act)' : undefined }}>
                  {weekdayWords(d)}
                  {d === now && say(', today')}
                </Typography>
                <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                  {own.map((v) => (
                    <VisitRow key={v.id} visit={v} book={book} />
                  ))}
                </Box>
                {own.length === 0 && <Typography color="text.secondary">{say('Nobody comes.')}</Typography>}
                {d === day && (
                  <Box sx={{ mt: 1.5 }}>
                    <VisitForm book={book} day={d} from={canCome} />
                  </Box>
                )}
              </Box>
            );
          })}
          {open.length > 0 && (
            <Box component="section" aria-labelledby="unsaid" sx={{ mt: 3 }}>
              <Typography id="unsaid" variant="h2" gutterBottom>
                {say('Before that: did they come?')}
              </Typography>
              <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {open.slice(-UNSAID).map((v) => (
                  <VisitRow key={v.id} visit={v} book={book} dated />
                ))}
              </Box>
              {open.length > UNSAID && (
                <Typography variant="caption" component="p">
                  {say('And {{count}} before these.', { count: open.length - UNSAID })}
                </Typography>
              )}
            </Box>
          )}
          <Attendance book={book} />
        </Box>
      </Box>
    </Box>
  );
}
