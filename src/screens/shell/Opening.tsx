import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { LateProgress } from './LateProgress';

/** What stands on a page until what it shows has been read: nothing at first, then a line that says it is coming. */
export const Opening = () => (
  <Box sx={{ p: 3 }}>
    <LateProgress busy label={say('Opening')} />
  </Box>
);
