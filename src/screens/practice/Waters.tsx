import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { Fragment } from 'react';
import { rungOf } from '@/core/poses';
import type { Sounding } from '@/core/practice/profile';
import { clock } from '@/core/practice/sheet';
import { landTint, seaTint } from '@/figure/scales';

/** Paper units: the chart is stretched to the width there is, so only its proportions count. */
const WIDTH = 1000;
const SHORE = 34;
const LAND = 26;
const SEA = 46;
const HEIGHT = SHORE + SEA + 6;

/** Time to the right, each block down as far as it stretches and up as hard as it works; pressed, it opens. */
export function Waters({
  profile,
  total,
  open,
  onOpen,
}: {
  profile: readonly Sounding[];
  /** Seconds of the whole. */
  total: number;
  open: string | null;
  onOpen: (id: string) => void;
}) {
  'use memo';
  const atSecond = (seconds: number) => (WIDTH * seconds) / total;
  return (
    <Box sx={{ position: 'relative' }}>
      <Box
        component="svg"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        role="group"
        aria-label={say('Blocks by time; down is stretch, up is work')}
        sx={{ width: '100%', height: 92, display: 'block', bgcolor: 'var(--surface)', border: '1px solid var(--line)' }}
      >
        {profile.map(({ block, stretch, load }) => {
          const found = rungOf(block.pose, block.rung);
          const name = say('{{what}}, from {{clock}}', {
            what: say(found?.shape.name ?? block.pose),
            clock: clock(block.at),
          });
          const told = say('{{name}}: stretch {{round}}, work {{round2}} of 100', {
            name,
            round: Math.round(100 * stretch),
            round2: Math.round(100 * load),
          });
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
                const left = atSecond(span.at),
                  width = Math.max(2, atSecond(span.seconds) - 1.5);
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
          {say('up: work')}
        </Box>
        <Box component="span" sx={{ position: 'absolute', bottom: 2, left: 6 }}>
          {say('down: stretch')}
        </Box>
      </Box>
    </Box>
  );
}
