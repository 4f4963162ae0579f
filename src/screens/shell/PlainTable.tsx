import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/**
 * A table of a few columns, a line between its rows; the first cell of a row is its head. Scrolls sideways by itself
 * where it is wide.
 */
export function PlainTable({
  label,
  heads,
  rows,
  minWidth,
}: {
  label: string;
  heads: readonly string[];
  rows: readonly { key: string; cells: readonly ReactNode[] }[];
  minWidth?: number;
}) {
  const cell = {
    py: 0.75,
    pr: 2,
    textAlign: 'left',
    verticalAlign: 'top',
    borderTop: '1px solid var(--line)',
  } as const;
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={label}>
      <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', minWidth }}>
        <thead>
          <tr>
            {heads.map((h) => (
              <Box key={h} component="th" scope="col" sx={{ ...cell, borderTop: 0, color: 'var(--ink-2)' }}>
                {h}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, cells: [first, ...others] }) => (
            <tr key={key}>
              <Box component="th" scope="row" sx={{ ...cell, fontWeight: 600, whiteSpace: 'nowrap' }}>
                {first}
              </Box>
              {others.map((c, i) => (
                <Box key={heads[i + 1]} component="td" sx={cell}>
                  {c}
                </Box>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
