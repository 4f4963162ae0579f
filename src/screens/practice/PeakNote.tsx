'use client';
import { say } from '@/core/languages/spoken';
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
      aria-label={say('What the peak asks')}
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, p: 1.25, mt: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {say(shape.name)}:{' '}
        {rung
          ? say('today as far as “{{name}}”, {{count}} of 100 of its way', {
              name: say(rung.name),
              count: Math.round(100 * gap.depth),
            })
          : say('no rung of it is within reach yet')}
        {shape.sided ? say(' ({{side}} side)', { side: say(gap.side) }) : ''}.
      </Typography>
      {gap.joints.length > 0 && (
        <Typography>
          {say('To its last rung are missing: {{joints}}.', {
            joints: gap.joints
              .map((j) => `${Math.round(Math.abs(j.full_deg - j.reached_deg))}° ${jointName(j.coordinate)}`)
              .join(', '),
          })}
        </Typography>
      )}
      {gap.length.length > 0 && (
        <Typography>
          {say('Asks most of: {{gap}}.', {
            gap: gap.length
              .map((m) =>
                say('{{groupName}} {{side}} ({{asked}} times what it gives; {{comfortable}} is comfortable)', {
                  groupName: groupName(m.group),
                  side: say(m.side),
                  asked: m.asked.toFixed(1),
                  comfortable: m.comfortable.toFixed(1),
                }),
              )
              .join(', '),
          })}
        </Typography>
      )}
      {gap.strength.length > 0 && (
        <Typography>
          {say('Strength it asks for: {{strength}}.', {
            strength: gap.strength
              .map((m) =>
                say('{{aimedName}} {{side}} {{count}} of 100', {
                  aimedName: aimedName({ kind: 'strengthen', group: m.group }),
                  side: say(m.side),
                  count: Math.round(100 * m.asked),
                }),
              )
              .join(', '),
          })}
        </Typography>
      )}
      {gap.beyondModel && <Typography>{say('How hard its last rung works is beyond this model.')}</Typography>}
      <Typography variant="caption" component="p">
        {say(
          'A practice with this peak works for these too, behind the aims there are, and ends at the rung within reach.',
        )}
      </Typography>
    </Box>
  );
}
