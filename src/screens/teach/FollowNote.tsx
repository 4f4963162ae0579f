import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { Lead } from './use-lead';

/** Says that another tab teaches this lesson, and lets this one take over. */
export function FollowNote({ lead, takeOver }: { lead: Lead; takeOver: () => void }) {
  if (lead !== 'follows') return null;
  return (
    <Alert
      severity="info"
      sx={{ fontSize: 18 }}
      action={
        <Button size="large" color="inherit" onClick={takeOver}>
          {say('Teach from here')}
        </Button>
      }
    >
      {say('This lesson is being taught in another tab. This one shows where it is.')}
    </Alert>
  );
}
