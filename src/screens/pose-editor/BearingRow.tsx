import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { withoutTouch, withTouch } from '@/core/pose-editor/touches';
import { ON_WORDS } from '@/core/pose-editor/words';
import type { Contact, Rung } from '@/core/poses';
import { ON, type OwnShape } from '@/core/poses/schema';
import { bearingWords, landmarkWords } from './bearing-words';

const AGAINST = ['thigh', 'shank', 'foot', 'forearm', 'upper-arm'].flatMap((l) => [`${l}_worked`, `${l}_other`]);

/** One thing that bears: on what, against which limb, how high. */
export function BearingRow({
  shape,
  rung,
  contact: c,
  onChange,
}: {
  shape: OwnShape;
  rung: Rung;
  contact: Contact;
  onChange: (rung: Rung, mark?: string) => void;
}) {
  'use memo';
  return (
    <Box component="li" sx={{ display: 'flex', gap: 0.75, alignItems: 'center', py: 0.4 }}>
      <Box sx={{ flex: 1, minWidth: 0, fontSize: 15 }}>{bearingWords(shape, c.point)}</Box>
      <TextField
        select
        size="small"
        value={c.on}
        onChange={(e) => onChange(withTouch(shape, rung, c.point, { on: e.target.value as Contact['on'] }))}
        slotProps={{ htmlInput: { 'aria-label': `${landmarkWords(c.point)} on` } }}
        sx={{ width: 106 }}
      >
        {ON.map((on) => (
          <MenuItem key={on} value={on}>
            {ON_WORDS[on]}
          </MenuItem>
        ))}
      </TextField>
      {c.on === 'limb' && (
        <TextField
          select
          size="small"
          value={AGAINST.includes(c.limb ?? '') ? c.limb : ''}
          onChange={(e) => onChange(withTouch(shape, rung, c.point, { limb: e.target.value }))}
          slotProps={{ htmlInput: { 'aria-label': `${landmarkWords(c.point)} against` } }}
          sx={{ width: 112 }}
        >
          {AGAINST.map((l) => (
            <MenuItem key={l} value={l}>
              {landmarkWords(l)}
            </MenuItem>
          ))}
        </TextField>
      )}
      {c.height_cm !== undefined && (
        <TextField
          size="small"
          type="number"
          value={c.height_cm}
          onChange={(e) => {
            const v = Number(e.target.value);
            if (e.target.value !== '' && v >= 0 && v <= 120)
              onChange(withTouch(shape, rung, c.point, { height_cm: v }), `height ${c.point}`);
          }}
          slotProps={{
            htmlInput: { 'aria-label': `Height under the ${landmarkWords(c.point)}, centimetres`, min: 0, max: 120 },
          }}
          sx={{ width: 62 }}
        />
      )}
      <IconButton
        size="small"
        aria-label={`${landmarkWords(c.point)} touches nothing`}
        onClick={() => onChange(withoutTouch(shape, rung, c.point))}
      >
        <CloseIcon fontSize="small" />
      </IconButton>
    </Box>
  );
}
