import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { daysLater } from '@/core/day-count';
import { plannedOf, writeCalendar } from '@/core/progress/calendar';
import type { Called } from '@/core/students/called';
import { readEvents, type CalendarEvent } from '@/core/visits/read-events';
import { visitDays } from '@/core/visits/visit-calendar';
import { today } from '@/store/studio';
import { CalledPick } from '../shell/CalledPick';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { saveFile } from '../shell/save-file';
import { CalendarInDialog } from './CalendarInDialog';
import type { CanCome } from './ComerPick';
import type { DayBook } from './use-day-book';

/** Days before and after today that a calendar is read for. */
const BEFORE = 30;
const AFTER = 180;

/** The day book out as a calendar file, and visits in from anybody’s calendar. */
export function BookCalendar({ book, canCome }: { book: DayBook; canCome: readonly CanCome[] }) {
  const [refused, setRefused] = useState<RefusedFile | null>(null);
  const [events, setEvents] = useState<CalendarEvent[] | null>(null);
  const [called, setCalled] = useState<Called>('initials');
  const into = async (file: File) => {
    setRefused(null);
    const now = today();
    const read = readEvents(await file.text(), daysLater(now, -BEFORE), daysLater(now, AFTER));
    if (!read.ok) return setRefused({ ...read.problem, file: file.name });
    // Days of somebody's weeks ahead come in where they are planned.
    const own = read.events.filter((e) => !plannedOf(e.key));
    if (own.length === 0)
      return setRefused({
        field: say('its events'),
        message: say('None lies between {{bEFORE}} days ago and {{aFTER}} days ahead.', {
          bEFORE: BEFORE,
          aFTER: AFTER,
        }),
        file: file.name,
      });
    setEvents(own);
    return undefined;
  };
  return (
    <Box sx={{ mt: 2 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Button
          size="small"
          variant="outlined"
          disabled={book.visits.length === 0}
          onClick={() =>
            saveFile(
              'day-book.ics',
              writeCalendar(visitDays(book.visits, book.nameOf, called), Date.now()),
              'text/calendar',
            )
          }
        >
          {say('Save as a calendar')}
        </Button>
        <CalledPick label={say('Names in the calendar')} value={called} onChange={setCalled} />
        <BringInButton
          small
          words={say('Bring a calendar in')}
          label={say('Calendar of visits')}
          accept="text/calendar,.ics"
          onFile={(file) => void into(file)}
        />
      </Box>
      {refused && <RefusedNote problem={refused} onClose={() => setRefused(null)} />}
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {say(
          'Kolpos asks whose each event is before anything is written. Brought in again, the same events are moved, not doubled.',
        )}
      </Typography>
      {events && <CalendarInDialog book={book} canCome={canCome} events={events} onClose={() => setEvents(null)} />}
    </Box>
  );
}
