import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { exchanged } from '@/core/measuring/plausibility';
import type { Reading } from '@/core/assessment/reading';
import { replaceReadings } from '@/store/changes';
import { now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/** Two readings of today that stand the other way round than every earlier session. */
export interface SwappedReadings {
  pair: readonly Reading[];
  /** Of the read-out. */
  name: string;
}

/** Asks whether left and right were swapped, and exchanges them. */
export function SidesSwapped({ swapped: { pair, name }, onDone }: { swapped: SwappedReadings; onDone: () => void }) {
  const { db } = useStudio();
  const undo = useUndo();
  const swap = async () => {
    onDone();
    undo(say('{{name}}: left and right are exchanged.', { name }), await replaceReadings(db, exchanged(pair, now())));
  };
  return (
    <Box role="alert" sx={{ p: 1.25, mb: 1, bgcolor: 'var(--act-pale)', borderRadius: 1.5 }}>
      <Typography sx={{ fontWeight: 600 }}>
        {say(
          '{{name}}: today left and right stand the other way round than in every earlier session. Were the sides swapped?',
          { name },
        )}
      </Typography>
      <Button size="small" variant="contained" sx={{ mr: 1, mt: 0.5 }} onClick={() => void swap()}>
        {say('Swap them')}
      </Button>
      <Button size="small" sx={{ mt: 0.5 }} onClick={onDone}>
        {say('They are right')}
      </Button>
    </Box>
  );
}
