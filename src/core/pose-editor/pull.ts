import {
  add,
  COORDINATES,
  coordinateIndex,
  DEG,
  fleshOf,
  norm,
  skeletonOf,
  sub,
  type Build,
  type Points,
  type Posture,
  type Reach,
  type Side,
  type Vec3,
} from '@/core/body';
import { solveLinear } from '@/core/poses/settling/solve-linear';

/**
 * Pulling a landmark to a place: the least turn of the joints that carry it there while what bears stays where it is.
 * Damped least squares (Levenberg–Marquardt, for arms of robots Wampler 1986), derivatives by differences, joint limits
 * by clamping.
 */

/**
 * Metres and degrees that cost one in the sum of squares. Ours: the hand's own error on a screen, and an even share of
 * joints.
 */
const MISS = 0.004;
const SLIP = 0.0006;
const TURN_DEG = 20;
/** Legs and pelvis give way beside the pulled limb only where something is to stay put; they cost more. */
const FOLLOW_DEG = 9;
/** Turning and tilting aside comes after folding; a carried pelvis hardly tilts. */
const ASIDE_DEG = 2.5;
const FOLD = /^(hip_flexion|knee_flexion|ankle_dorsiflexion|pelvis_tilt)/;
const UPRIGHT_DEG = 1;
/** A spine shares its bending: far from straight in one part costs, degrees. */
const SPINE_DEG = 60;
const ROUNDS = 8;
/** Longest turn of a joint in a round, and the gain below which another round is not worth it. */
const LONGEST = 25 * DEG;
const ENOUGH = 0.02;
const STEP = 0.05 * DEG;
/** Bend that a straight hinge begins with. */
const BENDS = 6 * DEG;

const LIMB = (side: Side, names: readonly string[]): string[] => names.map((n) => `${n}_${side}`);
const TRUNK = [
  'lumbar_flexion',
  'lumbar_bend',
  'lumbar_rotation',
  'thorax_flexion',
  'thorax_bend',
  'thorax_rotation',
] as const;
const HIP = ['hip_flexion', 'hip_adduction', 'hip_rotation'] as const;

/** Landmarks that can be pulled, with the joints that each moves first. */
const CHAINS: Readonly<Record<string, (side: Side) => string[]>> = {
  knee: (s) => LIMB(s, HIP),
  ankle: (s) => LIMB(s, [...HIP, 'knee_flexion']),
  ball: (s) => LIMB(s, ['ankle_dorsiflexion', 'ankle_inversion']),
  toe: (s) => LIMB(s, ['toe_extension']),
  elbow: (s) => LIMB(s, ['shoulder_flexion', 'shoulder_adduction']),
  wrist: (s) => LIMB(s, ['shoulder_flexion', 'shoulder_adduction', 'shoulder_rotation', 'elbow_flexion']),
  neck: () => [...TRUNK],
  crown: () => ['neck_flexion', 'neck_bend', 'neck_rotation'],
  pelvis: () => [],
  pubis: () => ['pelvis_tilt', 'pelvis_list', 'pelvis_rotation'],
};

/** Every landmark that can be pulled, by its real name. */
export const PULLED: readonly string[] = Object.keys(CHAINS).flatMap((name) =>
  ['neck', 'crown', 'pelvis', 'pubis'].includes(name) ? [name] : [`${name}_left`, `${name}_right`],
);

const LEGS = (['left', 'right'] as const).flatMap((s) =>
  LIMB(s, [...HIP, 'knee_flexion', 'ankle_dorsiflexion', 'ankle_inversion']),
);
const ROOT = ['pelvis_tilt', 'pelvis_list', 'pelvis_rotation'] as const;

const bareOf = (name: string): string => name.replace(/_(left|right)$/, '');
const sideOf = (name: string): Side => (name.endsWith('_left') ? 'left' : 'right');

/** Landmarks of a limb that go along when one of them is pulled: these cannot be held meanwhile. */
const ALONG: Readonly<Record<string, readonly string[]>> = {
  knee: ['knee'],
  ankle: ['ankle', 'heel', 'ball', 'toe', 'calf'],
  ball: ['ball', 'toe'],
  toe: ['toe'],
  wrist: ['wrist', 'hand', 'elbow'],
  elbow: ['elbow', 'wrist', 'hand'],
  pelvis: ['buttock', 'sacrum', 'hip', 'pubis'],
  pubis: ['pubis'],
};

export interface PullOptions {
  reach?: Partial<Record<Side, Reach>>;
  build?: Build;
  /** Landmarks that are to stay where they are, as against each other; without any the pelvis stays. */
  held?: readonly string[];
  /** Of these the ones that lie on the floor: they are brought level, so that a long pull does not drift off it. */
  level?: readonly string[];
}

