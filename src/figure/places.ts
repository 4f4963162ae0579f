import type { Side, Skeleton, Vec3 } from '@/core/body';
import { add, mix, place } from '@/core/body/vec3';
import type { Place } from '@/core/students/student';

/**
 * Where a place lies: from one landmark to another, a share of the way, then out to the skin in a segment's frame,
 * metres.
 */
interface Spot {
  from: string;
  to: string;
  at: number;
  frame: 'pelvis' | 'thigh' | 'shank' | 'foot';
  /** Forward, up, outward. */
  skin: readonly [number, number, number];
}

const SPOTS: Readonly<Partial<Record<Place, Spot>>> = {
  'front-hip-crease': { from: 'hip', to: 'knee', at: 0, frame: 'pelvis', skin: [0.09, 0.045, 0.015] },
  'groin-pinch': { from: 'hip', to: 'pubis', at: 0.35, frame: 'pelvis', skin: [0.07, -0.03, 0] },
  'front-thigh': { from: 'hip', to: 'knee', at: 0.5, frame: 'thigh', skin: [0.08, 0, 0.025] },
  'outer-hip': { from: 'hip', to: 'knee', at: 0.03, frame: 'thigh', skin: [0, 0, 0.085] },
  'outer-thigh': { from: 'hip', to: 'knee', at: 0.55, frame: 'thigh', skin: [0.01, 0, 0.07] },
  'deep-buttock': { from: 'hip', to: 'sacrum', at: 0.4, frame: 'pelvis', skin: [-0.05, -0.02, 0.02] },
  'whole-buttock': { from: 'hip', to: 'sacrum', at: 0.4, frame: 'pelvis', skin: [-0.05, 0.07, 0.05] },
  'sit-bone': { from: 'hip', to: 'sacrum', at: 0.3, frame: 'pelvis', skin: [-0.05, -0.1, 0] },
  'back-thigh': { from: 'hip', to: 'knee', at: 0.5, frame: 'thigh', skin: [-0.07, 0, 0] },
  'behind-knee': { from: 'knee', to: 'shin', at: 0.5, frame: 'thigh', skin: [-0.05, 0, 0] },
  'inner-thigh-high': { from: 'hip', to: 'knee', at: 0.36, frame: 'thigh', skin: [0.03, 0, -0.045] },
  'inner-thigh-long': { from: 'hip', to: 'knee', at: 0.76, frame: 'thigh', skin: [0.03, 0, -0.04] },
  knee: { from: 'knee', to: 'shin', at: 0.5, frame: 'thigh', skin: [0.05, 0, 0.01] },
  'calf-high': { from: 'shin', to: 'ankle', at: 0.28, frame: 'shank', skin: [-0.06, 0, 0] },
  'calf-low': { from: 'shin', to: 'ankle', at: 0.66, frame: 'shank', skin: [-0.04, 0, 0] },
  'leg-line': { from: 'shin', to: 'ankle', at: 0.45, frame: 'shank', skin: [-0.03, 0, 0.035] },
  'ankle-front': { from: 'shin', to: 'ankle', at: 0.9, frame: 'shank', skin: [0.04, 0, 0] },
  instep: { from: 'ankle', to: 'toe', at: 0.5, frame: 'foot', skin: [0, 0.03, 0] },
};

const FRAME_OF = (frame: Spot['frame'], side: Side): keyof Skeleton['frames'] =>
  (frame === 'pelvis' ? 'pelvis' : `${frame}_${side}`) as keyof Skeleton['frames'];

/**
 * Where a place lies on the skin of a body, metres in the world; null for places that are nowhere or have no side of
 * their own.
 */
export function placePoint(skeleton: Skeleton, where: Place, side: Side): Vec3 | null {
  const { points: p, frames } = skeleton;
  const out = side === 'right' ? 1 : -1;
  if (where === 'low-back') {
    const pelvis = frames.pelvis;
    return add(p.lumbosacral, place(pelvis.turn, [-0.08, 0.08, 0.045 * out], [0, 0, 0]));
  }
  const spot = SPOTS[where];
  if (!spot) return null;
  const named = (name: string): Vec3 => p[`${name}_${side}`] ?? p[name];
  const on = mix(named(spot.from), named(spot.to), spot.at);
  const frame = frames[FRAME_OF(spot.frame, side)];
  return add(on, place(frame.turn, [spot.skin[0], spot.skin[1], spot.skin[2] * out], [0, 0, 0]));
}

/** Places that can be seen from the front, from behind and from the side; a body map shows each from where it lies. */
export const FRONT_PLACES: readonly Place[] = [
  'front-hip-crease',
  'groin-pinch',
  'front-thigh',
  'inner-thigh-high',
  'inner-thigh-long',
  'knee',
  'ankle-front',
  'instep',
];
export const BACK_PLACES: readonly Place[] = [
  'low-back',
  'whole-buttock',
  'deep-buttock',
  'sit-bone',
  'back-thigh',
  'behind-knee',
  'calf-high',
  'calf-low',
];
export const SIDE_PLACES: readonly Place[] = ['outer-hip', 'outer-thigh', 'leg-line'];
