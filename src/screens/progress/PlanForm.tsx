'use client';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { allShapes } from '@/core/poses';
import { planSchema, type PlanChoice } from '@/core/progress/plan';
import { today } from '@/store/studio';
import { shapeOptions } from '@/screens/poses/shape-options';
import { WeeksFields } from '../shell/WeeksFields';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
/** Where to begin: three days with a day between. Ours. */
const FIRST = { days: [1, 3, 5], minutes: 20, weeks: 8 } as const;

const PROBLEMS: Readonly<Record<string, string>> = {
  days: 'Choose at least one day of the week.',
  minutes: 'Type minutes between 5 and 120.',
  weeks: 'Type weeks between 1 and 16.',
  start: 'Type the first day as year-month-day.',
};

/** Days, minutes and weeks that there are; what makes no sense is answered. */
export function PlanForm({
  student,
  choice,
  disabled,
  onPut,
}: {
  student: string;
  /** The plan that stands, to begin from. */
  choice: PlanChoice | null;
  disabled: boolean;
  onPut: (next: PlanChoice) => void;
}) {
  const [days, setDays] = useState<number[]>(choice?.days ?? [...FIRST.days]);
  const [minutes, setMinutes] = useState(String(choice?.minutes ?? FIRST.minutes));
  const [weeks, setWeeks] = useState(String(choice?.weeks ?? FIRST.weeks));
  const [start, setStart] = useState(choice?.start ?? today());
  const [at, setAt] = useState(choice?.at ?? '');
  const [peak, setPeak] = useState(choice?.peak ?? null);
  const [problem, setProblem] = useState<string | null>(null);
  const shapes = allShapes().filter((s) => s.rungs.some((r) => r.kind !== 'rest'));
  const make = () => {
    const parsed = planSchema.safeParse({
      student,
      start,
      weeks: Number(weeks),
      days,
      minutes: Number(minutes),
      // What became of days stays; where days were moved to is planned anew.
      marks: choice?.marks ?? {},
      ...(choice?.saved && { saved: choice.saved }),
      ...(at && { at }),
      ...(peak && { peak }),
    });
    if (!parsed.success) {
      setProblem(PROBLEMS[String(parsed.error.issues[0]?.path[0])] ?? PROBLEMS.start);
      return;
    }
    setProblem(null);
    onPut(parsed.data);
  };
  return (
    <>
      <Box
        component="form"
        className="no-print"
        onSubmit={(e) => {
          e.preventDefault();
          make();
        }}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mb: 1 }}
      >
        <ToggleButtonGroup
          size="small"
          value={days}
          aria-label={say('Days of the week')}
          onChange={(_, next: number[]) => setDays([...next].sort((a, b) => a - b))}
        >
          {DAYS.map((d, i) => (
            <ToggleButton key={d} value={i + 1}>
              {say(d)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <TextField
          size="small"
          label={say('Minutes a day')}
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
          sx={{ width: 130 }}
        />
        <WeeksFields weeks={weeks} start={start} onWeeks={setWeeks} onStart={setStart} />
        <TextField
          size="small"
          label={say('At (if there is an hour)')}
          type="time"
          value={at}
          onChange={(e) => setAt(e.target.value)}
          sx={{ width: 170 }}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <Autocomplete
          options={shapes}
          value={shapes.find((s) => s.id === peak) ?? null}
          filterOptions={shapeOptions}
          getOptionLabel={(s) => say(s.name)}
          getOptionKey={(s) => s.id}
          size="small"
          sx={{ width: 230 }}
          noOptionsText={say('No pose has this name.')}
          onChange={(_, s) => setPeak(s?.id ?? null)}
          renderInput={(params) => <TextField {...params} label={say('Leads to a peak')} />}
        />
        <Button type="submit" variant={choice ? 'outlined' : 'contained'} disabled={disabled}>
          {choice ? say('Plan the weeks again') : say('Lay the weeks out')}
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
