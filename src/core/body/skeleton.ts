import { sized, TYPICAL_BUILD, type Build } from './build';
import { fleshOf, floorUnder } from './contacts';
import { coordinateIndex, SIDES, type Posture, type Side } from './coordinates';
import { HAND, JOINTS } from './joints';
import { kneeShift } from './knee-function';
import type { Points, Reach } from './points';
import { add, dot, multiply, norm, place, rotationZXY, scale, sub, type Vec3 } from './vec3';

/** A segment's own frame: rotation to the world and the world place of its upper joint (pelvis: its origin). */
export interface Frame {
  turn: Float64Array;
  at: Vec3;
}
export type FrameName =
  'pelvis' | 'lower' | 'upper' | 'thorax' | 'head' | `${'thigh' | 'shank' | 'foot' | 'midfoot' | 'toes'}_${Side}`;

export interface Skeleton {
  points: Points;
  frames: Readonly<Record<FrameName, Frame>>;
  build: Build;
}

const at = (q: Posture, id: string): number => q[coordinateIndex(id)];
/**
 * Names of one side, made once: a posture is placed a thousand times for a student, and a name that is put together is
 * looked up slowly.
 */
const LANDMARKS = [
  'hip',
  'buttock',
  'hip_bone',
  'sit_bone',
  'thigh',
  'knee',
  'shin',
  'calf',
  'ankle',
  'heel',
  'arch',
  'ball',
  'toe',
] as const;
type Landmark = (typeof LANDMARKS)[number];
const namesOf = (side: Side): Readonly<Record<Landmark, string>> =>
  Object.fromEntries(LANDMARKS.map((name) => [name, `${name}_${side}`])) as Record<Landmark, string>;
const NAMES = { left: namesOf('left'), right: namesOf('right') };
const turned = (parent: Float64Array, a: number, b: number, c: number): Float64Array =>
  multiply(parent, rotationZXY(a, b, c, new Float64Array(9)), new Float64Array(9));
const ORIGIN: Vec3 = [0, 0, 0];

/**
 * Forward kinematics of the whole body: landmarks and frames in the world, metres, pelvis origin at 0. Uses the same
 * joint centres, rotation order and build as the muscle model, so what is drawn is what is computed.
 */
export function skeletonOf(q: Posture, reach: Partial<Record<Side, Reach>> = {}, build = TYPICAL_BUILD): Skeleton {
  const identity = Float64Array.of(1, 0, 0, 0, 1, 0, 0, 0, 1);
  const heading = turned(identity, 0, 0, at(q, 'pelvis_rotation'));
  const pelvis = turned(heading, -at(q, 'pelvis_tilt'), at(q, 'pelvis_list'), 0);
  const p: Points = { pelvis: ORIGIN };
  const inPelvis = (v: Vec3) => place(pelvis, sized(v, build.pelvis), ORIGIN);
  p.sacrum = inPelvis([-0.14, 0.03, 0]);
  p.pubis = inPelvis([-0.03, -0.08, 0]);
  p.lumbosacral = inPelvis(JOINTS.lumbosacral);
  const f = at(q, 'lumbar_flexion'),
    b = at(q, 'lumbar_bend'),
    r = at(q, 'lumbar_rotation');
  const lower = turned(pelvis, -f / 2, b / 2, r / 2);
  const upper = turned(pelvis, -f, b, r);
  p.waist = place(lower, sized(JOINTS.upperLumbar, build.spine), p.lumbosacral);
  const thorax = turned(upper, -at(q, 'thorax_flexion'), at(q, 'thorax_bend'), at(q, 'thorax_rotation'));
  p.thorax = place(upper, sized(JOINTS.thorax, build.spine), p.waist);
  const inThorax = (v: Vec3) => place(thorax, sized(v, build.spine), p.thorax);
  p.chest = inThorax([0.03, 0.12, 0]);
  p.back = inThorax([-0.05, 0.13, 0]);
  p['back-high'] = inThorax([-0.045, 0.19, 0]);
  p.neck = inThorax(JOINTS.neck);
  const head = turned(thorax, -at(q, 'neck_flexion'), at(q, 'neck_bend'), at(q, 'neck_rotation'));
  const inHead = (v: Vec3) => place(head, scale(v, build.head), p.neck);
  p.head = inHead([0.025, 0.155, 0]);
  p.crown = inHead([0.01, 0.2, 0]);
  p.jaw = inHead([0.075, 0.085, 0]);
  const legs = { left: leg(p, q, pelvis, 'left', build), right: leg(p, q, pelvis, 'right', build) };
  const [sx, sy, sz] = JOINTS.shoulder;
  for (const side of SIDES) {
    const m = side === 'right' ? 1 : -1;
    p[`waist_${side}`] = place(lower, sized([0.03, 0.09, 0.075 * m], build.spine), p.lumbosacral);
    p[`rib_${side}`] = inThorax([0.01, 0.05, 0.09 * m]);
    p[`shoulder_${side}`] = inThorax([sx, sy, sz * m]);
    p[`collar_${side}`] = inThorax([0.005, 0.2, 0.07 * m]);
  }
  const onFloor = SIDES.some((side) => reach[side]?.floor !== undefined);
  const floor = onFloor ? floorUnder(p, false) : 0;
  for (const side of SIDES) {
    const m = side === 'right' ? 1 : -1;
    const way = reach[side];
    if (way?.floor !== undefined) armOnFloor({ p, thorax, side, m, build }, { ...way, floor: floor + way.floor });
    else arm({ p, thorax, side, m, build }, q, way);
  }
  const frames = {
    pelvis: { turn: pelvis, at: ORIGIN },
    lower: { turn: lower, at: p.lumbosacral },
    upper: { turn: upper, at: p.waist },
    thorax: { turn: thorax, at: p.thorax },
    head: { turn: head, at: p.neck },
    ...legFrames(legs.left, p, 'left'),
    ...legFrames(legs.right, p, 'right'),
  } as Skeleton['frames'];
  return { points: p, frames, build };
}

