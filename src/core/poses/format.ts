import { COORDINATES, coordinateIndex, DEG, type GroupId, type Posture, type Reach, type Side } from '@/core/body';

/** Joint angles in degrees; `_worked` and `_other` stand where `_left` or `_right` would. */
export type PoseAngles = Readonly<Record<string, number>>;
export type Position =
  'standing' | 'kneeling' | 'all-fours' | 'seated' | 'on the back' | 'on the front' | 'on the side';
export const POSITIONS: readonly Position[] = [
  'on the back',
  'on the front',
  'on the side',
  'all-fours',
  'kneeling',
  'seated',
  'standing',
];
export type Phase = 'settle' | 'warm' | 'approach' | 'deepest' | 'counter' | 'rest';
export type PropId = 'blanket' | 'block' | 'strap' | 'bolster' | 'wall' | 'chair' | 'post';
/** Mild, middle or demanding, for choosing. */
export type Level = 1 | 2 | 3;
/** What a rung is for: lengthening, work of the muscles, moving to and fro, or rest. */
export type Kind = 'stretch' | 'strength' | 'mobility' | 'rest';
/** A freedom that a school may allow so that the shape is reached. */
export type Give = 'knee-bends' | 'pelvis-rolls' | 'heel-lifts' | 'stance-shortens' | 'thigh-turns';

/** A point of the body that bears on something. */
export interface Contact {
  /** Landmark, `_worked` or `_other` where it has a side. */
  point: string;
  /** What it bears on; `limb` is a part of her own body. */
  on: 'floor' | 'limb' | PropId;
  /** For `limb`: the landmark, or the segment (thigh, shank, forearm …) that it lies against. */
  limb?: string;
  /** For props that come in sizes: the usual height in the typical body, centimetres. */
  height_cm?: number;
}

/**
 * A muscle action that a cue asks for beside holding the shape: a push or pull where something is touched, or a
 * squeeze.
 */
export interface Intent {
  /** Cue of the schools: press, draw, squeeze or lift. */
  cue: 'press' | 'draw' | 'squeeze' | 'lift';
  /** What it says, for the teacher. */
  words: string;
  /** The world's answer at a contact, share of body weight: forward, up, outward of that side. */
  at?: { point: string; force: readonly [number, number, number] };
  /** Least share of capacity asked of a structure, by side as the pose names it. */
  structure?: { id: string; side: 'worked' | 'other' | 'both'; least: number };
}

export interface Rung {
  name: string;
  /** Entry, half-way and full depth, settled on its contacts. */
  path: readonly [PoseAngles, PoseAngles, PoseAngles];
  /** Hands that reach for something; otherwise the arm's own angles count. */
  reach: Partial<Record<'worked' | 'other', Reach>>;
  contacts: readonly Contact[];
  /**
   * True where the hands must be down from the entry on, false where a prop may bridge what is missing; else as the
   * position says.
   */
  carries?: boolean;
  /** Where a wall stands, if it is used. */
  wall?: 'behind' | 'ahead' | 'beside';
  props: readonly PropId[];
  kind: Kind;
  level: Level;
  /** Seconds of one hold, least and most (rule of thumb). */
  hold: readonly [number, number];
  /** Usual repetitions where it is moved in and out or pulsed. */
  repeats?: readonly [number, number];
  phases: readonly Phase[];
  /** Which freedoms reach the shape where the hip does not. */
  give: readonly Give[];
  intents: readonly Intent[];
  /** How to come in, where this rung does it another way than its shape says. */
  enter?: string;
  /** True where it is done as the shape's own warning tells not to: for those who cannot do it otherwise yet. */
  loose?: true;
}

/** What is said of a rung: its shape's lines, and its own way in where it has one. */
export const cuesOf = (shape: Pick<Shape, 'cues'>, rung: Pick<Rung, 'enter'>): Shape['cues'] =>
  rung.enter === undefined ? shape.cues : { ...shape.cues, enter: rung.enter };

export interface Shape {
  id: string;
  /** The common English name, by which it is taught and looked for. */
  name: string;
  /** What the body does, in plain words, where the name does not say it. */
  plain?: string;
  sanskrit?: string;
  /** Other names by which it is looked for. */
  also?: readonly string[];
  position: Position;
  sided: boolean;
  /** Degrees about the vertical from which the shape reads best; from the student's right by default. */
  yaw?: number;
  pitch?: number;
  /** What it is meant to lengthen; the ranking computes for itself, the tests hold it to this. */
  reaches: readonly GroupId[];
  /** What it is meant to make work. */
  works: readonly GroupId[];
  /** How to come in, what stays still, how to go on, how to leave. */
  cues: { enter: string; keep: string; deepen: string; leave: string };
  /** What makes it look deeper while the muscle gets less, and how that is seen. */
  cheat: string;
  /** The same work on a chair, at a desk or standing, where there is one. */
  instead?: string;
  rungs: readonly Rung[];
}

/** Coordinates of the trunk that change their sign when left and right are changed. */
export const MIRRORED: ReadonlySet<string> = new Set([
  'pelvis_list',
  'pelvis_rotation',
  'lumbar_bend',
  'lumbar_rotation',
  'thorax_bend',
  'thorax_rotation',
  'neck_bend',
  'neck_rotation',
]);

