import {
  add,
  dot,
  contactsOf,
  fleshOf,
  floorOf,
  LINES,
  linePaths,
  MuscleModel,
  norm,
  scale,
  skeletonOf,
  sub,
  type Build,
  type FrameName,
  type LinePath,
  type Points,
  type Posture,
  type Reach,
  type Side,
  type Skeleton,
  type Vec3,
} from '@/core/body';
import { bodyShape, type Ball, type Limb } from './flesh';
import { conePath, n, polygonPath, projector, ribbonPath, type Flat, type View } from './projection';

/** A muscle to be shown: a structure on a side with its tint. */
export interface Tint {
  structure: string;
  side: Side;
  fill: string;
  /** Drawn over the others with a heavy outline. */
  chosen?: boolean;
  /** Hidden by what stands before it, as flesh would; else it shines through. */
  solid?: boolean;
}

/** A plain solid between a point of the body and the floor, or the furniture of a test. */
export interface SceneProp {
  kind: 'block' | 'bolster' | 'blanket' | 'table' | 'wall' | 'strap' | 'chair';
  /** Point of the body it holds up or touches. */
  at: string;
  /** For straps: the hand it ends in. */
  to?: string;
  /** Another point on the same piece. */
  also?: string;
  /** For walls: where it stands. */
  side?: 'behind' | 'ahead' | 'beside';
}

/** An angle to be shown: a thin arc with its number. */
export interface AngleMark {
  vertex: string;
  /** Point of the body that the moved side points at, or its direction in the world. */
  toward: string | Vec3;
  /** World direction, or the segment whose own length continues straight on. */
  zero: Vec3 | { along: FrameName };
  label: string;
}

export interface Scene {
  posture: Posture;
  angle?: AngleMark;
  /** More angles, each with its own arc. */
  angles?: readonly AngleMark[];
  /** The student's build; the model's own without it. */
  build?: Build;
  reach?: Partial<Record<Side, Reach>>;
  props?: readonly SceneProp[];
  tints?: readonly Tint[];
  view: View;
  /** Fewer corners, for pictures the size of a thumb. */
  coarse?: boolean;
}

/** Something to paint, in order. `kind` says how: the component knows the colours. */
export interface Paint {
  kind: 'floor' | 'shadow' | 'limb' | 'flesh' | 'muscle' | 'muscle-far' | 'prop' | 'strap';
  path: string;
  fill?: string;
  /** For muscles: whose they are, so that they can be pointed at. */
  structure?: string;
  side?: Side;
  chosen?: boolean;
}

export interface Drawing {
  paints: Paint[];
  /** Bounds in metres on paper. */
  box: { x: number; y: number; width: number; height: number };
  points: Record<string, Flat>;
  angles: { arc: string; zero: string; label: string; at: Flat }[];
}

/** Thickness of drawn muscles in their middle, metres. */
const THICKNESS: Readonly<Record<string, number>> = {
  'gluteus-maximus': 0.052,
  'gluteus-medius': 0.034,
  'gluteus-minimus': 0.022,
  hamstrings: 0.032,
  'rectus-femoris': 0.044,
  vasti: 0.06,
  'adductor-magnus': 0.034,
  gastrocnemius: 0.036,
  soleus: 0.04,
  psoas: 0.028,
  iliacus: 0.034,
  'tensor-fasciae-latae': 0.024,
  piriformis: 0.024,
  'deep-external-rotators': 0.02,
  'adductors-short': 0.03,
  'ankle-dorsiflexors': 0.02,
  'erector-spinae': 0.036,
  'quadratus-lumborum': 0.034,
  'rectus-abdominis': 0.05,
  obliques: 0.046,
  sartorius: 0.018,
  gracilis: 0.018,
};

/** Muscles of the trunk and of the shin: what is behind them is told by other middles than the thigh's. */
const TRUNK = new Set(['erector-spinae', 'quadratus-lumborum', 'rectus-abdominis', 'obliques']);
const SHIN = new Set(['gastrocnemius', 'soleus', 'ankle-dorsiflexors']);

