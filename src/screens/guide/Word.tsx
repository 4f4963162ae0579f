'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Link from 'next/link';
import Popover from '@mui/material/Popover';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { termOf } from '@/core/guide/glossary';
import { useStudio } from '../shell/studio-context';

/** A word that says what it means when it is pressed; plain where the glossary does not know it. */
export function Word({ of, children }: { of: string; children: ReactNode }) {
  const { base } = useStudio();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const term = termOf(of);
  if (!term) return children;
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-haspopup="dialog"
        onClick={(e) => setAnchor(e.currentTarget)}
        sx={{
          all: 'unset',
          cursor: 'help',
          borderBottom: '1px dotted var(--contour)',
          '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: 2 },
        }}
      >
        {children}
      </Box>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': say(term.term), sx: { p: 2, maxWidth: 340 } } }}
      >
        <Typography sx={{ fontWeight: 700 }}>{say(term.term)}</Typography>
        <Typography>{say(term.means)}</Typography>
        <Typography
          component={Link}
          href={`${base}/guide#glossary`}
          sx={{ display: 'block', mt: 1, color: 'var(--act)' }}
        >
          {say('Glossary')}
        </Typography>
      </Popover>
    </>
  );
}
