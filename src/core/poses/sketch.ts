import type { GroupId } from '@/core/body';
import { carriesOf } from './gaps';
import type { Contact, Give, Intent, Kind, Level, Phase, PoseAngles, Position, PropId, Rung, Shape } from './format';
import type { Laid, SketchContact, SketchHands } from './sketch-parts';
import { anglesOf, contactsWritten, handsOf } from './sketch-read';

/** A rung as an author writes it (`sketch-parts.ts`): rough angles; settling puts it on its contacts. */
export interface RungSketch {
  name: string;
  /** Joint angles at entry, on top of the shape's base. */
  entry: Laid;
  /** What full depth changes of them. */
  full?: Laid;
  on: readonly SketchContact[];
  hands?: SketchHands;
  wall?: Rung['wall'];
  /** Props that carry no weight, or beyond those of the contacts. */
  props?: readonly PropId[];
  kind?: Kind;
  level?: Level;
  hold?: readonly [number, number];
  repeats?: readonly [number, number];
  phases?: readonly Phase[];
  give?: readonly Give[];
  intents?: readonly Intent[];
  /** False where hands, a strap or a wall keep the balance and not the feet. */
  balance?: false;
  /**
   * True where the hands carry and must be down from the entry on; by default on all fours and in work of the muscles.
   */
  carries?: boolean;
  /** How to come in, where it is not as the shape says. */
  enter?: string;
  /** Done as the shape's own warning tells not to: it ranks behind its clean rungs. */
  loose?: true;
}

export interface ShapeSketch<Id extends string = string> {
  id: Id;
  name: string;
  plain?: string;
  sanskrit?: string;
  also?: readonly string[];
  position: Position;
  sided?: boolean;
  yaw?: number;
  pitch?: number;
  reaches?: readonly GroupId[];
  works?: readonly GroupId[];
  cues: readonly [enter: string, keep: string, deepen: string, leave: string];
  cheat: string;
  instead?: string;
  /** Angles that every rung begins with. */
  base?: Laid;
  kind?: Kind;
  give?: readonly Give[];
  rungs: readonly RungSketch[];
}

/** A rung's rough ends with what settling must know. */
export interface Rough {
  id: string;
  rung: number;
  sided: boolean;
  kind: Kind;
  entry: PoseAngles;
  full: PoseAngles;
  held: { entry: ReadonlySet<string>; full: ReadonlySet<string> };
  /** Typical people's tolerance that the full depth may ask for at most, SD beyond their end; null asks nothing. */
  reaches_sd: number | null;
  reach: Rung['reach'];
  contacts: readonly Contact[];
  wall: Rung['wall'];
  balance: boolean;
  /**
   * True where the hands must touch from the entry on; else a block or a strap bridges what is missing until full
   * depth.
   */
  carries: boolean;
}

const HOLD: Readonly<Record<Kind, readonly [number, number]>> = {
  stretch: [20, 90],
  strength: [8, 30],
  mobility: [3, 8],
  rest: [45, 300],
};
const PHASES: Readonly<Record<Kind, readonly Phase[]>> = {
  stretch: ['approach', 'deepest'],
  strength: ['warm', 'approach', 'deepest'],
  mobility: ['warm', 'counter'],
  rest: ['settle', 'counter', 'rest'],
};

/** How mobile somebody must be for the full depth, by level, SD beyond the end of typical people (ours). */
const MOST_SD: Readonly<Record<'stretch' | 'other', Readonly<Record<Level, number>>>> = {
  // A stretch that most people would never see the end of is no textbook shape of its level.
  stretch: { 1: 0.6, 2: 1, 3: 3.5 },
  other: { 1: 1, 2: 2, 3: 3.5 },
};

/** Hands on the floor bear weight like any other point; hands on the body hold it. */
const handContacts = (reach: Rung['reach']): Contact[] =>
  (['worked', 'other'] as const).flatMap((side): Contact[] => {
    const way = reach[side];
    if (!way) return [];
    if (way.bears) return [{ point: `wrist_${side}`, on: 'floor' }];
    if (way.floor === undefined) return [];
    const point = way.forearm ? [`elbow_${side}`, `wrist_${side}`] : [`wrist_${side}`];
    return point.map((p) => ({
      point: p,
      ...(way.floor
        ? { on: way.floor > 0.3 ? ('chair' as const) : ('block' as const), height_cm: way.floor * 100 }
        : { on: 'floor' as const }),
    }));
  });