/** Structures that begin on the pelvis or the spine and end on the leg. */
const PELVIC = new Set(
  LINES.filter((l) => l.points[0].segment !== 'thigh' && l.points.at(-1)?.segment === 'thigh').map((l) => l.structure),
);

const models = new WeakMap<Build, MuscleModel>();
function modelOf(build: Build): MuscleModel {
  let model = models.get(build);
  if (!model) models.set(build, (model = new MuscleModel(build)));
  return model;
}

/** A scene worked out in space, ready to be seen from any side. */
export interface Prepared {
  scene: Scene;
  skeleton: Skeleton;
  limbs: Limb[];
  lines: LinePath[];
  floor: number;
  /** Drawn with fewer corners: a small picture, or one that is being turned. */
  light: boolean;
}

/** The costly half of drawing, which turning the figure does not change. */
export function prepare(scene: Scene): Prepared {
  const skeleton = skeletonOf(scene.posture, scene.reach, scene.build);
  const p = skeleton.points;
  const hung = scene.props?.find((q) => q.kind === 'table');
  const floor = hung ? p[hung.at][1] - 0.09 : floorOf(p, scene.reach ?? {});
  const tinted = scene.tints && scene.tints.length > 0;
  const lines = tinted ? linePaths(modelOf(skeleton.build), scene.posture, skeleton) : [];
  return { scene, skeleton, limbs: bodyShape(skeleton, scene.coarse), lines, floor, light: scene.coarse === true };
}

/** The same scene with fewer corners, for sixty pictures a second. */
export const lighter = (prepared: Prepared): Prepared =>
  prepared.light ? prepared : { ...prepared, limbs: bodyShape(prepared.skeleton, true), light: true };

/** Plain shapes of a scene, painted far to near. Metres on paper at the size of the scene's build. */
export const draw = (scene: Scene): Drawing => paint(prepare(scene), scene.view);

/** The same for a scene that is prepared, from any side. */
export function paint(prepared: Prepared, view: View): Drawing {
  const { scene, skeleton, floor } = prepared;
  const project = projector(view);
  const p = skeleton.points;
  const flat = Object.fromEntries(Object.entries(p).map(([name, at]) => [name, project(at)]));
  const paints: Paint[] = [];
  const limbs = prepared.limbs
    .map((limb) => ({ ...limb, depth: mean(flat, limb.depthOf) - limb.nudge }))
    .sort((a, b) => b.depth - a.depth);
  const trunkDepth = limbs.find((l) => l.name === 'trunk')?.depth ?? 0;

  const muscles = musclePaints(prepared, project);
  // What begins on the pelvis lies on trunk and leg alike: it is painted with the later of the two, unless the leg is on
  // the far side of the trunk and hidden by it.
  const depthOf = (name: Limb['name']): number => limbs.find((l) => l.name === name)?.depth ?? 0;
  const host = (m: Ribbon): Limb['name'] | null => {
    if (m.limb === null || !m.fromPelvis) return m.limb;
    const behind = depthOf(m.limb) - trunkDepth;
    return behind > 0 && behind < BESIDE ? 'trunk' : m.limb;
  };
  if (!prepared.light)
    for (const name of contactsOf(p, floor))
      paints.push({ kind: 'shadow', path: contactPath(p[name], fleshOf(name), floor, project) });
  for (const prop of scene.props ?? []) paints.push(...propPaints(prop, p, floor, project));
  for (const limb of limbs) {
    const path = limb.chains.map((chain) => chainPath(chain, project)).join('');
    paints.push({ kind: 'limb', path });
    // What grows out of the trunk towards the viewer loses its line where it does so.
    if (limb.root.length > 0 && limb.depth < trunkDepth)
      paints.push({ kind: 'flesh', path: chainPath(limb.root, project) });
    paints.push(...muscles.filter((m) => host(m) === limb.name).map((m) => m.paint));
  }
  paints.push(...muscles.filter((m) => m.limb === null).map((m) => m.paint));
  const xs = Object.values(flat).map((q) => q.x),
    ys = Object.values(flat).map((q) => q.y);
  const ground = project([0, floor, 0]).y;
  const left = Math.min(...xs) - 0.16,
    right = Math.max(...xs) + 0.16;
  const onTable = scene.props?.some((q) => q.kind === 'table') === true;
  if (!onTable) paints.unshift({ kind: 'floor', path: `M${n(left)} ${n(ground)}L${n(right)} ${n(ground)}` });
  const top = Math.min(...ys) - 0.14,
    bottom = Math.max(ground, ...ys.map((y) => y + 0.05)) + 0.05;
  return {
    paints,
    box: { x: left, y: top, width: right - left, height: bottom - top },
    points: flat,
    angles: [...(scene.angle ? [scene.angle] : []), ...(scene.angles ?? [])].map((a) =>
      anglePaint(a, skeleton, project),
    ),
  };
}

