import { SIDES, type Posture, type Side, type Skeleton, type Vec3 } from '@/core/body';
import { at, rotationAxes } from './axes';

/** Parts that move as one. Hands and feet are stiff here. */
export type Part =
  'pelvis' | 'lower' | 'upper' | 'thorax' | 'head' | `${'thigh' | 'shank' | 'foot' | 'arm' | 'forearm'}_${Side}`;

/** Names of the degrees of freedom: the whole body in space first, then the joints. */
export const FREEDOMS: readonly string[] = [
  'forward',
  'up',
  'right',
  'roll',
  'yaw',
  'pitch',
  'lumbar_flexion',
  'lumbar_bend',
  'lumbar_rotation',
  'thorax_flexion',
  'thorax_bend',
  'thorax_rotation',
  'neck_flexion',
  'neck_bend',
  'neck_rotation',
  ...SIDES.flatMap((s) => [
    `hip_flexion_${s}`,
    `hip_adduction_${s}`,
    `hip_rotation_${s}`,
    `knee_flexion_${s}`,
    `knee_rotation_${s}`,
    `ankle_dorsiflexion_${s}`,
    `ankle_inversion_${s}`,
    `shoulder_x_${s}`,
    `shoulder_y_${s}`,
    `shoulder_z_${s}`,
    `elbow_${s}`,
  ]),
];
/** The first six move the whole body and have no muscle. */
export const ROOT = 6;
const indexOf = new Map(FREEDOMS.map((f, i) => [f, i]));
export const freedom = (name: string): number => {
  const index = indexOf.get(name);
  if (index === undefined) throw new Error(`unknown degree of freedom "${name}"`);
  return index;
};

/** A turn about an axis through a point; a freedom may be made of two (the lumbar spine bends in two places). */
interface Turn {
  freedom: number;
  axis: Vec3;
  centre: Vec3;
  moves: ReadonlySet<Part>;
}

const above = (part: 'lower' | 'upper' | 'thorax' | 'head'): ReadonlySet<Part> => {
  const trunk: Part[] = ['lower', 'upper', 'thorax', 'head'];
  const own = trunk.slice(trunk.indexOf(part));
  const arms: Part[] = part === 'head' ? [] : ['arm_left', 'arm_right', 'forearm_left', 'forearm_right'];
  return new Set([...own, ...arms]);
};
const MOVES = { lumbar: above('lower'), waist: above('upper'), thorax: above('thorax'), neck: above('head') };
const legAndArm = (s: Side): Record<'hip' | 'knee' | 'ankle' | 'shoulder' | 'elbow', ReadonlySet<Part>> => ({
  hip: new Set<Part>([`thigh_${s}`, `shank_${s}`, `foot_${s}`]),
  knee: new Set<Part>([`shank_${s}`, `foot_${s}`]),
  ankle: new Set<Part>([`foot_${s}`]),
  shoulder: new Set<Part>([`arm_${s}`, `forearm_${s}`]),
  elbow: new Set<Part>([`forearm_${s}`]),
});
const SIDE_MOVES = { left: legAndArm('left'), right: legAndArm('right') };

/** Which part carries a landmark. */
export function partOf(point: string): Part {
  const side = point.endsWith('_left') ? 'left' : 'right';
  const bare = point.replace(/_(left|right)$/, '');
  switch (bare) {
    case 'pelvis':
    case 'sacrum':
    case 'pubis':
    case 'buttock':
    case 'hip':
    case 'hip_bone':
    case 'sit_bone':
    case 'lumbosacral':
      return 'pelvis';
    case 'waist':
      return 'lower';
    case 'thorax':
      return 'upper';
    case 'head':
    case 'crown':
    case 'jaw':
      return 'head';
    case 'thigh':
    case 'knee':
      return `thigh_${side}`;
    case 'shin':
    case 'calf':
    case 'ankle':
    case 'shank':
      return `shank_${side}`;
    case 'heel':
    case 'arch':
    case 'ball':
    case 'toe':
    case 'foot':
      return `foot_${side}`;
    case 'elbow':
    case 'upper-arm':
      return `arm_${side}`;
    case 'wrist':
    case 'hand':
    case 'forearm':
      return `forearm_${side}`;
    default:
      return 'thorax';
  }
}

/** The joints of a posture as turns in the world; turns forces at points into generalised forces (virtual work). */
export class Freedoms {
  private readonly turns: Turn[] = [];

