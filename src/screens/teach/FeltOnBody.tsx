'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { SIDES, type Build, type Side } from '@/core/body';
import type { Place } from '@/core/students/student';
import { PlaceMap } from '../shell/PlaceMap';

/** Where a pose was felt, by a tap on her body; of a pose of one side that side alone is asked about. */
export function FeltOnBody({
  name,
  side,
  build,
  placeFelt,
  onFelt,
  onClose,
}: {
  name: string;
  side: Side | 'both';
  build?: Build;
  placeFelt: string | undefined;
  onFelt: (place: Place) => void;
  onClose: () => void;
}) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="felt-title">
      <DialogTitle id="felt-title">{say('{{name}}: felt where?', { name })}</DialogTitle>
      <DialogContent>
        <PlaceMap
          label={say('Tap where it was felt')}
          build={build}
          sides={side === 'both' ? SIDES : [side]}
          chosen={(place) => place === placeFelt}
          onChoose={(place) => {
            onFelt(place);
            onClose();
          }}
        />
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => {
            onFelt('nowhere');
            onClose();
          }}
        >
          {say('Nowhere')}
        </Button>
        <Button onClick={onClose}>{say('Close')}</Button>
      </DialogActions>
    </Dialog>
  );
}
