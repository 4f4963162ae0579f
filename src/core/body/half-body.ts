import { coordinateIndex, type Posture, type Side } from './coordinates';

/**
 * The eight angles that the muscles of one leg see, radians. The left leg is computed as a right leg in a
 * mirror: bending and turning of the low back change their sign, everything else is already told per side.
 */
export const HALF = {
  lumbarFlexion: 0,
  lumbarBend: 1,
  lumbarRotation: 2,
  hipFlexion: 3,
  hipAdduction: 4,
  hipRotation: 5,
  kneeFlexion: 6,
  ankleDorsiflexion: 7,
} as const;
export const HALF_COUNT = 8;
export type Half = Float64Array;
export const newHalf = (): Half => new Float64Array(HALF_COUNT);

/** Coordinate names behind the eight places, without the side. */
export const HALF_NAMES = [
  'lumbar_flexion',
  'lumbar_bend',
  'lumbar_rotation',
  'hip_flexion',
  'hip_adduction',
  'hip_rotation',
  'knee_flexion',
  'ankle_dorsiflexion',
] as const;

/** Full name of a half-body coordinate on a side. */
export const halfCoordinate = (index: number, side: Side): string =>
  index < 3 ? HALF_NAMES[index] : `${HALF_NAMES[index]}_${side}`;

const places = {
  left: HALF_NAMES.map((_, i) => coordinateIndex(halfCoordinate(i, 'left'))),
  right: HALF_NAMES.map((_, i) => coordinateIndex(halfCoordinate(i, 'right'))),
};

/** One side's eight angles out of a whole posture, written into `out`. */
export function halfOf(posture: Posture, side: Side, out: Half): Half {
  const from = places[side];
  for (let i = 0; i < HALF_COUNT; i++) out[i] = posture[from[i]];
  if (side === 'left') {
    out[HALF.lumbarBend] = -out[HALF.lumbarBend];
    out[HALF.lumbarRotation] = -out[HALF.lumbarRotation];
  }
  return out;
}
