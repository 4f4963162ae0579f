import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { Controller, useWatch, type Control } from 'react-hook-form';
import { CAUTIONS, cautionById } from '@/core/cautions/catalogue';
import { screen } from '@/core/cautions/screen';
import { PLACES } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { today } from '@/store/studio';
import { LEVEL_WORDS } from './ask/CautionList';
import type { FormValues } from './student-values';

const SIDES_SAID = ['left', 'right', 'both'] as const;
const COMPLAINTS = PLACES.filter((p) => p !== 'nowhere').flatMap((p) => SIDES_SAID.map((s) => `${p}|${s}`));
const complaintLabel = (text: string): string => {
  const [place, side] = text.split('|');
  const known = PLACES.find((p) => p === place);
  return known ? `${say(PLACE_WORDS[known])}, ${side === 'both' ? say('both sides') : side}` : text;
};

/** Where it bothers and what is to be minded, with what that means. */
export function TroubleFields({ control }: { control: Control<FormValues> }) {
  const cautions = useWatch({ control, name: 'cautions' });
  const screening = screen(
    cautions.map((caution) => ({ caution })),
    today(),
  );
  return (
    <>
      <Controller
        name="complaints"
        control={control}
        render={({ field }) => (
          <Autocomplete
            multiple
            options={COMPLAINTS}
            value={field.value}
            onChange={(_, v) => field.onChange(v)}
            getOptionLabel={complaintLabel}
            sx={{ gridColumn: '1 / -1' }}
            renderInput={(p) => <TextField {...p} label={say('Where it bothers')} />}
          />
        )}
      />
      <Controller
        name="cautions"
        control={control}
        render={({ field }) => (
          <Autocomplete
            multiple
            options={CAUTIONS.map((c) => c.id)}
            value={field.value}
            onChange={(_, v) => field.onChange(v)}
            getOptionLabel={(id) => say(cautionById(id)?.name ?? id)}
            sx={{ gridColumn: '1 / -1' }}
            renderInput={(p) => (
              <TextField
                {...p}
                label={say('Cautions')}
                helperText={say('Ask about each before you test. Kolpos does not diagnose.')}
              />
            )}
          />
        )}
      />
      {screening.cautions.length > 0 && (
        <Box
          role="status"
          sx={{
            gridColumn: '1 / -1',
            bgcolor: 'var(--caution-pale)',
            color: 'var(--caution)',
            borderRadius: 1.5,
            p: 1.5,
          }}
        >
          {screening.cautions.map((c) => (
            <Typography key={c.id} sx={{ fontSize: 15 }}>
              ▲ <strong>{say(LEVEL_WORDS[c.level])}:</strong> {say(c.message)}
            </Typography>
          ))}
        </Box>
      )}
    </>
  );
}
