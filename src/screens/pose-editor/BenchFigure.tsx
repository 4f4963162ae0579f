'use client';
import { say } from '@/core/languages/spoken';
import { useMemo } from 'react';
import { add, postureFrom, scale, skeletonOf, sub, type Build, type Side, type Vec3 } from '@/core/body';
import { anglesOfPosture, evened, withAngles, withHand, type End } from '@/core/pose-editor/edit';
import { anchorOf, pull, PULLED, stayingWith } from '@/core/pose-editor/pull';
import { pointWords } from '@/core/pose-editor/words';
import { anglesAt, contactsFor, reachFor, type Rung } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { Figure, type DragKnob } from '@/figure/Figure';
import { alongPaper, projector, type View } from '@/figure/projection';
import { sceneProps } from '@/figure/scene-props';
import { poseTints, type MuscleLoad } from '../poses/PoseFigure';

/** Turned a little further than elsewhere, so that left and right knobs stand apart. */
const YAW = 32;
const handOf = (side: Side): 'worked' | 'other' => (side === 'right' ? 'worked' : 'other');

/** The drawn pose with a knob at every landmark that can be pulled. */
export function BenchFigure({
  shape,
  rung,
  depth,
  end,
  oneShape,
  stays,
  build,
  tolerances,
  work,
  onChange,
  onEnd,
}: {
  shape: OwnShape;
  rung: Rung;
  depth: number;
  /** Which end is worked on; null where a place between is only looked at. */
  end: End | null;
  /** True where entry and full are one held shape. */
  oneShape: boolean;
  /** True where what bears stays put while something else is pulled. */
  stays: boolean;
  build: Build;
  tolerances: ArrayLike<number>;
  work: readonly MuscleLoad[];
  onChange: (rung: Rung, mark: string) => void;
  /** A knob has been let go. */
  onEnd: () => void;
}) {
  const scene = useMemo(() => {
    const posture = postureFrom(anglesAt(rung, 'right', depth));
    const reach = reachFor(rung, 'right');
    const bearing = stays
      ? contactsFor(rung, 'right').filter((c) => c.on !== 'limb' && !/^(wrist|elbow)/.test(c.point))
      : [];
    const held = bearing.map((c) => c.point);
    const level = bearing.filter((c) => c.on === 'floor').map((c) => c.point);
    return {
      posture,
      reach,
      held,
      level,
      points: skeletonOf(posture, reach, build).points,
      props: sceneProps(rung, 'right'),
    };
  }, [rung, depth, stays, build]);
  const { posture, reach, held, level, points, props } = scene;
  const tints = useMemo(
    () => poseTints(posture, { work, show: 'both', tolerances, build }),
    [posture, tolerances, build, work],
  );

  /** Moves a landmark by so much in the world, metres. */
  const move = (point: string, by: Vec3): void => {
    if (end === null) return;
    const side: Side = point.endsWith('_left') ? 'left' : 'right';
    const hand = handOf(side);
    const way = point.startsWith('wrist') ? rung.reach[hand] : undefined;
    if (way) {
      const [x, y, z] = scale(by, 1 / build.arm);
      const offset = add(way.offset ?? [0, 0, 0], [x, way.floor === undefined ? y : 0, side === 'right' ? z : -z]);
      return onChange(withHand(rung, hand, { ...way, offset: offset.map(toMillimetre) as unknown as Vec3 }), point);
    }
    const stay = stayingWith(point, held);
    const goal = sub(add(points[point], by), anchorOf(points, stay));
    const next = pull(posture, point, goal, { reach, build, held, level });
    const angles = anglesOfPosture(next, 'right');
    onChange(withAngles(rung, end, shape.sided ? angles : evened(angles, hand), oneShape), point);
  };

  const knobs: DragKnob[] =
    end === null
      ? []
      : PULLED.filter(
          (p) =>
            !p.startsWith('toe') &&
            // A hand that reaches for something leads its elbow; without what stays put the pelvis is what all hangs
            // on.
            !(p.startsWith('elbow') && rung.reach[handOf(p.endsWith('_left') ? 'left' : 'right')]) &&
            !(p === 'pelvis' && held.length === 0),
        ).map((point) => ({
          point,
          label: say('Pull the {{point}}{{what}}.', {
            point: pointWords(point),
            what: point === 'pubis' ? say(', which tilts the pelvis') : '',
          }),
          onDrag: (to: { x: number; y: number }, view: View) => {
            const here = projector(view)(points[point]);
            move(point, alongPaper(view, to.x - here.x, to.y - here.y));
          },
          onEnd,
          onNudge: (by: { x: number; y: number }, view: View) => move(point, alongPaper(view, by.x, by.y)),
        }));
  return (
    <Figure
      label={`${shape.name}, ${say(rung.name)}.${end === null ? '' : say(' Drag a knob, or choose one and use the arrow keys.')}`}
      posture={posture}
      reach={reach}
      build={build}
      props={props}
      tints={tints}
      view={{ yaw: shape.yaw ?? YAW, pitch: shape.pitch ?? 12 }}
      knobs={knobs}
      knobSize={0.03}
      anchor={held.length > 0 ? anchorOf(points, held) : undefined}
      turns
    />
  );
}

const toMillimetre = (value: number): number => Math.round(Math.min(1.5, Math.max(-1.5, value)) * 1000) / 1000;
