import {
  LINES,
  linePaths,
  mix,
  MuscleModel,
  norm,
  place,
  sized,
  sub,
  type Build,
  type LinePath,
  type Vec3,
} from '@/core/body';
import { zeroLines } from '../field/contour';
import { blur } from '../field/grid';
import { fieldOf } from '../field/mass-field';
import { beads } from '../form/ellipsoid';
import { curves } from '../line/fit';
import { moveTo, smooth, type P2 } from '../line/polyline';
import { seen } from '../projection';
import type { Paint, Tint } from '../scene';
import { masked } from './mask';
import { edgePath, isFine, type Page } from './page';

/** Share of a line's course that is flesh; the rest is tendon. Shaped by eye after anatomical plates. */
const BELLY: Readonly<Record<string, readonly [number, number]>> = {
  'gastrocnemius-medial': [0.06, 0.56],
  'gastrocnemius-lateral': [0.06, 0.52],
  soleus: [0.08, 0.68],
  semimembranosus: [0.26, 0.92],
  semitendinosus: [0.04, 0.66],
  'biceps-femoris-long-head': [0.1, 0.82],
  'rectus-femoris': [0.09, 0.82],
  vasti: [0.02, 0.78],
  'vasti-medial': [0.02, 0.8],
  'tensor-fasciae-latae': [0, 0.32],
  gracilis: [0.02, 0.72],
  sartorius: [0.01, 0.94],
  piriformis: [0.02, 0.78],
  psoas: [0, 0.9],
  iliacus: [0, 0.88],
};
const USUAL_BELLY: readonly [number, number] = [0.02, 0.96];
const SHIN_BELLY: readonly [number, number] = [0.05, 0.6];
/** Broad muscles: their lines are the ribs of a fan that is filled between. */
const BROAD = /gluteus|adductor|iliacus|obliques|quadratus|psoas|deep-ext/;
const SHIN = /gastrocnemius|soleus|dorsiflexors/;
const INNER_HIP = /psoas|iliacus/;

/** What lies over what at the side of the hip, nearest last, where depths are too alike to tell. */
const OVER: readonly string[] = [
  'gluteus-minimus',
  'piriformis',
  'gluteus-medius',
  'gluteus-maximus',
  'tensor-fasciae-latae',
];
const overOf = (structure: string): number => OVER.indexOf(structure) * 0.004;

/** Newtons that a square metre of cross-section pulls with (our default, 45 N/cm²). */
const TENSION = 45e4;
/** Points that a course is told in. */
const COURSE = 18;
/** Outline of a muscle that is not sure at all, and what sureness adds; metres. */
const THIN = 0.0015;
const SURE = 0.007;
/** Thinnest tendon that is drawn, metres. */
const TENDON = 0.0046;

export interface Strand {
  path: Vec3[];
  /** Where flesh begins and ends, shares of the course. */
  b0: number;
  b1: number;
  /** Radius of the belly, metres. */
  r: number;
}

const order = new Map(LINES.map((l, i) => [l.line as string, i]));
const indexOf = (line: string): number => order.get(line) ?? order.get('vasti') ?? 0;

const models = new WeakMap<Build, MuscleModel>();
function modelOf(build: Build): MuscleModel {
  let model = models.get(build);
  if (!model) models.set(build, (model = new MuscleModel(build)));
  return model;
}

/** Points evenly along a course, its corners rounded. */
function even(path: readonly Vec3[], count: number): Vec3[] {
  const at = [0];
  for (let i = 1; i < path.length; i++) at.push(at[i - 1] + norm(sub(path[i], path[i - 1])));
  const out: Vec3[] = [];
  let i = 1;
  for (let k = 0; k <= count; k++) {
    const s = (k / count) * at[at.length - 1];
    while (i < path.length - 1 && at[i] < s) i++;
    const t = at[i] > at[i - 1] ? (s - at[i - 1]) / (at[i] - at[i - 1]) : 0;
    out.push(mix(path[i - 1], path[i], Math.min(1, Math.max(0, t))));
  }
  for (let p = 0; p < 2; p++) {
    const c = out.slice();
    for (let k = 1; k < count; k++) out[k] = mix(c[k], mix(c[k - 1], c[k + 1], 0.5), 0.5);
  }
  return out;
}

