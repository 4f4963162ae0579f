import { coordinateIndex, type Posture, type Side } from './coordinates';

/**
 * The fifteen angles that the muscles of one leg and its side of the trunk see, radians, and one property of the bone.
 * The left side is computed as a right side in a mirror: bending and turning of the spine change their sign, everything
 * else is already told per side.
 */
export const HALF = {
  lumbarFlexion: 0,
  lumbarBend: 1,
  lumbarRotation: 2,
  thoraxFlexion: 3,
  thoraxBend: 4,
  thoraxRotation: 5,
  hipFlexion: 6,
  hipAdduction: 7,
  hipRotation: 8,
  kneeFlexion: 9,
  kneeRotation: 10,
  ankleDorsiflexion: 11,
  ankleInversion: 12,
  instepDorsiflexion: 13,
  toeExtension: 14,
  /** Not an angle of a joint: how much more than usual the neck of the thigh bone is twisted forward, radians. */
  femoralVersion: 15,
} as const;
/** Joint angles in a half body; moment arms are told about these. */
export const HALF_COUNT = 15;
const HALF_SIZE = 16;
export type Half = Float64Array;
export const newHalf = (): Half => new Float64Array(HALF_SIZE);

/** Coordinate names behind the places, without the side. */
export const HALF_NAMES = [
  'lumbar_flexion',
  'lumbar_bend',
  'lumbar_rotation',
  'thorax_flexion',
  'thorax_bend',
  'thorax_rotation',
  'hip_flexion',
  'hip_adduction',
  'hip_rotation',
  'knee_flexion',
  'knee_rotation',
  'ankle_dorsiflexion',
  'ankle_inversion',
  'instep_dorsiflexion',
  'toe_extension',
] as const;

/** Number of places that belong to the trunk and therefore to both sides. */
export const TRUNK_COUNT = 6;

/** Full name of a half-body coordinate on a side. */
export const halfCoordinate = (index: number, side: Side): string =>
  index < TRUNK_COUNT ? HALF_NAMES[index] : `${HALF_NAMES[index]}_${side}`;

/** True where a coordinate of the trunk changes its sign in the mirror: bending and turning, not folding. */
export const changesSide = (index: number): boolean => index < TRUNK_COUNT && index % 3 !== 0;

const places = {
  left: HALF_NAMES.map((_, i) => coordinateIndex(halfCoordinate(i, 'left'))),
  right: HALF_NAMES.map((_, i) => coordinateIndex(halfCoordinate(i, 'right'))),
};

/**
 * One side's angles out of a whole posture, written into `out`.
 * @param version radians by which this side's femoral version exceeds the usual
 */
export function halfOf(posture: Posture, side: Side, out: Half, version = 0): Half {
  const from = places[side];
  const mirror = side === 'left' ? -1 : 1;
  for (let i = 0; i < HALF_COUNT; i++) out[i] = posture[from[i]];
  out[HALF.lumbarBend] *= mirror;
  out[HALF.lumbarRotation] *= mirror;
  out[HALF.thoraxBend] *= mirror;
  out[HALF.thoraxRotation] *= mirror;
  out[HALF.femoralVersion] = version;
  return out;
}
