import { sized } from './build';
import { SIDES, type Side } from './coordinates';
import type { Skeleton } from './skeleton';
import { add, mix, place, scale, type Vec3 } from './vec3';

/** Share of body mass and place of a segment's centre of mass on the way from its first landmark to its second. */
export interface SegmentMass {
  segment: string;
  share: number;
  from: Vec3;
  to: Vec3;
  /** Share of the way, 0–1. */
  at: number;
}

/** Women's and men's means together (de Leva 1996); shares sum to 1. */
const SHARE = {
  head: 0.0681,
  upperTrunk: 0.1571,
  midTrunk: 0.1549,
  lowerTrunk: 0.1182,
  upperArm: 0.0263,
  forearm: 0.015,
  hand: 0.00585,
  thigh: 0.1447,
  shank: 0.0457,
  foot: 0.0133,
} as const;

/** Segments with mass at a posture: landmarks in the world, metres. */
export function segmentMasses({ points: p, frames, build }: Skeleton): SegmentMass[] {
  const inThorax = (v: Vec3) => place(frames.thorax.turn, sized(v, build.spine), frames.thorax.at);
  const notch = inThorax([0.03, 0.22, 0]),
    sternumEnd = inThorax([0.02, 0.05, 0]);
  const navel = place(frames.lower.turn, sized([0.035, 0.02, 0], build.spine), frames.lower.at);
  const hips = mix(p.hip_left, p.hip_right, 0.5);
  const trunk: SegmentMass[] = [
    { segment: 'head', share: SHARE.head, from: p.crown, to: p.jaw, at: 0.5935 },
    { segment: 'upper-trunk', share: SHARE.upperTrunk, from: notch, to: sternumEnd, at: 0.2538 },
    { segment: 'mid-trunk', share: SHARE.midTrunk, from: sternumEnd, to: navel, at: 0.4507 },
    { segment: 'lower-trunk', share: SHARE.lowerTrunk, from: navel, to: hips, at: 0.5518 },
  ];
  const limb =
    (segment: string, share: number, from: string, to: string, at: number) =>
    (side: Side): SegmentMass => ({
      segment: `${segment}-${side}`,
      share,
      from: p[`${from}_${side}`],
      to: p[`${to}_${side}`],
      at,
    });
  const limbs = [
    limb('upper-arm', SHARE.upperArm, 'shoulder', 'elbow', 0.5763),
    limb('forearm', SHARE.forearm, 'elbow', 'wrist', 0.4567),
    limb('hand', SHARE.hand, 'wrist', 'hand', 0.7687),
    limb('thigh', SHARE.thigh, 'hip', 'knee', 0.3854),
    limb('shank', SHARE.shank, 'shin', 'ankle', 0.4438),
    limb('foot', SHARE.foot, 'heel', 'toe', 0.4215),
  ];
  return [...trunk, ...SIDES.flatMap((side) => limbs.map((of) => of(side)))];
}

/** Centre of mass of the whole body in the world, metres (de Leva 1996). */
export function centreOfMass(skeleton: Skeleton): Vec3 {
  let sum: Vec3 = [0, 0, 0],
    whole = 0;
  for (const { share, from, to, at } of segmentMasses(skeleton)) {
    sum = add(sum, scale(mix(from, to, at), share));
    whole += share;
  }
  return scale(sum, 1 / whole);
}
