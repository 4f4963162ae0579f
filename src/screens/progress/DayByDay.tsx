'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useState } from 'react';
import type { TimelineDay } from '@/core/progress/timeline';
import { LINE_WORDS } from './log-words';

/** Days that are shown at first. */
const SHOWN = 6;

/** A student's story by its days, newest first. */
export function DayByDay({ days }: { days: readonly TimelineDay[] }) {
  'use memo';
  const [all, setAll] = useState(false);
  return (
    <>
      <Typography variant="h2">Day by day</Typography>
      <Box
        component="dl"
        aria-label="Day by day"
        sx={{ m: 0, mb: 1, display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '110px 1fr' }, rowGap: 0.75 }}
      >
        {days.slice(0, all ? days.length : SHOWN).map((d) => (
          <Box key={d.day} sx={{ display: 'contents' }}>
            <Typography component="dt" className="num" sx={{ fontSize: 15 }}>
              {format(new Date(`${d.day}T00:00:00`), 'd MMM yyyy')}
            </Typography>
            <Box component="dd" sx={{ m: 0 }}>
              {d.lines.map(({ kind, text }) => (
                <Box key={kind + text} sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                  <Typography component="span" variant="caption" sx={{ width: 48, flexShrink: 0 }}>
                    {LINE_WORDS[kind]}
                  </Typography>
                  <Typography component="span" sx={{ fontSize: 15 }}>
                    {text}
                  </Typography>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      {days.some((d) => d.lines.some((l) => l.kind === 'read')) && (
        <Typography variant="caption" component="p">
          Found: from all that was known on the last day of a round, read with the Kolpos of today.
        </Typography>
      )}
      {days.length > SHOWN && (
        <Button size="small" onClick={() => setAll(!all)} sx={{ mb: 1 }}>
          {all ? 'Show the last days only' : `Show all ${days.length} days`}
        </Button>
      )}
    </>
  );
}
