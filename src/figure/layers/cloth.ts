import { dot, norm, sub, type Skeleton, type Vec3 } from '@/core/body';
import { blur, NOTHING, sampleNear, shared, THERE, xOf, yOf, type MassField } from '../field/grid';
import { unseen, type Lens } from '../projection';
import { grown, type Page } from './page';

/** Where a piece of cloth is on a mass: signed distance along the skin that is seen, metres. */
export interface Cloth {
  role: 'top' | 'shorts';
  f: Float32Array;
}

type Own = (at: Vec3) => Vec3;
/** World to a frame of the skeleton, metres. */
const into =
  ({ turn: t, at }: { turn: Float64Array; at: Vec3 }): Own =>
  (q) => {
    const x = q[0] - at[0],
      y = q[1] - at[1],
      z = q[2] - at[2];
    return [t[0] * x + t[3] * y + t[6] * z, t[1] * x + t[4] * y + t[7] * z, t[2] * x + t[5] * y + t[8] * z];
  };

/** Cloth laps over the outline of the skin by so much, metres. */
const LAP = 0.0012;

/** A field of cloth from a function of the surface point: positive where it covers. */
function covered(F: MassField, lens: Lens, inside: (q: Vec3) => number): Float32Array {
  const g = new Float32Array(F.f.length).fill(-0.03);
  for (let j = 0, a = 0; j < F.h; j++)
    for (let i = 0; i < F.w; i++, a++) {
      if (F.f[a] < -0.012) continue;
      const z = F.front[a] < THERE ? F.front[a] : F.rim[a];
      g[a] =
        z < THERE
          ? Math.min(F.f[a] + LAP, inside(unseen(lens, xOf(F, i), yOf(F, j), z)))
          : Math.min(F.f[a] + LAP, 0.001);
    }
  return g;
}

/** Takes cloth away where another part of the same limb lies before it. */
function onPart(F: MassField, g: Float32Array, k: number): Float32Array {
  const own = F.parts[k];
  for (let a = 0; a < g.length; a++) {
    if (g[a] < -0.02) continue;
    let other = NOTHING;
    for (const part of F.parts) if (part !== own && part.front[a] < other) other = part.front[a];
    if (other > THERE) continue;
    const v = own.front[a] < THERE ? (other - own.front[a] + 0.002) * 0.6 : Math.min(own.f[a], 0);
    if (v < g[a]) g[a] = v;
  }
  return g;
}

/** How far down the thigh and the upper arm cloth reaches, as a share and in metres at model size. */
const SLEEVE = 0.4;
const LEG = -0.19;

/**
 * Shorts and a shirt with short sleeves. Hems are planes in the frame of their bone, so that they are rings in space.
 */
export function clothOf(F: MassField, page: Page): Cloth[] {
  const { skeleton, lens } = page;
  const { frames, build } = skeleton;
  const side = F.name.endsWith('left') ? 'left' : 'right';
  const inward = side === 'right' ? -1 : 1;
  if (F.name.startsWith('leg')) {
    const thigh = into(frames[`thigh_${side}`]);
    const hem = LEG * build.thigh[1];
    const f = covered(F, lens, (q) => {
      const v = thigh(q);
      return v[1] - hem - 0.12 * v[2] * inward;
    });
    return [{ role: 'shorts', f: onPart(F, f, 0) }];
  }
  if (F.name.startsWith('arm')) {
    return [{ role: 'top', f: onPart(F, covered(F, lens, sleeveOf(skeleton, side)), 0) }];
  }
  if (F.name !== 'trunk') return [];
  const pelvis = into(frames.pelvis),
    thorax = into(frames.thorax);
  const s = build.spine[1],
    g = build.girth;
  const waist = (q: Vec3): number => {
    const v = pelvis(q);
    return v[1] - 0.05 * build.pelvis[1] + 0.1 * (v[0] + 0.06);
  };
  // A round collar: a plane that slants forward and rises to both sides.
  const collar = (q: Vec3): number => {
    const [x, y, z] = thorax(q);
    return 0.2155 * s - 0.33 * x + 0.03 * (z / (0.07 * g)) ** 2 - y;
  };
  return [
    { role: 'shorts', f: covered(F, lens, (q) => -waist(q)) },
    { role: 'top', f: covered(F, lens, (q) => Math.min(waist(q), collar(q))) },
  ];
}

/** Along the upper arm, from the shoulder: positive where the sleeve covers. */
function sleeveOf({ points: p }: Skeleton, side: 'left' | 'right'): (q: Vec3) => number {
  const shoulder = p[`shoulder_${side}`];
  const bone = sub(p[`elbow_${side}`], shoulder);
  const length = norm(bone);
  return (q) => SLEEVE * length - dot(sub(q, shoulder), bone) / length;
}

/** What is only filled between two masses belongs to the stronger of the two. */
export function claim(F: MassField, g: Float32Array, fields: readonly MassField[]): void {
  for (const B of fields) {
    if (!grown(F.name, B.name)) continue;
    const { i0, i1, j0, j1, di, dj } = shared(F, B);
    for (let j = j0; j < j1; j++)
      for (let i = i0; i < i1; i++) {
        const a = j * F.w + i;
        if (F.front[a] < THERE || F.f[a] < -0.006) continue;
        const v = F.f[a] - B.f[(j - dj) * B.w + i - di];
        if (v < g[a]) g[a] = v;
      }
  }
}

/** Height of the hairline above the nape by how far forward, metres: nape, behind the ear, temple, forehead. */
const HAIRLINE = [
  [-0.2, 0.078],
  [-0.06, 0.078],
  [-0.03, 0.088],
  [0.0, 0.108],
  [0.025, 0.134],
  [0.045, 0.158],
  [0.065, 0.181],
  [0.085, 0.2],
  [0.11, 0.222],
  [0.3, 0.4],
] as const;
function hairline(x: number): number {
  for (let i = 1; i < HAIRLINE.length; i++)
    if (x < HAIRLINE[i][0]) {
      const [a, u] = HAIRLINE[i - 1],
        [b, v] = HAIRLINE[i];
      return u + ((v - u) * (x - a)) / (b - a);
    }
  return 0.4;
}

/** Where the hair is: its own mass, down to the hairline. */
export function hairOf(hair: MassField, head: MassField, { skeleton, lens }: Page): Float32Array {
  const own = into(skeleton.frames.head);
  const k = 1 / skeleton.build.head;
  const g = hair.f.slice();
  for (let j = 0, a = 0; j < hair.h; j++)
    for (let i = 0; i < hair.w; i++, a++) {
      if (hair.f[a] < -0.012) continue;
      const x = xOf(hair, i),
        y = yOf(hair, j);
      const z = Math.min(hair.front[a], sampleNear(head, head.front, x, y, NOTHING));
      const q = own(unseen(lens, x, y, z < THERE ? z : hair.rim[a]));
      g[a] = Math.min(hair.f[a], q[1] * k - hairline(q[0] * k));
    }
  blur(g, hair.w, hair.h, 1);
  return g;
}
