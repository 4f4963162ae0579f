import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { numberIn } from '@/core/number-in';

const LEAST_MIN = 5,
  MOST_MIN = 120;

/** How many minutes, and the press that builds. */
export function BuildForm({
  first = 20,
  again,
  building,
  disabled,
  onBuild,
  children,
}: {
  /** Minutes that stand there at first. */
  first?: number;
  /** True where a practice is open: then building is not the first thing to do. */
  again: boolean;
  building: boolean;
  disabled: boolean;
  onBuild: (minutes: number) => void;
  /** What else can be pressed. */
  children?: ReactNode;
}) {
  'use memo';
  const [minutes, setMinutes] = useState(String(first));
  const [problem, setProblem] = useState<string | null>(null);
  const asked = () => {
    const wanted = numberIn(minutes);
    const fits = wanted >= LEAST_MIN && wanted <= MOST_MIN;
    setProblem(
      fits
        ? null
        : say('Type minutes between {{lEAST_MIN}} and {{mOST_MIN}}.', { lEAST_MIN: LEAST_MIN, mOST_MIN: MOST_MIN }),
    );
    if (fits) onBuild(wanted);
  };
  return (
    <Box
      component="form"
      onSubmit={(e) => {
        e.preventDefault();
        asked();
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' }}
    >
      <TextField
        label={say('Minutes')}
        value={minutes}
        onChange={(e) => setMinutes(e.target.value)}
        error={problem !== null}
        helperText={problem}
        sx={{ width: 150 }}
        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
      />
      <Button type="submit" variant={again ? 'outlined' : 'contained'} disabled={disabled}>
        {building ? say('Building …') : say('Build a practice')}
      </Button>
      {children}
    </Box>
  );
}
