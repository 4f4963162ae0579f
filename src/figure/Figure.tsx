'use client';
import { useId, useMemo, useState, type KeyboardEvent, type PointerEvent, type Ref } from 'react';
import type { Side, Vec3 } from '@/core/body';
import { lighter, paint, prepare, steadyBox, type Drawing, type Near, type Scene } from './draw';
import { projector, UNIT, type View } from './projection';
import { BEYOND } from './scales';

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

interface FigureProps extends Omit<Scene, 'view'> {
  /** What the picture shows, for those who do not see it. */
  label: string;
  view?: View;
  /** Turns by drag and arrow keys when true. */
  turns?: boolean;
  /** Keeps its size while it turns, at the price of free space beside it. */
  steady?: boolean;
  /** Shows only a part, from near. */
  near?: Near;
  height?: number | string;
  /** Called with the muscle that was pointed at. */
  onPick?: (structure: string, side: Side) => void;
  svgRef?: Ref<SVGSVGElement>;
  marks?: readonly BodyMark[];
  /** Size of the marks against the usual. */
  markSize?: number;
  knobs?: readonly DragKnob[];
  /** Radius of the knobs, metres. */
  knobSize?: number;
  /** What stays where it is on paper while a knob is dragged, metres in the world; the pelvis without it. */
  anchor?: Vec3;
}

const START: View = { yaw: 14, pitch: 8 };
/** Pixels that a press may move and still count as pointing at a muscle. */
const STILL = 4;
/** How far an arrow key pulls a knob, metres; farther with shift. */
const NUDGE = 0.01;
const NUDGE_FAR = 0.05;
const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Half the height of a standing figure, metres: what lines are made for. */
const WHOLE = 1;
const within = (pitch: number): number => Math.max(-20, Math.min(80, pitch));

