'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import type { Build } from '@/core/body';
import type { Block } from '@/core/practice/blocks';
import type { Sounding } from '@/core/practice/profile';
import { phaseWords } from '@/core/practice/words';
import { clock } from '@/core/practice/sheet';
import { ShapesAlong } from './ShapesAlong';
import { Waters } from './Waters';

const TICK_S = 300;

/**
 * The practice as a chart of its own waters: time runs to the right, each block reaches down as far as it stretches and
 * up as hard as it works. A block opens when it is pressed.
 */
export function PracticeProfile({
  profile,
  total,
  open,
  depthOf,
  build,
  onOpen,
}: {
  profile: readonly Sounding[];
  /** Seconds of the whole. */
  total: number;
  open: string | null;
  /** How deep a block is drawn, 0–1. */
  depthOf: (block: Block) => number;
  build: Build;
  onOpen: (id: string) => void;
}) {
  'use memo';
  if (profile.length === 0 || total <= 0) return null;
  const phases = profile.filter((s, i) => i === 0 || profile[i - 1].block.phase !== s.block.phase);
  const step = total > 3600 ? 2 * TICK_S : total < 600 ? TICK_S / 5 : TICK_S;
  const ticks = Array.from({ length: Math.floor(total / step) + 1 }, (_, i) => i * step).filter(
    (t) => t === 0 || total - t > step / 3,
  );
  const percent = (seconds: number) => `${(100 * seconds) / total}%`;
  return (
    <Box component="section" aria-label={say('Chart of the practice')} sx={{ mb: 1.5 }}>
      <Box sx={{ position: 'relative', height: 20 }}>
        {phases.map((s, i) => {
          const end = phases[i + 1]?.block.at ?? total;
          return (
            <Box
              key={s.block.id}
              component="span"
              sx={{
                position: 'absolute',
                left: percent(s.block.at),
                width: percent(end - s.block.at),
                fontSize: 13,
                whiteSpace: 'nowrap',
                overflow: 'hidden',
                borderLeft: i > 0 ? '1px solid var(--contour)' : undefined,
                pl: i > 0 ? 0.5 : 0,
                color: 'var(--ink-2)',
              }}
            >
              {phaseWords(s.block.phase)}
            </Box>
          );
        })}
      </Box>
      <ShapesAlong profile={profile} total={total} open={open} depthOf={depthOf} build={build} onOpen={onOpen} />
      <Waters profile={profile} total={total} open={open} onOpen={onOpen} />
      <Box className="num" aria-hidden sx={{ position: 'relative', height: 18, fontSize: 13 }}>
        {ticks.map((t) => (
          <Box
            key={t}
            component="span"
            sx={{ position: 'absolute', left: percent(t), transform: t === 0 ? undefined : 'translateX(-50%)' }}
          >
            {clock(t)}
          </Box>
        ))}
        <Box component="span" sx={{ position: 'absolute', right: 0, bgcolor: 'var(--paper)', pl: 0.5 }}>
          {clock(total)}
        </Box>
      </Box>
    </Box>
  );
}
