import { memo } from 'react';
import { lookOf } from './palette';
import { n, UNIT } from './projection';
import { BEYOND } from './scales';
import type { Drawing, Paint } from './scene';

const variable = (name: string): string => `var(--${name})`;

/** One path of a drawing in the theme's colours; `ink` is the width of lines against the usual. */
function DrawnPath({ paint, ink, hatch }: { paint: Paint; ink: number; hatch: string }) {
  const look = lookOf(paint);
  const { structure, side, path } = paint;
  const fill = paint.fill ?? (look.fill ? variable(look.fill) : 'none');
  return (
    <>
      <path
        d={path}
        data-role={paint.role}
        data-structure={structure}
        data-side={side}
        fill={fill}
        stroke={look.stroke && variable(look.stroke)}
        strokeWidth={look.pixels ?? (look.width && n(look.width * ink))}
        vectorEffect={look.pixels ? 'non-scaling-stroke' : undefined}
        strokeLinejoin={look.width ? 'round' : undefined}
        strokeLinecap={look.round ? 'round' : undefined}
        strokeDasharray={look.dash && look.dash.map((v) => n(v * ink)).join(' ')}
        opacity={look.opacity}
        pointerEvents={paint.role === 'fibre' ? 'none' : undefined}
      />
      {/* Beyond what she has: told without colour as well. */}
      {fill === BEYOND && <path d={path} fill={`url(#${hatch})`} pointerEvents="none" />}
    </>
  );
}

/** All paths of a drawing, far to near. */
export const FigurePaths = memo(function FigurePaths({
  paints,
  ink,
  hatch,
}: {
  paints: readonly Paint[];
  ink: number;
  hatch: string;
}) {
  return (
    <g transform={`scale(${UNIT})`}>
      {paints.map((p, i) => (
        <DrawnPath key={i} paint={p} ink={ink} hatch={hatch} />
      ))}
    </g>
  );
});

/** Angles as arcs with their numbers. */
export function FigureAngles({ angles, ink }: { angles: Drawing['angles']; ink: number }) {
  return angles.map((mark, i) => (
    <g key={i} pointerEvents="none">
      <g transform={`scale(${UNIT})`}>
        <path
          d={mark.zero}
          stroke="var(--act)"
          strokeWidth={n(0.006 * ink)}
          strokeDasharray={`${n(0.02 * ink)} ${n(0.014 * ink)}`}
          fill="none"
        />
        <path d={mark.arc} stroke="var(--act)" strokeWidth={n(0.011 * ink)} fill="none" strokeLinecap="round" />
      </g>
      <text
        x={mark.at.x}
        y={mark.at.y}
        fontSize={0.085 * ink}
        fontWeight={700}
        textAnchor="middle"
        dominantBaseline="middle"
        fill="var(--act)"
        stroke="var(--surface)"
        strokeWidth={0.02 * ink}
        paintOrder="stroke"
      >
        {mark.label}
      </text>
    </g>
  ));
}
