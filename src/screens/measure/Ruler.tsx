import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';

interface Mark {
  value: number;
  label: string;
}

/** Width of the drawing and of the empty margin at each end, in its own units. */
const WIDTH = 600;
const MARGIN = 20;

/**
 * A scale like soundings: ticks, the typical band (mean ± SD), marks for the other side and last time, and the value as a
 * pointer that can be dragged or moved with the arrow keys.
 */
export function Ruler({
  label,
  min,
  max,
  value,
  band,
  bandLabel,
  marks,
  onSet,
}: {
  label: string;
  min: number;
  max: number;
  value: number;
  band: readonly [number, number];
  bandLabel: string;
  marks: readonly Mark[];
  onSet: (value: number) => void;
}) {
  const at = (v: number) => ((Math.min(max, Math.max(min, v)) - min) / (max - min)) * WIDTH;
  const height = marks.length > 0 ? 88 : 68;
  const step = max - min > 90 ? 20 : 10;
  const ticks: number[] = [];
  for (let v = Math.ceil(min / 5) * 5; v <= max; v += 5) ticks.push(v);
  const middle = (at(band[0]) + at(band[1])) / 2;
  const inset = `${(100 * MARGIN) / (WIDTH + 2 * MARGIN)}%`;
  return (
    <Box sx={{ position: 'relative', mt: 0.5 }}>
      <Box
        role="img"
        aria-label={`Typical ${Math.round(band[0])} to ${Math.round(band[1])} degrees. ${marks.map((m) => `${m.label} ${Math.round(m.value)}`).join('. ')}`}
      >
        <svg viewBox={`${-MARGIN} 0 ${WIDTH + 2 * MARGIN} ${height}`} width="100%" style={{ display: 'block' }}>
          <text
            x={Math.min(WIDTH - 120, Math.max(120, middle))}
            y={13}
            textAnchor="middle"
            fontSize="13.5"
            fill="var(--ink-2)"
          >
            {bandLabel}
          </text>
          <rect x={at(band[0])} width={Math.max(2, at(band[1]) - at(band[0]))} y={19} height={22} fill="var(--sea-1)" />
          <line x1={0} x2={WIDTH} y1={41} y2={41} stroke="var(--ink)" strokeWidth={1.4} />
          {ticks.map((v) => (
            <g key={v}>
              <line x1={at(v)} x2={at(v)} y1={41} y2={v % step === 0 ? 50 : 46} stroke="var(--ink)" />
              {v % step === 0 && (
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
                  {m.label} {Math.round(m.value)}
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
        step={1}
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
