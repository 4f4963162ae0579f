'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { AdaptedDays } from '@/core/progress/adapt-days';
import { dayChangeSentences } from '@/core/progress/words';

/** What the weeks ahead become by what was done, to be taken over by the teacher; nothing by itself. */
export function DaysNote({ adapted, onPut }: { adapted: AdaptedDays; onPut: () => void }) {
  'use memo';
  const [later, setLater] = useState(false);
  if (later || adapted.changes.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label={say('What the weeks could follow')}
      className="no-print"
      sx={{ border: '1px solid var(--act)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2, mb: 2 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {say('After what has been done so far, the weeks could go on like this:')}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {dayChangeSentences(adapted.changes).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </Box>
      {adapted.changes.some((c) => c.kind === 'missed' || c.kind === 'moved') && (
        <Typography sx={{ color: 'var(--ink-2)' }}>
          {say('A day that was done after all: mark it done in its week below, and it counts.')}
        </Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button size="small" variant="contained" onClick={onPut}>
          {say('Make these changes')}
        </Button>
        <Button size="small" variant="outlined" onClick={() => setLater(true)}>
          {say('Not now')}
        </Button>
      </Box>
    </Box>
  );
}
