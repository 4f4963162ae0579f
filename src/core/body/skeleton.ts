import { coordinateIndex, SIDES, type Posture, type Side } from './coordinates';
import { JOINTS } from './muscle-model';
import { add, multiply, norm, place, rotationZXY, scale, sub, type Vec3 } from './vec3';

/** Height in metres of the person the geometry was recalled for; everything is scaled from it. */
export const MODEL_HEIGHT = 1.75;
const UPPER_ARM = 0.3;
const FOREARM = 0.26;
const HAND = 0.1;

/** Named points of the body in the world: metres, y up, floor not yet at 0. */
export type Points = Record<string, Vec3>;

/** Where a hand goes: a named point of the body plus an offset in metres, or free by the arm's own angles. */
export interface Reach {
  to: string;
  offset?: Vec3;
}

/** A segment's own frame: rotation to the world and the world place of its upper joint (pelvis: its origin). */
export interface Frame {
  turn: Float64Array;
  at: Vec3;
}
export type FrameName = 'pelvis' | 'lower' | 'thorax' | 'head' | `${'thigh' | 'shank' | 'foot'}_${Side}`;

export interface Skeleton {
  points: Points;
  frames: Readonly<Record<FrameName, Frame>>;
}

const at = (q: Posture, id: string): number => q[coordinateIndex(id)];
const turned = (parent: Float64Array, a: number, b: number, c: number): Float64Array =>
  multiply(parent, rotationZXY(a, b, c, new Float64Array(9)), new Float64Array(9));
const ORIGIN: Vec3 = [0, 0, 0];

/**
 * Forward kinematics of the whole body. Points at the size of `MODEL_HEIGHT`, pelvis origin at 0. Uses the same joint
 * centres and rotation order as the muscle model, so what is drawn is what is computed.
 */
export function skeletonOf(q: Posture, reach: Partial<Record<Side, Reach>> = {}): Skeleton {
  const identity = Float64Array.of(1, 0, 0, 0, 1, 0, 0, 0, 1);
  const heading = turned(identity, 0, 0, at(q, 'pelvis_rotation'));
  const pelvis = turned(heading, -at(q, 'pelvis_tilt'), at(q, 'pelvis_list'), 0);
  const p: Points = { pelvis: ORIGIN };
  p.sacrum = place(pelvis, [-0.14, 0.03, 0], ORIGIN);
  p.pubis = place(pelvis, [-0.03, -0.08, 0], ORIGIN);
  p.lumbosacral = place(pelvis, JOINTS.lumbosacral, ORIGIN);
  const f = at(q, 'lumbar_flexion'),
    b = at(q, 'lumbar_bend'),
    r = at(q, 'lumbar_rotation');
  const lower = turned(pelvis, -f / 2, b / 2, r / 2);
  const upper = turned(pelvis, -f, b, r);
  p.waist = place(lower, JOINTS.upperLumbar, p.lumbosacral);
  const thorax = turned(upper, -at(q, 'thorax_flexion'), at(q, 'thorax_bend'), at(q, 'thorax_rotation'));
  p.thorax = place(upper, [0.022, 0.08, 0], p.waist);
  p.chest = place(thorax, [0.03, 0.12, 0], p.thorax);
  p.back = place(thorax, [-0.05, 0.13, 0], p.thorax);
  p.neck = place(thorax, [0.005, 0.24, 0], p.thorax);
  const head = turned(thorax, -at(q, 'neck_flexion'), at(q, 'neck_bend'), at(q, 'neck_rotation'));
  p.head = place(head, [0.025, 0.155, 0], p.neck);
  p.crown = place(head, [0.01, 0.2, 0], p.neck);
  p.jaw = place(head, [0.075, 0.085, 0], p.neck);
  const legs = { left: leg(p, q, pelvis, 'left'), right: leg(p, q, pelvis, 'right') };
  for (const side of SIDES) {
    const m = side === 'right' ? 1 : -1;
    p[`waist_${side}`] = place(lower, [0.03, 0.09, 0.075 * m], p.lumbosacral);
    p[`rib_${side}`] = place(thorax, [0.01, 0.05, 0.09 * m], p.thorax);
    p[`shoulder_${side}`] = place(thorax, [0.0, 0.195, 0.165 * m], p.thorax);
    p[`collar_${side}`] = place(thorax, [0.005, 0.2, 0.07 * m], p.thorax);
    arm(p, q, thorax, side, m, reach[side]);
  }
  const frames: Skeleton['frames'] = {
    pelvis: { turn: pelvis, at: ORIGIN },
    lower: { turn: lower, at: p.lumbosacral },
    thorax: { turn: thorax, at: p.thorax },
    head: { turn: head, at: p.neck },
    thigh_left: { turn: legs.left.thigh, at: p.hip_left },
    thigh_right: { turn: legs.right.thigh, at: p.hip_right },
    shank_left: { turn: legs.left.shank, at: p.knee_left },
    shank_right: { turn: legs.right.shank, at: p.knee_right },
    foot_left: { turn: legs.left.foot, at: p.ankle_left },
    foot_right: { turn: legs.right.foot, at: p.ankle_right },
  };
  return { points: p, frames };
}

