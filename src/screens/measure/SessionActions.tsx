import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';

/**
 * What can be done with the whole of a session: on to the findings, once more from the start, or parked for another
 * day.
 */
export function SessionActions({
  done,
  all,
  findings,
  onAgain,
  onPark,
}: {
  /** Places that are read, and all that are asked for. */
  done: number;
  all: number;
  /** Address of the findings. */
  findings: string;
  onAgain: () => void;
  onPark: () => void;
}) {
  'use memo';
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mb: 1 }}>
      {done === all && (
        <Button variant="contained" fullWidth component={Link} href={findings}>
          {say('All read: see the findings')}
        </Button>
      )}
      {done > 0 && (
        <Button size="small" onClick={onAgain}>
          {say('Test again')}
        </Button>
      )}
      {done < all && (
        <Button size="small" onClick={onPark}>
          {say('Park it')}
        </Button>
      )}
    </Box>
  );
}
