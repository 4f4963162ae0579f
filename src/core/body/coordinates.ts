import { DEG } from './vec3';

export type Side = 'left' | 'right';
export const SIDES: readonly Side[] = ['left', 'right'];
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

interface CoordinateInfo {
  /** Stable id as used in files and on the command line. */
  id: string;
  /** Joint limit for very mobile people, degrees (simulation stop; our default, reference G4). */
  min_deg: number;
  max_deg: number;
  positive: string;
}

const centre = [
  { id: 'pelvis_tilt', min_deg: -180, max_deg: 180, positive: 'front of the pelvis down' },
  { id: 'pelvis_list', min_deg: -180, max_deg: 180, positive: 'right side of the pelvis down' },
  { id: 'pelvis_rotation', min_deg: -180, max_deg: 180, positive: 'turning to the left' },
  { id: 'lumbar_flexion', min_deg: -45, max_deg: 65, positive: 'bending forward' },
  { id: 'lumbar_bend', min_deg: -35, max_deg: 35, positive: 'bending to the right' },
  { id: 'lumbar_rotation', min_deg: -15, max_deg: 15, positive: 'turning to the left' },
  { id: 'thorax_flexion', min_deg: -30, max_deg: 45, positive: 'bending forward' },
  { id: 'thorax_bend', min_deg: -40, max_deg: 40, positive: 'bending to the right' },
  { id: 'thorax_rotation', min_deg: -50, max_deg: 50, positive: 'turning to the left' },
  { id: 'neck_flexion', min_deg: -85, max_deg: 70, positive: 'bending forward' },
  { id: 'neck_bend', min_deg: -55, max_deg: 55, positive: 'bending to the right' },
  { id: 'neck_rotation', min_deg: -95, max_deg: 95, positive: 'turning to the left' },
] as const satisfies readonly CoordinateInfo[];

const sided = [
  { id: 'hip_flexion', min_deg: -35, max_deg: 145, positive: 'thigh forward of the pelvis' },
  { id: 'hip_adduction', min_deg: -80, max_deg: 45, positive: 'thigh towards the midline' },
  { id: 'hip_rotation', min_deg: -80, max_deg: 65, positive: 'thigh turning inward' },
  { id: 'knee_flexion', min_deg: -15, max_deg: 160, positive: 'knee bending' },
  { id: 'ankle_dorsiflexion', min_deg: -80, max_deg: 55, positive: 'foot up' },
  { id: 'ankle_inversion', min_deg: -30, max_deg: 40, positive: 'sole turning in' },
  { id: 'shoulder_flexion', min_deg: -80, max_deg: 185, positive: 'arm forward and up' },
  { id: 'shoulder_adduction', min_deg: -185, max_deg: 60, positive: 'arm towards the midline' },
  { id: 'shoulder_rotation', min_deg: -90, max_deg: 90, positive: 'arm turning inward' },
  { id: 'elbow_flexion', min_deg: -15, max_deg: 155, positive: 'elbow bending' },
  { id: 'wrist_flexion', min_deg: -95, max_deg: 90, positive: 'palm towards the forearm' },
  { id: 'knee_rotation', min_deg: -45, max_deg: 45, positive: 'shin turning inward below a bent knee' },
  { id: 'instep_dorsiflexion', min_deg: -30, max_deg: 15, positive: 'middle of the foot up' },
  { id: 'toe_extension', min_deg: -50, max_deg: 95, positive: 'toes up' },
] as const satisfies readonly CoordinateInfo[];

/** Coordinates of the trunk, and those that each side has, without the side. */
export type TrunkCoordinate = (typeof centre)[number]['id'];
export type LimbCoordinate = (typeof sided)[number]['id'];

/** Every coordinate in storage order: twelve of the trunk, then fourteen for each side. */
export const COORDINATES: readonly CoordinateInfo[] = [
  ...centre,
  ...SIDES.flatMap((side) => sided.map((c) => ({ ...c, id: `${c.id}_${side}` }))),
];

export const COORDINATE_IDS: readonly string[] = COORDINATES.map((c) => c.id);
const indexById = new Map(COORDINATE_IDS.map((id, i) => [id, i]));

/** Place of a coordinate in a posture. Throws on an unknown name: that is our fault, not the teacher's. */
export function coordinateIndex(id: string): number {
  const index = indexById.get(id);
  if (index === undefined) throw new Error(`unknown coordinate "${id}"`);
  return index;
}

/** Joint angles by name, degrees; what files and poses hold. */
export type Angles = Readonly<Record<string, number>>;
/** Joint angles of the whole body, radians, in the order of `COORDINATES`. */
export type Posture = Float64Array;

/** Radians from named degrees; what is not named is 0. */
export function postureFrom(angles: Angles, out: Posture = new Float64Array(COORDINATES.length)): Posture {
  out.fill(0);
  for (const [id, value] of Object.entries(angles)) out[coordinateIndex(id)] = value * DEG;
  return out;
}

/** What is wrong with named angles given from outside, or null. Degrees. */
export function angleProblem(angles: Angles): { field: string; message: string } | null {
  for (const [id, value] of Object.entries(angles)) {
    const index = indexById.get(id);
    if (index === undefined) return { field: id, message: `"${id}" is not a coordinate of the model` };
    const { min_deg, max_deg } = COORDINATES[index];
    if (!Number.isFinite(value)) return { field: id, message: `"${id}" must be a number of degrees` };
    if (value < min_deg || value > max_deg)
      return { field: id, message: `"${id}" must lie between ${min_deg} and ${max_deg} degrees` };
  }
  return null;
}
