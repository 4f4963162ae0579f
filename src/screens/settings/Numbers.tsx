'use client';
import { say } from '@/core/languages/spoken';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

/** One number, or several with commas between them; what makes no sense is answered and the old stays. */
export function Numbers({
  label,
  help,
  values,
  least,
  most,
  count,
  onPut,
}: {
  label: string;
  help: string;
  values: readonly number[];
  least: number;
  most: number;
  /** How many there must be; null for any. */
  count: number | null;
  onPut: (values: number[]) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const parts = (text ?? '')
    .split(/[,;/ ]+/)
    .filter(Boolean)
    .map(Number);
  const fine =
    parts.length > 0 &&
    (count === null ? parts.length <= 6 : parts.length === count) &&
    parts.every((v) => v >= least && v <= most);
  const wrong = text !== null && !fine;
  return (
    <TextField
      size="small"
      label={label}
      value={text ?? values.join(', ')}
      error={wrong}
      helperText={
        wrong
          ? say('{{what}} from {{least}} to {{most}}, please.', {
              what:
                count === null ? say('Numbers') : count === 1 ? say('A number') : say('{{count}} numbers', { count }),
              least,
              most,
            })
          : help
      }
      onChange={(e) => setText(e.target.value)}
      onBlur={() => {
        if (text !== null && fine) onPut(parts);
        setText(null);
      }}
      slotProps={{ htmlInput: { inputMode: count === 1 ? 'decimal' : 'text' } }}
    />
  );
}