/** Where flesh presses on the floor: an oval a little wider than what touches. */
function contactPath(at: Vec3, flesh: number, floor: number, project: (v: Vec3) => Flat): string {
  const r = 0.75 * flesh + 0.02;
  return polygonPath(
    Array.from({ length: 16 }, (_, i) => {
      const angle = (i * Math.PI) / 8;
      return project([at[0] + r * Math.cos(angle), floor, at[2] + r * Math.sin(angle)]);
    }),
  );
}

/** A part of the body seen from near: a named point, an offset from it in the world, and half the width shown, metres. */
export interface Near {
  point: string;
  offset: Vec3;
  reach: number;
}

/** Bounds that do not change while the figure turns about the vertical: as wide as the body from its widest side. */
export function steadyBox({ skeleton, floor }: Prepared, view: View, near?: Near): Drawing['box'] {
  if (near) {
    const at = projector(view)(add(skeleton.points[near.point], near.offset));
    return { x: at.x - near.reach, y: at.y - near.reach, width: 2 * near.reach, height: 2 * near.reach };
  }
  const all = Object.values(skeleton.points);
  const middle = (k: 0 | 1 | 2): number => (Math.min(...all.map((v) => v[k])) + Math.max(...all.map((v) => v[k]))) / 2;
  const centre: Vec3 = [middle(0), middle(1), middle(2)];
  const around = Math.max(...all.map((v) => Math.hypot(v[0] - centre[0], v[2] - centre[2]))) + 0.14;
  const pitch = (Math.abs(view.pitch) * Math.PI) / 180;
  const tall = Math.max(...all.map((v) => Math.abs(v[1] - centre[1])), centre[1] - floor) + 0.14;
  const half = tall * Math.cos(pitch) + around * Math.sin(pitch);
  const at = projector(view)(centre);
  return { x: at.x - around, y: at.y - half, width: 2 * around, height: 2 * half };
}

/** A leg less far behind the trunk than this is beside it, metres. */
const BESIDE = 0.045;

/** A muscle as it is painted: with which limb (none: it shines through), and whether it begins on the pelvis. */
interface Ribbon {
  limb: Limb['name'] | null;
  fromPelvis: boolean;
  paint: Paint;
}

/**
 * Ribbons of the tinted muscles, far to near, the chosen ones last, with the limb that they are painted with: none for
 * those that shine through. What lies behind its limb's middle is marked so.
 */
