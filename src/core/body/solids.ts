import { fleshOf } from './contacts';
import { SIDES } from './coordinates';
import type { Skeleton } from './skeleton';
import { dot, mix, norm, sub, type Vec3 } from './vec3';

/**
 * What of a limb gives no way: flesh can be pressed flat, bone and tendon cannot. Tapered rods between landmarks, their
 * radii about two thirds of the drawn flesh, metres at model size (ours).
 */
export interface Rod {
  name: string;
  from: Vec3;
  to: Vec3;
  r0: number;
  r1: number;
}

const RODS = [
  ['thigh', 'hip', 'knee', 0.052, 0.04],
  ['shank', 'knee', 'ankle', 0.038, 0.024],
  ['foot', 'heel', 'toe', 0.02, 0.01],
  ['upper-arm', 'shoulder', 'elbow', 0.03, 0.024],
  ['forearm', 'elbow', 'wrist', 0.024, 0.016],
] as const;

/** The rods of a body; names end in the side where there are two. */
export function rodsOf({ points: p, build }: Pick<Skeleton, 'points' | 'build'>): Rod[] {
  const g = build.girth;
  const hips = mix(p.hip_left, p.hip_right, 0.5);
  return [
    { name: 'pelvis', from: mix(p.hip_left, hips, 0.35), to: mix(p.hip_right, hips, 0.35), r0: 0.06 * g, r1: 0.06 * g },
    { name: 'belly', from: p.lumbosacral, to: p.thorax, r0: 0.06 * g, r1: 0.06 * g },
    { name: 'chest', from: p.thorax, to: mix(p.thorax, p.neck, 0.8), r0: 0.08 * g, r1: 0.08 * g },
    { name: 'head', from: p.neck, to: p.head, r0: 0.04 * build.head, r1: 0.075 * build.head },
    ...SIDES.flatMap((side) =>
      RODS.map(([name, from, to, r0, r1]) => ({
        name: `${name}_${side}`,
        from: p[`${from}_${side}`],
        to: p[`${to}_${side}`],
        r0: r0 * g,
        r1: r1 * g,
      })),
    ),
  ];
}

/**
 * Pairs that are joined, or lie on each other in any body: they cannot meet wrongly. `#` stands for one and the same
 * side.
 */
const JOINED = new Set([
  'pelvis belly',
  'belly chest',
  'chest head',
  'pelvis chest',
  'pelvis thigh',
  'thigh shank#',
  'shank foot#',
  'thigh foot#',
  'chest upper-arm',
  'upper-arm forearm#',
  'head upper-arm',
  'belly upper-arm',
  'belly thigh',
]);

const bare = (name: string) => name.replace(/_(left|right)$/, '');
const joined = (a: Rod, b: Rod): boolean => {
  const key = `${bare(a.name)} ${bare(b.name)}`;
  return JOINED.has(key) || (JOINED.has(`${key}#`) && a.name.split('_')[1] === b.name.split('_')[1]);
};

let pairs: [number, number][] | null = null;
function pairsOf(rods: readonly Rod[]): [number, number][] {
  if (pairs) return pairs;
  const out: [number, number][] = [];
  for (let i = 0; i < rods.length; i++)
    for (let j = i + 1; j < rods.length; j++)
      if (!joined(rods[i], rods[j]) && !joined(rods[j], rods[i])) out.push([i, j]);
  return (pairs = out);
}

/** Free distance of every pair that could meet, metres; always in the same order. */
export function clearancesOf(skeleton: Pick<Skeleton, 'points' | 'build'>): Float64Array {
  const rods = rodsOf(skeleton);
  return Float64Array.from(pairsOf(rods), ([i, j]) => clearance(rods[i], rods[j]));
}

/** Names of the pairs in the order of `clearancesOf`. */
export function clearancePairs(skeleton: Pick<Skeleton, 'points' | 'build'>): (readonly [string, string])[] {
  const rods = rodsOf(skeleton);
  return pairsOf(rods).map(([i, j]) => [rods[i].name, rods[j].name]);
}

/** Flesh round the axis of a limb that something leans on, metres at model size. */
const THICK: Readonly<Record<string, number>> = {
  thigh: 0.06,
  shank: 0.042,
  foot: 0.025,
  forearm: 0.03,
  'upper-arm': 0.038,
  chest: 0.1,
  belly: 0.1,
  pelvis: 0.09,
};

/** Free distance from the middle of a landmark to a limb's skin, or to another landmark's; metres. */
export function rodGap(skeleton: Pick<Skeleton, 'points' | 'build'>, point: string, limb: string): number {
  const at = skeleton.points[point];
  const bare = limb.replace(/_(left|right)$/, '');
  const rod = bare in THICK ? rodsOf(skeleton).find((r) => r.name === limb) : undefined;
  if (!rod) return norm(sub(at, skeleton.points[limb])) - fleshOf(limb);
  const way = sub(rod.to, rod.from);
  const t = Math.min(1, Math.max(0, dot(sub(at, rod.from), way) / Math.max(1e-12, dot(way, way))));
  return norm(sub(at, mix(rod.from, rod.to, t))) - (THICK[bare] ?? 0) * skeleton.build.girth;
}

export interface Overlap {
  between: readonly [string, string];
  /** Metres by which the two go into each other. */
  depth_m: number;
}

/** Limbs that pass through each other or through the trunk, deepest first; only by more than `over` metres. */
export function overlapsOf(skeleton: Pick<Skeleton, 'points' | 'build'>, over = 0.005): Overlap[] {
  const rods = rodsOf(skeleton);
  const out: Overlap[] = [];
  for (const [i, j] of pairsOf(rods)) {
    const depth_m = -clearance(rods[i], rods[j]);
    if (depth_m > over) out.push({ between: [rods[i].name, rods[j].name], depth_m });
  }
  return out.sort((a, b) => b.depth_m - a.depth_m);
}

/** Free distance between two tapered rods, metres, at the nearest places of their axes; below 0 where they overlap. */
function clearance(a: Rod, b: Rod): number {
  // Nearest points of two segments (Ericson, Real-Time Collision Detection 2005, 5.1.9).
  const u = sub(a.to, a.from),
    v = sub(b.to, b.from),
    w = sub(a.from, b.from);
  const uu = dot(u, u),
    vv = dot(v, v),
    uv = dot(u, v),
    uw = dot(u, w),
    vw = dot(v, w);
  const clamp = (t: number) => Math.min(1, Math.max(0, t));
  const det = uu * vv - uv * uv;
  let s = det > 1e-12 ? clamp((uv * vw - vv * uw) / det) : 0;
  const t = clamp((uv * s + vw) / Math.max(1e-12, vv));
  s = clamp((uv * t - uw) / Math.max(1e-12, uu));
  const gap = sub(mix(a.from, a.to, s), mix(b.from, b.to, t));
  return norm(gap) - (a.r0 + (a.r1 - a.r0) * s) - (b.r0 + (b.r1 - b.r0) * t);
}
