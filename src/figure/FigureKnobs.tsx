import type { PointerEvent } from 'react';
import type { Vec3 } from '@/core/body';
import type { View } from './projection';

/** A place on the body that can be pointed at: drawn as a ring, filled when chosen. */
export interface BodyMark {
  id: string;
  /** Metres in the world. */
  at: Vec3;
  label: string;
  chosen: boolean;
  /** Means harm: drawn in the caution's colour with its sign. */
  stops?: boolean;
  onChoose: () => void;
}

/** A knob at a point of the body that can be dragged; told where it is on paper, metres, and from where it is seen. */
export interface DragKnob {
  point: string;
  label: string;
  onDrag: (to: { x: number; y: number }, view: View) => void;
  /** The pointer has let go. */
  onEnd?: () => void;
  /** Moved by the arrow keys, so far to the right and down on paper, metres; without it the knob takes no keys. */
  onNudge?: (by: { x: number; y: number }, view: View) => void;
}

/** How far an arrow key pulls a knob, metres; farther with shift. */
const NUDGE = 0.01;
const NUDGE_FAR = 0.05;
const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function onPaper(e: PointerEvent<SVGElement>): DOMPoint | null {
  const matrix = e.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
  return matrix ? new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix) : null;
}

export function Knob({
  knob,
  at,
  size,
  view,
  held,
  onHold,
  onLetGo,
}: {
  knob: DragKnob;
  at: { x: number; y: number };
  /** Radius, metres. */
  size: number;
  view: View;
  held: boolean;
  onHold: () => void;
  onLetGo: () => void;
}) {
  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={size}
      fill="var(--act)"
      fillOpacity={0.25}
      stroke="var(--act)"
      strokeWidth={size * 0.27}
      className="knob"
      style={{ cursor: 'move', touchAction: 'none' }}
      data-knob={knob.point}
      {...(knob.onNudge && { role: 'button', tabIndex: 0, 'aria-label': knob.label })}
      onKeyDown={(e) => {
        const way = NUDGES[e.key] as readonly [number, number] | undefined;
        if (!way || !knob.onNudge) return;
        e.preventDefault();
        e.stopPropagation();
        const far = e.shiftKey ? NUDGE_FAR : NUDGE;
        knob.onNudge({ x: way[0] * far, y: way[1] * far }, view);
      }}
      onPointerDown={(e) => {
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        onHold();
      }}
      onPointerMove={(e) => {
        if (!held) return;
        e.stopPropagation();
        const to = onPaper(e);
        if (to) knob.onDrag({ x: to.x, y: to.y }, view);
      }}
      onPointerUp={(e) => {
        e.stopPropagation();
        onLetGo();
        knob.onEnd?.();
      }}
      onPointerCancel={onLetGo}
    >
      <title>{knob.label}</title>
    </circle>
  );
}

export function Mark({ mark, at, size }: { mark: BodyMark; at: { x: number; y: number }; size: number }) {
  const colour = mark.stops ? 'var(--caution)' : 'var(--act)';
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={mark.label}
      aria-pressed={mark.chosen}
      style={{ cursor: 'pointer' }}
      onPointerDown={(e) => e.stopPropagation()}
      onPointerUp={(e) => e.stopPropagation()}
      onClick={mark.onChoose}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        e.stopPropagation();
        mark.onChoose();
      }}
    >
      <title>{mark.label}</title>
      <circle cx={at.x} cy={at.y} r={0.046 * size} fill="transparent" />
      <circle
        cx={at.x}
        cy={at.y}
        r={0.024 * size}
        fill={mark.chosen ? colour : 'var(--surface)'}
        fillOpacity={mark.chosen ? 1 : 0.8}
        stroke={colour}
        strokeWidth={0.009 * size}
      />
    </g>
  );
}