/** The model's one line for the vasti as two heads on paper: they share the bone, so the same angles move them. */
function heads(l: LinePath, { skeleton: { frames, build } }: Page): (Omit<LinePath, 'line'> & { line: string })[] {
  if (l.line !== 'vasti') return [l];
  const out = l.side === 'right' ? 1 : -1,
    { turn, at } = frames[`thigh_${l.side}`];
  const on = (x: number, y: number, z: number): Vec3 => place(turn, sized([x, y, z * out], build.thigh), at);
  const end = l.path.slice(-2);
  const outer = [on(0.0, -0.045, 0.05), on(0.026, -0.16, 0.047), on(0.034, -0.27, 0.036), on(0.034, -0.36, 0.02)];
  const inner = [on(0.02, -0.13, 0.004), on(0.034, -0.22, -0.014), on(0.032, -0.32, -0.03), on(0.032, -0.375, -0.024)];
  return [
    { ...l, path: [...outer, ...end] },
    { ...l, line: 'vasti-medial', path: [...inner, ...end] },
  ];
}

/** A line as a belly between tendons: its volume from force and fibre length, so that a shortened one is thicker. */
export function strandOf(line: string, structure: string, course: readonly Vec3[], girth: number): Strand {
  const def = LINES[indexOf(line)];
  const path = even(course, COURSE);
  let length = 0;
  for (let i = 1; i < path.length; i++) length += norm(sub(path[i], path[i - 1]));
  const [b0, b1] = BELLY[line] ?? (structure === 'ankle-dorsiflexors' ? SHIN_BELLY : USUAL_BELLY);
  const volume = ((def.maximumForce_N / TENSION) * def.fibreLength_m) / (line.startsWith('vasti') ? 1.9 : 1);
  const r = Math.sqrt((1.9 * volume) / (Math.PI * Math.max(0.03, length * (b1 - b0)))) * girth;
  return { path, b0, b1, r };
}

/** Radius at a share of the course, metres. */
function radiusAt({ b0, b1, r }: Strand, t: number, broad: boolean): number {
  const u = (t - b0) / (b1 - b0);
  const least = broad ? 0.21 : 0.08;
  const bell = u <= 0 || u >= 1 ? 0 : Math.sin(Math.PI * u ** (broad ? 0.9 : 0.85)) ** (broad ? 0.6 : 0.8);
  return Math.max(TENDON, r * (u > -0.02 && u < 1.02 ? least + (1 - least) * bell : 0));
}

/** Strands between those of a fan. */
const between = (a: Strand, b: Strand, t: number): Strand => ({
  path: a.path.map((q, k) => mix(q, b.path[k], t)),
  b0: a.b0 + (b.b0 - a.b0) * t,
  b1: a.b1 + (b.b1 - a.b1) * t,
  r: (a.r + (b.r - a.r) * t) * 0.9,
});

/**
 * Tinted muscles as bellies within the outline, far to near, the chosen ones last; those behind the bone shine through.
 */
export function musclePaints(page: Page): Paint[] {
  const { scene, skeleton } = page;
  const tints = scene.tints ?? [];
  if (tints.length === 0) return [];
  const lines = linePaths(modelOf(skeleton.build), scene.posture, skeleton).flatMap((l) => heads(l, page));
  const sets = new Map<string, typeof lines>();
  for (const l of lines) {
    const key = `${l.structure}/${l.side}`;
    sets.set(key, [...(sets.get(key) ?? []), l]);
  }
  return tints
    .flatMap((tint) => {
      const set = sets.get(`${tint.structure}/${tint.side}`);
      return set ? [musclePaint(tint, set, page)] : [];
    })
    .sort((a, b) => Number(b.behind) - Number(a.behind) || Number(a.chosen) - Number(b.chosen) || b.depth - a.depth)
    .flatMap((m) => m.paints);
}

