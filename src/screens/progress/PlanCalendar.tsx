'use client';
import Box from '@mui/material/Box';
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { PickerDay, type PickerDayProps } from '@mui/x-date-pickers/PickerDay';
import { format, parseISO } from 'date-fns';
import { enGB } from 'date-fns/locale';
import { createContext, useContext, useMemo } from 'react';
import type { Plan, PlannedDay } from '@/core/progress/plan';

const Planned = createContext<ReadonlyMap<string, PlannedDay>>(new Map());

/** A day of the calendar with its sign below: a dot to come, a tick done, a stroke missed, and a word where tests are due. */
function Day(props: PickerDayProps) {
  const day = useContext(Planned).get(format(props.day, 'yyyy-MM-dd'));
  const sign = !day || props.outsideCurrentMonth ? '' : day.mark === 'done' ? '✓' : day.mark === 'missed' ? '–' : '•';
  const told = sign === '' ? '' : sign === '✓' ? ', done' : sign === '–' ? ', missed' : ', practice';
  return (
    <Box sx={{ position: 'relative' }}>
      <PickerDay
        {...props}
        aria-label={`${format(props.day, 'd MMMM yyyy')}${told}${day?.retest.length ? ', test again' : ''}`}
      />
      {sign !== '' && (
        <Box
          aria-hidden
          component="span"
          sx={{
            position: 'absolute',
            bottom: -3,
            left: 0,
            right: 0,
            textAlign: 'center',
            fontSize: 13,
            fontWeight: 700,
            lineHeight: 1,
            color: 'var(--act)',
            pointerEvents: 'none',
          }}
        >
          {sign}
          {day?.retest.length ? ' test' : ''}
        </Box>
      )}
    </Box>
  );
}

/** The months of a plan, to choose a day in. */
export function PlanCalendar({
  plan,
  chosen,
  onChoose,
}: {
  plan: Plan;
  chosen: string;
  onChoose: (day: string) => void;
}) {
  const byDay = useMemo(() => new Map(plan.days.map((d) => [d.day, d])), [plan]);
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns} adapterLocale={enGB}>
      <Planned value={byDay}>
        <DateCalendar
          value={parseISO(chosen)}
          onChange={(d: Date | null) => d && onChoose(format(d, 'yyyy-MM-dd'))}
          showDaysOutsideCurrentMonth
          reduceAnimations
          slots={{ day: Day }}
          sx={{ m: 0, height: 350, width: '100%', maxWidth: 320, '& .MuiPickersSlideTransition-root': { minWidth: 0 } }}
        />
      </Planned>
    </LocalizationProvider>
  );
}
