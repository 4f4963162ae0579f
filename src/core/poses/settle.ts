import {
  ELEMENTS,
  halfOf,
  newHalf,
  SIDES,
  StrandModel,
  clearancesOf,
  coordinateIndex,
  COORDINATES,
  fleshOf,
  overlapsOf,
  postureFrom,
  skeletonOf,
  type Skeleton,
} from '@/core/body';
import { anglesFor, contactsFor, reachFor, type Contact, type PoseAngles, type Rung } from './format';
import { allowed, beyondSupport, contactGaps, floorOfContacts, handGaps, heldBy, type Node } from './gaps';
import { halfWay, type Rough } from './sketch';

/**
 * Settling a rough pose: the joint angles nearest to what was written at which every contact touches, nothing passes through
 * anything, the joints stay within their limits and the centre of mass stands over what bears. Levenberg–Marquardt (Marquardt
 * 1963) on the sum of squares, derivatives by differences: it runs once, when the library is made, and in the pose bench.
 */

/** How far a coordinate may wander from what was written at the price of one, degrees (ours). What is not here stays. */
const FREE: Readonly<Record<string, number>> = {
  pelvis_tilt: 7,
  pelvis_list: 4,
  pelvis_rotation: 4,
  lumbar_flexion: 7,
  lumbar_bend: 4,
  lumbar_rotation: 3,
  thorax_flexion: 7,
  thorax_bend: 5,
  thorax_rotation: 4,
  neck_flexion: 12,
  hip_flexion: 7,
  hip_adduction: 5,
  hip_rotation: 7,
  knee_flexion: 8,
  ankle_dorsiflexion: 12,
  ankle_inversion: 8,
  toe_extension: 30,
  shoulder_flexion: 12,
  shoulder_adduction: 12,
  shoulder_rotation: 15,
  elbow_flexion: 15,
};
/** Moved only where the author gave them a value: else a straight pose would twist to close a millimetre. */
const ONLY_WRITTEN =
  /^(pelvis_list|pelvis_rotation|lumbar_bend|lumbar_rotation|thorax_bend|thorax_rotation|toe|shoulder|elbow)/;

/** What one unit of each demand is, metres (angles: degrees): small means strict. Ours. */
const TOUCH = 0.002;
const LEAN = 0.006;
const CROSS = 0.003;
const SINK = 0.003;
const BALANCE = 0.012;
const PRIOR = 0.22;
/** The same at the entry, which may be milder than it was written. */
const PRIOR_ENTRY = 0.08;
/** How far inside of what bears the centre of mass is to stand, metres. */
const INSIDE = 0.012;

export interface Settled {
  angles: PoseAngles;
  /** Largest gap of a contact, deepest overlap and farthest balance beyond the support, metres. */
  gap: number;
  overlap: number;
  beyond: number;
  /** What overlaps deepest. */
  pair: string;
}

/** What settling must know of a rung beside the angles. */
type Place = Omit<Rough, 'entry' | 'full'>;

/** An entry is to lie this far before the end of typical people, SD: there is room to go deeper. */
const ENTRY_SD = -1.6;
/** Price of a structure beyond that, per SD. */
const STRAINED = 0.5;
let strands: StrandModel | null = null;
const half = newHalf(),
  standing = new Float64Array(ELEMENTS.length);

/** How far each element of both sides is beyond `most` SD, weighed. */
function beyondTypical(q: Float64Array, most: number): number[] {
  strands ??= new StrandModel();
  const model = strands;
  return SIDES.flatMap((side) => {
    model.standing(halfOf(q, side, half), 'pushed', standing);
    // Far beyond, the price grows in proportion only (Huber 1964): contacts and clearances come first.
    return Array.from(standing, (z) => {
      const over = Math.max(0, z - most) / STRAINED;
      return over <= 1 ? over : 2 * Math.sqrt(over) - 1;
    });
  });
}

interface Variable {
  ids: readonly number[];
  start: number;
  scale: number;
  min: number;
  max: number;
}

