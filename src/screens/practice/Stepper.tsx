import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';

/** A number with one less and one more beside it. */
export function Stepper({
  less,
  more,
  least = false,
  most = false,
  step,
  children,
}: {
  /** What the two buttons do, in words. */
  less: string;
  more: string;
  /** True where there is nothing less, or more. */
  least?: boolean;
  most?: boolean;
  step: (by: -1 | 1) => void;
  /** The number in words. */
  children: ReactNode;
}) {
  const button = (by: -1 | 1, label: string, end: boolean) => (
    <Button size="small" sx={{ minWidth: 32 }} aria-label={label} disabled={end} onClick={() => step(by)}>
      {by < 0 ? '−' : '+'}
    </Button>
  );
  return (
    <Box sx={{ display: 'flex', alignItems: 'center' }}>
      {button(-1, less, least)}
      <span className="num">{children}</span>
      {button(1, more, most)}
    </Box>
  );
}
