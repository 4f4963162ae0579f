'use client';
import { say } from '@/core/languages/spoken';
import Typography from '@mui/material/Typography';
import type { Saluted } from '@/core/practice/request';
import { salutedWords } from '@/core/practice/words';

/** Told where a salutation was wished and is not open. */
export function Unsaluted({ salutation }: { salutation: Saluted }) {
  return (
    <Typography>
      {say('The {{saluted}} is left out: a caution, the range there is or a wish closes too much of it.', {
        saluted: salutedWords(salutation),
      })}
    </Typography>
  );
}
