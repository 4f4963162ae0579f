import { listing } from '@/core/languages/listing';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import type { Build } from '@/core/body';
import { GROUP_WORDS } from '@/core/body/words';
import { limitsOf, type MovementFinding } from '@/core/inference';
import { Figure } from '@/figure/Figure';
import { STANDING } from './standing';
import { tintsOfLimit } from './tints';

const VIEWS = [
  { name: 'front', left: 'right', right: 'left', view: { yaw: -90, pitch: 3 } },
  { name: 'back', left: 'left', right: 'right', view: { yaw: 90, pitch: 3 } },
] as const;
const listed = listing('en', { type: 'conjunction' });

/**
 * Both sides at once, from the front and from behind: what limits is painted where it is, the surer the heavier its
 * outline.
 */
export function FoundBody({
  movements,
  build,
  height,
}: {
  movements: readonly MovementFinding[];
  build?: Build;
  height: number;
}) {
  'use memo';
  const limits = useMemo(() => limitsOf(movements), [movements]);
  const tints = useMemo(() => limits.flatMap(tintsOfLimit), [limits]);
  const named = limits.map((l) =>
    say('{{name}} on the {{side}}', { name: say(GROUP_WORDS[l.group].name), side: say(l.side) }),
  );
  const said =
    named.length > 0 ? say('Painted: {{listed}}.', { listed: listed.format(named) }) : say('Nothing is painted.');
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', minWidth: 0 }}>
      {VIEWS.map(({ name, left, right, view }) => (
        <Box key={name} sx={{ minWidth: 0 }}>
          <Figure
            label={say('The body from the {{name}}. {{said}}', { name: say(name, { context: 'view' }), said })}
            posture={STANDING}
            build={build}
            tints={tints}
            shown="muscles"
            view={view}
            height={height}
            turns
          />
          <Box
            aria-hidden
            sx={{ display: 'flex', justifyContent: 'space-between', fontSize: 13, color: 'var(--ink-2)', px: 1 }}
          >
            <span>{say(left)}</span>
            <strong>{say(name, { context: 'view' })}</strong>
            <span>{say(right)}</span>
          </Box>
        </Box>
      ))}
    </Box>
  );
}
