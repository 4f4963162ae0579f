'use client';
import { useMemo } from 'react';
import { ELEMENTS, type Build, type GroupId, type Posture, type Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import type { Shown, Tint } from '@/figure/draw';
import { Figure } from '@/figure/Figure';
import { landTint, seaTint } from '@/figure/scales';
import { poseScene } from '@/figure/pose-scene';

/** Shares below these are not tinted: everything is a little stretched and a little at work. */
const FELT = 0.45;
const WORKS = 0.15;

export interface MuscleLoad {
  structure: string;
  side: Side;
  load: number;
}

/** What stops the way in: drawn with a heavy outline. */
export interface Stop {
  group: GroupId;
  side: Side | 'both';
}
const stopsOf = (group: GroupId): Set<string> =>
  new Set(ELEMENTS.filter((e) => e.group === group).flatMap((e) => e.structures));

/** What muscles are tinted by, in the model's own build and typical people where nothing else is said. */
export interface Tinted {
  work: readonly MuscleLoad[];
  show: 'stretch' | 'load' | 'both';
  tolerances?: ArrayLike<number>;
  build?: Build;
  /** What ends it, painted however little it is drawn out. */
  stops?: Stop;
}

/** Muscles of a posture tinted by how far they are stretched and how hard they work. */
export const poseTints = (posture: Posture, { work, show, tolerances, build, stops }: Tinted): Tint[] => {
  const stopping = (tinted: { structure: string; side: Side }): boolean =>
    stops !== undefined &&
    (stops.side === 'both' || tinted.side === stops.side) &&
    stopsOf(stops.group).has(tinted.structure);
  return [
    ...(show === 'stretch' ? [] : work)
      .filter((w) => w.load > WORKS)
      .map((w) => ({ structure: w.structure, side: w.side, fill: landTint(w.load) })),
    ...(show === 'load' ? [] : stretchAt(posture, tolerances, build))
      .filter((t) => t.stretch > FELT || stopping(t))
      .map((t) => ({
        structure: t.structure,
        side: t.side,
        fill: seaTint(t.stretch),
        ...(stopping(t) && { sure: 1 }),
      })),
  ];
};

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
  shown,
  stops,
  detail = muscles ? 'large' : 'small',
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
  /** What of the body; muscles on bones where any are tinted, unless told. */
  shown?: Shown;
  stops?: Stop;
  /** How finely it is drawn; small without muscles. */
  detail?: 'small' | 'medium' | 'large';
}) {
  const scene = useMemo(() => {
    const drawn = poseScene(pose, rung, side, depth, build);
    return (
      drawn && {
        ...drawn,
        tints: muscles ? poseTints(drawn.posture, { work: work ?? [], show, tolerances, build, stops }) : [],
      }
    );
  }, [pose, rung, side, depth, tolerances, build, muscles, work, show, stops]);
  return scene ? <Figure {...scene} height={height} turns={turns} detail={detail} shown={shown} /> : null;
}