/** Settles one posture of a rung, right side worked. */
export function settle(rough: Place, written: PoseAngles, node: Node = 'full'): Settled {
  const q = postureFrom(anglesFor(written, 'right'));
  const variables = variablesOf(rough, written, node === 'middle' ? new Set() : rough.held[node]);
  const most = rough.reaches_sd === null || node === 'middle' ? null : node === 'entry' ? ENTRY_SD : rough.reaches_sd;
  const reach = reachFor(rough, 'right');
  const contacts = contactsFor(rough, 'right').filter(
    (c) =>
      node === 'full' ||
      rough.carries ||
      !rough.reach[c.point.endsWith('_right') ? 'worked' : 'other'] ||
      !/^(wrist|elbow)/.test(c.point),
  );
  // First onto the contacts, then, from there, to where structures are no further than they may be.
  const evaluate = (careful: boolean) => (values: Float64Array) => {
    place(q, variables, values);
    const prior = careful && node === 'entry' ? PRIOR_ENTRY : PRIOR;
    const r = residuals(node, skeletonOf(q, reach), variables, values, contacts, rough, reach, prior);
    return most === null || !careful ? r : Float64Array.from([...r, ...beyondTypical(q, most)]);
  };
  const values = Float64Array.from(variables, (v) => v.start);
  minimise(evaluate(false), values, variables);
  if (most !== null) minimise(evaluate(true), values, variables);
  place(q, variables, values);
  const angles: Record<string, number> = { ...written };
  variables.forEach((v, i) => {
    for (const id of v.ids) {
      const name = COORDINATES[id].id.replace('_right', '_worked').replace('_left', '_other');
      const rounded = Math.round(values[i] * 10) / 10;
      if (rounded !== 0 || name in angles) angles[name] = rounded;
    }
  });
  return { angles, ...faults(angles, rough, node) };
}

/** What is still wrong with a settled posture, metres; right side worked. */
export function faults(angles: PoseAngles, rough: Place, node: Node = 'full'): Omit<Settled, 'angles'> {
  const reach = reachFor(rough, 'right');
  const skeleton = skeletonOf(postureFrom(anglesFor(angles, 'right')), reach);
  const contacts = contactsFor(rough, 'right');
  const holds = heldBy(rough.reach);
  const overlap = overlapsOf(skeleton, 0)
    .sort((a, b) => b.depth_m - allowed(b.between, holds) - a.depth_m + allowed(a.between, holds))
    .at(0);
  const hands = node === 'full' || rough.carries ? handGaps(skeleton, reach) : [];
  const own = contacts.filter((c) => node === 'full' || rough.carries || !/^(wrist|elbow)/.test(c.point));
  const gaps = [...contactGaps(skeleton, own, rough.wall, node), ...hands];
  return {
    gap: Math.max(0, ...gaps.map(Math.abs)),
    overlap: overlap ? overlap.depth_m - allowed(overlap.between, holds) : 0,
    pair: overlap?.between.join(' and ') ?? '',
    beyond: rough.balance ? Math.max(0, beyondSupport(skeleton, contacts)) : 0,
  };
}

/** Settles entry, full and the middle between them. */
export function settlePath(rough: Rough): { path: Rung['path']; worst: Omit<Settled, 'angles'> } {
  const same = Object.keys(rough.full).every((id) => rough.full[id] === rough.entry[id]);
  const entry = settle(rough, rough.entry, same ? 'full' : 'entry');
  const full = same ? entry : settle(rough, rough.full);
  const middle = same ? entry : settle(rough, halfWay(entry.angles, full.angles), 'middle');
  const all = [entry, middle, full];
  const worst = (key: 'gap' | 'overlap' | 'beyond') => Math.max(...all.map((s) => s[key]));
  const deepest = all.reduce((a, s) => (s.overlap > a.overlap ? s : a));
  return {
    path: [entry.angles, middle.angles, full.angles],
    worst: { gap: worst('gap'), overlap: worst('overlap'), beyond: worst('beyond'), pair: deepest.pair },
  };
}

function place(q: Float64Array, variables: readonly Variable[], values: Float64Array): void {
  variables.forEach((v, i) => {
    for (const id of v.ids) q[id] = (values[i] * Math.PI) / 180;
  });
}

function variablesOf(rough: Place, written: PoseAngles, held: ReadonlySet<string>): Variable[] {
  const out: Variable[] = [];
  const push = (names: string[], bare: string) => {
    if (names.some((n) => held.has(n))) return;
    if (ONLY_WRITTEN.test(bare) && !names.some((n) => (written[n] ?? 0) !== 0)) return;
    const ids = names.map((n) => coordinateIndex(n.replace('_worked', '_right').replace('_other', '_left')));
    const { min_deg: min, max_deg: max } = COORDINATES[ids[0]];
    const start = Math.min(max, Math.max(min, written[names[0]] ?? 0));
    out.push({ ids, start, scale: FREE[bare], min, max });
  };
  for (const bare of Object.keys(FREE)) {
    if (/^(pelvis|lumbar|thorax|neck)/.test(bare)) {
      // A pose without sides stays even.
      if (rough.sided || /tilt|flexion/.test(bare)) push([bare], bare);
      continue;
    }
    const arm = /^(shoulder|elbow)/.test(bare);
    const sides = ['worked', 'other'] as const;
    const free = sides.filter((s) => !arm || !rough.reach[s]);
    if (rough.sided) for (const s of free) push([`${bare}_${s}`], bare);
    else if (free.length > 0)
      push(
        free.map((s) => `${bare}_${s}`),
        bare,
      );
  }
  return out;
}

