'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { PoseId } from '@/core/poses';
import { CLOTHS, SKINS, type DrawnBody } from '@/figure/bodies';
import { Figure } from '@/figure/Figure';
import { poseScene } from '@/figure/pose-scene';
import { useDrawnBody } from './use-drawn-body';

const SKIN_WORDS: Readonly<Record<DrawnBody['skin'], string>> = {
  paper: 'as paper',
  light: 'light',
  tan: 'tan',
  brown: 'brown',
  deep: 'deep brown',
};
const CLOTH_WORDS: Readonly<Record<DrawnBody['cloth'], string>> = {
  water: 'water',
  sand: 'sand',
  moss: 'moss',
  dusk: 'dusk',
};

/** How the drawn body is painted, shown on one pose. */
export function BodySettings() {
  const [body, put] = useDrawnBody();
  const scene = useMemo(() => poseScene('warrior-two' satisfies PoseId, 1, 'right', 0.7), []);
  return (
    <Box component="section" aria-label={say('The drawn body')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('The drawn body')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say('Skin and cloth of every figure in this studio, also in what goes home. Papers stay in ink.')}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={body.skin}
            aria-label={say('Skin')}
            onChange={(_, skin: DrawnBody['skin'] | null) => skin && put({ skin })}
          >
            {SKINS.map((s) => (
              <ToggleButton key={s} value={s}>
                {say(SKIN_WORDS[s], { context: 'skin' })}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={body.cloth}
            aria-label={say('Cloth')}
            onChange={(_, cloth: DrawnBody['cloth'] | null) => cloth && put({ cloth })}
          >
            {CLOTHS.map((c) => (
              <ToggleButton key={c} value={c}>
                {say(CLOTH_WORDS[c])}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
        {scene && (
          <Box sx={{ width: 220 }}>
            <Figure {...scene} height={150} detail="medium" />
          </Box>
        )}
      </Box>
    </Box>
  );
}
