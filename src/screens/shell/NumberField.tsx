'use client';
import { say } from '@/core/languages/spoken';
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useTypedNumber, type NumberAsked, type Wrong } from './use-typed-number';

/** What is said of a number that is wrong, short enough for a narrow field. */
const answer = (wrong: Wrong, least: number, most: number): string =>
  wrong === 'not whole' ? say('A whole number, please') : say('{{least}} to {{most}}', { least, most });

/** The one field for a number: what is wrong is answered with what it may be, and the old number stays. */
export function NumberField({
  label,
  spoken,
  help,
  sx,
  ...asked
}: NumberAsked & {
  label?: string;
  /** How it is called for those who do not see what stands beside it; the label without it. */
  spoken?: string;
  /** What stands under it while nothing is wrong. */
  help?: string;
  sx?: TextFieldProps['sx'];
}) {
  const { text, wrong, type, leave } = useTypedNumber(asked);
  return (
    <TextField
      size="small"
      label={label}
      value={text}
      error={wrong !== null}
      helperText={wrong ? answer(wrong, asked.least, asked.most) : help}
      onChange={(e) => type(e.target.value)}
      onBlur={leave}
      slotProps={{ htmlInput: { inputMode: asked.whole ? 'numeric' : 'decimal', 'aria-label': spoken } }}
      sx={sx}
    />
  );
}
