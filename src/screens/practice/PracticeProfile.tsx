'use client';
import Box from '@mui/material/Box';
import { Fragment } from 'react';
import type { Build } from '@/core/body';
import { rungOf } from '@/core/poses';
import type { Block } from '@/core/practice/blocks';
import type { Sounding } from '@/core/practice/profile';
import { phaseWords } from '@/core/practice/words';
import { landTint, seaTint } from '@/figure/scales';
import { clock } from '@/core/practice/sheet';
import { placedAlong } from '@/core/practice/along';
import { PoseFigure } from '../poses/PoseFigure';

/** Paper units: the chart is stretched to the width there is, so only its proportions count. */
const WIDTH = 1000;
const SHORE = 34;
const LAND = 26;
const SEA = 46;
const HEIGHT = SHORE + SEA + 6;
const TICK_S = 300;

/**
 * The practice as a chart of its own waters: time runs to the right, each block reaches down as far as it stretches and up as hard as
 * it works. A block opens when it is pressed.
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
  const x = (seconds: number) => (WIDTH * seconds) / total;
  const phases = profile.filter((s, i) => i === 0 || profile[i - 1].block.phase !== s.block.phase);
  const step = total > 3600 ? 2 * TICK_S : total < 600 ? TICK_S / 5 : TICK_S;
  const ticks = Array.from({ length: Math.floor(total / step) + 1 }, (_, i) => i * step).filter(
    (t) => t === 0 || total - t > step / 3,
  );
  const percent = (seconds: number) => `${(100 * seconds) / total}%`;
  return (
    <Box component="section" aria-label="Chart of the practice" sx={{ mb: 1.5 }}>
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
      <Shapes profile={profile} total={total} open={open} depthOf={depthOf} build={build} onOpen={onOpen} />
      <Box sx={{ position: 'relative' }}>
        <Box
          component="svg"
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          preserveAspectRatio="none"
          role="group"
          aria-label="Blocks by time; down is stretch, up is work"
          sx={{
            width: '100%',
            height: 92,
            display: 'block',
            bgcolor: 'var(--surface)',
            border: '1px solid var(--line)',
          }}
        >
          {profile.map(({ block, stretch, load }) => {
            const found = rungOf(block.pose, block.rung);
            const name = `${found?.shape.name ?? block.pose}, from ${clock(block.at)}`;
            const told = `${name}: stretch ${Math.round(100 * stretch)}, work ${Math.round(100 * load)} of 100`;
            return (
              <g
                key={block.id}
                role="button"
                tabIndex={0}
                aria-label={told}
                aria-pressed={open === block.id}
                onClick={() => onOpen(block.id)}
                onKeyDown={(e) => {
                  if (e.key === 'Enter' || e.key === ' ') {
                    e.preventDefault();
                    onOpen(block.id);
                  }
                }}
                style={{ cursor: 'pointer' }}
              >
                <title>{told}</title>
                {block.spans.map((span) => {
                  const left = x(span.at),
                    width = Math.max(2, x(span.seconds) - 1.5);
                  return (
                    <Fragment key={span.at}>
                      <rect
                        x={left}
                        y={0}
                        width={width}
                        height={HEIGHT}
                        fill={open === block.id ? 'var(--act-pale)' : 'transparent'}
                      />
                      <rect
                        x={left}
                        y={SHORE - LAND * Math.min(1, load)}
                        width={width}
                        height={LAND * Math.min(1, load)}
                        fill={landTint(load)}
                      />
                      <rect
                        x={left}
                        y={SHORE}
                        width={width}
                        height={SEA * Math.min(1, stretch)}
                        fill={seaTint(stretch)}
                      />
                    </Fragment>
                  );
                })}
              </g>
            );
          })}
          <line
            x1={0}
            x2={WIDTH}
            y1={SHORE}
            y2={SHORE}
            stroke="var(--ink)"
            strokeWidth={1}
            vectorEffect="non-scaling-stroke"
          />
        </Box>
        <Box
          aria-hidden
          sx={{ position: 'absolute', inset: 0, pointerEvents: 'none', fontSize: 13, color: 'var(--ink-2)' }}
        >
          <Box component="span" sx={{ position: 'absolute', top: 1, left: 6 }}>
            up: work
          </Box>
          <Box component="span" sx={{ position: 'absolute', bottom: 2, left: 6 }}>
            down: stretch
          </Box>
        </Box>
      </Box>
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

/** Share of the line that a figure needs, and how tall figures are, pixels. */
const APART = 0.082;
const TALL = 84;
/** More shapes than this are too small to be told apart: the list below has them. */
const MOST = 24;

/** The shapes themselves along the time line, each above its time; a thin line leads down to it. */
function Shapes({
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
