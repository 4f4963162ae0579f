import { SIDES, type Posture, type Side, type Skeleton, type Vec3 } from '@/core/body';
import { at, rotationAxes } from './axes';

/** Parts that move as one. Hands and feet are stiff here. */
export type BodyPart =
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

const above = (part: 'lower' | 'upper' | 'thorax' | 'head'): ReadonlySet<BodyPart> => {
  const trunk: BodyPart[] = ['lower', 'upper', 'thorax', 'head'];
  const own = trunk.slice(trunk.indexOf(part));
  const arms: BodyPart[] = part === 'head' ? [] : ['arm_left', 'arm_right', 'forearm_left', 'forearm_right'];
  return new Set([...own, ...arms]);
};
const MOVES = { lumbar: above('lower'), waist: above('upper'), thorax: above('thorax'), neck: above('head') };
const legAndArm = (s: Side): Record<'hip' | 'knee' | 'ankle' | 'shoulder' | 'elbow', ReadonlySet<BodyPart>> => ({
  hip: new Set<BodyPart>([`thigh_${s}`, `shank_${s}`, `foot_${s}`]),
  knee: new Set<BodyPart>([`shank_${s}`, `foot_${s}`]),
  ankle: new Set<BodyPart>([`foot_${s}`]),
  shoulder: new Set<BodyPart>([`arm_${s}`, `forearm_${s}`]),
  elbow: new Set<BodyPart>([`forearm_${s}`]),
});
const SIDE_MOVES = { left: legAndArm('left'), right: legAndArm('right') };

/**
 * The turns of a body in the order in which `Freedoms` places them, each about an axis through a point: the freedom it
 * belongs to and what it moves. The lumbar spine bends in two places, so that its freedoms are made of two.
 */
const TURNS: readonly { freedom: number; moves: ReadonlySet<BodyPart> }[] = [
  ...['flexion', 'bend', 'rotation'].flatMap((name) => [
    { freedom: freedom(`lumbar_${name}`), moves: MOVES.lumbar },
    { freedom: freedom(`lumbar_${name}`), moves: MOVES.waist },
    { freedom: freedom(`thorax_${name}`), moves: MOVES.thorax },
    { freedom: freedom(`neck_${name}`), moves: MOVES.neck },
  ]),
  ...SIDES.flatMap((s) =>
    (
      [
        ['hip_flexion', 'hip'],
        ['hip_adduction', 'hip'],
        ['hip_rotation', 'hip'],
        ['knee_flexion', 'knee'],
        ['knee_rotation', 'knee'],
        ['ankle_dorsiflexion', 'ankle'],
        ['ankle_inversion', 'ankle'],
        ['shoulder_x', 'shoulder'],
        ['shoulder_y', 'shoulder'],
        ['shoulder_z', 'shoulder'],
        ['elbow', 'elbow'],
      ] as const
    ).map(([name, joint]) => ({ freedom: freedom(`${name}_${s}`), moves: SIDE_MOVES[s][joint] })),
  ),
];
const FREEDOM_OF_TURN = Int32Array.from(TURNS, (t) => t.freedom);
const PARTS: readonly BodyPart[] = [
  'pelvis',
  'lower',
  'upper',
  'thorax',
  'head',
  ...SIDES.flatMap((s): BodyPart[] => [`thigh_${s}`, `shank_${s}`, `foot_${s}`, `arm_${s}`, `forearm_${s}`]),
];
/** The turns that move each part. */
const TURNS_OF = Object.fromEntries(
  PARTS.map((part) => [part, TURNS.flatMap((t, k) => (t.moves.has(part) ? [k] : []))]),
) as unknown as Readonly<Record<BodyPart, readonly number[]>>;

const carried = new Map<string, BodyPart>();
/** Which part carries a landmark. */
export function partOf(point: string): BodyPart {
  let part = carried.get(point);
  if (!part) carried.set(point, (part = carrierOf(point)));
  return part;
}