function residuals(
  node: Node,
  skeleton: Skeleton,
  variables: readonly Variable[],
  values: Float64Array,
  contacts: readonly Contact[],
  rough: Place,
  reach: ReturnType<typeof reachFor>,
  prior: number,
): Float64Array {
  const out: number[] = [];
  variables.forEach((v, i) => {
    out.push((prior * (values[i] - v.start)) / v.scale);
  });
  contactGaps(skeleton, contacts, rough.wall, node).forEach((gap, i) =>
    out.push(gap / (contacts[i].on === 'limb' ? LEAN : contacts[i].height_cm === undefined ? TOUCH : LEAN)),
  );
  if (node === 'full' || rough.carries) for (const gap of handGaps(skeleton, reach)) out.push(gap / TOUCH);
  for (const c of clearancesOf(skeleton)) out.push(Math.max(0, 0.001 - c) / CROSS);
  const floor = floorOfContacts(skeleton, contacts);
  for (const [name, at] of Object.entries(skeleton.points)) {
    if (fleshOf(name) > 0) out.push(Math.max(0, floor - (at[1] - fleshOf(name)) - 0.004) / SINK);
  }
  if (rough.balance) out.push(Math.max(0, beyondSupport(skeleton, contacts) + INSIDE) / BALANCE);
  return Float64Array.from(out);
}

const sumOfSquares = (r: Float64Array): number => r.reduce((s, v) => s + v * v, 0);

/** Levenberg–Marquardt with differences of a twentieth of a degree, within the joints' limits; changes `values`. */
function minimise(
  evaluate: (v: Float64Array) => Float64Array,
  values: Float64Array,
  variables: readonly Variable[],
  rounds = 120,
): void {
  const least = variables.map((v) => v.min),
    most = variables.map((v) => v.max);
  const n = values.length;
  let r = evaluate(values),
    cost = sumOfSquares(r),
    damping = 1e-2,
    small = 0;
  for (let round = 0; round < rounds; round++) {
    const jacobian = Array.from({ length: n }, (_, j) => {
      const h = 0.05,
        before = values[j];
      values[j] = before + h;
      const ahead = evaluate(values);
      values[j] = before;
      return ahead.map((v, i) => (v - r[i]) / h);
    });
    const normal = jacobian.map((a) => jacobian.map((b) => a.reduce((s, v, i) => s + v * b[i], 0)));
    const slope = jacobian.map((a) => a.reduce((s, v, i) => s + v * r[i], 0));
    let better = false;
    for (let attempt = 0; attempt < 8 && !better; attempt++) {
      const step = solve(
        normal.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) + 1e-9 : v))),
        slope.map((v) => -v),
      );
      // Shortened as a whole: cut coordinate by coordinate it would leave the contacts.
      const short = Math.min(1, 8 / Math.max(...step.map(Math.abs)));
      const tried = values.map((v, i) => Math.min(most[i], Math.max(least[i], v + short * step[i])));
      const next = evaluate(tried),
        nextCost = sumOfSquares(next);
      if (nextCost < cost) {
        better = true;
        const gain = (cost - nextCost) / cost;
        values.set(tried);
        r = next;
        cost = nextCost;
        damping = Math.max(1e-7, damping / 4);
        small = gain < 1e-4 ? small + 1 : 0;
        if (small >= 4) return;
      } else damping *= 5;
    }
    if (!better) return;
  }
}

/** Gaussian elimination with pivoting; a small dense system. */
function solve(a: number[][], b: number[]): number[] {
  const n = b.length;
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(a[i][k]) > Math.abs(a[pivot][k])) pivot = i;
    [a[k], a[pivot]] = [a[pivot], a[k]];
    [b[k], b[pivot]] = [b[pivot], b[k]];
    for (let i = k + 1; i < n; i++) {
      const f = a[i][k] / a[k][k];
      if (f === 0) continue;
      for (let j = k; j < n; j++) a[i][j] -= f * a[k][j];
      b[i] -= f * b[k];
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let k = n - 1; k >= 0; k--) {
    let s = b[k];
    for (let j = k + 1; j < n; j++) s -= a[k][j] * x[j];
    x[k] = s / a[k][k];
  }
  return x;
}