/** Mean place of what is held; the pelvis where nothing is. */
export function anchorOf(points: Points, held: readonly string[]): Vec3 {
  if (held.length === 0) return [0, 0, 0];
  const sum = held.reduce<Vec3>((s, name) => add(s, points[name]), [0, 0, 0]);
  return [sum[0] / held.length, sum[1] / held.length, sum[2] / held.length];
}

/** What of the held landmarks can stay while this one is pulled. */
export const stayingWith = (point: string, held: readonly string[]): string[] =>
  held.filter((h) => !(sideOrNone(h) === sideOrNone(point) && (ALONG[bareOf(point)] ?? []).includes(bareOf(h))));
const sideOrNone = (name: string): Side | null => (/_(left|right)$/.test(name) ? sideOf(name) : null);

/** Places of what is held, with those on the floor at one level: the mean height of their undersides. */
function onFloor(held: readonly string[], places: readonly Vec3[], level: readonly string[]): Vec3[] {
  const under = held.map((name, i) => (level.includes(name) ? places[i][1] - fleshOf(name) : null));
  const flat = under.filter((y) => y !== null);
  if (flat.length < 2) return [...places];
  const floor = flat.reduce((s, y) => s + y, 0) / flat.length;
  return places.map(([x, y, z], i): Vec3 => [x, under[i] === null ? y : floor + fleshOf(held[i]), z]);
}

interface Free {
  id: number;
  scale: number;
  min: number;
  max: number;
  /** A hinge that only bends one way. */
  bends: boolean;
}

/** What a pull is to bring about, as a sum of squares of a posture that changes meanwhile. */
interface Pulling {
  q: Posture;
  free: readonly Free[];
  /** How many squares there are. */
  rows: number;
  /** Writes them for the posture as it is. */
  evaluate(out: Float64Array): void;
}

/**
 * The posture in which a landmark lies at `goal`, or as near as the joints allow.
 * @param goal metres, from the anchor of what stays (`anchorOf`); from the pelvis where nothing is held
 * @returns a new posture, radians; the given one is not changed
 */
export function pull(posture: Posture, point: string, goal: Vec3, options: PullOptions = {}): Posture {
  const held = stayingWith(point, options.held ?? []);
  const chain = CHAINS[bareOf(point)]?.(sideOf(point));
  if (!chain) throw new Error(`"${point}" cannot be pulled`);
  const follow = followers(point, held);
  const free = freeOf(point, chain, follow, posture);
  const q = Float64Array.from(posture);
  if (free.length === 0) return q;
  // A straight knee or elbow does not know which way to bend: a little bend tells it.
  for (const f of free) if (f.bends && q[f.id] < BENDS) bend(q, f.id, follow.length > 0);
  descend(pulling(q, posture, free, { ...options, held, point, goal }));
  return q;
}

/** Squares of what is missed, of what slips, of every joint's turn, and of a spine far from straight. */
function pulling(
  q: Posture,
  posture: Posture,
  free: readonly Free[],
  { reach = {}, build, held = [], level = [], point, goal }: PullOptions & { point: string; goal: Vec3 },
): Pulling {
  const start = Float64Array.from(free, (f) => posture[f.id]);
  const first = skeletonOf(posture, reach, build).points;
  const anchor = anchorOf(first, held);
  const stay = onFloor(
    held,
    held.map((name) => sub(first[name], anchor)),
    level,
  );
  const spine = free.filter((f) => /^(lumbar|thorax)/.test(COORDINATES[f.id].id));
  return {
    q,
    free,
    rows: 3 * (1 + held.length) + free.length + spine.length,
    evaluate(out) {
      const p = skeletonOf(q, reach, build).points;
      const here = anchorOf(p, held);
      let k = 0;
      const put = (v: Vec3, scale: number): void => {
        for (let i = 0; i < 3; i++) out[k++] = v[i] / scale;
      };
      put(sub(sub(p[point], here), goal), MISS);
      held.forEach((name, i) => put(sub(sub(p[name], here), stay[i]), SLIP));
      free.forEach((f, i) => (out[k++] = (q[f.id] - start[i]) / f.scale));
      for (const f of spine) out[k++] = q[f.id] / (SPINE_DEG * DEG);
    },
  };
}

