import { add, dot, norm, scale, sub, type Reach, type Side, type Skeleton, type Vec3 } from '@/core/body';
import { across, column, cross, unit } from './ellipsoid';

export interface Frame {
  turn: Float64Array;
  at: Vec3;
}

/**
 * Frames of an arm, from its points: y up the bone, x the way it bends, z to the right. The hand's x stands out of the
 * palm. `curl` says how far the fingers are bent: 0 flat, 1 a fist.
 */
export interface Arm {
  upper: Frame;
  fore: Frame;
  /** The end of the forearm, turned about its bone until its flat side is the palm's. */
  wrist: Frame;
  hand: Frame;
  curl: number;
  /** The thumb goes round from the other side. */
  grips: boolean;
}

const frameOf = (y: Vec3, towardsZ: Vec3, at: Vec3): Frame => {
  const z = unit(across(towardsZ, y));
  const x = cross(y, z);
  return { turn: Float64Array.of(x[0], y[0], z[0], x[1], y[1], z[1], x[2], y[2], z[2]), at };
};

const DOWN: Vec3 = [0, -1, 0];
/** Bent less than this, an arm has no plane of its own. */
const STRAIGHT = 0.3;
/** A hand steeper than this does not lie on the floor, sine. */
const LEVEL = 0.35;

/** The bone that a hand would close about, for points of the leg. */
const BONES: Readonly<Record<string, readonly [string, string]>> = {
  thigh: ['hip', 'knee'],
  knee: ['knee', 'ankle'],
  shin: ['knee', 'ankle'],
  calf: ['knee', 'ankle'],
  ankle: ['knee', 'ankle'],
  elbow: ['elbow', 'wrist'],
  wrist: ['elbow', 'wrist'],
};

/** Direction of what is held, a unit vector: a bone's, or across a foot; null for places that are only touched. */
function heldAlong(to: string, { points: p, frames }: Skeleton): Vec3 | null {
  const [, bare, side] = /^(.*?)_(left|right)$/.exec(to) ?? [];
  if (!bare) return null;
  if (/^(heel|ball|toe|foot)$/.test(bare)) return column(frames[`midfoot_${side as Side}`].turn, 2);
  const bone = BONES[bare] as readonly [string, string] | undefined;
  return bone ? unit(sub(p[`${bone[1]}_${side}`], p[`${bone[0]}_${side}`])) : null;
}

/** What a hand does in a scene. */
export interface HandWay {
  reach?: Reach;
  /** World direction of a strap that it holds. */
  strap?: Vec3;
  /** Height of the floor, metres. */
  floor: number;
}

export function armOf(skeleton: Skeleton, side: Side, { reach, strap, floor }: HandWay): Arm {
  const { points: p, frames } = skeleton;
  const m = side === 'right' ? 1 : -1;
  const shoulder = p[`shoulder_${side}`],
    elbow = p[`elbow_${side}`],
    wrist = p[`wrist_${side}`];
  const u = unit(sub(elbow, shoulder)),
    f = unit(sub(wrist, elbow)),
    h = unit(sub(p[`hand_${side}`], wrist));
  const up = column(frames.thorax.turn, 1),
    right = column(frames.thorax.turn, 2);
  let z = cross(u, f);
  if (Math.min(1, norm(z) * 4) <= STRAIGHT) {
    // The crease of a straight arm looks forward and a little inward.
    z = across(right, u);
    if (norm(z) < 0.5) z = add(z, scale(up, m * 0.8));
  }
  const upper = frameOf(scale(u, -1), z, shoulder),
    fore = frameOf(scale(f, -1), z, elbow);
  const { palm, curl, grips } = palmOf();
  const y = scale(h, -1);
  const out = unit(across(palm, h));
  const thumb = cross(out, y);
  const hand: Frame = {
    turn: Float64Array.of(out[0], y[0], thumb[0], out[1], y[1], thumb[1], out[2], y[2], thumb[2]),
    at: wrist,
  };
  const flat = dot(thumb, column(fore.turn, 2)) < 0 ? scale(thumb, -1) : thumb;
  return { upper, fore, wrist: frameOf(scale(f, -1), flat, elbow), hand, curl, grips };

  function palmOf(): { palm: Vec3; curl: number; grips: boolean } {
    const level = Math.abs(h[1]) < LEVEL;
    const inward = scale(right, -m);
    if (strap) {
      const palm = across(cross(strap, h), h);
      if (norm(palm) > 0.1) return { palm: dot(palm, inward) < 0 ? scale(palm, -1) : palm, curl: 1.15, grips: true };
      return { palm: inward, curl: 1.15, grips: true };
    }
    if ((reach?.floor !== undefined || reach?.bears) && level) return { palm: DOWN, curl: 0.02, grips: false };
    if (reach && p[reach.to]) {
      const to = across(sub(p[reach.to], add(wrist, scale(h, 0.06))), h);
      const along = reach.free ? null : heldAlong(reach.to, skeleton);
      // Fingers close about what is held: the palm stands across it and looks towards it.
      const about = along && across(cross(along, h), h);
      if (about && norm(about) > 0.35) {
        const side_ = norm(to) > 0.012 ? dot(about, to) : dot(about, inward);
        return { palm: side_ < 0 ? scale(about, -1) : about, curl: 0.62, grips: true };
      }
      return { palm: norm(to) < 0.012 ? inward : to, curl: reach.free ? 0.2 : 0.4, grips: false };
    }
    if (wrist[1] - 0.05 < floor && level) return { palm: DOWN, curl: 0.02, grips: false };
    const palm = add(inward, scale(up, -0.25));
    const off = across(palm, h);
    return { palm: norm(off) < 0.55 ? add(off, scale(across(DOWN, h), 0.8)) : palm, curl: 0.22, grips: false };
  }
}
