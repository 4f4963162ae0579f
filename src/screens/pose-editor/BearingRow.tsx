import { say } from '@/core/languages/spoken';
import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { withoutTouch, withTouch } from '@/core/pose-editor/touches';
import { ON_WORDS } from '@/core/pose-editor/words';
import type { Contact, Rung } from '@/core/poses';
import { ON, type OwnShape } from '@/core/poses/schema';
import { NumberField } from '../shell/NumberField';
import { bearingWords, landmarkWords } from './bearing-words';

const AGAINST = ['thigh', 'shank', 'foot', 'forearm', 'upper-arm'].flatMap((l) => [`${l}_worked`, `${l}_other`]);

/** One thing that bears: on what, against which limb, how high. */
export function BearingRow({
  shape,
  rung,
  contact: bearing,
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
      <Box sx={{ flex: 1, minWidth: 0, fontSize: 15 }}>{bearingWords(shape, bearing.point)}</Box>
      <TextField
        select
        size="small"
        value={bearing.on}
        onChange={(e) => onChange(withTouch(shape, rung, bearing.point, { on: e.target.value as Contact['on'] }))}
        slotProps={{ htmlInput: { 'aria-label': say('{{landmark}} on', { landmark: landmarkWords(bearing.point) }) } }}
        sx={{ width: 106 }}
      >
        {ON.map((on) => (
          <MenuItem key={on} value={on}>
            {say(ON_WORDS[on])}
          </MenuItem>
        ))}
      </TextField>
      {bearing.on === 'limb' && (
        <TextField
          select
          size="small"
          value={AGAINST.includes(bearing.limb ?? '') ? bearing.limb : ''}
          onChange={(e) => onChange(withTouch(shape, rung, bearing.point, { limb: e.target.value }))}
          slotProps={{
            htmlInput: { 'aria-label': say('{{landmark}} against', { landmark: landmarkWords(bearing.point) }) },
          }}
          sx={{ width: 112 }}
        >
          {AGAINST.map((l) => (
            <MenuItem key={l} value={l}>
              {landmarkWords(l)}
            </MenuItem>
          ))}
        </TextField>
      )}
      {bearing.height_cm !== undefined && (
        <NumberField
          spoken={say('Height under the {{landmark}}, centimetres', { landmark: landmarkWords(bearing.point) })}
          value={bearing.height_cm}
          least={0}
          most={120}
          onPut={(height_cm) =>
            onChange(
              withTouch(shape, rung, bearing.point, { height_cm }),
              say('height {{point}}', { point: bearing.point }),
            )
          }
          sx={{ width: 76 }}
        />
      )}
      <IconButton
        size="small"
        aria-label={say('{{landmark}} touches nothing', { landmark: landmarkWords(bearing.point) })}
        onClick={() => onChange(withoutTouch(shape, rung, bearing.point))}
      >
        <CloseIcon fontSize="small" />
      </IconButton>
    </Box>
  );
}
