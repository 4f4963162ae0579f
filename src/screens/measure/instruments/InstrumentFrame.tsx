'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { ReactNode } from 'react';

/** The frame of an instrument: its name, what it has to say, and the way back to typing. */
export function InstrumentFrame({
  title,
  width,
  message,
  use,
  onClose,
  children,
}: {
  title: string;
  width: 'sm' | 'lg';
  message: string | null;
  /** The button that takes the value, where it stands at the foot. */
  use?: ReactNode;
  onClose: () => void;
  children: ReactNode;
}) {
  'use memo';
  const small = useMediaQuery(width === 'lg' ? '(max-width: 900px)' : '(max-width: 600px)');
  return (
    <Dialog open onClose={onClose} fullScreen={small} fullWidth maxWidth={width} aria-labelledby="instrument-title">
      <DialogTitle id="instrument-title" sx={{ pb: 1 }}>
        {title}
      </DialogTitle>
      <DialogContent>
        {children}
        {message && (
          <Typography role="alert" sx={{ mt: 1.5, p: 1, bgcolor: 'var(--act-pale)', borderRadius: 1, fontWeight: 600 }}>
            {message}
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('Type it instead')}</Button>
        {use}
      </DialogActions>
    </Dialog>
  );
}
