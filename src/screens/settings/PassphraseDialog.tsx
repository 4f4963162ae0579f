'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { weakPassphrase } from '@/core/formats/passphrase';

/** Asks for a passphrase: twice where a file is locked with it, once where it opens one. */
export function PassphraseDialog({
  locks,
  busy,
  problem,
  onSay,
  onClose,
}: {
  locks: boolean;
  busy: boolean;
  /** Why the last one did not do. */
  problem: string | null;
  onSay: (passphrase: string) => void;
  onClose: () => void;
}) {
  const [first, setFirst] = useState('');
  const [again, setAgain] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const put = async () => {
    const weak = locks ? await weakPassphrase(first) : first === '' ? say('Type the passphrase.') : null;
    if (weak) setWrong(weak);
    else if (locks && first !== again) setWrong(say('The two are not the same.'));
    else {
      setWrong(null);
      onSay(first);
    }
  };
  const told = wrong ?? problem;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void put();
        }}
      >
        <DialogTitle>{locks ? say('Lock the file') : say('This file is locked')}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2 }}>
          {locks && (
            <Typography>
              {say(
                'Only this passphrase will open it. It is kept nowhere: whoever loses it loses the file. Four words that only you would put together are good.',
              )}
            </Typography>
          )}
          <TextField
            autoFocus
            type="password"
            label={say('Passphrase')}
            value={first}
            autoComplete={locks ? 'new-password' : 'current-password'}
            onChange={(e) => {
              setFirst(e.target.value);
              setWrong(null);
            }}
            error={told !== null}
            helperText={told ?? ' '}
            sx={{ mt: 1 }}
          />
          {locks && (
            <TextField
              type="password"
              label={say('The same again')}
              value={again}
              autoComplete="new-password"
              onChange={(e) => {
                setAgain(e.target.value);
                setWrong(null);
              }}
            />
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{say('Leave it')}</Button>
          <Button type="submit" variant="contained" disabled={busy}>
            {busy ? say('A moment …') : locks ? say('Lock and take out') : say('Open it')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
