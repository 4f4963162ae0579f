import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { End } from '@/core/pose-editor/edit';

/** Which end of a rung's path is being drawn, or a look at the way between; or one shape that is simply held. */
export function WhichEnd({
  oneShape,
  end,
  depth,
  between,
  onEnd,
  onLook,
  onOwnEntry,
  onOneShape,
}: {
  oneShape: boolean;
  end: End;
  /** Share of the way, 0–1. */
  depth: number;
  /** True where the way in between is looked at. */
  between: boolean;
  onEnd: (end: End) => void;
  onLook: (depth: number) => void;
  onOwnEntry: () => void;
  onOneShape: () => void;
}) {
  'use memo';
  if (oneShape)
    return (
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Typography>{say('One shape, held.')}</Typography>
        <Button size="small" onClick={onOwnEntry}>
          {say('Give it an entry of its own')}
        </Button>
      </Box>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say('Which end')}
        value={between ? null : end}
        onChange={(_, v: End | null) => {
          if (v !== null || between) onEnd(v ?? end);
        }}
      >
        <ToggleButton value="entry">{say('entry')}</ToggleButton>
        <ToggleButton value="full">{say('full depth')}</ToggleButton>
      </ToggleButtonGroup>
      <Slider
        size="small"
        aria-label={say('Look along the way')}
        min={0}
        max={100}
        value={Math.round(depth * 100)}
        onChange={(_, v) => onLook(Number(v) / 100)}
        sx={{ flex: '1 1 80px', maxWidth: 140, mx: 1 }}
      />
      <Button size="small" onClick={onOneShape}>
        {say('One held shape')}
      </Button>
    </Box>
  );
}