/** Changes the posture towards the least sum of squares, round by round until another is not worth it. */
function descend({ q, free, rows, evaluate }: Pulling): void {
  const r = new Float64Array(rows),
    ahead = new Float64Array(rows),
    jacobian = Array.from(free, () => new Float64Array(rows));
  const tried = new Float64Array(rows);
  evaluate(r);
  let cost = squares(r),
    damping = 1e-3;
  for (let round = 0; round < ROUNDS; round++) {
    free.forEach((f, j) => {
      const before = q[f.id];
      q[f.id] = before + STEP;
      evaluate(ahead);
      q[f.id] = before;
      for (let i = 0; i < rows; i++) jacobian[j][i] = (ahead[i] - r[i]) / STEP;
    });
    const here = Float64Array.from(free, (f) => q[f.id]);
    let gain = 0;
    for (let attempt = 0; attempt < 4 && gain === 0; attempt++) {
      const step = leastSquares(jacobian, r, damping);
      const short = Math.min(1, LONGEST / Math.max(1e-12, ...step.map(Math.abs)));
      free.forEach((f, j) => (q[f.id] = Math.min(f.max, Math.max(f.min, here[j] + short * step[j]))));
      evaluate(tried);
      const now = squares(tried);
      if (now < cost) {
        gain = (cost - now) / cost;
        cost = now;
        r.set(tried);
        damping = Math.max(1e-6, damping / 5);
      } else {
        damping *= 10;
        free.forEach((f, j) => (q[f.id] = here[j]));
      }
    }
    if (gain < ENOUGH) return;
  }
}

/** How far a pulled landmark stayed from its goal, metres. */
export function missedBy(posture: Posture, point: string, goal: Vec3, options: PullOptions = {}): number {
  const p = skeletonOf(posture, options.reach ?? {}, options.build).points;
  const held = stayingWith(point, options.held ?? []);
  return norm(sub(sub(p[point], anchorOf(p, held)), goal));
}

/** Bends a straight hinge a little; a planted leg folds with it, so that its foot stays flat. */
function bend(q: Posture, hinge: number, planted: boolean): void {
  const by = BENDS - q[hinge];
  q[hinge] += by;
  const side = /^knee_flexion_(left|right)$/.exec(COORDINATES[hinge].id)?.[1];
  if (!planted || !side) return;
  q[coordinateIndex(`hip_flexion_${side}`)] += by / 2;
  q[coordinateIndex(`ankle_dorsiflexion_${side}`)] += by / 2;
}

/**
 * Joints that give way so that what is held can stay: the same leg's, or both legs' and the pelvis' where that is
 * pulled.
 */
function followers(point: string, held: readonly string[]): string[] {
  if (held.length === 0) return [];
  if (point === 'pelvis' || point === 'pubis' || point === 'neck') return [...ROOT, ...LEGS];
  const side = sideOrNone(point);
  const closed = /^(knee|ankle|ball|toe)/.test(point) && held.some((h) => sideOrNone(h) === side);
  return closed ? [...ROOT, ...LEGS] : [];
}

function freeOf(point: string, chain: readonly string[], follow: readonly string[], posture: Posture): Free[] {
  const make = (id: string, scale: number): Free => {
    const index = coordinateIndex(id);
    const { min_deg, max_deg } = COORDINATES[index];
    const bends = /^(knee|elbow)_flexion/.test(id);
    // Nobody is pulled into a knee or elbow bent backwards; one that is there already may stay.
    const least = bends ? Math.min(0, posture[index]) : min_deg * DEG;
    return { id: index, scale: scale * DEG, min: least, max: max_deg * DEG, bends };
  };
  return [
    ...chain.map((id) => make(id, TURN_DEG)),
    // A pelvis that is carried about keeps its tilt; one that is turned, or bowed from above, may tilt.
    ...follow
      .filter((id) => !chain.includes(id))
      .map((id) =>
        make(
          id,
          id.startsWith('pelvis') && point !== 'pubis' && point !== 'neck'
            ? UPRIGHT_DEG
            : FOLD.test(id)
              ? FOLLOW_DEG
              : ASIDE_DEG,
        ),
      ),
  ];
}

const squares = (r: Float64Array): number => r.reduce((s, v) => s + v * v, 0);

/** Step that makes `r + J·step` smallest, damped (normal equations); columns of J given one by one. */
function leastSquares(columns: readonly Float64Array[], r: Float64Array, damping: number): number[] {
  const along = (a: Float64Array, b: Float64Array): number => a.reduce((s, v, k) => s + v * b[k], 0);
  return solveLinear(
    columns.map((a, i) => columns.map((b, j) => (i === j ? along(a, b) * (1 + damping) + 1e-9 : along(a, b)))),
    columns.map((a) => -along(a, r)),
  );
}
