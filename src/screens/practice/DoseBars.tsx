'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { SIDE_MARK } from '@/core/body/words';
import { aimKey } from '@/core/practice/aim-key';
import type { Dose } from '@/core/practice/doses';

/** Minutes of each aim against what it wants: water where something lengthens, land where it works. */
export function DoseBars({ doses }: { doses: readonly Dose[] }) {
  'use memo';
  return (
    <Box component="section" aria-label={say('Dose by aim')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Dose by aim')}
      </Typography>
      {doses.map((d) => {
        const scale = d.aim.kind === 'strengthen' ? 'land' : 'sea';
        return (
          <Box key={aimKey(d.aim)} sx={{ mb: 1.25 }}>
            <Box sx={{ display: 'flex', gap: 1, fontSize: 14 }}>
              <Box sx={{ flex: 1 }}>
                {say(AIM_WORDS[d.aim.kind])} <span className="muscle">{aimedName(d.aim)}</span> {SIDE_MARK[d.aim.side]}{' '}
                {say(d.aim.side)}
              </Box>
              <span className="num">
                {say('{{minutes}} of {{wanted}} min', { minutes: d.minutes.toFixed(1), wanted: d.wanted.toFixed(1) })}
              </span>
            </Box>
            <Box sx={{ height: 8, bgcolor: `var(--${scale}-0)` }}>
              <Box
                sx={{
                  height: 8,
                  width: `${Math.min(100, (100 * d.minutes) / Math.max(0.1, d.wanted))}%`,
                  bgcolor: `var(--${scale}-3)`,
                }}
              />
            </Box>
          </Box>
        );
      })}
      <Typography variant="caption" component="p">
        {say(
          'Minutes in which the aimed muscle is stretched or works usefully, counted by how useful. Wanted: its share of the working time, at most 4 minutes (our default).',
        )}
      </Typography>
    </Box>
  );
}
