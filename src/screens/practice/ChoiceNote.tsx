'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Practice } from '@/core/practice/practice';
import { choiceSentences } from '@/core/practice/words';

/** What the choice proves and what it does not, with its numbers. */
export function ChoiceNote({ choice }: { choice: NonNullable<Practice['choice']> }) {
  'use memo';
  return (
    <Box component="details" sx={{ mt: 2 }}>
      <summary>{say('How good is this choice?')}</summary>
      {choiceSentences(choice).map((s) => (
        <Typography key={s} sx={{ mt: 0.5 }}>
          {s}
        </Typography>
      ))}
      <Typography variant="caption" component="p" className="num" sx={{ mt: 0.5 }}>
        {say('worth {{objective}}, bound {{bound}}, gap {{what}} %, as it was built', {
          objective: choice.objective.toFixed(3),
          bound: choice.bound.toFixed(3),
          what: (100 * choice.gap).toFixed(2),
        })}
      </Typography>
    </Box>
  );
}