const LEG = ['thigh', 'shank', 'foot', 'midfoot', 'toes'] as const;
const LEG_JOINT = { thigh: 'hip', shank: 'shin', foot: 'ankle', midfoot: 'arch', toes: 'ball' } as const;
type LegTurns = Record<(typeof LEG)[number], Float64Array>;

const legFrames = (turns: LegTurns, p: Points, side: Side): Record<string, Frame> =>
  Object.fromEntries(LEG.map((s) => [`${s}_${side}`, { turn: turns[s], at: p[`${LEG_JOINT[s]}_${side}`] }]));

function leg(p: Points, q: Posture, pelvis: Float64Array, side: Side, build: Build): LegTurns {
  const m = side === 'right' ? 1 : -1;
  const names = NAMES[side];
  const put = (name: Landmark, turn: Float64Array, [x, y, z]: Vec3, size: Vec3, from: Landmark | null): void => {
    p[names[name]] = place(turn, sized([x, y, z * m], size), from ? p[names[from]] : ORIGIN);
  };
  const [hx, hy, hz] = JOINTS.hip;
  put('hip', pelvis, JOINTS.hip, build.pelvis, null);
  put('buttock', pelvis, [hx - 0.045, hy - 0.005, hz * 0.85], build.pelvis, null);
  put('hip_bone', pelvis, [-0.0153, -0.0013, 0.1242], build.pelvis, null);
  put('sit_bone', pelvis, [-0.124, -0.115, 0.058], build.pelvis, null);
  const thigh = turned(
    pelvis,
    at(q, `hip_flexion_${side}`),
    m * at(q, `hip_adduction_${side}`),
    m * at(q, `hip_rotation_${side}`),
  );
  put('thigh', thigh, [0.008, -0.16, 0.012], build.thigh, 'hip');
  put('knee', thigh, JOINTS.knee, build.thigh, 'hip');
  const flexion = at(q, `knee_flexion_${side}`);
  const shift = kneeShift(flexion);
  // The shin's own frame begins where the thigh bone touches it now.
  put('shin', thigh, [JOINTS.knee[0] + shift.forward, JOINTS.knee[1] + shift.upward, 0], build.thigh, 'hip');
  const bent = turned(thigh, -flexion, 0, 0);
  const shank = turned(bent, 0, 0, m * at(q, `knee_rotation_${side}`));
  put('calf', shank, [-0.022, -0.12, 0], build.shank, 'shin');
  put('ankle', shank, JOINTS.ankle, build.shank, 'shin');
  const foot = turned(shank, at(q, `ankle_dorsiflexion_${side}`), m * at(q, `ankle_inversion_${side}`), 0);
  const midfoot = turned(foot, at(q, `instep_dorsiflexion_${side}`), 0, 0);
  const toes = turned(midfoot, at(q, `toe_extension_${side}`), 0, 0);
  const { instep, toes: ball } = JOINTS;
  put('heel', foot, [-0.045, -0.035, 0], build.foot, 'ankle');
  put('arch', foot, instep, build.foot, 'ankle');
  put('ball', midfoot, [ball[0] - instep[0], ball[1] - instep[1], 0], build.foot, 'arch');
  put('toe', toes, [0.05, -0.012, 0], build.foot, 'ball');
  return { thigh, shank, foot, midfoot, toes };
}

/** Lengths of upper arm, forearm and hand, metres. */
const armLengths = (build: Build) => ({
  upperArm: -JOINTS.elbow[1] * build.arm,
  forearm: -JOINTS.wrist[1] * build.arm,
  hand: HAND * build.arm,
});

/**
 * Two-bone reach by the law of cosines, the elbow to the side of `pole`. Sets elbow and wrist; too far is stretched
 * out.
 */
function bendTo(p: Points, side: Side, goal: Vec3, pole: Vec3, build: Build): void {
  const { upperArm, forearm } = armLengths(build);
  const shoulder = p[`shoulder_${side}`];
  const way = sub(goal, shoulder);
  const distance = Math.max(1e-6, norm(way));
  const along = scale(way, 1 / distance);
  const reachable = Math.min(distance, upperArm + forearm - 1e-4);
  const c = (upperArm ** 2 + reachable ** 2 - forearm ** 2) / (2 * upperArm * reachable);
  const bend = sub(pole, scale(along, dot(pole, along)));
  const sine = Math.sqrt(Math.max(0, 1 - c * c));
  p[`elbow_${side}`] = add(
    shoulder,
    add(scale(along, upperArm * c), scale(bend, (upperArm * sine) / Math.max(1e-6, norm(bend)))),
  );
  p[`wrist_${side}`] = add(shoulder, scale(along, reachable));
}

