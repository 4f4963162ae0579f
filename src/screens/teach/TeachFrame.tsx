import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** Full screen beside the mat: a bar above, the shape with its time, and what is pressed below. */
export function TeachFrame({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        minHeight: '100vh',
        display: 'grid',
        gridTemplateRows: 'auto 1fr auto auto',
        gridTemplateColumns: 'minmax(0, 1fr)',
        p: { xs: 1.5, md: 3 },
        gap: { xs: 0.75, sm: 1.5 },
      }}
    >
      {children}
    </Box>
  );
}
