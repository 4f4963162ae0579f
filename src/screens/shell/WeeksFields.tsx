import { say } from '@/core/languages/spoken';
import TextField from '@mui/material/TextField';

/** How many weeks, and from which day: typed, for whoever lays them out. */
export function WeeksFields({
  weeks,
  start,
  onWeeks,
  onStart,
}: {
  weeks: string;
  start: string;
  onWeeks: (typed: string) => void;
  onStart: (day: string) => void;
}) {
  return (
    <>
      <TextField
        size="small"
        label={say('Weeks')}
        value={weeks}
        onChange={(e) => onWeeks(e.target.value)}
        sx={{ width: 90 }}
      />
      <TextField
        size="small"
        label={say('From')}
        type="date"
        value={start}
        onChange={(e) => onStart(e.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
      />
    </>
  );
}
