'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { plannedOf, readCalendar, writeCalendar } from '@/core/progress/calendar';
import { asSaved, calendarDays } from '@/core/progress/calendar-days';
import type { Called } from '@/core/students/called';
import { planSchema, type Plan, type PlanChoice } from '@/core/progress/plan';
import { CalledPick } from '../shell/CalledPick';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { saveFile } from '../shell/save-file';

/** The weeks out as a calendar file, and days that were moved in another calendar in again. */
export function CalendarPart({
  plan,
  choice,
  name,
  onPut,
}: {
  plan: Plan;
  choice: PlanChoice;
  name: string;
  onPut: (next: PlanChoice, did: string) => void;
}) {
  const [refused, setRefused] = useState<RefusedFile | null>(null);
  const [called, setCalled] = useState<Called>('nobody');
  const out = () => {
    saveFile(
      'practice-weeks.ics',
      writeCalendar(calendarDays(plan, choice, name, called), Date.now()),
      'text/calendar',
    );
    onPut(asSaved(choice, plan), say('The calendar is saved.'));
  };
  const into = async (file: File) => {
    setRefused(null);
    const read = readCalendar(await file.text());
    if (!read.ok) {
      setRefused({ ...read.problem, file: file.name });
      return;
    }
    const moved: Record<string, string> = { ...choice.moved };
    let count = 0;
    for (const { uid, day } of read.days) {
      const own = plannedOf(uid);
      if (own?.student !== choice.student) continue;
      if ((moved[own.was] ?? own.was) !== day) count += 1;
      moved[own.was] = day;
    }
    const parsed = planSchema.safeParse({ ...choice, moved });
    if (!parsed.success) {
      setRefused({ field: say('a day'), message: say('One of its days is not a date.'), file: file.name });
      return;
    }
    onPut(parsed.data, count === 1 ? say('One day was moved.') : say('{{count}} days were moved.', { count }));
  };
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button size="small" variant="outlined" onClick={out}>
          {say('Save as a calendar')}
        </Button>
        <CalledPick label={say('Name in the calendar')} value={called} onChange={setCalled} />
        <BringInButton
          small
          words={say('Bring moved days in')}
          label={say('Calendar file')}
          accept="text/calendar,.ics"
          onFile={(file) => void into(file)}
        />
        <Button size="small" onClick={() => window.print()}>
          {say('Print this week')}
        </Button>
      </Box>
      {refused && <RefusedNote problem={refused} onClose={() => setRefused(null)} />}
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {say(
          'A file for any calendar. Move days there and bring the file in again: they move here too. Saved again after the weeks are planned anew, it calls off the days that are gone.',
        )}
      </Typography>
    </>
  );
}
