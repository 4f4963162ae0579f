import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { ClassWeek } from '@/core/classes/weeks';
import { writeCalendar } from '@/core/progress/calendar';
import { fileNameOf } from '@/core/students/called';
import { weekDays, weekVisits } from '@/core/visits/class-weeks';
import { whenTyped, type When } from '@/core/visits/when';
import { now } from '@/store/studio';
import { saveVisits } from '@/store/visits';
import { WhenFields, type WhenTexts } from '../daybook/WhenFields';
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
  const [texts, setTexts] = useState<WhenTexts>({ at: '', minutes: '60' });
  const [problem, setProblem] = useState<Extract<When, { ok: false }> | null>(null);
  const meets = () => {
    const typed = whenTyped(texts.at, texts.minutes);
    setProblem(typed.ok ? null : typed);
    return typed.ok ? typed.when : null;
  };
  const intoTheBook = async () => {
    const when = meets();
    if (!when) return;
    const there = await db.visits.where('class').equals(one.id).toArray();
    const visits = weekVisits(one, weeks, when, { from: today, there, now: now() });
    if (visits.length === 0) return undo(say('Its days ahead are in the day book already.'));
    const change = await saveVisits(db, visits);
    return undo(
      visits.length === 1
        ? say('One day was put into the day book.')
        : say('{{count}} days were put into the day book.', { count: visits.length }),
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
      aria-label={say('The weeks into the day book or a calendar')}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void intoTheBook();
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mt: 1.5 }}
    >
      <WhenFields
        texts={texts}
        labels={{ at: say('Meets at'), minutes: say('Lasts (min)') }}
        problem={problem}
        onChange={setTexts}
      />
      <Button type="submit" variant="outlined">
        {say('Put them into the day book')}
      </Button>
      <Button onClick={out}>{say('Save as a calendar')}</Button>
      <Typography variant="caption" component="p" sx={{ width: '100%' }}>
        {say(
          'Days that are past, or in the book already, are left as they are. The calendar says what each week is about, and names nobody.',
        )}
      </Typography>
    </Box>
  );
}
