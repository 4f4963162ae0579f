'use client';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { type ReactNode } from 'react';
import { useKeys } from '../../shell/use-keys';

/** Calls back on the space bar, wherever the focus is, except on a button that has it by keyboard. */
export function useSpaceBar(press: () => void): void {
  useKeys(
    (e) => {
      if (e.key !== ' ' || (e.target instanceof HTMLElement && e.target.closest('button, [role="button"]'))) return;
      e.preventDefault();
      press();
    },
    { inDialog: true },
  );
}

/** A full page that is one big button: works by the space bar, and from across the room by a tap anywhere. */
export function TapPane({
  title,
  onPress,
  onClose,
  big,
  children,
}: {
  title: string;
  onPress: () => void;
  onClose: () => void;
  /** What stands large in the middle. */
  big: ReactNode;
  /** Buttons and choices below: a tap on them is no tap on the page. */
  children: ReactNode;
}) {
  'use memo';
  useSpaceBar(onPress);
  return (
    <Dialog open onClose={onClose} fullScreen aria-labelledby="tap-title">
      <Box
        onClick={onPress}
        sx={{
          minHeight: '100%',
          p: 3,
          display: 'flex',
          flexDirection: 'column',
          alignItems: 'center',
          justifyContent: 'center',
          textAlign: 'center',
          cursor: 'pointer',
        }}
      >
        <Typography variant="h1" id="tap-title">
          {title}
        </Typography>
        {big}
        <Box onClick={(e) => e.stopPropagation()} sx={{ mt: 2, cursor: 'auto' }}>
          {children}
        </Box>
      </Box>
    </Dialog>
  );
}
