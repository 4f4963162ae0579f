import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Derived } from '@/core/measuring/derived';
import { SIDE_MARK } from '@/core/body/words';

/** Values that follow from readings by arithmetic, each with its steps. */
export function WorkedOut({ values }: { values: readonly Derived[] }) {
  'use memo';
  if (values.length === 0) return null;
  return (
    <Box sx={{ mt: 2 }} role="region" aria-label={say('Worked out')}>
      <Typography variant="h2" sx={{ fontSize: 16, mb: 0.5 }}>
        {say('Worked out')}
      </Typography>
      {values.map((d) => (
        <Box key={`${d.id}/${d.side}`} sx={{ mb: 1 }}>
          <Typography sx={{ fontSize: 14 }}>
            {d.name}
            {d.side !== 'both' && ` ${SIDE_MARK[d.side]}`}: <strong>{d.result}</strong>
          </Typography>
          <Typography variant="caption" component="p" sx={{ fontVariantNumeric: 'tabular-nums' }}>
            {d.steps}
          </Typography>
          {d.meaning && (
            <Typography variant="caption" component="p">
              {d.meaning}
            </Typography>
          )}
        </Box>
      ))}
    </Box>
  );
}
