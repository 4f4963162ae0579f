'use client';
import MenuItem from '@mui/material/MenuItem';
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { LANGUAGE_NAMES, LANGUAGES, languageOf, type Language } from '@/core/languages/language';

/** The language in which a student is given pages; each language is called by its own name. */
export function LanguageSelect({
  value,
  onPick,
  ...rest
}: { value: string | undefined; onPick: (language: Language) => void } & Omit<TextFieldProps, 'value' | 'onChange'>) {
  'use memo';
  return (
    <TextField select {...rest} value={languageOf(value)} onChange={(e) => onPick(languageOf(e.target.value))}>
      {LANGUAGES.map((l) => (
        <MenuItem key={l} value={l} lang={l}>
          {LANGUAGE_NAMES[l]}
        </MenuItem>
      ))}
    </TextField>
  );
}
