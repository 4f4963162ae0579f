'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { touchingNow } from '@/core/pose-editor/edit';
import { withTouches } from '@/core/pose-editor/touches';
import type { Rung } from '@/core/poses';
import { BEARING_MIDDLE, BEARING_POINTS, type OwnShape } from '@/core/poses/schema';
import { BearingRow } from './BearingRow';
import { bearingWords } from './bearing-words';
import { HandRow } from './HandRow';
import { LooseProps } from './LooseProps';

const POINTS = [...BEARING_POINTS.flatMap((p) => [`${p}_worked`, `${p}_other`]), ...BEARING_MIDDLE];

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
    <Box component="section" aria-label={say('Touches')}>
      <Typography variant="h3">{say('What bears on what')}</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {rows.map((c) => (
          <BearingRow key={c.point} shape={shape} rung={rung} contact={c} onChange={onChange} />
        ))}
      </Box>
      {rows.length === 0 && <Typography>{say('Nothing yet: the body hangs in the air.')}</Typography>}
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <TextField
          select
          size="small"
          label={say('Add')}
          value={adding}
          onChange={(e) => {
            setAdding('');
            onChange(withTouches(shape, rung, [e.target.value]));
          }}
          sx={{ width: 150 }}
        >
          {free.map((p) => (
            <MenuItem key={p} value={p}>
              {bearingWords(shape, p)}
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
          {say('What touches the floor now')}
        </Button>
      </Box>
      <Typography variant="h3" sx={{ mt: 2 }}>
        {say('Hands')}
      </Typography>
      {(['worked', 'other'] as const)
        .filter((h) => shape.sided || h === 'worked')
        .map((hand) => (
          <HandRow key={hand} shape={shape} rung={rung} depth={depth} hand={hand} onChange={onChange} />
        ))}
      <LooseProps rung={rung} onChange={onChange} />
    </Box>
  );
}
