import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { SIDE_MARK } from '@/core/body/words';
import { testById } from '@/core/assessment/battery';
import { latest, withUnit, meanOf, type Reading } from '@/core/assessment/reading';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';

/** Readings that ended in pain: told as that, never as a short muscle. */
export function EndedInPain({ readings }: { readings: readonly Reading[] }) {
  'use memo';
  const pained = latest(readings).filter((r) => r.pain);
  if (pained.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label={say('What ended in pain')}
      sx={{ borderLeft: '3px solid var(--caution)', pl: 1.5, py: 0.5 }}
    >
      <Typography variant="h2" sx={{ color: 'var(--caution)' }}>
        {say('▲ Ended in pain')}
      </Typography>
      {pained.map((r) => (
        <Typography key={r.id} sx={{ fontSize: 15 }}>
          {r.side !== 'both' && `${SIDE_MARK[r.side]} ${say(r.side)} `}
          {say('{{what}} at {{withUnit}}', {
            what: say(testById(r.test)?.name ?? r.test),
            withUnit: withUnit(r, meanOf(r.trials)),
          })}
          {r.placeFelt && `, ${say(PLACE_WORDS[r.placeFelt])}`}
          {r.painKind && `, ${say(PAIN_WORDS[r.painKind])}`}
        </Typography>
      ))}
      <Typography variant="caption" component="p">
        {say(
          'Pain is no measure of length: nothing is stretched because of these. If it stays, it should be looked at.',
        )}
      </Typography>
    </Box>
  );
}
