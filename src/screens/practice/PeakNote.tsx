'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { aimedName } from '@/core/aims/words';
import { groupName } from '@/core/body/words';
import { shapeById } from '@/core/poses';
import type { PeakGap } from '@/core/practice/peak';
import { jointName } from '../poses/PoseNumbers';

/** What the peak asks for beyond what the student has, and how far she gets in it today. */
export function PeakNote({ gap }: { gap: PeakGap }) {
  const shape = shapeById(gap.pose);
  if (!shape) return null;
  const rung = gap.reachable === null ? null : shape.rungs[gap.reachable - 1];
  return (
    <Box
      component="section"
      aria-label="What the peak asks"
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, p: 1.25, mt: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {shape.name}:{' '}
        {rung
          ? `today as far as “${rung.name}”, ${Math.round(100 * gap.depth)} of 100 of its way`
          : 'no rung of it is within reach yet'}
        {shape.sided ? ` (${gap.side} side)` : ''}.
      </Typography>
      {gap.joints.length > 0 && (
        <Typography>
          To its last rung are missing:{' '}
          {gap.joints
            .map((j) => `${Math.round(Math.abs(j.full_deg - j.reached_deg))}° ${jointName(j.coordinate)}`)
            .join(', ')}
          .
        </Typography>
      )}
      {gap.length.length > 0 && (
        <Typography>
          Asks most of:{' '}
          {gap.length
            .map(
              (m) =>
                `${groupName(m.group)} ${m.side} (${m.asked.toFixed(1)} times what it gives; ${m.comfortable.toFixed(1)} is comfortable)`,
            )
            .join(', ')}
          .
        </Typography>
      )}
      {gap.strength.length > 0 && (
        <Typography>
          Strength it asks for:{' '}
          {gap.strength
            .map(
              (m) =>
                `${aimedName({ kind: 'strengthen', group: m.group })} ${m.side} ${Math.round(100 * m.asked)} of 100`,
            )
            .join(', ')}
          .
        </Typography>
      )}
      {gap.beyondModel && <Typography>How hard its last rung works is beyond this model.</Typography>}
      <Typography variant="caption" component="p">
        A practice with this peak works for these too, behind the aims there are, and ends at the rung within reach.
      </Typography>
    </Box>
  );
}
