'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { PickerDay, type PickerDayProps } from '@mui/x-date-pickers/PickerDay';
import { format, getDefaultOptions, parseISO } from 'date-fns';
import { enGB } from 'date-fns/locale';
import { createContext, useContext } from 'react';

/** What stands below a day, and how it is told to whoever does not see it: ", practice". */
export interface DayMark {
  sign: string;
  told: string;
}

const Marks = createContext<ReadonlyMap<string, DayMark>>(new Map());

function Day(props: PickerDayProps) {
  const found = useContext(Marks).get(format(props.day, 'yyyy-MM-dd'));
  const mark = props.outsideCurrentMonth ? undefined : found;
  return (
    <Box sx={{ position: 'relative' }}>
      <PickerDay {...props} aria-label={`${format(props.day, say('d MMMM yyyy'))}${mark?.told ?? ''}`} />
      {mark && (
        <Box
          aria-hidden
          component="span"
          sx={{
            position: 'absolute',
            bottom: props.selected ? 2 : -3,
            left: 0,
            right: 0,
            textAlign: 'center',
            fontSize: 13,
            fontWeight: 700,
            lineHeight: 1,
            color: props.selected ? 'var(--surface)' : 'var(--act)',
            pointerEvents: 'none',
          }}
        >
          {mark.sign}
        </Box>
      )}
    </Box>
  );
}

/** Months to choose a day in, each day with its sign below. */
export function MarkedCalendar({
  marks,
  chosen,
  onChoose,
}: {
  /** By day, `YYYY-MM-DD`. */
  marks: ReadonlyMap<string, DayMark>;
  chosen: string;
  onChoose: (day: string) => void;
}) {
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns} adapterLocale={getDefaultOptions().locale ?? enGB}>
      <Marks value={marks}>
        <DateCalendar
          value={parseISO(chosen)}
          onChange={(d: Date | null) => d && onChoose(format(d, 'yyyy-MM-dd'))}
          showDaysOutsideCurrentMonth
          reduceAnimations
          slots={{ day: Day }}
          sx={{ m: 0, height: 350, width: '100%', maxWidth: 320, '& .MuiPickersSlideTransition-root': { minWidth: 0 } }}
        />
      </Marks>
    </LocalizationProvider>
  );
}
