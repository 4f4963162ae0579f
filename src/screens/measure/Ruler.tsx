import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import useMediaQuery from '@mui/material/useMediaQuery';

interface Mark {
  value: number;
  label: string;
}

/** Width of the drawing, on a phone so that its words stay as large, and the margin at each end; in its own units. */
const WIDE = 600,
  NARROW = 330;
const MARGIN = 20;

/** Short and long ticks for a range, so that long ones number between five and twelve. */
function divisionsOf(range: number): { fine: number; step: number } {
  for (const [most, fine, step] of [
    [3, 0.1, 0.5],
    [8, 0.5, 1],
    [16, 1, 2],
    [30, 1, 5],
    [90, 5, 10],
    [200, 5, 20],
    [400, 10, 50],
  ] as const)
    if (range <= most) return { fine, step };
  return { fine: 50, step: 100 };
}

/**
 * A scale like soundings: ticks, the typical band (mean ± SD), marks for the other side and last time, and the value as
 * a pointer that can be dragged or moved with the arrow keys.
 */
export function Ruler({
  label,
  min,
  max,
  value,
  band,
  unit,
  step: pointerStep,
  bandLabel,
  marks,
  onSet,
}: {
  label: string;
  min: number;
  max: number;
  value: number;
  band: readonly [number, number] | null;
  /** Word for the unit, said to those who do not see the scale. */
  unit: string;
  /** Smallest step of the pointer. */
  step: number;
  bandLabel: string;
  marks: readonly Mark[];
  onSet: (value: number) => void;
}) {
  'use memo';
  const phone = useMediaQuery('(max-width: 599px)');
  const width = phone ? NARROW : WIDE;
  const at = (value: number) => ((Math.min(max, Math.max(min, value)) - min) / (max - min)) * width;
  const height = marks.length > 0 ? 88 : 68;
  const { fine, step } = divisionsOf(max - min);
  const ticks: number[] = [];
  for (let k = Math.ceil(min / fine - 1e-9); k * fine <= max + 1e-9; k++) ticks.push(Math.round(k * fine * 100) / 100);
  const long = (value: number) => Math.abs(value / step - Math.round(value / step)) < 1e-6;
  const middle = band ? (at(band[0]) + at(band[1])) / 2 : width / 2;
  const said = (value: number) => String(Math.round(value * 10) / 10);
  const inset = `${(100 * MARGIN) / (width + 2 * MARGIN)}%`;
  return (
    <Box sx={{ position: 'relative', mt: 0.5 }}>
      <Box
        role="img"
        aria-label={`${band ? say('Typical {{said}} to {{said2}} {{unit}}. ', { said: said(band[0]), said2: said(band[1]), unit }) : ''}${marks.map((m) => `${m.label} ${said(m.value)}`).join('. ')}`}
      >
        <svg viewBox={`${-MARGIN} 0 ${width + 2 * MARGIN} ${height}`} width="100%" style={{ display: 'block' }}>
          <text
            x={Math.min(width - 130, Math.max(130, middle))}
            y={13}
            textAnchor="middle"
            fontSize="13.5"
            fill="var(--ink-2)"
          >
            {bandLabel}
          </text>
          {band && (
            <rect
              x={at(band[0])}
              width={Math.max(2, at(band[1]) - at(band[0]))}
              y={19}
              height={22}
              fill="var(--sea-1)"
            />
          )}
          <line x1={0} x2={width} y1={41} y2={41} stroke="var(--ink)" strokeWidth={1.4} />
          {ticks.map((v) => (
            <g key={v}>
              <line x1={at(v)} x2={at(v)} y1={41} y2={long(v) ? 50 : 46} stroke="var(--ink)" />
              {long(v) && (
                <text x={at(v)} y={63} fontSize="13" textAnchor="middle" fill="var(--ink-2)">
                  {v}
                </text>
              )}
            </g>
          ))}
          {marks.map((m) => {
            // The greater of two is told to its right, the smaller to its left, so that they never meet.
            const right = marks.every((other) => other === m || other.value <= m.value);
            return (
              <g key={m.label}>
                <line x1={at(m.value)} x2={at(m.value)} y1={34} y2={78} stroke="var(--ink)" strokeWidth={1.6} />
                <text
                  x={at(m.value) + (right ? 5 : -5)}
                  y={80}
                  fontSize="13"
                  textAnchor={right ? 'start' : 'end'}
                  fill="var(--ink)"
                >
                  {m.label} {said(m.value)}
                </text>
              </g>
            );
          })}
        </svg>
      </Box>
      <Slider
        aria-label={label}
        min={min}
        max={max}
        step={pointerStep}
        value={Math.min(max, Math.max(min, value))}
        onChange={(_, v) => onSet(Number(v))}
        sx={{
          position: 'absolute',
          left: inset,
          right: inset,
          width: 'auto',
          top: `${(100 * 21) / height}%`,
          height: `${(100 * 20) / height}%`,
          p: '0 !important',
          '& .MuiSlider-rail, & .MuiSlider-track': { opacity: 0 },
          '& .MuiSlider-thumb': {
            width: 22,
            height: 20,
            borderRadius: 0,
            bgcolor: 'var(--act)',
            clipPath: 'polygon(0 0, 100% 0, 50% 100%)',
            boxShadow: 'none !important',
            '&.Mui-focusVisible': { bgcolor: 'var(--ink)' },
          },
        }}
      />
    </Box>
  );
}
