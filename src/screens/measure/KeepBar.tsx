import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { SKIP_REASONS } from '@/store/studio';

/** The three ways out of a reading, always in sight: keep it, end it for pain, leave the test out with a reason. */
export function KeepBar({
  onKeep,
  onPain,
  onSkip,
}: {
  onKeep: () => void;
  onPain: () => void;
  onSkip: (reason: string) => void;
}) {
  'use memo';
  const [skipping, setSkipping] = useState<HTMLElement | null>(null);
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.5,
        mt: 1,
        py: 1,
        alignItems: 'center',
        position: 'sticky',
        bottom: 0,
        bgcolor: 'var(--surface)',
        borderTop: '1px solid var(--line)',
        zIndex: 2,
      }}
    >
      <Button variant="contained" onClick={onKeep}>
        {say('Keep and go on')}
      </Button>
      <Button variant="outlined" color="warning" onClick={onPain}>
        {say('▲ Pain, stop')}
      </Button>
      <Button aria-haspopup="menu" onClick={(e) => setSkipping(e.currentTarget)}>
        {say('Skip this test')}
      </Button>
      <Menu anchorEl={skipping} open={skipping !== null} onClose={() => setSkipping(null)}>
        {SKIP_REASONS.map((reason) => (
          <MenuItem
            key={reason}
            onClick={() => {
              setSkipping(null);
              onSkip(reason);
            }}
          >
            {say(reason)}
          </MenuItem>
        ))}
      </Menu>
    </Box>
  );
}
