import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import type { Comer } from '@/core/visits/visit';

/** A student or a class that can come. */
export interface CanCome extends Comer {
  name: string;
}

/** Chooses who comes, by typing a name. */
export function ComerPick({
  label,
  from,
  value,
  error,
  width = 260,
  onChange,
}: {
  label: string;
  from: readonly CanCome[];
  value: CanCome | null;
  error?: string;
  width?: number;
  onChange: (who: CanCome | null) => void;
}) {
  return (
    <Autocomplete
      size="small"
      options={from}
      value={value}
      groupBy={(o) => (o.kind === 'student' ? say('Students') : say('Classes'))}
      getOptionLabel={(o) => o.name}
      getOptionKey={(o) => o.id}
      isOptionEqualToValue={(a, b) => a.id === b.id}
      onChange={(_, who) => onChange(who)}
      noOptionsText={say('Nobody here is called that.')}
      renderInput={(params) => <TextField {...params} label={label} error={error !== undefined} helperText={error} />}
      sx={{ width, maxWidth: '100%' }}
    />
  );
}
