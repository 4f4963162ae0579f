'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { dayWords } from '@/core/day-words';
import type { TimelineDay } from '@/core/progress/timeline';
import { ShowMore } from '../shell/ShowMore';
import { LINE_WORDS } from './log-words';

/** Days that are shown at first, and with each press. */
const SHOWN = 6;
const MORE = 30;

/** A student's story by its days, newest first. */
export function DayByDay({ days }: { days: readonly TimelineDay[] }) {
  'use memo';
  const [shown, setShown] = useState(SHOWN);
  return (
    <>
      <Typography variant="h2">{say('Day by day')}</Typography>
      <Box
        component="dl"
        aria-label={say('Day by day')}
        sx={{ m: 0, mb: 1, display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '110px 1fr' }, rowGap: 0.75 }}
      >
        {days.slice(0, shown).map((d) => (
          <Box key={d.day} sx={{ display: 'contents' }}>
            <Typography component="dt" className="num" sx={{ fontSize: 15 }}>
              {dayWords(d.day)}
            </Typography>
            <Box component="dd" sx={{ m: 0 }}>
              {d.lines.map(({ kind, text }) => (
                <Box key={kind + text} sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                  <Typography component="span" variant="caption" sx={{ width: 76, flexShrink: 0 }}>
                    {say(LINE_WORDS[kind])}
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
          {say('What was found is worked out by today’s Kolpos, from what was known at the end of each round.')}
        </Typography>
      )}
      <ShowMore all={days.length} shown={shown} step={MORE} onShow={setShown} />
      {shown > SHOWN && (
        <Button size="small" onClick={() => setShown(SHOWN)} sx={{ mb: 1 }}>
          {say('Show the last days only')}
        </Button>
      )}
    </>
  );
}