function musclePaints({ scene, skeleton, lines, light }: Prepared, project: (v: Vec3) => Flat): Ribbon[] {
  if (!scene.tints || lines.length === 0) return [];
  const p = skeleton.points;
  const wanted = new Map(scene.tints.map((t) => [`${t.structure}/${t.side}`, t]));
  const middle: Record<Side, { leg: number; shin: number }> = {
    left: { leg: project(p.thigh_left).depth, shin: project(p.calf_left).depth },
    right: { leg: project(p.thigh_right).depth, shin: project(p.calf_right).depth },
  };
  const waist = project(p.waist).depth;
  return lines
    .flatMap((line) => {
      const tint = wanted.get(`${line.structure}/${line.side}`);
      if (!tint) return [];
      const { structure, side } = line;
      const flat = line.path.map(project);
      const depth = flat.reduce((s, q) => s + q.depth, 0) / flat.length;
      const axis = TRUNK.has(structure) ? waist : SHIN.has(structure) ? middle[side].shin : middle[side].leg;
      const chosen = tint.chosen === true;
      const kind: Paint['kind'] = depth > axis + 0.012 ? 'muscle-far' : 'muscle';
      const path = ribbonPath(flat, (THICKNESS[structure] ?? 0.02) * skeleton.build.girth, light ? 6 : 12);
      const limb: Limb['name'] | null = !tint.solid || chosen ? null : TRUNK.has(structure) ? 'trunk' : `leg_${side}`;
      const fromPelvis = PELVIC.has(structure);
      return [{ depth, chosen, limb, fromPelvis, paint: { kind, path, fill: tint.fill, structure, side, chosen } }];
    })
    .sort((a, b) => Number(a.chosen) - Number(b.chosen) || b.depth - a.depth)
    .map(({ limb, fromPelvis, paint: own }) => ({ limb, fromPelvis, paint: own }));
}

/** Radius of an angle's arc and reach of its zero line, metres. */
const ARC = 0.2;
const ZERO_LINE = 0.34;

function anglePaint(
  mark: AngleMark,
  { points: p, frames }: Skeleton,
  project: (v: Vec3) => Flat,
): Drawing['angles'][number] {
  const vertex = p[mark.vertex];
  const unit = (v: Vec3): Vec3 => scale(v, 1 / Math.max(1e-9, norm(v)));
  const to = unit(typeof mark.toward === 'string' ? sub(p[mark.toward], vertex) : mark.toward);
  const axis = (turn: Float64Array): Vec3 => [-turn[1], -turn[4], -turn[7]];
  const from = unit('along' in mark.zero ? axis(frames[mark.zero.along].turn) : mark.zero);
  const angle = Math.acos(Math.max(-1, Math.min(1, dot(from, to))));
  const steps = Math.max(2, Math.ceil(angle / 0.12));
  const at = (t: number, radius: number): Flat => {
    // Along the great circle from zero to the limb; a straight line stands in where both coincide.
    const s = Math.sin(angle);
    const a = s < 1e-6 ? 1 - t : Math.sin((1 - t) * angle) / s,
      b = s < 1e-6 ? t : Math.sin(t * angle) / s;
    return project(add(vertex, scale(add(scale(from, a), scale(to, b)), radius)));
  };
  const path = (points: Flat[]) => `M${points.map((q) => `${n(q.x)} ${n(q.y)}`).join('L')}`;
  return {
    arc: path(Array.from({ length: steps + 1 }, (_, i) => at(i / steps, ARC))),
    zero: path([project(vertex), at(0, ZERO_LINE)]),
    label: mark.label,
    at: at(0.5, ARC + 0.13),
  };
}

const chainPath = (chain: readonly Ball[], project: (v: Vec3) => Flat): string =>
  chain
    .slice(1)
    .map((ball, i) => conePath(project(chain[i].at), chain[i].radius, project(ball.at), ball.radius))
    .join('');

const mean = (flat: Record<string, Flat>, names: readonly string[]): number =>
  names.reduce((s, name) => s + flat[name].depth, 0) / names.length;

