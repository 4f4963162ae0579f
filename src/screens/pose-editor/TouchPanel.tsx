'use client';
import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { touchingNow } from '@/core/pose-editor/edit';
import { HAND_WAYS, wayOfHand, withHandAt, withHandHeight } from '@/core/pose-editor/hand-ways';
import { withoutTouch, withTouch, withTouches } from '@/core/pose-editor/touches';
import { ON_WORDS, pointWords } from '@/core/pose-editor/words';
import { realName, type Contact, type PropId, type Rung } from '@/core/poses';
import { BEARING_MIDDLE, BEARING_POINTS, ON, type OwnShape } from '@/core/poses/schema';

const POINTS = [...BEARING_POINTS.flatMap((p) => [`${p}_worked`, `${p}_other`]), ...BEARING_MIDDLE];
const AGAINST = ['thigh', 'shank', 'foot', 'forearm', 'upper-arm'].flatMap((l) => [`${l}_worked`, `${l}_other`]);
const LOOSE: readonly PropId[] = ['strap', 'post', 'wall', 'chair'];

const words = (name: string): string => pointWords(realName(name, 'right'));

/** What the body touches, where the hands go, and which props are there. */
export function TouchPanel({
  shape,
  rung,
  depth,
  onChange,
}: {
  shape: OwnShape;
  rung: Rung;
  depth: number;
  onChange: (rung: Rung, mark?: string) => void;
}) {
  const [adding, setAdding] = useState('');
  const rows = rung.contacts.filter(
    (c) => !/^(wrist|elbow)/.test(c.point) && (shape.sided || !c.point.endsWith('_other')),
  );
  const free = POINTS.filter(
    (p) =>
      !rung.contacts.some((c) => c.point === p) && !/^(wrist|elbow)/.test(p) && (shape.sided || !p.endsWith('_other')),
  );
  return (
    <Box component="section" aria-label="Touches">
      <Typography variant="h3">What bears on what</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {rows.map((c) => (
          <Box component="li" key={c.point} sx={{ display: 'flex', gap: 0.75, alignItems: 'center', py: 0.4 }}>
            <Box sx={{ flex: 1, minWidth: 0, fontSize: 15 }}>{shape.sided ? words(c.point) : both(c.point)}</Box>
            <TextField
              select
              size="small"
              value={c.on}
              onChange={(e) => onChange(withTouch(shape, rung, c.point, { on: e.target.value as Contact['on'] }))}
              slotProps={{ htmlInput: { 'aria-label': `${words(c.point)} on` } }}
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
                slotProps={{ htmlInput: { 'aria-label': `${words(c.point)} against` } }}
                sx={{ width: 112 }}
              >
                {AGAINST.map((l) => (
                  <MenuItem key={l} value={l}>
                    {words(l)}
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
                  htmlInput: { 'aria-label': `Height under the ${words(c.point)}, centimetres`, min: 0, max: 120 },
                }}
                sx={{ width: 62 }}
              />
            )}
            <IconButton
              size="small"
              aria-label={`${words(c.point)} touches nothing`}
              onClick={() => onChange(withoutTouch(shape, rung, c.point))}
            >
              <CloseIcon fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      {rows.length === 0 && <Typography>Nothing yet: the body hangs in the air.</Typography>}
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <TextField
          select
          size="small"
          label="Add"
          value={adding}
          onChange={(e) => {
            setAdding('');
            onChange(withTouches(shape, rung, [e.target.value]));
          }}
          sx={{ width: 150 }}
        >
          {free.map((p) => (
            <MenuItem key={p} value={p}>
              {shape.sided ? words(p) : both(p)}
            </MenuItem>
          ))}
        </TextField>
        <Button
          size="small"
          onClick={() =>
            onChange(
              withTouches(
                shape,
                rung,
                touchingNow(rung, depth, free).map((c) => c.point),
              ),
            )
          }
        >
          What touches the floor now
        </Button>
      </Box>
      <Typography variant="h3" sx={{ mt: 2 }}>
        Hands
      </Typography>
      {(['worked', 'other'] as const)
        .filter((h) => shape.sided || h === 'worked')
        .map((hand) => {
          const name = !shape.sided ? 'Both hands' : hand === 'worked' ? 'Right hand' : 'Left hand';
          const way = rung.reach[hand];
          return (
            <Box key={hand} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
              <TextField
                select
                size="small"
                label={name}
                value={wayOfHand(way, hand)}
                onChange={(e) => onChange(withHandAt(shape, rung, depth, hand, e.target.value))}
                sx={{ flex: 1 }}
              >
                <MenuItem value="">free, by the arm’s own angles</MenuItem>
                {HAND_WAYS.map((w) => (
                  <MenuItem key={w.id} value={w.id}>
                    {w.words}
                  </MenuItem>
                ))}
                <MenuItem value="other" disabled>
                  somewhere else on the body
                </MenuItem>
              </TextField>
              {way?.floor !== undefined && way.floor > 0 && (
                <TextField
                  size="small"
                  type="number"
                  label="cm"
                  value={Math.round(way.floor * 100)}
                  onChange={(e) => {
                    const v = Number(e.target.value);
                    if (e.target.value !== '' && v >= 1 && v <= 120)
                      onChange(withHandHeight(shape, rung, hand, v / 100), `hand height ${hand}`);
                  }}
                  slotProps={{ htmlInput: { 'aria-label': `Height under the ${name.toLowerCase()}, centimetres` } }}
                  sx={{ width: 84 }}
                />
              )}
            </Box>
          );
        })}
      <Typography variant="h3" sx={{ mt: 2 }}>
        Wall and props
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 0.5 }}>
        <TextField
          select
          size="small"
          label="Wall"
          value={rung.wall ?? ''}
          onChange={(e) => {
            const wall = e.target.value as NonNullable<Rung['wall']> | '';
            onChange({ ...rung, wall: wall === '' ? undefined : wall });
          }}
          sx={{ width: 150 }}
        >
          <MenuItem value="">none</MenuItem>
          <MenuItem value="behind">behind the body</MenuItem>
          <MenuItem value="ahead">in front of the body</MenuItem>
          <MenuItem value="beside">beside the body</MenuItem>
        </TextField>
        {LOOSE.map((p) => {
          const on = rung.props.includes(p);
          const carries = rung.contacts.some((c) => c.on === p);
          return (
            <Button
              key={p}
              size="small"
              variant={on ? 'contained' : 'outlined'}
              aria-pressed={on}
              disabled={carries}
              onClick={() => onChange({ ...rung, props: on ? rung.props.filter((q) => q !== p) : [...rung.props, p] })}
            >
              {p}
            </Button>
          );
        })}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        A strap runs from the hand to the foot; a post or a wall steadies a hand; a chair may only stand by.
      </Typography>
    </Box>
  );
}

/** A landmark of both sides, without the side. */
const both = (name: string): string => words(name).replace(/^right /, 'both: ');
