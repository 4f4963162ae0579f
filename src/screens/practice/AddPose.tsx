'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { allShapes, type Shape } from '@/core/poses';
import { sidesOfRung } from '@/core/practice/edit';
import type { RankedPose } from '@/core/ranking/rank';
import { PoseFigure } from '../poses/PoseFigure';
import { shapeOptions } from '@/screens/poses/shape-options';

/** A pose from the library, by name, at one of its rungs; a caution closes it, anything else is only said. */
export function AddPose({
  ranked,
  after,
  onAdd,
  onClose,
}: {
  ranked: readonly RankedPose[];
  /** Name of the block that it comes after, or null at the end. */
  after: string | null;
  onAdd: (fits: readonly RankedPose[]) => void;
  onClose: () => void;
}) {
  const [shape, setShape] = useState<Shape | null>(null);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="add-title">
      <DialogTitle id="add-title">
        {say('Add a pose {{what}}', {
          what: after ? say('after {{after}}', { after: within(after) }) : say('at the end'),
        })}
      </DialogTitle>
      <DialogContent>
        <Autocomplete
          options={[...allShapes()].sort((a, b) => (a.name < b.name ? -1 : 1))}
          value={shape}
          filterOptions={shapeOptions}
          getOptionLabel={(s) => say(s.name)}
          getOptionKey={(s) => s.id}
          noOptionsText={say('No pose has this name.')}
          onChange={(_, s) => setShape(s)}
          renderInput={(params) => <TextField {...params} autoFocus label={say('Pose')} sx={{ mt: 1 }} />}
        />
        {shape?.rungs.map((rung, k) => {
          const fits = sidesOfRung(ranked, shape.id, k + 1);
          const cautions = [...new Set(fits.flatMap((r) => r.cautions))];
          const far = fits.some((r) => r.beyondEntry);
          return (
            <Box
              key={rung.name}
              sx={{
                display: 'grid',
                gridTemplateColumns: '90px 1fr auto',
                gap: 2,
                alignItems: 'center',
                borderBottom: '1px solid var(--line)',
                py: 0.5,
              }}
            >
              <PoseFigure
                pose={shape.id}
                rung={k + 1}
                side={fits[0]?.side ?? 'both'}
                depth={fits[0]?.depth ?? 0.5}
                height={56}
                muscles={false}
              />
              <span>
                {say(rung.name)}
                {cautions.length > 0 && (
                  <Typography component="span" sx={{ display: 'block', color: 'var(--caution)', fontWeight: 600 }}>
                    ▲ {cautions.join('; ')}
                  </Typography>
                )}
                {cautions.length === 0 && far && (
                  <Typography variant="caption" component="span" sx={{ display: 'block' }}>
                    {say('Even the way in asks for too much yet.')}
                  </Typography>
                )}
              </span>
              <Button
                disabled={fits.length === 0 || cautions.length > 0}
                aria-label={say('Add {{name}}, {{name2}}', { name: say(shape.name), name2: say(rung.name) })}
                onClick={() => onAdd(fits)}
              >
                {say('Add')}
              </Button>
            </Box>
          );
        })}
        <Button sx={{ mt: 2 }} onClick={onClose}>
          {say('Close')}
        </Button>
      </DialogContent>
    </Dialog>
  );
}