/** The drawn body. Ink outline on paper tone; turns to any angle by projecting again. */
export function Figure({
  label,
  view,
  turns = false,
  steady = false,
  near,
  height = '100%',
  onPick,
  svgRef,
  marks,
  markSize = 1,
  knobs,
  knobSize = 0.045,
  anchor,
  posture,
  reach,
  props,
  tints,
  angle,
  angles,
  build,
  coarse,
}: FigureProps) {
  const [own, setOwn] = useState<View | null>(null);
  const [drag, setDrag] = useState<{ x: number; y: number; from: View } | null>(null);
  const [held, setHeld] = useState<{ box: Drawing['box']; anchor: { x: number; y: number } } | null>(null);
  const hatch = useId();
  const shown = own ?? view ?? START;
  const prepared = useMemo(
    () => prepare({ posture, reach, props, tints, angle, angles, build, coarse, view: START }),
    [posture, reach, props, tints, angle, angles, build, coarse],
  );
  const moved = drag !== null || held !== null;
  // While it is turned or pulled by hand the flesh has fewer corners: sixty pictures a second matter more than its last curve.
  const light = useMemo(() => (moved ? lighter(prepared) : prepared), [moved, prepared]);
  const drawing = useMemo(() => paint(light, shown), [light, shown]);
  const project = useMemo(() => projector(shown), [shown]);
  const fixed = anchor ? project(anchor) : { x: 0, y: 0 };
  // While a limb is dragged the paper stays where it is: else the limb would run away from the finger.
  const box = held
    ? { ...held.box, x: held.box.x + fixed.x - held.anchor.x, y: held.box.y + fixed.y - held.anchor.y }
    : steady || near
      ? steadyBox(prepared, shown, near)
      : drawing.box;

  // Lines and letters keep their thickness on paper when only a part is shown.
  const ink = near ? near.reach / WHOLE : 1,
    pen = ink / UNIT;

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
    setOwn({ yaw: shown.yaw + by[0], pitch: within(shown.pitch + by[1]) });
  };
  const onMove = (e: PointerEvent) => {
    if (!drag) return;
    setOwn({
      yaw: drag.from.yaw - (e.clientX - drag.x) * 0.5,
      pitch: within(drag.from.pitch + (e.clientY - drag.y) * 0.3),
    });
  };
  const onDown = (e: PointerEvent<SVGSVGElement>) => {
    e.currentTarget.setPointerCapture(e.pointerId);
    setDrag({ x: e.clientX, y: e.clientY, from: shown });
  };
  const onUp = (e: PointerEvent<SVGSVGElement>) => {
    const still = drag && Math.hypot(e.clientX - drag.x, e.clientY - drag.y) < STILL;
    setDrag(null);
    if (!still || !onPick) return;
    // The pointer is captured by the drawing: what lies under it is asked for by place.
    for (const element of document.elementsFromPoint(e.clientX, e.clientY)) {
      const { structure, side } = (element as SVGElement).dataset;
      if (structure && (side === 'left' || side === 'right')) return onPick(structure, side);
    }
  };

  const onPaper = (e: PointerEvent<SVGElement>) => {
    const matrix = e.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
    return matrix ? new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix) : null;
  };

  return (
    <svg
      ref={svgRef}
      role={marks || knobs?.some((k) => k.onNudge) ? 'group' : 'img'}
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
      onPointerDown={turns ? onDown : undefined}
      onPointerMove={turns ? onMove : undefined}
      onPointerUp={turns ? onUp : undefined}
      onPointerCancel={turns ? () => setDrag(null) : undefined}
    >
      <defs>
        <pattern
          id={hatch}
          width={0.02 / UNIT}
          height={0.02 / UNIT}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1={0} y1={0} x2={0} y2={0.02 / UNIT} stroke="var(--surface)" strokeWidth={0.009 / UNIT} />
        </pattern>
      </defs>
      <g transform={`scale(${UNIT})`}>
        {drawing.paints.map((p, i) => {
          switch (p.kind) {
            case 'floor':
              return <path key={i} d={p.path} stroke="var(--contour)" strokeWidth={0.006 * pen} fill="none" />;
            case 'shadow':
              return <path key={i} d={p.path} fill="var(--contour)" fillOpacity={0.35} />;
            case 'limb':
              // All outlines of a limb lie below all its fills, so that it reads as one contour.
              return (
                <path
                  key={i}
                  d={p.path}
                  fill="var(--flesh)"
                  stroke="var(--ink)"
                  strokeWidth={0.014 * pen}
                  strokeLinejoin="round"
                  paintOrder="stroke"
                />
              );
            case 'flesh':
              return <path key={i} d={p.path} fill="var(--flesh)" stroke="none" />;
            case 'muscle':
              return (
                <g key={i}>
                  <path
                    d={p.path}
                    data-structure={p.structure}
                    data-side={p.side}
                    fill={p.fill}
                    stroke={light.light && !p.chosen && drag ? 'none' : 'var(--ink)'}
                    strokeWidth={(p.chosen ? 0.007 : 0.002) * pen}
                    strokeOpacity={p.chosen ? 1 : 0.5}
                  />
                  {p.fill === BEYOND && <path d={p.path} fill={`url(#${hatch})`} />}
                </g>
              );
            case 'muscle-far':
              return (
                <path
                  key={i}
                  d={p.path}
                  data-structure={p.structure}
                  data-side={p.side}
                  fill={p.fill}
                  fillOpacity={p.chosen ? 0.75 : 0.35}
                  stroke={p.chosen ? 'var(--ink)' : undefined}
                  strokeWidth={0.004 * pen}
                  strokeOpacity={0.6}
                />
              );
            case 'strap':
              return <path key={i} d={p.path} stroke="var(--ink-2)" strokeWidth={0.012 * pen} fill="none" />;
            default:
              return (
                <path
                  key={i}
                  d={p.path}
                  fill="var(--prop)"
                  stroke="var(--ink-2)"
                  strokeWidth={0.007 * pen}
                  strokeLinejoin="round"
                />
              );
          }
        })}
      </g>
      {drawing.angles.map((mark, i) => (
        <g key={`angle-${i}`} pointerEvents="none">
          <g transform={`scale(${UNIT})`}>
            <path
              d={mark.zero}
              stroke="var(--act)"
              strokeWidth={0.006 * pen}
              strokeDasharray={`${0.02 * pen} ${0.014 * pen}`}
              fill="none"
            />
            <path d={mark.arc} stroke="var(--act)" strokeWidth={0.011 * pen} fill="none" strokeLinecap="round" />
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
      ))}
      {knobs?.map((knob) => {
        const grip = drawing.points[knob.point];
        if (!grip) return null;
        return (
          <circle
            key={knob.point}
            cx={grip.x}
            cy={grip.y}
            r={knobSize}
            fill="var(--act)"
            fillOpacity={0.25}
            stroke="var(--act)"
            strokeWidth={knobSize * 0.27}
            className="knob"
            style={{ cursor: 'move', touchAction: 'none' }}
            data-knob={knob.point}
            {...(knob.onNudge && { role: 'button', tabIndex: 0, 'aria-label': knob.label })}
            onKeyDown={(e) => {
              const way = NUDGES[e.key];
              if (!way || !knob.onNudge) return;
              e.preventDefault();
              e.stopPropagation();
              const far = e.shiftKey ? NUDGE_FAR : NUDGE;
              knob.onNudge({ x: way[0] * far, y: way[1] * far }, shown);
            }}
            onPointerDown={(e) => {
              e.stopPropagation();
              e.currentTarget.setPointerCapture(e.pointerId);
              setHeld({ box, anchor: fixed });
            }}
            onPointerMove={(e) => {
              if (!held) return;
              e.stopPropagation();
              const to = onPaper(e);
              if (to) knob.onDrag({ x: to.x, y: to.y }, shown);
            }}
            onPointerUp={(e) => {
              e.stopPropagation();
              setHeld(null);
              knob.onEnd?.();
            }}
            onPointerCancel={() => setHeld(null)}
          >
            <title>{knob.label}</title>
          </circle>
        );
      })}
      {marks?.map((mark) => {
        const at = project(mark.at);
        const colour = mark.stops ? 'var(--caution)' : 'var(--act)';
        return (
          <g
            key={mark.id}
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
            <circle cx={at.x} cy={at.y} r={0.046 * markSize} fill="transparent" />
            <circle
              cx={at.x}
              cy={at.y}
              r={0.024 * markSize}
              fill={mark.chosen ? colour : 'var(--surface)'}
              fillOpacity={mark.chosen ? 1 : 0.8}
              stroke={colour}
              strokeWidth={0.009 * markSize}
            />
          </g>
        );
      })}
    </svg>
  );
}
