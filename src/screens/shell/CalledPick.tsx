import { say } from '@/core/languages/spoken';
import TextField from '@mui/material/TextField';
import { CALLED, CALLED_WORDS, type Called } from '@/core/students/called';

/** How students are called where others may see it. */
export function CalledPick({
  label,
  before = '',
  value,
  onChange,
}: {
  /** What is called so, for those who do not see it. */
  label: string;
  /** A word before each choice. */
  before?: string;
  value: Called;
  onChange: (called: Called) => void;
}) {
  return (
    <TextField
      select
      size="small"
      value={value}
      onChange={(e) => onChange(CALLED.find((c) => c === e.target.value) ?? 'nobody')}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': label } }}
    >
      {CALLED.map((c) => (
        <option key={c} value={c}>
          {before}
          {say(CALLED_WORDS[c])}
        </option>
      ))}
    </TextField>
  );
}