function propPaints(prop: SceneProp, p: Points, floor: number, project: (v: Vec3) => Flat): Paint[] {
  const own = p[prop.at];
  if (!own) return [];
  const mate = prop.also ? p[prop.also] : undefined;
  // Between two points, under the lower of them.
  const at: Vec3 = mate ? [(own[0] + mate[0]) / 2, Math.min(own[1], mate[1]), (own[2] + mate[2]) / 2] : own;
  const apart: Vec3 = mate ? [Math.abs(own[0] - mate[0]) / 2, 0, Math.abs(own[2] - mate[2]) / 2] : [0, 0, 0];
  if (prop.kind === 'strap') {
    const end = prop.to ? p[prop.to] : null;
    if (!end) return [];
    const a = project(at),
      b = project(end);
    return [{ kind: 'strap', path: `M${n(a.x)} ${n(a.y)}L${n(b.x)} ${n(b.y)}` }];
  }
  if (prop.kind === 'table') {
    const edge = p.hip_left[0] * 0.5 + p.hip_right[0] * 0.5 + 0.02;
    return [{ kind: 'prop', path: boxPath([edge - 1.05, floor - 0.06, -0.34], [edge, floor, 0.34], project) }];
  }
  if (prop.kind === 'wall') {
    const flesh = fleshOf(prop.at);
    if (prop.side === 'beside') {
      const z = at[2] + Math.sign(at[2]) * flesh;
      const deep = z + Math.sign(at[2]) * 0.04;
      return [
        {
          kind: 'prop',
          path: boxPath(
            [at[0] - 0.5, floor, Math.min(z, deep)],
            [at[0] + 0.5, floor + 1.1, Math.max(z, deep)],
            project,
          ),
        },
      ];
    }
    const ahead = prop.side === 'ahead' ? 1 : -1;
    const x = at[0] + ahead * flesh,
      deep = x + ahead * 0.04;
    return [
      { kind: 'prop', path: boxPath([Math.min(x, deep), floor, -0.4], [Math.max(x, deep), floor + 1.1, 0.4], project) },
    ];
  }
  if (prop.kind === 'chair') return chairPaints(at, fleshOf(prop.at), floor, project);
  const half = prop.kind === 'bolster' ? 0.14 : prop.kind === 'blanket' ? 0.13 : 0.07;
  const top = Math.max(floor + 0.02, at[1] - 0.8 * fleshOf(prop.at));
  return [
    {
      kind: 'prop',
      path: boxPath(
        [at[0] - half - apart[0], floor, at[2] - half * 1.3 - apart[2]],
        [at[0] + half + apart[0], top, at[2] + half * 1.3 + apart[2]],
        project,
      ),
    },
  ];
}

/** A chair whose seat is under a point: seat and four legs. */
function chairPaints(at: Vec3, flesh: number, floor: number, project: (v: Vec3) => Flat): Paint[] {
  const top = Math.max(floor + 0.1, at[1] - 0.8 * flesh);
  const [x, , z] = at;
  const half = 0.2;
  const leg = (dx: number, dz: number): Paint => ({
    kind: 'prop',
    path: boxPath([x + dx - 0.015, floor, z + dz - 0.015], [x + dx + 0.015, top - 0.03, z + dz + 0.015], project),
  });
  const near = half - 0.02;
  return [
    leg(-near, -near),
    leg(near, -near),
    leg(-near, near),
    leg(near, near),
    { kind: 'prop', path: boxPath([x - half, top - 0.03, z - half], [x + half, top, z + half], project) },
  ];
}

/** Silhouette of a box as the hull of its projected corners. */
function boxPath(a: Vec3, b: Vec3, project: (v: Vec3) => Flat): string {
  const corners: Flat[] = [];
  for (const x of [a[0], b[0]])
    for (const y of [a[1], b[1]]) for (const z of [a[2], b[2]]) corners.push(project([x, y, z]));
  corners.sort((u, v) => u.x - v.x || u.y - v.y);
  const half = (points: Flat[]): Flat[] => {
    const hull: Flat[] = [];
    for (const c of points) {
      while (hull.length >= 2) {
        const [u, v] = [hull[hull.length - 2], hull[hull.length - 1]];
        if ((v.x - u.x) * (c.y - u.y) - (v.y - u.y) * (c.x - u.x) > 0) break;
        hull.pop();
      }
      hull.push(c);
    }
    return hull.slice(0, -1);
  };
  return polygonPath([...half(corners), ...half([...corners].reverse())]);
}
