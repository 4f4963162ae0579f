'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useUpdate } from './use-update';

/** Says that a newer version waits, and takes it on request. It is not shown while somebody is taught. */
export function UpdateNote() {
  const { update, take } = useUpdate(typeof navigator === 'undefined' ? undefined : navigator.serviceWorker);
  if (update === 'none') return null;
  return (
    <Alert
      severity="info"
      icon={false}
      className="no-print"
      sx={{ borderRadius: 0, bgcolor: 'var(--act-pale)', color: 'var(--ink)' }}
      action={
        <Button size="small" onClick={take}>
          {say('Load it')}
        </Button>
      }
    >
      {update === 'taken'
        ? say('Another window has loaded a newer version of Kolpos. Load it here too when it suits you.')
        : say('A newer version of Kolpos is here. It comes by itself when all its windows are closed, or now.')}
    </Alert>
  );
}
