'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { Change } from '@/core/practice/change';
import type { PracticeRequest } from '@/core/practice/request';
import { changed, changeWords } from '@/core/practice/words';

/** Says that no practice fits the wishes, and offers the smallest change that would let one. */
export function NothingFits({
  change,
  request,
  onBuild,
}: {
  change: Change;
  request: PracticeRequest;
  onBuild: (request: PracticeRequest) => void;
}) {
  'use memo';
  const helped = changed(request, change);
  return (
    <Alert
      severity="info"
      role="alert"
      sx={{ mb: 2 }}
      action={
        helped && (
          <Button color="inherit" size="small" onClick={() => onBuild(helped)}>
            {say('Do that and build')}
          </Button>
        )
      }
    >
      <strong>{say('No practice fits these wishes.')}</strong> {changeWords(change)}
    </Alert>
  );
}
