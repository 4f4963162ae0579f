import Box from '@mui/material/Box';

interface Mark {
  value: number;
  label: string;
  strong?: boolean;
}

/** A scale like soundings: ticks, the typical band (mean ± SD), and marks for now, other side, last time. */
export function Ruler({
  min,
  max,
  band,
  bandLabel,
  marks,
}: {
  min: number;
  max: number;
  band: readonly [number, number];
  bandLabel: string;
  marks: readonly Mark[];
}) {
  const at = (v: number) => ((Math.min(max, Math.max(min, v)) - min) / (max - min)) * 600;
  const step = max - min > 90 ? 20 : 10;
  const ticks: number[] = [];
  for (let v = Math.ceil(min / step) * step; v <= max; v += step) ticks.push(v);
  return (
    <Box
      role="img"
      aria-label={`Typical ${Math.round(band[0])} to ${Math.round(band[1])} degrees. ${marks.map((m) => `${m.label} ${Math.round(m.value)}`).join('. ')}.`}
    >
      <svg viewBox="-20 0 640 76" width="100%" style={{ display: 'block' }}>
        <rect x={at(band[0])} width={Math.max(2, at(band[1]) - at(band[0]))} y={22} height={22} fill="var(--sea-1)" />
        <text x={(at(band[0]) + at(band[1])) / 2} y={17} textAnchor="middle" fontSize="13.5" fill="var(--ink-2)">
          {bandLabel}
        </text>
        <line x1={0} x2={600} y1={44} y2={44} stroke="var(--ink)" strokeWidth={1.4} />
        {ticks.map((v) => (
          <g key={v}>
            <line x1={at(v)} x2={at(v)} y1={44} y2={52} stroke="var(--ink)" />
            <text x={at(v)} y={65} fontSize="13" textAnchor="middle" fill="var(--ink-2)">
              {v}
            </text>
          </g>
        ))}
        {marks.map((m) => (
          <g key={m.label}>
            {m.strong ? (
              <path d={`M${at(m.value) - 7} 28h14l-7 14z`} fill="var(--act)" />
            ) : (
              <line x1={at(m.value)} x2={at(m.value)} y1={28} y2={52} stroke="var(--ink)" strokeWidth={2.4} />
            )}
            {!m.strong && (
              <text
                x={at(m.value) + (m.label === 'before' ? -4 : 4)}
                y={40}
                fontSize="13"
                textAnchor={m.label === 'before' ? 'end' : 'start'}
                fill="var(--ink)"
              >
                {m.label} {Math.round(m.value)}
              </text>
            )}
          </g>
        ))}
      </svg>
    </Box>
  );
}
