import { say } from '@/core/languages/spoken';
import {
  COORDINATE_IDS,
  DEG,
  fleshOf,
  skeletonOf,
  type Build,
  type Posture,
  type Reach,
  type Side,
  type Vec3,
} from '@/core/body';
import {
  contactsFor,
  MIRRORED,
  postureAt,
  reachFor,
  type Contact,
  type PoseAngles,
  type Rung,
  type Shape,
} from '@/core/poses';
import { floorOfContacts } from '@/core/poses/gaps';
import { halfWay } from '@/core/poses/sketch';
import { jointLimits, ownShapeSchema, type OwnShape } from '@/core/poses/schema';

/** Edits of an own pose as pure functions: each gives a new one and leaves the old for the way back. */

/** Which end of a rung is worked on. */
export type End = 'entry' | 'full';
export const depthOf = (end: End): number => (end === 'entry' ? 0 : 1);

const tidy = (angles: PoseAngles): PoseAngles =>
  Object.fromEntries(
    Object.entries(angles)
      .map(([id, v]) => [id, Math.round(v * 10) / 10] as const)
      .filter(([, v]) => v !== 0),
  );
const same = (a: PoseAngles, b: PoseAngles): boolean =>
  [...new Set([...Object.keys(a), ...Object.keys(b)])].every((id) => (a[id] ?? 0) === (b[id] ?? 0));
/** True where the rung is one shape that is held, without a way in. */
export const isHeld = (rung: Pick<Rung, 'path'>): boolean => same(rung.path[0], rung.path[2]);

/** Puts joint angles (as poses name them, degrees) at one end; the way between follows. A held rung stays held. */
export function withAngles<R extends Pick<Rung, 'path'>>(
  rung: R,
  end: End,
  angles: PoseAngles,
  held = isHeld(rung),
): R {
  const own = tidy(angles);
  const entry = held || end === 'entry' ? own : rung.path[0],
    full = held || end === 'full' ? own : rung.path[2];
  return { ...rung, path: [entry, held ? own : tidy(halfWay(entry, full)), full] };
}

/** Angles of a posture by the names of the pose, degrees; the real side that is worked given. */
export function anglesOfPosture(posture: Posture, worked: Side): PoseAngles {
  const out: Record<string, number> = {};
  COORDINATE_IDS.forEach((id, i) => {
    const deg = posture[i] / DEG;
    const sided = /_(left|right)$/.exec(id);
    if (!sided) out[id] = worked === 'left' && MIRRORED.has(id) ? -deg : deg;
    else out[id.replace(/_(left|right)$/, sided[1] === worked ? '_worked' : '_other')] = deg;
  });
  return tidy(out);
}

/** Both sides alike: the leading side's angles on the other too, nothing bent or turned aside. */
export function evened(angles: PoseAngles, lead: 'worked' | 'other'): PoseAngles {
  const out: Record<string, number> = {};
  for (const [id, v] of Object.entries(angles)) {
    if (id.endsWith(`_${lead}`)) {
      out[id] = v;
      out[swapped(id)] = v;
    } else if (!/_(worked|other)$/.test(id) && !MIRRORED.has(id)) out[id] = v;
  }
  return out;
}

const swapped = (name: string): string =>
  name.endsWith('_worked') ? name.replace('_worked', '_other') : name.replace('_other', '_worked');

/** The same shape with left and right changed: what was worked is now the other side. */
export function mirroredRung(rung: Rung): Rung {
  const angles = (a: PoseAngles): PoseAngles =>
    Object.fromEntries(
      Object.entries(a).map(([id, v]) =>
        /_(worked|other)$/.test(id) ? [swapped(id), v] : [id, MIRRORED.has(id) ? -v : v],
      ),
    );
  const hand = (way: Reach | undefined): Reach | undefined => way && { ...way, to: swapped(way.to) };
  const worked = hand(rung.reach.other),
    other = hand(rung.reach.worked);
  return {
    ...rung,
    path: [angles(rung.path[0]), angles(rung.path[1]), angles(rung.path[2])],
    reach: { ...(worked && { worked }), ...(other && { other }) },
    contacts: rung.contacts.map((c) => ({ ...c, point: swapped(c.point), ...(c.limb && { limb: swapped(c.limb) }) })),
  };
}

/** Sets what a rung touches; its props follow, those that carry nothing stay. */
export function withContacts(rung: Rung, contacts: readonly Contact[]): Rung {
  const of = (list: readonly Contact[]) => list.flatMap((c) => (c.on === 'floor' || c.on === 'limb' ? [] : [c.on]));
  const before = new Set(of(rung.contacts));
  const loose = rung.props.filter((p) => !before.has(p));
  return { ...rung, contacts, props: [...new Set([...of(contacts), ...loose])] };
}

