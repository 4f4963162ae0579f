'use client';
import { say } from '@/core/languages/spoken';
import { useId, useMemo, useState, type Ref } from 'react';
import { floorOf, skeletonOf, type Side, type Vec3 } from '@/core/body';
import { steadyBox, type Near } from './draw';
import { FigureAngles, FigurePaths } from './FigurePaths';
import { Knob, Mark, type BodyMark, type DragKnob } from './FigureKnobs';
import { projector, UNIT, type View } from './projection';
import type { Box, Detail, Scene } from './scene';
import { useDrawing } from './use-drawing';
import { useTurning } from './use-turning';

export type { BodyMark, DragKnob } from './FigureKnobs';

interface FigureProps extends Omit<Scene, 'view' | 'zoom'> {
  /** What the picture shows, for those who do not see it. */
  label: string;
  view?: View;
  /** How finely it is drawn: the size of a thumb, of a card, or half a screen. */
  detail?: Exclude<Detail, 'moving'>;
  /** Turns by drag and arrow keys when true. */
  turns?: boolean;
  /** Keeps its size while it turns, at the price of free space beside it. */
  steady?: boolean;
  /** Shows only a part, from near. */
  near?: Near;
  /** The paper it is drawn on; that which it needs without it. */
  paper?: Box;
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
/** Half the height of a standing figure, metres: what lines are made for. */
const WHOLE = 1;

/** The drawn body, from any side, in the theme's colours. */
export function Figure({
  label,
  view: given = START,
  detail = 'large',
  turns = false,
  steady = false,
  near,
  paper,
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
  shown,
  ground,
}: FigureProps) {
  const { own, turning, ...turnable } = useTurning(given, onPick);
  const [held, setHeld] = useState<{ box: Box; anchor: { x: number; y: number } } | null>(null);
  const hatch = useId();
  const view = own ?? given;
  // Lines and letters keep their thickness on paper when only a part is shown.
  const ink = near ? near.reach / WHOLE : 1;
  const scene = useMemo(
    (): Scene => ({ posture, reach, props, tints, angle, angles, build, shown, ground, view, zoom: ink }),
    [posture, reach, props, tints, angle, angles, build, shown, ground, view, ink],
  );
  const { drawing, resting } = useDrawing(scene, detail, turning || held !== null);
  const space = useMemo(() => {
    const skeleton = skeletonOf(posture, reach, build);
    return { skeleton, floor: floorOf(skeleton.points, reach ?? {}) };
  }, [posture, reach, build]);
  const project = useMemo(() => projector(view), [view]);
  const fixed = anchor ? project(anchor) : { x: 0, y: 0 };
  // While a limb is dragged the paper stays where it is: else the limb would run away from the finger.
  const box = held
    ? { ...held.box, x: held.box.x + fixed.x - held.anchor.x, y: held.box.y + fixed.y - held.anchor.y }
    : (paper ?? (steady || near || !drawing ? steadyBox(space, view, near) : drawing.box));

  return (
    <svg
      ref={svgRef}
      role={marks || knobs?.some((k) => k.onNudge) ? 'group' : 'img'}
      aria-label={turns ? `${label} ${say('Arrow keys turn the figure.')}` : label}
      aria-busy={!resting || undefined}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      preserveAspectRatio="xMidYMid meet"
      style={{
        width: '100%',
        height,
        display: 'block',
        touchAction: turns ? 'none' : undefined,
        cursor: turns ? 'grab' : undefined,
      }}
      {...(turns && { tabIndex: 0, ...turnable })}
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
      {drawing && <FigurePaths paints={drawing.paints} ink={ink} hatch={hatch} />}
      {drawing && <FigureAngles angles={drawing.angles} ink={ink} />}
      {knobs?.map((knob) => {
        const at = space.skeleton.points[knob.point] as Vec3 | undefined;
        return (
          at && (
            <Knob
              key={knob.point}
              knob={knob}
              at={project(at)}
              size={knobSize}
              view={view}
              held={held !== null}
              onHold={() => setHeld({ box, anchor: fixed })}
              onLetGo={() => setHeld(null)}
            />
          )
        );
      })}
      {marks?.map((mark) => (
        <Mark key={mark.id} mark={mark} at={project(mark.at)} size={markSize} />
      ))}
    </svg>
  );
}
