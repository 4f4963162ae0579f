import {
  add,
  dot,
  floorUnder,
  linePaths,
  MuscleModel,
  norm,
  scale,
  skeletonOf,
  sub,
  type FrameName,
  type Points,
  type Posture,
  type Reach,
  type Side,
  type Skeleton,
  type Vec3,
} from '@/core/body';
import { bodyShape, type Ball } from './flesh';
import { conePath, polygonPath, projector, ribbonPath, type Flat, type View } from './projection';

/** A muscle to be shown: a structure on a side with its tint. */
export interface Tint {
  structure: string;
  side: Side;
  fill: string;
}

/** A plain solid between a point of the body and the floor, or the furniture of a test. */
export interface SceneProp {
  kind: 'block' | 'bolster' | 'blanket' | 'table' | 'wall' | 'strap';
  /** Point of the body it holds up or touches. */
  at: string;
  /** For straps: the hand it ends in. */
  to?: string;
}

/** An angle to be shown: a thin arc with its number. */
export interface AngleMark {
  vertex: string;
  toward: string;
  /** World direction, or the segment whose own length continues straight on. */
  zero: Vec3 | { along: FrameName };
  label: string;
}

export interface Scene {
  posture: Posture;
  angle?: AngleMark;
  reach?: Partial<Record<Side, Reach>>;
  props?: readonly SceneProp[];
  tints?: readonly Tint[];
  view: View;
  /** Fewer corners, for pictures the size of a thumb. */
  coarse?: boolean;
}

/** Something to paint, in order. `kind` says how: the component knows the colours. */
export interface Paint {
  kind: 'floor' | 'limb' | 'flesh' | 'muscle' | 'muscle-far' | 'prop' | 'strap';
  path: string;
  fill?: string;
}

export interface Drawing {
  paints: Paint[];
  /** Bounds in metres on paper. */
  box: { x: number; y: number; width: number; height: number };
  points: Record<string, Flat>;
  angle?: { arc: string; zero: string; label: string; at: Flat };
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
};

const muscles = new MuscleModel();

/** Plain shapes of a scene, painted far to near. Metres on paper at model size. */
export function draw(scene: Scene): Drawing {
  const skeleton = skeletonOf(scene.posture, scene.reach);
  const project = projector(scene.view);
  const p = skeleton.points;
  const hung = scene.props?.find((q) => q.kind === 'table');
  const floor = hung ? p[hung.at][1] - 0.09 : floorUnder(p, Object.keys(scene.reach ?? {}).length === 0);
  const flat = Object.fromEntries(Object.entries(p).map(([name, at]) => [name, project(at)]));
  const paints: Paint[] = [];
  const limbs = bodyShape(skeleton, scene.coarse)
    .map((limb) => ({ ...limb, depth: mean(flat, limb.depthOf) - limb.nudge }))
    .sort((a, b) => b.depth - a.depth);
  const trunkDepth = limbs.find((l) => l.name === 'trunk')?.depth ?? 0;

  for (const prop of scene.props ?? []) paints.push(...propPaints(prop, p, floor, project));
  for (const limb of limbs) {
    const path = limb.chains.map((chain) => chainPath(chain, project)).join('');
    paints.push({ kind: 'limb', path });
    // What grows out of the trunk towards the viewer loses its line where it does so.
    if (limb.root.length > 0 && limb.depth < trunkDepth)
      paints.push({ kind: 'flesh', path: chainPath(limb.root, project) });
  }
  if (scene.tints && scene.tints.length > 0) {
    const wanted = new Map(scene.tints.map((t) => [`${t.structure}/${t.side}`, t.fill]));
    for (const { structure, side, path } of linePaths(muscles, scene.posture, skeleton)) {
      const fill = wanted.get(`${structure}/${side}`);
      if (!fill) continue;
      const flatPath = path.map(project);
      const axis = project(p[`thigh_${side}`]).depth;
      const far = flatPath.reduce((s, q) => s + q.depth, 0) / flatPath.length > axis + 0.012;
      paints.push({
        kind: far ? 'muscle-far' : 'muscle',
        path: ribbonPath(flatPath, THICKNESS[structure] ?? 0.02),
        fill,
      });
    }
  }
  const xs = Object.values(flat).map((q) => q.x),
    ys = Object.values(flat).map((q) => q.y);
  const ground = project([0, floor, 0]).y;
  const left = Math.min(...xs) - 0.16,
    right = Math.max(...xs) + 0.16;
  if (!hung) paints.unshift({ kind: 'floor', path: `M${left} ${ground}L${right} ${ground}` });
  const top = Math.min(...ys) - 0.14,
    bottom = Math.max(ground, ...ys.map((y) => y + 0.05)) + 0.05;
  return {
    paints,
    box: { x: left, y: top, width: right - left, height: bottom - top },
    points: flat,
    ...(scene.angle ? { angle: anglePaint(scene.angle, skeleton, project) } : {}),
  };
}

/** Radius of an angle's arc and reach of its zero line, metres. */
const ARC = 0.2;
const ZERO_LINE = 0.34;

function anglePaint(
  mark: AngleMark,
  { points: p, frames }: Skeleton,
  project: (v: Vec3) => Flat,
): NonNullable<Drawing['angle']> {
  const vertex = p[mark.vertex];
  const unit = (v: Vec3): Vec3 => scale(v, 1 / Math.max(1e-9, norm(v)));
  const to = unit(sub(p[mark.toward], vertex));
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
  const path = (points: Flat[]) => `M${points.map((q) => `${q.x} ${q.y}`).join('L')}`;
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
  const at = p[prop.at];
  if (!at) return [];
  if (prop.kind === 'strap') {
    const end = prop.to ? p[prop.to] : null;
    if (!end) return [];
    const a = project(at),
      b = project(end);
    return [{ kind: 'strap', path: `M${a.x} ${a.y}L${b.x} ${b.y}` }];
  }
  if (prop.kind === 'table') {
    const edge = p.hip_left[0] * 0.5 + p.hip_right[0] * 0.5 + 0.02;
    return [{ kind: 'prop', path: boxPath([edge - 1.05, floor - 0.06, -0.34], [edge, floor, 0.34], project) }];
  }
  if (prop.kind === 'wall') {
    const x = at[0] - 0.06;
    return [{ kind: 'prop', path: boxPath([x - 0.04, floor, -0.4], [x, floor + 1.1, 0.4], project) }];
  }
  const half = prop.kind === 'bolster' ? 0.14 : prop.kind === 'blanket' ? 0.13 : 0.07;
  const top = Math.max(floor + 0.02, at[1] - 0.05);
  return [
    {
      kind: 'prop',
      path: boxPath([at[0] - half, floor, at[2] - half * 1.3], [at[0] + half, top, at[2] + half * 1.3], project),
    },
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