/** Elbows point back, down and outwards of the chest unless told otherwise. */
const POLE: Vec3 = [-0.6, -0.5, 0.6];
const poleOf = (thorax: Float64Array, way: Reach, m: number): Vec3 => {
  const [x, y, z] = way.elbow ?? POLE;
  return place(thorax, [x, y, z * m], ORIGIN);
};

/** Where the wrist of a reaching hand is to be, metres in the world; it may be farther than the arm is long. */
export function reachGoal({ points: p, build }: Skeleton, side: Side, way: Reach): Vec3 {
  const [x, y, z] = add(p[way.to] ?? p[`shoulder_${side}`], scale(way.offset ?? ORIGIN, build.arm));
  if (way.floor === undefined) return [x, y, z];
  const level = floorUnder(p, false) + way.floor;
  if (!way.forearm) return [x, level + fleshOf('wrist') * build.girth, z];
  const [wx, , wz] = p[`wrist_${side}`];
  return [wx, level + fleshOf('wrist'), wz];
}

/**
 * Level direction in which fingers on the floor point: where the head does, to the front where the trunk stands
 * upright.
 */
function aheadOf(thorax: Float64Array): Vec3 {
  const headward: Vec3 = [thorax[1], 0, thorax[7]];
  const level = norm(headward) > 0.35 ? headward : ([thorax[0], 0, thorax[6]] as Vec3);
  return scale(level, 1 / Math.max(1e-6, norm(level)));
}

/** What an arm hangs on: the points so far, the turn of the chest, the side and its sign across the body. */
interface Shoulder {
  p: Points;
  thorax: Float64Array;
  side: Side;
  m: number;
  build: Build;
}

/** A palm or a forearm laid on something level at the height `way.floor` of the world. */
function armOnFloor({ p, thorax, side, m, build }: Shoulder, way: Reach & { floor: number }): void {
  const { upperArm, forearm, hand } = armLengths(build);
  const shoulder = p[`shoulder_${side}`];
  const [x, , z] = add(p[way.to] ?? shoulder, scale(way.offset ?? ORIGIN, build.arm));
  const ahead = aheadOf(thorax);
  if (way.forearm) {
    const y = way.floor + fleshOf('elbow') * build.girth;
    const off: Vec3 = [x - shoulder[0], 0, z - shoulder[2]];
    // The upper arm reaches from the shoulder to the floor; how far aside follows from its length.
    const drop = shoulder[1] - y;
    const aside = Math.sqrt(Math.max(0, upperArm ** 2 - drop ** 2));
    const out = norm(off) > 1e-6 ? scale(off, aside / norm(off)) : scale(ahead, aside);
    const elbow: Vec3 = [shoulder[0] + out[0], shoulder[1] - Math.min(drop, upperArm), shoulder[2] + out[2]];
    p[`elbow_${side}`] = elbow;
    p[`wrist_${side}`] = add(elbow, add(scale(ahead, forearm), [0, way.floor + fleshOf('wrist') - y, 0]));
  } else bendTo(p, side, [x, way.floor + fleshOf('wrist') * build.girth, z], poleOf(thorax, way, m), build);
  p[`hand_${side}`] = add(p[`wrist_${side}`], scale(ahead, hand * 0.7));
}

function arm({ p, thorax, side, m, build }: Shoulder, q: Posture, reach: Reach | undefined): void {
  const shoulder = p[`shoulder_${side}`];
  const { upperArm, forearm, hand } = armLengths(build);
  if (reach) {
    const goal = add(p[reach.to] ?? shoulder, scale(reach.offset ?? ORIGIN, build.arm));
    bendTo(p, side, goal, poleOf(thorax, reach, m), build);
    const fore = reach.bears ? aheadOf(thorax) : sub(p[`wrist_${side}`], p[`elbow_${side}`]);
    p[`hand_${side}`] = add(p[`wrist_${side}`], scale(fore, (hand * 0.7) / norm(fore)));
    return;
  }
  const upper = turned(
    thorax,
    at(q, `shoulder_flexion_${side}`),
    m * at(q, `shoulder_adduction_${side}`),
    m * at(q, `shoulder_rotation_${side}`),
  );
  p[`elbow_${side}`] = place(upper, [0, -upperArm, 0], shoulder);
  const fore = turned(upper, at(q, `elbow_flexion_${side}`), 0, 0);
  p[`wrist_${side}`] = place(fore, [0, -forearm, 0], p[`elbow_${side}`]);
  const palm = turned(fore, at(q, `wrist_flexion_${side}`), 0, 0);
  p[`hand_${side}`] = place(palm, [0, -hand, 0], p[`wrist_${side}`]);
}
