'use client';
import { useMemo } from 'react';
import { postureFrom, type Build, type Posture, type Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import { anglesAt, reachFor, rungOf } from '@/core/poses';
import type { Tint } from '@/figure/draw';
import { Figure } from '@/figure/Figure';
import { landTint, seaTint } from '@/figure/scales';
import { sceneProps } from '@/figure/scene-props';

/** Shares below these are not tinted: everything is a little stretched and a little at work. */
const FELT = 0.45;
const WORKS = 0.15;

export interface MuscleLoad {
  structure: string;
  side: Side;
  load: number;
}

/** Muscles of a posture tinted by how far they are stretched and how hard they work. */
export const poseTints = (
  posture: Posture,
  work: readonly MuscleLoad[],
  show: 'stretch' | 'load' | 'both',
  tolerances?: ArrayLike<number>,
  build?: Build,
): Tint[] => [
  ...(show === 'stretch' ? [] : work)
    .filter((w) => w.load > WORKS)
    .map((w) => ({ structure: w.structure, side: w.side, fill: landTint(w.load) })),
  ...(show === 'load' ? [] : stretchAt(posture, tolerances, build))
    .filter((t) => t.stretch > FELT)
    .map((t) => ({ structure: t.structure, side: t.side, fill: seaTint(t.stretch) })),
];

/** A rung drawn at a depth, muscles tinted by how far they are stretched or how hard they work. */
export function PoseFigure({
  pose,
  rung,
  side,
  depth,
  tolerances,
  build,
  work,
  show = 'both',
  height = '100%',
  turns,
  muscles = true,
}: {
  pose: string;
  rung: number;
  side: Side | 'both';
  depth: number;
  tolerances?: ArrayLike<number>;
  /** The student's build; the model's own without it. */
  build?: Build;
  /** Loads muscle by muscle, where they are known. */
  work?: readonly MuscleLoad[];
  show?: 'stretch' | 'load' | 'both';
  height?: number | string;
  turns?: boolean;
  muscles?: boolean;
}) {
  const scene = useMemo(() => {
    const found = rungOf(pose, rung);
    if (!found) return null;
    const worked: Side = side === 'both' ? 'right' : side;
    const posture = postureFrom(anglesAt(found.rung, worked, depth));
    const tints = muscles ? poseTints(posture, work ?? [], show, tolerances, build) : [];
    const yaw = found.shape.yaw ?? 12;
    // Mirrored so that the worked side is the near one.
    return {
      posture,
      build,
      reach: reachFor(found.rung, worked),
      props: sceneProps(found.rung, worked),
      tints,
      view: { yaw: worked === 'right' ? yaw : 180 - yaw, pitch: found.shape.pitch ?? 12 },
      label: `${found.shape.name}, ${found.rung.name}${side === 'both' ? '' : `, ${side}`}.`,
    };
  }, [pose, rung, side, depth, tolerances, build, muscles, work, show]);
  return scene ? <Figure {...scene} height={height} turns={turns} coarse={!muscles} /> : null;
}
