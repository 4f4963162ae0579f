import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** An empty screen says what it is for and offers the next step. */
export function EmptyChart({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <Box
      sx={{
        maxWidth: 560,
        mx: 'auto',
        mt: 6,
        p: 4,
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
      }}
    >
      <Typography variant="h1" component="h1" gutterBottom>
        {title}
      </Typography>
      <Typography component="div" sx={{ mb: 3, color: 'var(--ink-2)' }}>
        {children}
      </Typography>
      {action}
    </Box>
  );
}
