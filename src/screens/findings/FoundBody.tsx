import Box from '@mui/material/Box';
import { useMemo } from 'react';
import type { Build } from '@/core/body';
import { GROUP_WORDS } from '@/core/body/words';
import type { MovementFinding } from '@/core/inference';
import { Figure } from '@/figure/Figure';
import { STANDING } from './standing';
import { depthOf, tintsOf } from './tints';

const VIEWS = [
  { name: 'front', left: 'right', right: 'left', view: { yaw: -90, pitch: 3 } },
  { name: 'back', left: 'left', right: 'right', view: { yaw: 90, pitch: 3 } },
] as const;
const listed = new Intl.ListFormat('en', { type: 'conjunction' });

/** Both sides at once, from the front and from behind: what limits is painted where it is, the surer the heavier its outline. */
export function FoundBody({
  movements,
  build,
  height,
}: {
  movements: readonly MovementFinding[];
  build?: Build;
  height: number;
}) {
  const limited = useMemo(() => movements.filter((m) => m.band < -1), [movements]);
  const tints = useMemo(() => {
    // A group that limits several movements is painted once, by the one that says most.
    const most = new Map<string, { tints: ReturnType<typeof tintsOf>; weight: number }>();
    for (const m of limited)
      for (const { structure, probability } of m.limiters.slice(0, m.clarity === 'one' ? 1 : 2)) {
        const key = `${structure}/${m.side}`;
        const weight = depthOf(m.band) * probability;
        if (weight > (most.get(key)?.weight ?? 0))
          most.set(key, {
            weight,
            tints: tintsOf(structure, m.side, weight + 0.1).map((t) => ({ ...t, sure: probability })),
          });
      }
    return [...most.values()].flatMap((m) => m.tints);
  }, [limited]);
  const named = limited.flatMap((m) =>
    m.limiters.slice(0, 1).map((l) => `${GROUP_WORDS[l.structure].name} on the ${m.side}`),
  );
  const said = named.length > 0 ? `Painted: ${listed.format([...new Set(named)])}.` : 'Nothing is painted.';
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', minWidth: 0 }}>
      {VIEWS.map(({ name, left, right, view }) => (
        <Box key={name} sx={{ minWidth: 0 }}>
          <Figure
            label={`The body from the ${name}. ${said}`}
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
            <span>{left}</span>
            <strong>{name}</strong>
            <span>{right}</span>
          </Box>
        </Box>
      ))}
    </Box>
  );
}
