import {
  add,
  norm,
  postureFrom,
  reachGoal,
  scale,
  skeletonOf,
  sub,
  type Reach,
  type Side,
  type Skeleton,
  type Vec3,
} from '@/core/body';
import { anglesFor, reachFor, type PoseAngles, type Rung } from '../format';
import type { SettlingRung } from './faults';

/** A hand nearer than this to where it was to go is there, metres. */
const THERE = 0.008;
/** The highest that blocks under a hand get, and the highest seat, metres. */
const BLOCK = 0.3;
const SEAT = 0.55;
/** Left of the way to a straight arm, so that it is not locked, metres. */
const SOFT = 0.004;
/** Landmarks along a leg, from the foot up. */
const LEG = ['toe', 'ball', 'ankle', 'calf', 'knee', 'thigh', 'hip'] as const;

/**
 * Where hands that only hold or steady go when they cannot arrive where the author put them: on the floor nearer and
 * then higher, on a block; on a limb further up it. The body is not bent for a hand that carries nothing.
 * @returns the hands of the rung, of which some were moved; null where all arrive
 */
export function movedHands(rough: SettlingRung, angles: PoseAngles): Rung['reach'] | null {
  if (rough.carries) return null;
  const reach = reachFor(rough, 'right');
  const skeleton = skeletonOf(postureFrom(anglesFor(angles, 'right')), reach);
  const out: Partial<Record<'worked' | 'other', Reach>> = {};
  for (const [whose, side] of [
    ['worked', 'right'],
    ['other', 'left'],
  ] as const) {
    const way = rough.reach[whose],
      real = reach[side];
    if (!way || !real || way.bears) continue;
    const short = norm(sub(skeleton.points[`wrist_${side}`], reachGoal(skeleton, side, real)));
    if (short <= THERE) continue;
    out[whose] = way.floor === undefined ? onLimb(skeleton, side, way, real) : onFloor(skeleton, side, way, real);
  }
  return Object.keys(out).length > 0 ? { ...rough.reach, ...out } : null;
}

/** Length from shoulder to wrist that a hand reaches with ease, metres. */
function armOf({ points: p, build }: Skeleton, side: Side): number {
  const upper = norm(sub(p[`elbow_${side}`], p[`shoulder_${side}`])),
    fore = norm(sub(p[`wrist_${side}`], p[`elbow_${side}`]));
  return (upper + fore - SOFT) / build.arm;
}

const rounded = ([x, y, z]: Vec3): Vec3 => [x, y, z].map((v) => Math.round(v * 1000) / 1000) as unknown as Vec3;
/** An offset in the terms of the side that the pose is written for: outward is positive on both. */
const offsetOf = (v: Vec3, side: Side): Vec3 => rounded([v[0], v[1], side === 'left' ? -v[2] : v[2]]);

/** Nearer to the shoulder on the same height; where that is too low, as high as the arm needs. */
function onFloor(skeleton: Skeleton, side: Side, way: Reach, real: Reach): Reach {
  const { points: p } = skeleton;
  const shoulder = p[`shoulder_${side}`],
    from = p[real.to] ?? shoulder,
    goal = reachGoal(skeleton, side, real);
  const arm = armOf(skeleton, side);
  const drop = shoulder[1] - goal[1];
  // A block is not piled up to a chair.
  const most = (way.floor ?? 0) <= BLOCK ? BLOCK - (way.floor ?? 0) : SEAT - (way.floor ?? 0);
  const up = Math.min(Math.max(0, most), Math.max(0, drop - 0.97 * arm));
  const level = Math.sqrt(Math.max(0, arm ** 2 - (drop - up) ** 2));
  const aside: Vec3 = [goal[0] - shoulder[0], 0, goal[2] - shoulder[2]];
  const near = add([shoulder[0], 0, shoulder[2]], scale(aside, Math.min(1, level / Math.max(1e-6, norm(aside)))));
  const floor = (way.floor ?? 0) + up;
  return {
    ...way,
    offset: offsetOf([near[0] - from[0], way.offset?.[1] ?? 0, near[2] - from[2]], side),
    floor: Math.round(1000 * floor) / 1000,
  };
}

/**
 * Along the leg to the nearest place that the arm reaches; the hand keeps its place on the leg's round, or half of it.
 */
function onLimb(skeleton: Skeleton, side: Side, way: Reach, real: Reach): Reach {
  const { points: p, build } = skeleton;
  const shoulder = p[`shoulder_${side}`];
  const arm = armOf(skeleton, side) * build.arm;
  const [part, of] = real.to.split('_');
  const start = part === 'heel' ? 'ankle' : part;
  const leg = LEG.map((name) => p[`${name}_${of}`]);
  const from = LEG.findIndex((name) => name === start);
  if (from < 0) return way;
  let best: { at: Vec3; far: number } | null = null;
  for (const round of [1, 0.5])
    for (let i = 0; i + 1 < leg.length && !(best && round < 1); i++)
      for (let t = 0; t <= 1; t += 0.05) {
        const at = add(
          add(scale(leg[i], 1 - t), scale(leg[i + 1], t)),
          scale(real.offset ?? [0, 0, 0], round * build.arm),
        );
        if (norm(sub(at, shoulder)) > arm) continue;
        const far = Math.abs(i + t - from);
        if (!best || far < best.far) best = { at, far };
      }
  return best ? { ...way, offset: offsetOf(scale(sub(best.at, p[real.to]), 1 / build.arm), side) } : way;
}
