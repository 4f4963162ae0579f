import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { turnsOf } from '@/core/assessment/batteries';
import { BATTERY } from '@/core/assessment/battery';
import { queueOf } from '@/core/assessment/queue';

const PARTS = [
  { name: 'Length and shape', of: BATTERY.filter((t) => t.kind !== 'strength') },
  { name: 'Strength', of: BATTERY.filter((t) => t.kind === 'strength') },
] as const;

/** The teacher's own list of tests, with the turns that it costs. */
export function OwnTestsDialog({
  chosen,
  onUse,
  onClose,
}: {
  chosen: readonly string[];
  onUse: (tests: string[]) => void;
  onClose: () => void;
}) {
  'use memo';
  const [ids, setIds] = useState<readonly string[]>(chosen);
  const tests = BATTERY.filter((t) => ids.includes(t.id));
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="own-title">
      <DialogTitle id="own-title">{say('Tests of your own choice')}</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3 }}>
          {PARTS.map((part) => (
            <Box key={part.name} role="group" aria-label={say(part.name)}>
              <Typography variant="h2">{say(part.name)}</Typography>
              {part.of.map((t) => (
                <FormControlLabel
                  key={t.id}
                  sx={{ display: 'flex', mr: 0 }}
                  control={
                    <Checkbox
                      size="small"
                      checked={ids.includes(t.id)}
                      onChange={(_, on) => setIds(on ? [...ids, t.id] : ids.filter((x) => x !== t.id))}
                      sx={{ py: 0.25 }}
                    />
                  }
                  label={
                    <>
                      {say(t.name)}
                      <Typography variant="caption" component="span" sx={{ display: 'block', lineHeight: 1.2 }}>
                        {say(t.clinical)}
                      </Typography>
                    </>
                  }
                />
              ))}
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Typography variant="caption" sx={{ flex: 1, pl: 2 }}>
          {say('{{tests}} tests, {{turns}} quarter turns of the body', {
            tests: tests.length,
            turns: turnsOf(queueOf(tests)),
          })}
        </Typography>
        <Button onClick={onClose}>{say('Leave it')}</Button>
        <Button variant="contained" disabled={tests.length === 0} onClick={() => onUse([...ids])}>
          {say('Use these')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