function leg(p: Points, q: Posture, pelvis: Float64Array, side: Side) {
  const m = side === 'right' ? 1 : -1;
  const [hx, hy, hz] = JOINTS.hip;
  p[`hip_${side}`] = place(pelvis, [hx, hy, hz * m], ORIGIN);
  p[`buttock_${side}`] = place(pelvis, [hx - 0.045, hy - 0.005, hz * m * 0.85], ORIGIN);
  const thigh = turned(
    pelvis,
    at(q, `hip_flexion_${side}`),
    m * at(q, `hip_adduction_${side}`),
    m * at(q, `hip_rotation_${side}`),
  );
  p[`thigh_${side}`] = place(thigh, [0.008, -0.16, 0.012 * m], p[`hip_${side}`]);
  p[`knee_${side}`] = place(thigh, [0.0, -0.405, 0], p[`hip_${side}`]);
  const shank = turned(thigh, -at(q, `knee_flexion_${side}`), 0, 0);
  p[`calf_${side}`] = place(shank, [-0.022, -0.12, 0], p[`knee_${side}`]);
  p[`ankle_${side}`] = place(shank, JOINTS.ankle, p[`knee_${side}`]);
  const foot = turned(shank, at(q, `ankle_dorsiflexion_${side}`), m * at(q, `ankle_inversion_${side}`), 0);
  p[`heel_${side}`] = place(foot, [-0.045, -0.035, 0], p[`ankle_${side}`]);
  p[`ball_${side}`] = place(foot, [0.12, -0.05, 0], p[`ankle_${side}`]);
  p[`toe_${side}`] = place(foot, [0.175, -0.055, 0], p[`ankle_${side}`]);
  return { thigh, shank, foot };
}

function arm(p: Points, q: Posture, thorax: Float64Array, side: Side, m: number, reach: Reach | undefined): void {
  const shoulder = p[`shoulder_${side}`];
  if (reach) {
    const goal = add(p[reach.to] ?? shoulder, reach.offset ?? ORIGIN);
    const way = sub(goal, shoulder);
    const distance = Math.max(1e-6, norm(way));
    const along = scale(way, 1 / distance);
    const reachable = Math.min(distance, UPPER_ARM + FOREARM - 1e-4);
    // Two-bone reach by the law of cosines; the elbow points back and outwards of the chest.
    const c = (UPPER_ARM ** 2 + reachable ** 2 - FOREARM ** 2) / (2 * UPPER_ARM * reachable);
    const pole = place(thorax, [-0.6, -0.5, 0.6 * m], ORIGIN);
    const inWay = pole[0] * along[0] + pole[1] * along[1] + pole[2] * along[2];
    const bend = sub(pole, scale(along, inWay));
    const sine = Math.sqrt(Math.max(0, 1 - c * c));
    p[`elbow_${side}`] = add(
      shoulder,
      add(scale(along, UPPER_ARM * c), scale(bend, (UPPER_ARM * sine) / Math.max(1e-6, norm(bend)))),
    );
    const wrist = add(shoulder, scale(along, reachable));
    p[`wrist_${side}`] = wrist;
    const fore = sub(wrist, p[`elbow_${side}`]);
    p[`hand_${side}`] = add(wrist, scale(fore, (HAND * 0.7) / norm(fore)));
    return;
  }
  const upper = turned(
    thorax,
    at(q, `shoulder_flexion_${side}`),
    m * at(q, `shoulder_adduction_${side}`),
    m * at(q, `shoulder_rotation_${side}`),
  );
  p[`elbow_${side}`] = place(upper, [0, -UPPER_ARM, 0], shoulder);
  const fore = turned(upper, at(q, `elbow_flexion_${side}`), 0, 0);
  p[`wrist_${side}`] = place(fore, [0, -FOREARM, 0], p[`elbow_${side}`]);
  p[`hand_${side}`] = place(fore, [0, -FOREARM - HAND, 0], p[`elbow_${side}`]);
}

/** Radius of flesh round the points that may touch the floor, metres. */
const FLESH: Readonly<Record<string, number>> = {
  sacrum: 0.05,
  buttock: 0.085,
  knee: 0.05,
  ankle: 0.035,
  heel: 0.032,
  ball: 0.024,
  toe: 0.016,
  calf: 0.05,
  thigh: 0.075,
  back: 0.06,
  head: 0.1,
  elbow: 0.036,
  wrist: 0.026,
  hand: 0.02,
  chest: 0.085,
  shoulder: 0.055,
  pubis: 0.05,
};
export const fleshOf = (point: string): number => FLESH[point.replace(/_(left|right)$/, '')] ?? 0;

/** Height of the floor: the lowest flesh of the body, metres. Arms that reach for something do not count. */
export function floorUnder(points: Points, hands: boolean): number {
  let floor = Infinity;
  for (const [name, at3] of Object.entries(points)) {
    if (!hands && /^(elbow|wrist|hand)/.test(name)) continue;
    const r = fleshOf(name);
    if (r > 0) floor = Math.min(floor, at3[1] - r);
  }
  return floor;
}