/** Puts a hand somewhere, or sets it free where nothing is given. What it bears on follows. */
export function withHand(rung: Rung, hand: 'worked' | 'other', way: Reach | undefined): Rung {
  const reach = { ...rung.reach };
  if (way) reach[hand] = way;
  else delete reach[hand];
  const own = new RegExp(`^(wrist|elbow)_${hand}$`);
  const rest = rung.contacts.filter((c) => !own.test(c.point));
  const bears = way !== undefined && (way.floor !== undefined || way.bears === true);
  const height = way?.floor ?? 0;
  const on: Pick<Contact, 'on' | 'height_cm'> =
    height > 0 ? { on: height > 0.3 ? 'chair' : 'block', height_cm: Math.round(height * 100) } : { on: 'floor' };
  const points = !bears ? [] : way?.forearm ? [`elbow_${hand}`, `wrist_${hand}`] : [`wrist_${hand}`];
  return withContacts({ ...rung, reach }, [...rest, ...points.map((point) => ({ point, ...on }))]);
}

/**
 * Where a hand would go if it were put where it is now: to a landmark, with what lies between (metres, outward is +).
 */
export function handHere(
  rung: Pick<Rung, 'path' | 'reach'>,
  depth: number,
  hand: 'worked' | 'other',
  to: string,
  more: Pick<Reach, 'floor' | 'forearm'> = {},
): Reach {
  const { points, build: own } = skeletonOf(postureAt(rung, 'right', depth), reachFor(rung, 'right'));
  const side: Side = hand === 'worked' ? 'right' : 'left';
  const at = points[`${more.forearm ? 'elbow' : 'wrist'}_${side}`];
  const from = points[to.replace('_worked', '_right').replace('_other', '_left')];
  const out = (i: number) => Math.round(((at[i] - from[i]) / own.arm) * 1000) / 1000;
  const offset: Vec3 = [out(0), more.floor === undefined ? out(1) : 0, (side === 'right' ? 1 : -1) * out(2)];
  return { to, offset, ...more };
}

/** How near to the floor counts as touching it where contacts are looked for, metres. */
const TOUCHES = 0.02;

/** Landmarks that touch the floor at a depth and are not told yet, as the pose names them. */
export function touchingNow(rung: Rung, depth: number, names: readonly string[], build?: Build): Contact[] {
  const skeleton = skeletonOf(postureAt(rung, 'right', depth), reachFor(rung, 'right'), build);
  const told = new Set(rung.contacts.map((c) => c.point));
  const floor = floorOfContacts(skeleton, contactsFor(rung, 'right'));
  return names
    .filter((n) => !told.has(n))
    .map((point): Contact => ({ point, on: 'floor' }))
    .filter((c) => {
      const [{ point }] = contactsFor({ contacts: [c] }, 'right');
      return Math.abs(skeleton.points[point][1] - fleshOf(point) - floor) < TOUCHES;
    });
}

const PLAIN = { reach: {}, props: [], give: [], intents: [], phases: ['approach', 'deepest'] } as const;

/** A new own pose: standing upright, held. */
export function standingPose(id: string, moment: string): OwnShape {
  return checked({
    id,
    name: say('A new pose'),
    position: 'standing',
    sided: true,
    reaches: [],
    works: [],
    cues: { enter: '', keep: '', deepen: '', leave: '' },
    cheat: '',
    rungs: [
      {
        ...PLAIN,
        name: say('first rung'),
        path: [{}, {}, {}],
        contacts: ['heel_worked', 'ball_worked', 'heel_other', 'ball_other'].map((point) => ({ point, on: 'floor' })),
        kind: 'stretch',
        level: 1,
        hold: [20, 60],
      },
    ],
    inLibrary: false,
    createdAt: moment,
    updatedAt: moment,
  });
}

/** A copy of a pose to be changed, every rung with it. */
export function copyOf(shape: Shape, id: string, moment: string): OwnShape {
  const name = say('{{name}}, my way', { name: say(shape.name) });
  return checked({
    ...shape,
    id,
    name: name.length > 60 ? name.slice(0, 60) : name,
    // Settling may leave a tenth of a degree beyond a limit, which the body model cuts off.
    rungs: shape.rungs.map((r) => ({ ...r, path: r.path.map(withinLimits) })),
    inLibrary: false,
    createdAt: moment,
    updatedAt: moment,
  });
}

const withinLimits = (angles: PoseAngles): PoseAngles =>
  Object.fromEntries(
    Object.entries(angles).map(([id, v]) => {
      const own = jointLimits(id);
      return [id, own ? Math.min(own.max_deg, Math.max(own.min_deg, v)) : v];
    }),
  );

/** A further rung, a copy of the one given, after it. */
export function withRungAfter(shape: OwnShape, at: number): OwnShape {
  const copy = { ...shape.rungs[at], name: say('{{name}}, next', { name: say(shape.rungs[at].name) }).slice(0, 80) };
  return { ...shape, rungs: [...shape.rungs.slice(0, at + 1), copy, ...shape.rungs.slice(at + 1)] };
}

export const withoutRung = (shape: OwnShape, at: number): OwnShape => ({
  ...shape,
  rungs: shape.rungs.filter((_, i) => i !== at),
});

export const withRung = (shape: OwnShape, at: number, rung: Rung): OwnShape => ({
  ...shape,
  rungs: shape.rungs.map((r, i) => (i === at ? rung : r)),
});

/** Through the schema, which drops what only the library knows and copies the rest. */
const checked = (shape: unknown): OwnShape => ownShapeSchema.parse(shape);
