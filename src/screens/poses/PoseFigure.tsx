'use client';
import { useMemo } from 'react';
import { postureFrom, type Build, type Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import { anglesAt, reachFor, rungOf } from '@/core/poses';
import type { SceneProp } from '@/figure/draw';
import { Figure } from '@/figure/Figure';
import { landTint, seaTint } from '@/figure/scales';

/** A rung drawn at a depth, muscles tinted by how far they are stretched in this student (or typical people). */
export function PoseFigure({
  pose,
  rung,
  side,
  depth,
  tolerances,
  build,
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
  height?: number | string;
  turns?: boolean;
  muscles?: boolean;
}) {
  const scene = useMemo(() => {
    const found = rungOf(pose, rung);
    if (!found) return null;
    const worked: Side = side === 'both' ? 'right' : side;
    const other = worked === 'left' ? 'right' : 'left';
    const real = (name: string) => name.replace('_worked', `_${worked}`).replace('_other', `_${other}`);
    const posture = postureFrom(anglesAt(found.rung, worked, depth));
    const props: SceneProp[] = (found.rung.supports ?? []).flatMap((s) =>
      s.prop === 'block' || s.prop === 'bolster' || s.prop === 'blanket' ? [{ kind: s.prop, at: real(s.under) }] : [],
    );
    if (found.rung.props.includes('wall') && pose === 'shin-up-lunge')
      props.push({ kind: 'wall', at: `toe_${worked}` });
    if (found.rung.props.includes('strap')) props.push({ kind: 'strap', at: `ball_${worked}`, to: `wrist_${worked}` });
    const tints = muscles
      ? [
          ...Object.entries(found.rung.load ?? {}).flatMap(([group, load]) =>
            (found.shape.sided ? [worked] : (['left', 'right'] as const)).map((s) => ({
              structure: group === 'deep-hip-flexor' ? 'psoas' : group,
              side: s,
              fill: landTint(load),
            })),
          ),
          ...stretchAt(posture, tolerances, build)
            .filter((t) => t.stretch > 0.45)
            .map((t) => ({ structure: t.structure, side: t.side, fill: seaTint(t.stretch) })),
        ]
      : [];
    const yaw = found.shape.yaw ?? 12;
    // Mirrored so that the worked side is the near one.
    return {
      posture,
      build,
      reach: reachFor(found.rung, worked),
      props,
      tints,
      view: { yaw: worked === 'right' ? yaw : 180 - yaw, pitch: 12 },
      label: `${found.shape.name}, ${found.rung.name}${side === 'both' ? '' : `, ${side}`}.`,
    };
  }, [pose, rung, side, depth, tolerances, build, muscles]);
  return scene ? <Figure {...scene} height={height} turns={turns} coarse={!muscles} /> : null;
}
