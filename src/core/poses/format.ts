import { coordinateIndex, postureFrom, type GroupId, type Posture, type Reach, type Side } from '@/core/body';
import type { Demand } from '@/core/cautions/catalogue';

/** Joint angles in degrees; `_worked` and `_other` stand where `_left` or `_right` would. */
export type PoseAngles = Readonly<Record<string, number>>;
export type Position = 'standing' | 'kneeling' | 'all-fours' | 'seated' | 'on the back' | 'on the front';
export type Phase = 'settle' | 'warm' | 'approach' | 'deepest' | 'counter' | 'rest';
export type PropId = 'blanket' | 'block' | 'strap' | 'bolster' | 'wall' | 'chair';

/** Something put between a point of the body and the floor; its height follows from the fitted depth. */
export interface Support {
  prop: PropId;
  under: string;
}

export interface Rung {
  name: string;
  entry: PoseAngles;
  full: PoseAngles;
  /** Hands that reach for something; otherwise the arm's own angles count. */
  reach?: Partial<Record<'worked' | 'other', Reach>>;
  props: readonly PropId[];
  supports?: readonly Support[];
  /** Seconds of one hold, least and most (rule of thumb). */
  hold: readonly [number, number];
  phases: readonly Phase[];
  /** Muscle groups that hold the shape up, share of capacity 0–1, declared from the joint actions (our estimate). */
  load?: Readonly<Partial<Record<GroupId, number>>>;
  demands: readonly Demand[];
  /** Strain besides the aim, 0–1 (our estimate). */
  knee: number;
  lowBack: number;
}

export interface Shape {
  id: string;
  name: string;
  sanskrit?: string;
  position: Position;
  sided: boolean;
  /** Degrees about the vertical from which the shape reads best; from the student's right by default. */
  yaw?: number;
  /** What it is meant to reach, for searching; the ranking computes for itself. */
  reaches: readonly GroupId[];
  /** How to come in, what stays still, how to go on, how to leave. */
  cues: { enter: string; keep: string; deepen: string; leave: string };
  /** What makes it look deeper while the muscle gets less. */
  cheat: string;
  rungs: readonly Rung[];
}

const MIRRORED = new Set([
  'pelvis_list',
  'pelvis_rotation',
  'lumbar_bend',
  'lumbar_rotation',
  'thorax_bend',
  'thorax_rotation',
  'neck_bend',
  'neck_rotation',
]);

/** Real coordinate names and degrees of pose angles when `worked` is the given side. */
export function anglesFor(angles: PoseAngles, worked: Side): Record<string, number> {
  const other = worked === 'left' ? 'right' : 'left';
  const out: Record<string, number> = {};
  for (const [id, value] of Object.entries(angles)) {
    if (id.endsWith('_both')) {
      out[id.replace('_both', '_left')] = value;
      out[id.replace('_both', '_right')] = value;
    } else if (MIRRORED.has(id)) out[id] = worked === 'left' ? -value : value;
    else out[id.replace('_worked', `_${worked}`).replace('_other', `_${other}`)] = value;
  }
  return out;
}

/** Joint angles at a depth from 0 (entry) to 1 (full), degrees. Full holds only what changes. */
export function anglesAt(rung: Rung, worked: Side, depth: number): Record<string, number> {
  const entry = anglesFor(rung.entry, worked);
  const full = { ...entry, ...anglesFor(rung.full, worked) };
  const out: Record<string, number> = {};
  for (const [id, end] of Object.entries(full)) {
    const begin = entry[id] ?? 0;
    out[id] = begin + (end - begin) * depth;
  }
  return out;
}

/** The posture at a depth, radians. */
export const postureAt = (rung: Rung, worked: Side, depth: number, out?: Posture): Posture =>
  postureFrom(anglesAt(rung, worked, depth), out);

/** Hands of a rung by real side, named points resolved to the worked side. */
export function reachFor(rung: Rung, worked: Side): Partial<Record<Side, Reach>> {
  const other = worked === 'left' ? 'right' : 'left';
  const resolve = (reach: Reach | undefined, m: number): Reach | undefined =>
    reach && {
      to: reach.to.replace('_worked', `_${worked}`).replace('_other', `_${other}`),
      offset: reach.offset && [reach.offset[0], reach.offset[1], reach.offset[2] * m],
    };
  const sign = worked === 'right' ? 1 : -1;
  return { [worked]: resolve(rung.reach?.worked, sign), [other]: resolve(rung.reach?.other, -sign) };
}

/** Throws when a pose names a coordinate that the model does not have. */
export function checkAngles(angles: PoseAngles): void {
  for (const id of Object.keys(anglesFor(angles, 'right'))) coordinateIndex(id);
}
