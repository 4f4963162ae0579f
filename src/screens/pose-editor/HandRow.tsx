import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { HAND_WAYS, wayOfHand, withHandAt, withHandHeight } from '@/core/pose-editor/hand-ways';
import type { Rung } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { NumberField } from '../shell/NumberField';

/** Where a hand goes, and how high it stands. */
export function HandRow({
  shape,
  rung,
  depth,
  hand,
  onChange,
}: {
  shape: OwnShape;
  rung: Rung;
  depth: number;
  hand: 'worked' | 'other';
  onChange: (rung: Rung, mark?: string) => void;
}) {
  'use memo';
  const name = !shape.sided ? say('Both hands') : hand === 'worked' ? say('Right hand') : say('Left hand');
  const way = rung.reach[hand];
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
      <TextField
        select
        size="small"
        label={say(name)}
        value={wayOfHand(way, hand)}
        onChange={(e) => onChange(withHandAt(shape, rung, depth, hand, e.target.value))}
        sx={{ flex: 1 }}
      >
        <MenuItem value="">{say('free, by the arm’s own angles')}</MenuItem>
        {HAND_WAYS.map((w) => (
          <MenuItem key={w.id} value={w.id}>
            {say(w.words)}
          </MenuItem>
        ))}
        <MenuItem value="other" disabled>
          {say('somewhere else on the body')}
        </MenuItem>
      </TextField>
      {way?.floor !== undefined && way.floor > 0 && (
        <NumberField
          label={say('cm')}
          spoken={say('Height under the {{name}}, centimetres', { name: within(name) })}
          value={Math.round(way.floor * 100)}
          least={1}
          most={120}
          onPut={(cm) =>
            onChange(withHandHeight(shape, rung, hand, cm / 100), say('hand height {{hand}}', { hand: say(hand) }))
          }
          sx={{ width: 84 }}
        />
      )}
    </Box>
  );
}