function musclePaint(
  tint: Tint,
  set: readonly { line: string; path: readonly Vec3[] }[],
  page: Page,
): { depth: number; behind: boolean; chosen: boolean; paints: Paint[] } {
  const { skeleton, lens, fields, detail } = page;
  const { structure, side } = tint;
  const chosen = tint.chosen === true;
  const broad = BROAD.test(structure);
  const strands = [...set]
    .sort((a, b) => indexOf(a.line) - indexOf(b.line))
    .map((l) => strandOf(l.line, structure, l.path, skeleton.build.girth));
  const all = broad
    ? strands.flatMap((a, i) => [
        a,
        ...(i + 1 < strands.length ? [0.25, 0.5, 0.75].map((t) => between(a, strands[i + 1], t)) : []),
      ])
    : strands;
  const chains = all.map((s) => beads(s.path.map((q, i) => [q, radiusAt(s, i / (s.path.length - 1), broad)] as const)));
  const step = fields[0].step;
  const F = fieldOf({ name: structure, nudge: 0, fill: 0.008, parts: [{ name: structure, chains }] }, lens, step);
  const own = new RegExp(`^(trunk|leg_${side})$`);
  const g = masked(F, own, fields, 0.0035, chosen);
  // A fan's border runs from tip to tip of its lines.
  blur(g, F.w, F.h, broad ? 3 : 1);
  const depths = strands.flatMap((s) => s.path.slice(4, -4).map((q) => seen(lens, q)[2]));
  const depth = depths.reduce((s, z) => s + z, 0) / depths.length;
  // Behind the middle of what it lies in: shown as through the flesh.
  const [middle, beyond] = SHIN.test(structure)
    ? [`calf_${side}`, 0.012]
    : INNER_HIP.test(structure)
      ? [`hip_${side}`, 0.018]
      : [`thigh_${side}`, 0.022];
  const behind = depth - seen(lens, skeleton.points[middle])[2] > beyond;
  const path = zeroLines(F, g)
    .map((l) => edgePath(l, detail))
    .join('');
  if (!path) return { depth, behind, chosen, paints: [] };
  const paints: Paint[] = [
    {
      role: behind ? 'muscle-far' : 'muscle',
      path,
      fill: tint.fill,
      structure,
      side,
      chosen,
      ...(tint.sure !== undefined && { width: THIN + tint.sure * SURE }),
    },
  ];
  if (!behind && isFine(detail)) {
    const fibres = fibresOf(broad ? all : strands, broad, F, g, page);
    if (fibres) paints.push({ role: 'fibre', path: fibres });
  }
  return { depth: depth - overOf(structure), behind, chosen, paints };
}

/** A few lines along the bellies, where they can be seen. */
function fibresOf(
  strands: readonly Strand[],
  broad: boolean,
  F: { i0: number; j0: number; w: number; h: number; step: number },
  g: Float32Array,
  { lens }: Page,
): string {
  let out = '';
  for (const s of strands)
    for (const off of broad ? [0] : [-0.42, 0, 0.42]) {
      let run: P2[] = [];
      const end = (): void => {
        if (run.length > 3) out += moveTo(run[0]) + curves(smooth(run, 2), 0.0006, 3);
        run = [];
      };
      s.path.forEach((q, i) => {
        const t = i / (s.path.length - 1);
        if (t < s.b0 + 0.09 || t > s.b1 - 0.09) return;
        const [px, py] = seen(lens, q),
          a = seen(lens, s.path[Math.max(0, i - 1)]),
          b = seen(lens, s.path[Math.min(s.path.length - 1, i + 1)]);
        const l = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1,
          w = radiusAt(s, t, broad) * off;
        const x = px - ((b[1] - a[1]) / l) * w,
          y = py + ((b[0] - a[0]) / l) * w;
        const i_ = Math.round(x / F.step) - F.i0,
          j_ = Math.round(y / F.step) - F.j0;
        if (i_ < 0 || j_ < 0 || i_ >= F.w || j_ >= F.h || g[j_ * F.w + i_] < 0.0015) end();
        else run.push([x, y]);
      });
      end();
    }
  return out;
}
