'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { classWeeksSchema, type ClassWeeks } from '@/core/classes/weeks';
import { weekdayOf } from '@/core/day-count';
import { weekdays } from '@/core/day-words';
import { WeeksFields } from '../shell/WeeksFields';

/** Where to begin. Ours. */
const FIRST_WEEKS = 6;

const PROBLEMS: Readonly<Record<string, string>> = {
  weeks: 'Type weeks between 1 and 16.',
  start: 'Type the first day as year-month-day.',
};

/** From when, how many weeks, and on which day the class meets. */
export function WeeksForm({
  choice,
  today,
  onPut,
}: {
  /** The weeks that stand, to begin from. */
  choice: ClassWeeks | null;
  /** The day it is. */
  today: string;
  onPut: (next: ClassWeeks) => void;
}) {
  'use memo';
  const [start, setStart] = useState(choice?.start ?? today);
  const [weeks, setWeeks] = useState(String(choice?.weeks ?? FIRST_WEEKS));
  const [day, setDay] = useState(choice?.day ?? weekdayOf(today));
  const [problem, setProblem] = useState<string | null>(null);
  const make = () => {
    const parsed = classWeeksSchema.safeParse({
      start,
      weeks: Number(weeks),
      day,
      // Weeks counted from another day are other weeks.
      themes: choice?.start === start ? choice.themes : {},
    });
    setProblem(parsed.success ? null : (PROBLEMS[String(parsed.error.issues[0]?.path[0])] ?? PROBLEMS.start));
    if (parsed.success) onPut(parsed.data);
  };
  return (
    <>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          make();
        }}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mb: 1 }}
      >
        <TextField
          size="small"
          select
          label={say('Meets on')}
          value={day}
          onChange={(e) => setDay(Number(e.target.value))}
          sx={{ width: 150 }}
        >
          {weekdays().map((name, i) => (
            <MenuItem key={name} value={i + 1}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <WeeksFields weeks={weeks} start={start} onWeeks={setWeeks} onStart={setStart} />
        <Button type="submit" variant="outlined">
          {choice ? say('Lay the weeks out again') : say('Lay the weeks out')}
        </Button>
      </Box>
      {problem && (
        <Typography role="alert" sx={{ fontWeight: 700, mb: 1 }}>
          {say(problem)}
        </Typography>
      )}
    </>
  );
}
