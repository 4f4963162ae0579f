import Box from '@mui/material/Box';
import type { Build } from '@/core/body';
import { placedAlong } from '@/core/practice/along';
import type { Block } from '@/core/practice/blocks';
import type { Sounding } from '@/core/practice/profile';
import { PoseFigure } from '../poses/PoseFigure';

/** Share of the line that a figure needs, and how tall figures are, pixels. */
const APART = 0.082;
const TALL = 84;
/** More shapes than this are too small to be told apart: the list below has them. */
const MOST = 24;

/** The shapes themselves along the time line, each above its time; a thin line leads down to it. */
export function ShapesAlong({
  profile,
  total,
  open,
  depthOf,
  build,
  onOpen,
}: {
  profile: readonly Sounding[];
  total: number;
  open: string | null;
  depthOf: (block: Block) => number;
  build: Build;
  onOpen: (id: string) => void;
}) {
  'use memo';
  if (profile.length > MOST) return null;
  const middles = profile.map(({ block: { spans } }) => (spans[0].at + spans[0].seconds / 2) / total);
  const places = placedAlong(middles, APART);
  const wide = Math.min(APART, 1 / profile.length);
  return (
    <Box
      aria-hidden
      sx={{
        position: 'relative',
        height: TALL + 14,
        bgcolor: 'var(--surface)',
        border: '1px solid var(--line)',
        borderBottom: 0,
      }}
    >
      {profile.map(({ block }, i) => (
        <Box
          key={block.id}
          onClick={() => onOpen(block.id)}
          sx={{
            position: 'absolute',
            top: 4,
            left: `${100 * (places[i] - wide / 2)}%`,
            width: `${100 * wide}%`,
            height: TALL,
            px: 0.25,
            cursor: 'pointer',
            borderBottom: open === block.id ? '3px solid var(--act)' : undefined,
          }}
        >
          <PoseFigure
            pose={block.pose}
            rung={block.rung}
            side={block.items[0].side}
            depth={depthOf(block)}
            build={build}
            height={TALL - 4}
            muscles={false}
          />
        </Box>
      ))}
      <Box
        component="svg"
        viewBox="0 0 1000 10"
        preserveAspectRatio="none"
        sx={{ position: 'absolute', left: 0, bottom: 0, width: '100%', height: 10 }}
      >
        {profile.map(({ block }, i) => (
          <line
            key={block.id}
            x1={1000 * places[i]}
            y1={0}
            x2={1000 * middles[i]}
            y2={10}
            stroke="var(--contour)"
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </Box>
    </Box>
  );
}
