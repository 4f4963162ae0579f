import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { ClassWeek } from '@/core/classes/weeks';
import { writeCalendar } from '@/core/progress/calendar';
import { hourSchema } from '@/core/progress/plan';
import { fileNameOf } from '@/core/students/called';
import { weekDays, weekVisits } from '@/core/visits/class-weeks';
import { VISIT_MINUTES } from '@/core/visits/visit';
import { now } from '@/store/studio';
import { saveVisits } from '@/store/visits';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/** The weeks of a class into the day book, or out as a calendar file: with the hour at which it meets. */
export function WeeksOut({
  one,
  weeks,
  today,
}: {
  one: Pick<YogaClass, 'id' | 'name'>;
  weeks: readonly ClassWeek[];
  /** The day it is. */
  today: string;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const [at, setAt] = useState('');
  const [minutes, setMinutes] = useState('60');
  const [problem, setProblem] = useState<'at' | 'minutes' | null>(null);
  const meets = () => {
    const lasts = Number(minutes.replace(',', '.'));
    const wrong =
      at !== '' && !hourSchema.safeParse(at).success
        ? 'at'
        : !Number.isInteger(lasts) || lasts < VISIT_MINUTES.least || lasts > VISIT_MINUTES.most
          ? 'minutes'
          : null;
    setProblem(wrong);
    return wrong ? null : { ...(at !== '' && { at }), minutes: lasts };
  };
  const intoTheBook = async () => {
    const when = meets();
    if (!when) return;
    const there = await db.visits.where('class').equals(one.id).toArray();
    const visits = weekVisits(one, weeks, when, { from: today, there, now: now() });
    const change = await saveVisits(db, visits);
    undo(
      visits.length === 0
        ? 'Its days ahead are in the day book already.'
        : visits.length === 1
          ? 'One day was put into the day book.'
          : `${visits.length} days were put into the day book.`,
      change,
    );
  };
  const out = () => {
    const when = meets();
    if (!when) return;
    saveFile(
      fileNameOf([one.name, 'weeks'], '.ics'),
      writeCalendar(weekDays(one, weeks, when), Date.now()),
      'text/calendar',
    );
  };
  return (
    <Box
      component="form"
      aria-label="The weeks into the day book or a calendar"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void intoTheBook();
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mt: 1.5 }}
    >
      <TextField
        size="small"
        type="time"
        label="Meets at"
        value={at}
        onChange={(e) => setAt(e.target.value)}
        error={problem === 'at'}
        helperText={problem === 'at' ? 'An hour is typed as 17:30.' : undefined}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 140 }}
      />
      <TextField
        size="small"
        label="Lasts (min)"
        value={minutes}
        onChange={(e) => setMinutes(e.target.value)}
        error={problem === 'minutes'}
        helperText={
          problem === 'minutes' ? `Whole minutes, ${VISIT_MINUTES.least} to ${VISIT_MINUTES.most}.` : undefined
        }
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        sx={{ width: 116 }}
      />
      <Button type="submit" variant="outlined">
        Put them into the day book
      </Button>
      <Button onClick={out}>Save as a calendar</Button>
      <Typography variant="caption" component="p" sx={{ width: '100%' }}>
        Days that are past, or in the book already, are left as they are. The calendar says what each week is about, and
        names nobody.
      </Typography>
    </Box>
  );
}