  constructor(
    readonly skeleton: Skeleton,
    q: Posture,
  ) {
    const { points: p, frames } = skeleton;
    const half = rotationAxes(frames.pelvis.turn, -at(q, 'lumbar_flexion') / 2, at(q, 'lumbar_bend') / 2);
    const full = rotationAxes(frames.pelvis.turn, -at(q, 'lumbar_flexion'), at(q, 'lumbar_bend'));
    const chest = rotationAxes(frames.upper.turn, -at(q, 'thorax_flexion'), at(q, 'thorax_bend'));
    const neck = rotationAxes(frames.thorax.turn, -at(q, 'neck_flexion'), at(q, 'neck_bend'));
    ['flexion', 'bend', 'rotation'].forEach((name, k) => {
      const sign = k === 0 ? -1 : 1;
      const h = half[k],
        f = full[k];
      this.turn(
        `lumbar_${name}`,
        [0.5 * sign * h[0], 0.5 * sign * h[1], 0.5 * sign * h[2]],
        p.lumbosacral,
        MOVES.lumbar,
      );
      this.turn(
        `lumbar_${name}`,
        [sign * (f[0] - 0.5 * h[0]), sign * (f[1] - 0.5 * h[1]), sign * (f[2] - 0.5 * h[2])],
        p.waist,
        MOVES.waist,
      );
      this.turn(`thorax_${name}`, scaled(chest[k], sign), p.thorax, MOVES.thorax);
      this.turn(`neck_${name}`, scaled(neck[k], sign), p.neck, MOVES.neck);
    });
    for (const s of SIDES) {
      const m = s === 'right' ? 1 : -1;
      const moves = SIDE_MOVES[s];
      const hip = rotationAxes(frames.pelvis.turn, at(q, `hip_flexion_${s}`), m * at(q, `hip_adduction_${s}`));
      this.turn(`hip_flexion_${s}`, hip[0], p[`hip_${s}`], moves.hip);
      this.turn(`hip_adduction_${s}`, scaled(hip[1], m), p[`hip_${s}`], moves.hip);
      this.turn(`hip_rotation_${s}`, scaled(hip[2], m), p[`hip_${s}`], moves.hip);
      const thigh = frames[`thigh_${s}`].turn,
        shank = frames[`shank_${s}`].turn;
      this.turn(`knee_flexion_${s}`, [-thigh[2], -thigh[5], -thigh[8]], p[`shin_${s}`], moves.knee);
      this.turn(`knee_rotation_${s}`, [m * shank[1], m * shank[4], m * shank[7]], p[`shin_${s}`], moves.knee);
      const ankle = rotationAxes(shank, at(q, `ankle_dorsiflexion_${s}`), 0);
      this.turn(`ankle_dorsiflexion_${s}`, ankle[0], p[`ankle_${s}`], moves.ankle);
      this.turn(`ankle_inversion_${s}`, scaled(ankle[1], m), p[`ankle_${s}`], moves.ankle);
      this.turn(`shoulder_x_${s}`, [1, 0, 0], p[`shoulder_${s}`], moves.shoulder);
      this.turn(`shoulder_y_${s}`, [0, 1, 0], p[`shoulder_${s}`], moves.shoulder);
      this.turn(`shoulder_z_${s}`, [0, 0, 1], p[`shoulder_${s}`], moves.shoulder);
      this.turn(
        `elbow_${s}`,
        hingeOf(p[`shoulder_${s}`], p[`elbow_${s}`], p[`wrist_${s}`]),
        p[`elbow_${s}`],
        moves.elbow,
      );
    }
  }

  private turn(name: string, axis: Vec3, centre: Vec3, moves: ReadonlySet<Part>): void {
    this.turns.push({ freedom: freedom(name), axis, centre, moves });
  }

  /** Adds `times` × the generalised force of a force (newtons) at a point of a part: N for the first three, then N·m. */
  push(part: Part, at: Vec3, force: Vec3, out: Float64Array, times = 1): void {
    const [fx, fy, fz] = [force[0] * times, force[1] * times, force[2] * times];
    out[0] += fx;
    out[1] += fy;
    out[2] += fz;
    // About the pelvis, which is at the origin of the world here.
    out[3] += at[1] * fz - at[2] * fy;
    out[4] += at[2] * fx - at[0] * fz;
    out[5] += at[0] * fy - at[1] * fx;
    for (const t of this.turns) {
      if (!t.moves.has(part)) continue;
      const x = at[0] - t.centre[0],
        y = at[1] - t.centre[1],
        z = at[2] - t.centre[2];
      out[t.freedom] += t.axis[0] * (y * fz - z * fy) + t.axis[1] * (z * fx - x * fz) + t.axis[2] * (x * fy - y * fx);
    }
  }
}

const scaled = (v: Vec3, s: number): Vec3 => [v[0] * s, v[1] * s, v[2] * s];

/** Axis of the elbow: across the plane of the arm; any level one where the arm is straight. */
function hingeOf(a: Vec3, b: Vec3, c: Vec3): Vec3 {
  const u: Vec3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]],
    v: Vec3 = [c[0] - b[0], c[1] - b[1], c[2] - b[2]];
  const n: Vec3 = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
  const size = Math.hypot(...n);
  return size > 1e-6 ? scaled(n, 1 / size) : [0, 0, 1];
}
