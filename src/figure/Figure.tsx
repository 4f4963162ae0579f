'use client';
import { useId, useMemo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { draw, type Scene } from './draw';
import type { View } from './projection';
import { BEYOND } from './scales';

interface FigureProps extends Omit<Scene, 'view'> {
  /** What the picture shows, for those who do not see it. */
  label: string;
  view?: View;
  /** Turns by drag and arrow keys when true. */
  turns?: boolean;
  height?: number | string;
}

const START: View = { yaw: 14, pitch: 8 };

/** The drawn body. Ink outline on paper tone; turns to any angle by projecting again. */
export function Figure({
  label,
  view,
  turns = false,
  height = '100%',
  posture,
  reach,
  props,
  tints,
  angle,
  coarse,
}: FigureProps) {
  const [own, setOwn] = useState<View | null>(null);
  const [drag, setDrag] = useState<{ x: number; y: number; from: View } | null>(null);
  const hatch = useId();
  const shown = own ?? view ?? START;
  const drawing = useMemo(
    () => draw({ posture, reach, props, tints, angle, coarse, view: shown }),
    [posture, reach, props, tints, angle, coarse, shown],
  );
  const { box } = drawing;

  const onKey = (e: KeyboardEvent) => {
    const step: Record<string, [number, number]> = {
      ArrowLeft: [-10, 0],
      ArrowRight: [10, 0],
      ArrowUp: [0, 6],
      ArrowDown: [0, -6],
    };
    const by = step[e.key];
    if (!by) return;
    e.preventDefault();
    setOwn({ yaw: shown.yaw + by[0], pitch: Math.max(-20, Math.min(80, shown.pitch + by[1])) });
  };
  const onMove = (e: PointerEvent) => {
    if (!drag) return;
    setOwn({
      yaw: drag.from.yaw - (e.clientX - drag.x) * 0.5,
      pitch: Math.max(-20, Math.min(80, drag.from.pitch + (e.clientY - drag.y) * 0.3)),
    });
  };

  return (
    <svg
      role="img"
      aria-label={turns ? `${label} Arrow keys turn the figure.` : label}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      preserveAspectRatio="xMidYMid meet"
      style={{
        width: '100%',
        height,
        display: 'block',
        touchAction: turns ? 'none' : undefined,
        cursor: turns ? 'grab' : undefined,
      }}
      tabIndex={turns ? 0 : undefined}
      onKeyDown={turns ? onKey : undefined}
      onPointerDown={
        turns
          ? (e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              setDrag({ x: e.clientX, y: e.clientY, from: shown });
            }
          : undefined
      }
      onPointerMove={turns ? onMove : undefined}
      onPointerUp={turns ? () => setDrag(null) : undefined}
    >
      <defs>
        <pattern id={hatch} width={0.02} height={0.02} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1={0} y1={0} x2={0} y2={0.02} stroke="var(--surface)" strokeWidth={0.009} />
        </pattern>
      </defs>
      {drawing.paints.map((p, i) => {
        switch (p.kind) {
          case 'floor':
            return <path key={i} d={p.path} stroke="var(--contour)" strokeWidth={0.006} fill="none" />;
          case 'limb':
            // All outlines of a limb lie below all its fills, so that it reads as one contour.
            return (
              <path
                key={i}
                d={p.path}
                fill="var(--flesh)"
                stroke="var(--ink)"
                strokeWidth={0.014}
                strokeLinejoin="round"
                paintOrder="stroke"
              />
            );
          case 'flesh':
            return <path key={i} d={p.path} fill="var(--flesh)" stroke="none" />;
          case 'muscle':
            return (
              <g key={i}>
                <path d={p.path} fill={p.fill} stroke="var(--ink)" strokeWidth={0.002} strokeOpacity={0.5} />
                {p.fill === BEYOND && <path d={p.path} fill={`url(#${hatch})`} />}
              </g>
            );
          case 'muscle-far':
            return <path key={i} d={p.path} fill={p.fill} opacity={0.35} />;
          case 'strap':
            return <path key={i} d={p.path} stroke="var(--ink-2)" strokeWidth={0.012} fill="none" />;
          default:
            return (
              <path
                key={i}
                d={p.path}
                fill="var(--prop)"
                stroke="var(--ink-2)"
                strokeWidth={0.007}
                strokeLinejoin="round"
              />
            );
        }
      })}
      {drawing.angle && (
        <g pointerEvents="none">
          <path
            d={drawing.angle.zero}
            stroke="var(--act)"
            strokeWidth={0.006}
            strokeDasharray="0.02 0.014"
            fill="none"
          />
          <path d={drawing.angle.arc} stroke="var(--act)" strokeWidth={0.011} fill="none" strokeLinecap="round" />
          <text
            x={drawing.angle.at.x}
            y={drawing.angle.at.y}
            fontSize={0.085}
            fontWeight={700}
            textAnchor="middle"
            dominantBaseline="middle"
            fill="var(--act)"
            stroke="var(--surface)"
            strokeWidth={0.02}
            paintOrder="stroke"
          >
            {drawing.angle.label}
          </text>
        </g>
      )}
    </svg>
  );
}
