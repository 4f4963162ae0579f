'use client';
import { decimals } from '@/core/languages/decimals';
import { say, spokenLanguage } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { SIDE_MARK } from '@/core/body/words';
import { sharedAims } from '@/core/classes/shared';
import { aimKey } from '@/core/practice/aim-key';
import type { MemberFacts } from '@/workers/core.worker';

/** Aims of a class by how much they weigh for all, with whose they are; then who needs care, and who waits. */
export function SharedAims({ members }: { members: readonly MemberFacts[] }) {
  'use memo';
  const shared = sharedAims(members);
  const names = (ids: readonly string[]) =>
    members
      .filter((m) => ids.includes(m.id))
      .map((m) => firstName(m.name))
      .join(', ');
  return (
    <Box component="section" aria-label={say('Aims of the class')}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {say('Aims of the class')}
      </Typography>
      {shared.length === 0 && (
        <Typography color="text.secondary">
          {say('No aims yet: measure them, or set aims in their findings.')}
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {shared.map(({ aim, who, against }) => (
          <Box
            component="li"
            key={aimKey(aim)}
            sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, borderTop: '1px solid var(--line)', py: 0.5 }}
          >
            <Box sx={{ flex: '1 1 260px' }}>
              {say(AIM_WORDS[aim.kind])} <span className="muscle">{aimedName(aim)}</span> {SIDE_MARK[aim.side]}{' '}
              {say(aim.side)}
            </Box>
            <Box sx={{ flex: '1 1 240px' }}>
              {names(who)}
              {against.length > 0 && (
                <Box component="span" sx={{ color: 'var(--ink-2)' }}>
                  {' '}
                  {say('· left alone in {{names}}', { names: names(against) })}
                </Box>
              )}
            </Box>
            <Typography variant="caption" className="num">
              {decimals(aim.weight.toFixed(2), spokenLanguage())}
            </Typography>
          </Box>
        ))}
      </Box>
      {shared.length > 0 && (
        <Typography variant="caption" component="p">
          {say('The number is the mean weight over all who take part. A practice is built for the first eight.')}
        </Typography>
      )}
      {members
        .filter((m) => m.cautions.length > 0 || m.stopped !== null || !m.measured)
        .map((m) => (
          <Typography
            key={m.id}
            sx={m.cautions.length > 0 || m.stopped !== null ? { color: 'var(--caution)', fontWeight: 600 } : undefined}
          >
            {m.stopped !== null
              ? say('▲ {{firstName}} waits: {{stopped}}', { firstName: firstName(m.name), stopped: m.stopped })
              : m.cautions.length > 0
                ? `▲ ${firstName(m.name)}: ${m.cautions.join(', ')}`
                : say('{{firstName}} is not measured yet and taken as typical.', { firstName: firstName(m.name) })}
          </Typography>
        ))}
    </Box>
  );
}
