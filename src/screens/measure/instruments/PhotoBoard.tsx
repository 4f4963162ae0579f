'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { DndContext, PointerSensor, useDraggable, useSensor, useSensors, type DragMoveEvent } from '@dnd-kit/core';
import { useRef, type KeyboardEvent } from 'react';
import type { PicturePoint } from '@/core/measuring/photo';

/** A point to be placed: where it is on the picture, in its pixels. */
export interface BoardPoint {
  id: string;
  /** One letter or number that stands in it. */
  sign: string;
  name: string;
  at: PicturePoint;
}

/** Pixels of the picture that an arrow key moves a point; with shift ten. */
const NUDGE = 1;

/** A picture with points that are dragged or nudged with the arrow keys, at any zoom. */
export function PhotoBoard({
  url,
  width,
  height,
  shownWidth,
  points,
  lines,
  onMove,
}: {
  url: string;
  /** Pixels of the picture. */
  width: number;
  height: number;
  /** Pixels that it takes on the screen. */
  shownWidth: number;
  points: readonly BoardPoint[];
  /** Pairs of point ids that are joined by a line. */
  lines: readonly (readonly [string, string])[];
  onMove: (id: string, to: PicturePoint) => void;
}) {
  'use memo';
  const scale = shownWidth / width;
  const from = useRef<PicturePoint | null>(null);
  const sensors = useSensors(useSensor(PointerSensor));
  const inside = (wished: PicturePoint): PicturePoint => ({
    x: Math.min(width, Math.max(0, wished.x)),
    y: Math.min(height, Math.max(0, wished.y)),
  });
  const of = (id: string) => points.find((p) => p.id === id)?.at;
  const drag = (event: DragMoveEvent) => {
    const start = from.current;
    if (start)
      onMove(
        String(event.active.id),
        inside({ x: start.x + event.delta.x / scale, y: start.y + event.delta.y / scale }),
      );
  };
  return (
    <DndContext
      sensors={sensors}
      autoScroll={false}
      onDragStart={(e) => {
        from.current = of(String(e.active.id)) ?? null;
      }}
      onDragMove={drag}
      onDragEnd={(e) => {
        drag(e);
        from.current = null;
      }}
    >
      <Box sx={{ position: 'relative', width: shownWidth, height: height * scale, mx: 'auto' }}>
        {/* A picture of the teacher's own: there is nothing for an image service to do. */}
        {/* eslint-disable-next-line @next/next/no-img-element */}
        <img
          src={url}
          alt=""
          width={shownWidth}
          height={height * scale}
          draggable={false}
          style={{ display: 'block' }}
        />
        <svg
          viewBox={`0 0 ${width} ${height}`}
          width={shownWidth}
          height={height * scale}
          aria-hidden="true"
          style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}
        >
          {lines.map(([a, b]) => {
            const from = of(a),
              to = of(b);
            return from && to ? (
              <g key={`${a}-${b}`}>
                <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="#fff" strokeWidth={5 / scale} />
                <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="#0B5C74" strokeWidth={2 / scale} />
              </g>
            ) : null;
          })}
        </svg>
        {points.map((p) => (
          <Dot
            key={p.id}
            point={p}
            scale={scale}
            onNudge={(dx, dy) => onMove(p.id, inside({ x: p.at.x + dx, y: p.at.y + dy }))}
          />
        ))}
      </Box>
    </DndContext>
  );
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function Dot({
  point,
  scale,
  onNudge,
}: {
  point: BoardPoint;
  scale: number;
  onNudge: (dx: number, dy: number) => void;
}) {
  'use memo';
  const { attributes, listeners, setNodeRef } = useDraggable({ id: point.id });
  const onKey = (event: KeyboardEvent) => {
    const by = ARROWS[event.key];
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    const step = NUDGE * (event.shiftKey ? 10 : 1);
    onNudge(by[0] * step, by[1] * step);
  };
  return (
    <Box
      component="button"
      type="button"
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      aria-label={say('{{sign}}: {{name}}. Arrow keys move it.', { sign: say(point.sign), name: say(point.name) })}
      aria-roledescription="point"
      onKeyDown={onKey}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        position: 'absolute',
        left: point.at.x * scale - 17,
        top: point.at.y * scale - 17,
        width: 34,
        height: 34,
        borderRadius: '50%',
        border: '2px solid #0B5C74',
        boxShadow: '0 0 0 1.5px #fff, inset 0 0 0 1.5px #fff',
        cursor: 'grab',
        touchAction: 'none',
        background: 'radial-gradient(circle, #0B5C74 2px, transparent 2.5px)',
        '&:focus-visible': { outline: '3px solid #0B5C74', outlineOffset: 2 },
      }}
    >
      <Box
        component="span"
        sx={{
          position: 'absolute',
          left: 26,
          top: -14,
          px: 0.6,
          borderRadius: 1,
          bgcolor: '#0B5C74',
          color: '#fff',
          fontSize: 13,
          fontWeight: 700,
          lineHeight: '20px',
        }}
      >
        {say(point.sign)}
      </Box>
    </Box>
  );
}