/** A name of the pose by its real side. */
export const realName = (name: string, worked: Side): string =>
  name.replace('_worked', `_${worked}`).replace('_other', worked === 'left' ? '_right' : '_left');

/** Real coordinate names and degrees of pose angles when `worked` is the given side. */
export function anglesFor(angles: PoseAngles, worked: Side): Record<string, number> {
  const out: Record<string, number> = {};
  for (const [id, value] of Object.entries(angles)) {
    if (id.endsWith('_both')) {
      out[id.replace('_both', '_left')] = value;
      out[id.replace('_both', '_right')] = value;
    } else if (MIRRORED.has(id)) out[id] = worked === 'left' ? -value : value;
    else out[realName(id, worked)] = value;
  }
  return out;
}

/** Shares of entry, middle and full at a depth: the parabola through the three (Lagrange). */
const shares = (d: number): readonly [number, number, number] => [
  (1 - d) * (1 - 2 * d),
  4 * d * (1 - d),
  d * (2 * d - 1),
];

/** A path by real coordinates, worked out once a rung and side. */
interface RealPath {
  ids: readonly string[];
  places: Int32Array;
  /** Degrees at entry, middle and full, and the limits of the joints. */
  nodes: readonly [Float64Array, Float64Array, Float64Array];
  min: Float64Array;
  max: Float64Array;
}
const real = new WeakMap<Rung['path'], Partial<Record<Side, RealPath>>>();

function realPath({ path }: Pick<Rung, 'path'>, worked: Side): RealPath {
  let own = real.get(path);
  if (!own) real.set(path, (own = {}));
  const known = own[worked];
  if (known) return known;
  const named = path.map((angles) => anglesFor(angles, worked));
  const ids = [...new Set(named.flatMap((angles) => Object.keys(angles)))];
  const node = (k: number) => Float64Array.from(ids, (id) => named[k][id] ?? 0);
  const places = Int32Array.from(ids, coordinateIndex);
  return (own[worked] = {
    ids,
    places,
    nodes: [node(0), node(1), node(2)],
    min: Float64Array.from(places, (i) => COORDINATES[i].min_deg),
    max: Float64Array.from(places, (i) => COORDINATES[i].max_deg),
  });
}

/**
 * Degrees of the i-th coordinate of a path at shares of its nodes; a parabola may lean out a little between its ends.
 */
const angleIn = (p: RealPath, i: number, [a, b, c]: readonly [number, number, number]): number =>
  Math.min(p.max[i], Math.max(p.min[i], a * p.nodes[0][i] + b * p.nodes[1][i] + c * p.nodes[2][i]));

/** Joint angles at a depth from 0 (entry) to 1 (full), degrees, along the rung's own path. */
export function anglesAt(rung: Pick<Rung, 'path'>, worked: Side, depth: number): Record<string, number> {
  const path = realPath(rung, worked),
    share = shares(depth);
  return Object.fromEntries(path.ids.map((id, i) => [id, angleIn(path, i, share)]));
}

/** The posture at a depth, radians. */
export function postureAt(
  rung: Pick<Rung, 'path'>,
  worked: Side,
  depth: number,
  out: Posture = new Float64Array(COORDINATES.length),
): Posture {
  const path = realPath(rung, worked),
    share = shares(depth);
  out.fill(0);
  for (let i = 0; i < path.places.length; i++) out[path.places[i]] = angleIn(path, i, share) * DEG;
  return out;
}

/** What is worked out once for a part of a rung and a side. */
const bySide = <K extends object, V>(make: (part: K, worked: Side) => V): ((part: K, worked: Side) => V) => {
  const known = new WeakMap<K, Partial<Record<Side, V>>>();
  return (part, worked) => {
    let own = known.get(part);
    if (!own) known.set(part, (own = {}));
    return (own[worked] ??= make(part, worked));
  };
};

const realReach = bySide((hands: Rung['reach'], worked): Readonly<Partial<Record<Side, Reach>>> => {
  const other = worked === 'left' ? 'right' : 'left';
  const out: Partial<Record<Side, Reach>> = {};
  const resolve = (side: Side, reach: Reach | undefined): void => {
    if (!reach) return;
    const m = side === 'right' ? 1 : -1;
    const { offset } = reach;
    out[side] = {
      ...reach,
      to: realName(reach.to, worked),
      ...(offset && { offset: [offset[0], offset[1], offset[2] * m] as const }),
    };
  };
  resolve(worked, hands.worked);
  resolve(other, hands.other);
  return out;
});

/** Hands of a rung by real side, named points resolved to the worked side. The same object each time. */
export const reachFor = (rung: Pick<Rung, 'reach'>, worked: Side): Readonly<Partial<Record<Side, Reach>>> =>
  realReach(rung.reach, worked);

const realContacts = bySide((contacts: Rung['contacts'], worked): readonly Contact[] =>
  contacts.map((c) => ({ ...c, point: realName(c.point, worked), ...(c.limb && { limb: realName(c.limb, worked) }) })),
);

/** Contacts of a rung by real names. The same list each time. */
export const contactsFor = (rung: Pick<Rung, 'contacts'>, worked: Side): readonly Contact[] =>
  realContacts(rung.contacts, worked);

/** Throws when a pose names a coordinate that the model does not have. */
export function checkAngles(angles: PoseAngles): void {
  for (const id of Object.keys(anglesFor(angles, 'right'))) coordinateIndex(id);
}
