import { say } from '@/core/languages/spoken';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useLiveQuery } from 'dexie-react-hooks';
import { useStudio } from '../shell/studio-context';

/** Whose body a pose on the bench is read in: a student's, or that of typical people. */
export function ReadFor({ who, onChoose }: { who: string | null; onChoose: (who: string | null) => void }) {
  'use memo';
  const { db } = useStudio();
  const students = useLiveQuery(() => db.students.orderBy('name').toArray(), [db]) ?? [];
  return (
    <TextField
      select
      size="small"
      label={say('Read for')}
      fullWidth
      value={who ?? ''}
      onChange={(e) => onChoose(e.target.value === '' ? null : e.target.value)}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      sx={{ mb: 1 }}
    >
      <MenuItem value="">{say('typical people')}</MenuItem>
      {students.map((s) => (
        <MenuItem key={s.id} value={s.id}>
          {s.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