/** The same rung with its hands elsewhere. */
export function withHands<R extends Pick<Rough, 'reach' | 'contacts'>>(rough: R, reach: Rung['reach']): R {
  const own = (c: Contact) =>
    /^(wrist|elbow)/.test(c.point) &&
    rough.reach[c.point.endsWith('_worked') ? 'worked' : 'other']?.floor !== undefined;
  return { ...rough, reach, contacts: [...rough.contacts.filter((c) => !own(c)), ...handContacts(reach)] };
}

/** The rough ends of every rung of a sketched shape. */
export function roughOf(sketch: ShapeSketch): Rough[] {
  return sketch.rungs.map((r, i) => {
    const { base = [] } = sketch;
    const entry = anglesOf(base, r.entry);
    const full = anglesOf(base, r.entry, r.full ?? []);
    const reach = r.hands ? handsOf(r.hands) : {};
    return {
      id: sketch.id,
      rung: i + 1,
      sided: sketch.sided !== false,
      kind: r.kind ?? sketch.kind ?? 'stretch',
      entry: entry.angles,
      full: full.angles,
      held: { entry: entry.held, full: full.held },
      reaches_sd:
        MOST_SD[(r.kind ?? sketch.kind ?? 'stretch') === 'stretch' ? 'stretch' : 'other'][
          r.level ?? (Math.min(3, i + 1) as Level)
        ],
      reach,
      contacts: [...contactsWritten(r.on), ...handContacts(reach)],
      wall: r.wall,
      balance: r.balance !== false,
      carries: carriesOf(sketch, { kind: r.kind ?? sketch.kind ?? 'stretch', carries: r.carries }),
    };
  });
}

/** What settling makes of a rung: its path, and its hands where they had to go elsewhere than written. */
export interface SettledRung {
  path: Rung['path'];
  hands?: Rung['reach'];
}

/**
 * The finished shape.
 * @param settledOf what settling made of a rung, by its number from 1; rungs without stay as they are written
 */
export function finished(sketch: ShapeSketch, settledOf: (rung: number) => SettledRung | undefined): Shape {
  const rough = roughOf(sketch);
  const rungs = sketch.rungs.map((r, i): Rung => {
    const settled = settledOf(i + 1);
    const own = settled?.hands ? withHands(rough[i], settled.hands) : rough[i];
    const kind = r.kind ?? sketch.kind ?? 'stretch';
    const from = own.contacts.flatMap((c) => (c.on === 'floor' || c.on === 'limb' ? [] : [c.on]));
    return {
      name: r.name,
      path: settled?.path ?? [own.entry, halfWay(own.entry, own.full), own.full],
      reach: own.reach,
      contacts: own.contacts,
      ...(r.carries !== undefined && { carries: r.carries }),
      ...(r.wall && { wall: r.wall }),
      props: [...new Set([...from, ...(r.props ?? [])])],
      kind,
      level: r.level ?? (Math.min(3, i + 1) as Level),
      hold: r.hold ?? HOLD[kind],
      ...(r.repeats && { repeats: r.repeats }),
      phases: r.phases ?? (kind === 'stretch' && i === 0 ? ['warm', ...PHASES.stretch] : PHASES[kind]),
      give: r.give ?? sketch.give ?? [],
      intents: r.intents ?? [],
      ...(r.enter && { enter: r.enter }),
      ...(r.loose && { loose: r.loose }),
    };
  });
  const [enter, keep, deepen, leave] = sketch.cues;
  return {
    id: sketch.id,
    name: sketch.name,
    ...(sketch.plain && { plain: sketch.plain }),
    ...(sketch.sanskrit && { sanskrit: sketch.sanskrit }),
    ...(sketch.also && { also: sketch.also }),
    position: sketch.position,
    sided: sketch.sided !== false,
    ...(sketch.yaw !== undefined && { yaw: sketch.yaw }),
    ...(sketch.pitch !== undefined && { pitch: sketch.pitch }),
    reaches: sketch.reaches ?? [],
    works: sketch.works ?? [],
    cues: { enter, keep, deepen, leave },
    cheat: sketch.cheat,
    ...(sketch.instead && { instead: sketch.instead }),
    rungs,
  };
}

/** Mean of two sets of angles. */
export const halfWay = (a: PoseAngles, b: PoseAngles): PoseAngles =>
  Object.fromEntries(
    [...new Set([...Object.keys(a), ...Object.keys(b)])].map((id) => [id, ((a[id] ?? 0) + (b[id] ?? 0)) / 2]),
  );