function carrierOf(point: string): BodyPart {
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
  /** Axis and centre of each turn in the order of `TURNS`, three numbers each. */
  private readonly axes = new Float64Array(3 * TURNS.length);
  private readonly centres = new Float64Array(3 * TURNS.length);

  constructor(
    readonly skeleton: Skeleton,
    q: Posture,
  ) {
    const { points: p, frames } = skeleton;
    let turn = 0;
    const put = (axis: Vec3, times: number, centre: Vec3): void => {
      for (let i = 0; i < 3; i++) {
        this.axes[3 * turn + i] = times * axis[i];
        this.centres[3 * turn + i] = centre[i];
      }
      turn++;
    };
    const half = rotationAxes(frames.pelvis.turn, -at(q, 'lumbar_flexion') / 2, at(q, 'lumbar_bend') / 2);
    const full = rotationAxes(frames.pelvis.turn, -at(q, 'lumbar_flexion'), at(q, 'lumbar_bend'));
    const chest = rotationAxes(frames.upper.turn, -at(q, 'thorax_flexion'), at(q, 'thorax_bend'));
    const neck = rotationAxes(frames.thorax.turn, -at(q, 'neck_flexion'), at(q, 'neck_bend'));
    for (let k = 0; k < 3; k++) {
      const sign = k === 0 ? -1 : 1;
      const h = half[k],
        f = full[k];
      put(h, 0.5 * sign, p.lumbosacral);
      put([f[0] - 0.5 * h[0], f[1] - 0.5 * h[1], f[2] - 0.5 * h[2]], sign, p.waist);
      put(chest[k], sign, p.thorax);
      put(neck[k], sign, p.neck);
    }
    for (const s of SIDES) {
      const m = s === 'right' ? 1 : -1;
      const hip = rotationAxes(frames.pelvis.turn, at(q, `hip_flexion_${s}`), m * at(q, `hip_adduction_${s}`));
      put(hip[0], 1, p[`hip_${s}`]);
      put(hip[1], m, p[`hip_${s}`]);
      put(hip[2], m, p[`hip_${s}`]);
      const thigh = frames[`thigh_${s}`].turn,
        shank = frames[`shank_${s}`].turn;
      put([thigh[2], thigh[5], thigh[8]], -1, p[`shin_${s}`]);
      put([shank[1], shank[4], shank[7]], m, p[`shin_${s}`]);
      const ankle = rotationAxes(shank, at(q, `ankle_dorsiflexion_${s}`), 0);
      put(ankle[0], 1, p[`ankle_${s}`]);
      put(ankle[1], m, p[`ankle_${s}`]);
      put([1, 0, 0], 1, p[`shoulder_${s}`]);
      put([0, 1, 0], 1, p[`shoulder_${s}`]);
      put([0, 0, 1], 1, p[`shoulder_${s}`]);
      put(hingeOf(p[`shoulder_${s}`], p[`elbow_${s}`], p[`wrist_${s}`]), 1, p[`elbow_${s}`]);
    }
  }

  /**
   * Adds `times` × the generalised force of a force (newtons) at a point of a part: N for the first three, then N·m.
   */
  push(part: BodyPart, at: Vec3, force: Vec3, out: Float64Array, times = 1): void {
    const fx = force[0] * times,
      fy = force[1] * times,
      fz = force[2] * times;
    out[0] += fx;
    out[1] += fy;
    out[2] += fz;
    // About the pelvis, which is at the origin of the world here.
    out[3] += at[1] * fz - at[2] * fy;
    out[4] += at[2] * fx - at[0] * fz;
    out[5] += at[0] * fy - at[1] * fx;
    const { axes, centres } = this;
    for (const turn of TURNS_OF[part]) {
      const k = 3 * turn;
      const x = at[0] - centres[k],
        y = at[1] - centres[k + 1],
        z = at[2] - centres[k + 2];
      out[FREEDOM_OF_TURN[turn]] +=
        axes[k] * (y * fz - z * fy) + axes[k + 1] * (z * fx - x * fz) + axes[k + 2] * (x * fy - y * fx);
    }
  }
}

/** Axis of the elbow: across the plane of the arm; any level one where the arm is straight. */
function hingeOf(a: Vec3, b: Vec3, c: Vec3): Vec3 {
  const u: Vec3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]],
    v: Vec3 = [c[0] - b[0], c[1] - b[1], c[2] - b[2]];
  const n: Vec3 = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
  const size = Math.hypot(...n);
  return size > 1e-6 ? [n[0] / size, n[1] / size, n[2] / size] : [0, 0, 1];
}
