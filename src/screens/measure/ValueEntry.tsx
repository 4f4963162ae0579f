import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import InputBase from '@mui/material/InputBase';
import Typography from '@mui/material/Typography';
import type { ReactNode, Ref } from 'react';
import type { Readout } from '@/core/assessment/definition';
import { decimalsOf, spreadOf, wideSpread, readWithUnit } from '@/core/assessment/reading';
import { UNIT_WORDS } from '@/core/assessment/words';
import { typedValue } from '@/core/measuring/typed';
import { useMayFocus } from '../shell/use-may-focus';
import { VALUE_FIELD } from './number-pad';
import type { DraftValues } from './use-draft';

/** The big value with its trials. For pushes the field is newtons; everything else is in the unit of the reading. */
export function ValueEntry({
  readout,
  draft,
  shown,
  change,
  onAdd,
  inputRef,
  children,
}: {
  readout: Readout;
  draft: DraftValues;
  /** What the field would read if nothing is typed. */
  shown: number;
  change: (part: Partial<DraftValues>) => void;
  onAdd: () => void;
  inputRef: Ref<HTMLInputElement>;
  children?: ReactNode;
}) {
  'use memo';
  const mayFocus = useMayFocus();
  const push = readout.unit === 'Nm_kg';
  const count = draft.trials.length;
  const values = draft.trials.map((t) => typedValue(t, readout));
  const spread = count > 1 ? spreadOf(values) : 0;
  const wide = push ? spread > 0.15 * Math.max(...values) : spread > wideSpread(readout, values[0] ?? 0);
  const placeholder = push ? '' : String(Number(shown.toFixed(decimalsOf(readout))));
  const unitText = push
    ? 'N'
    : readout.unit === 'deg'
      ? '°'
      : readout.unit === 'grade'
        ? ''
        : readWithUnit(readout, 0)
            .replace(/^[\d.]+/, '')
            .trim();
  return (
    <Box
      component="form"
      onSubmit={(e) => {
        e.preventDefault();
        onAdd();
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, rowGap: 0.5, alignItems: 'center' }}
    >
      <Box
        sx={{
          display: 'flex',
          alignItems: 'baseline',
          borderBottom: '2px solid var(--act)',
          '&:focus-within': { bgcolor: 'var(--act-pale)' },
        }}
      >
        <InputBase
          value={draft.typed}
          autoFocus={mayFocus}
          inputRef={inputRef}
          name={VALUE_FIELD}
          onChange={(e) => change({ typed: e.target.value, instrument: undefined, likelyError: undefined })}
          placeholder={placeholder}
          inputProps={{
            'aria-label': `${say(readout.name)}, ${push ? say('newtons') : say(UNIT_WORDS[readout.unit])}`,
            inputMode: 'decimal',
            autoComplete: 'off',
          }}
          sx={{
            width: `${Math.max(push ? 2 : 1, (draft.typed || placeholder).length) * 0.62 + 0.1}em`,
            fontSize: 60,
            fontWeight: 700,
            lineHeight: 1,
            '& input': { p: 0, fontVariantNumeric: 'tabular-nums' },
            '& input::placeholder': { color: 'var(--contour)', opacity: 1 },
          }}
        />
        <Box
          component="span"
          sx={{ fontSize: unitText === '°' ? 40 : 24, fontWeight: 700, ml: unitText === '°' ? 0 : 0.5 }}
        >
          {unitText}
        </Box>
      </Box>
      <Box sx={{ flex: '1 1 150px' }}>
        <Typography sx={{ fontWeight: 600 }}>{say(readout.name)}</Typography>
        <Typography variant="caption" component="p">
          {push ? say('Newtons on the pad') : `0 = ${say(readout.zero)}`}
        </Typography>
        <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'center' }}>
          {draft.trials.map((t, i) => (
            <Chip
              key={i}
              size="small"
              label={push ? `${t} N` : readWithUnit(readout, typedValue(t, readout))}
              onDelete={() => change({ trials: draft.trials.filter((_, k) => k !== i) })}
              sx={{ height: 26 }}
            />
          ))}
          {count > 1 && (
            <Typography variant="caption" sx={{ fontWeight: wide ? 700 : 400 }}>
              {say('spread {{what}}{{what2}}', {
                what: push ? `${spread.toFixed(0)} N` : readWithUnit(readout, spread),
                what2: wide ? say(', wide: measure once more') : say(', fine'),
              })}
            </Typography>
          )}
        </Box>
        {children}
      </Box>
      <Button type="submit" variant="outlined" disabled={count >= 3}>
        {count >= 3 ? say('Three trials') : say('Add trial {{count}} of 3', { count: count + 1 })}
      </Button>
    </Box>
  );
}
