import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { emptyStudio } from '@/store/exchange';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/** Removes everything of a studio from this browser, after asking once. */
export function EmptyStudio() {
  'use memo';
  const { db } = useStudio();
  const undo = useUndo();
  const [emptying, setEmptying] = useState(false);
  return (
    <>
      <Button onClick={() => setEmptying(true)}>{say('Empty this studio')}</Button>
      <Dialog open={emptying} onClose={() => setEmptying(false)} aria-labelledby="empty-title">
        <DialogTitle id="empty-title">{say('Empty this studio?')}</DialogTitle>
        <DialogContent>
          <Typography>
            {say(
              'Every student, reading, practice, log, photo and setting of this studio is removed from this browser. Save a backup first if you may want it again. Undo works as long as this page is open.',
            )}
          </Typography>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setEmptying(false)}>{say('Leave it')}</Button>
          <Button
            variant="contained"
            color="warning"
            onClick={() => {
              setEmptying(false);
              void emptyStudio(db).then((change) => undo(say('This studio is empty.'), change));
            }}
          >
            {say('Empty it')}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
