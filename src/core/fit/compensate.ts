import {
  coordinateIndex,
  DEG,
  halfOf,
  newHalf,
  otherSide,
  SIDES,
  StrandModel,
  type Build,
  type Posture,
  type Side,
} from '@/core/body';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { anglesAt, postureAt, type Give, type Rung } from '@/core/poses';
import { enoughOf, USUAL_WAY, type FitWay } from './way';

/** The least of one freedom that brings the full shape within the comfortable share, or null where it does not. */
export interface Compensation {
  give: Give;
  degrees: number | null;
}

/** What the textbook shape asks of one joint and this student has not got at her comfortable depth. */
export interface Lack {
  /** Real coordinate name. */
  coordinate: string;
  /** Degrees at full depth and at hers. */
  full_deg: number;
  reached_deg: number;
}

/** How each freedom moves the joints, degrees for one degree of it; `_s` stands for both sides that take part. */
const MOVES: Readonly<Record<Give, Readonly<Record<string, number>>>> = {
  'knee-bends': { knee_flexion: 1 },
  'pelvis-rolls': { hip_flexion: -1 },
  'heel-lifts': { ankle_dorsiflexion: -1 },
  'stance-shortens': { hip_flexion: 0, hip_adduction: 0 },
  'thigh-turns': { hip_rotation: 1 },
};
const STEP_DEG = 1;
const MOST_DEG = 60;

let strands: StrandModel | null = null;

/** Degrees of the joints that are furthest from the textbook at a depth; largest first, from 3° on. */
export function lacksOf(rung: Rung, side: Side, depth: number): Lack[] {
  const here = anglesAt(rung, side, depth),
    full = anglesAt(rung, side, 1);
  return Object.keys(full)
    .filter((id) => /^(hip|knee|ankle|pelvis_tilt|lumbar)/.test(id))
    .map((coordinate) => ({ coordinate, full_deg: full[coordinate], reached_deg: here[coordinate] }))
    .filter((l) => Math.abs(l.full_deg - l.reached_deg) >= 3)
    .sort((a, b) => Math.abs(b.full_deg - b.reached_deg) - Math.abs(a.full_deg - a.reached_deg));
}

/**
 * For each freedom the rung names: the smallest change, in whole degrees, with which everything that stops the full
 * shape comes within the comfortable share of its tolerance. Contacts are not solved anew: it tells the size of the
 * freedom, not the prop.
 */
export function compensationsOf(
  rung: Rung,
  side: Side,
  posterior: Posterior,
  build: Build,
  way: FitWay = USUAL_WAY,
): Compensation[] {
  const full = postureAt(rung, side, 1),
    entry = postureAt(rung, side, 0);
  const enough = enoughOf(rung, way);
  const begin = excess(entry, posterior, build, enough);
  return rung.give.map((give) => {
    for (let degrees = STEP_DEG; degrees <= MOST_DEG; degrees += STEP_DEG) {
      const q = relaxed(full, entry, side, give, degrees);
      const now = excess(q, posterior, build, enough);
      // What the entry already asks for is not what the freedom is for.
      if (now.every((v, e) => v <= Math.max(0, begin[e]) + 1e-9)) return { give, degrees };
    }
    return { give, degrees: null };
  });
}

/** How far every element is beyond its comfortable share, SD, left then right. */
function excess(q: Posture, posterior: Posterior, build: Build, enough: Float64Array): number[] {
  const model = (strands ??= new StrandModel());
  const half = newHalf(),
    z = new Float64Array(ELEMENT_COUNT);
  const out = new Array<number>(DIMENSIONS);
  SIDES.forEach((s, k) => {
    model.standing(halfOf(q, s, half, build.version[s]), 'pushed', z);
    for (let e = 0; e < ELEMENT_COUNT; e++)
      out[k * ELEMENT_COUNT + e] = z[e] - posterior.mean[k * ELEMENT_COUNT + e] - enough[e];
  });
  return out;
}

/** True where the path moves a leg: the other one has no part in a freedom. */
const moves = (full: Posture, entry: Posture, s: Side): boolean =>
  ['hip_flexion', 'hip_adduction', 'knee_flexion', 'ankle_dorsiflexion'].some((c) => {
    const i = coordinateIndex(`${c}_${s}`);
    return Math.abs(full[i] - entry[i]) > 5 * DEG;
  });

/** The full posture with so many degrees of one freedom, on the sides that the rung moves. */
function relaxed(full: Posture, entry: Posture, side: Side, give: Give, degrees: number): Posture {
  const q = Float64Array.from(full);
  for (const s of [side, otherSide(side)]) {
    if (!moves(full, entry, s)) continue;
    if (give === 'stance-shortens') {
      // Towards the entry, as far as so many degrees of the joint that moves most.
      const ids = ['hip_flexion', 'hip_adduction', 'knee_flexion'].map((c) => coordinateIndex(`${c}_${s}`));
      const most = Math.max(1e-6, ...ids.map((i) => Math.abs(full[i] - entry[i])));
      const share = Math.min(1, (degrees * DEG) / most);
      for (const i of ids) q[i] += share * (entry[i] - full[i]);
      continue;
    }
    for (const [c, by] of Object.entries(MOVES[give])) {
      const i = coordinateIndex(`${c}_${s}`);
      q[i] += by * degrees * DEG;
    }
    // Half of the roll for each hip: the low back takes it.
    if (give === 'pelvis-rolls') q[coordinateIndex('lumbar_flexion')] += (degrees * DEG) / 4;
  }
  return q;
}
