import { say } from '@/core/languages/spoken';
import {
  bodyAngle,
  bodyAngleWords,
  COORDINATES,
  coordinateIndex,
  DEG,
  fleshOf,
  overlapsOf,
  reachGoal,
  skeletonOf,
  norm,
  sub,
  SIDES,
  type Build,
  type Posture,
  type Side,
  type Skeleton,
} from '@/core/body';
import { contactsFor, postureAt, reachFor, type Contact, type Rung, type Shape } from '@/core/poses';
import { allowed, carriesOf, contactGaps, floorOfContacts, heldBy } from '@/core/poses/gaps';
import { ON_WORDS, pointWords } from './words';

/** Something about a shape that cannot be, or is not done yet. */
export interface Problem {
  kind: 'overlap' | 'floor' | 'contact' | 'hand' | 'balance' | 'limit';
  /** False for what is only said: a joint at its end is possible. */
  impossible: boolean;
  words: string;
  /** How far off, centimetres; degrees for a limit. */
  by: number;
}

/** From where on it is told, metres: what the library itself is held to. */
const OVERLAP = 0.01;
/** Flesh lies flat by so much where it is pressed. */
const SINKS = 0.02;
const GAP = 0.015;

const cm = (m: number): string => {
  const v = Math.abs(m) * 100;
  return say('{{what}} cm', { what: v < 10 ? v.toFixed(1).replace(/\.0$/, '') : Math.round(v) });
};

type Drawn = Pick<Rung, 'path' | 'reach' | 'contacts' | 'wall' | 'props' | 'kind' | 'carries'>;

/** A rung as it stands at a depth: what every question about it looks at. */
interface Stand {
  rung: Drawn;
  worked: Side;
  node: 'entry' | 'middle' | 'full';
  posture: Posture;
  reach: ReturnType<typeof reachFor>;
  skeleton: Skeleton;
  contacts: readonly Contact[];
  /** True where hands must have arrived at this depth too. */
  arrives: boolean;
}

function standAt(shape: Pick<Shape, 'position'>, rung: Drawn, worked: Side, depth: number, build?: Build): Stand {
  const posture = postureAt(rung, worked, depth);
  const reach = reachFor(rung, worked);
  const node = depth === 1 ? 'full' : depth === 0 ? 'entry' : 'middle';
  const arrives = node === 'full' || carriesOf(shape, rung);
  return {
    rung,
    worked,
    node,
    posture,
    reach,
    skeleton: skeletonOf(posture, reach, build),
    contacts: contactsFor(rung, worked).filter((c) => arrives || !/^(wrist|elbow)/.test(c.point)),
    arrives,
  };
}

/**
 * What is wrong with a rung at a depth, the worst of each kind first; empty where it can be done.
 * @param depth 0 entry, 0.5 half-way, 1 full; hands that bridge a gap with a prop need to arrive only at full depth
 */
export function problemsAt(
  shape: Pick<Shape, 'position'>,
  rung: Drawn,
  worked: Side,
  depth: number,
  build?: Build,
): Problem[] {
  const stand = standAt(shape, rung, worked, depth, build);
  return [
    ...throughEachOther(stand),
    ...belowTheFloor(stand),
    ...apart(stand),
    ...shortHands(stand),
    ...atTheirEnds(stand),
  ].sort((a, b) => Number(b.impossible) - Number(a.impossible));
}

/** Something that cannot be. @param off metres */
const cannot = (kind: Problem['kind'], off: number, words: string): Problem => ({
  kind,
  impossible: true,
  by: Math.abs(off) * 100,
  words,
});

function throughEachOther({ skeleton, rung, worked }: Stand): Problem[] {
  const holds = heldBy(rung.reach, worked);
  return overlapsOf(skeleton, 0)
    .map((o) => ({ between: o.between.map(pointWords), into: o.depth_m - allowed(o.between, holds) }))
    .filter((o) => o.into > OVERLAP)
    .map(({ between: [a, b], into }) =>
      cannot('overlap', into, say('The {{a}} goes {{cm}} into the {{b}}.', { a, cm: cm(into), b })),
    );
}

/** Landmarks below the floor that are told at most. */
const MOST_SUNK = 3;
function belowTheFloor({ skeleton, contacts }: Stand): Problem[] {
  if (!contacts.some((c) => c.on === 'floor')) return [];
  const floor = floorOfContacts(skeleton, contacts);
  return Object.entries(skeleton.points)
    .filter(([name]) => fleshOf(name) > 0 && !/^hand/.test(name))
    .map(([name, at]) => ({ name, by: floor - (at[1] - fleshOf(name)) }))
    .filter((s) => s.by > SINKS && !contacts.some((c) => c.point === s.name && c.on === 'floor'))
    .sort((a, b) => b.by - a.by)
    .slice(0, MOST_SUNK)
    .map((s) =>
      cannot(
        'floor',
        s.by,
        say('The {{point}} is {{cm}} below the floor.', { point: pointWords(s.name), cm: cm(s.by) }),
      ),
    );
}

function apart({ skeleton, contacts, rung, node }: Stand): Problem[] {
  return contactGaps(skeleton, contacts, rung.wall, node).flatMap((gap, i) => {
    if (Math.abs(gap) <= GAP) return [];
    const c = contacts[i];
    const where = c.on === 'limb' ? say('the {{point}}', { point: pointWords(c.limb ?? '') }) : say(ON_WORDS[c.on]);
    const how =
      gap > 0
        ? say('{{cm}} away from {{where}} that it is to touch', { cm: cm(gap), where })
        : say('{{cm}} inside {{where}}', { cm: cm(gap), where });
    return [cannot('contact', gap, say('The {{point}} is {{how}}.', { point: pointWords(c.point), how }))];
  });
}

function shortHands({ skeleton, reach, arrives }: Stand): Problem[] {
  if (!arrives) return [];
  return SIDES.flatMap((side) => {
    const way = reach[side];
    const gap = way ? norm(sub(skeleton.points[`wrist_${side}`], reachGoal(skeleton, side, way))) : 0;
    const words = say('The {{side}} hand is {{cm}} short of where it is to go: the arm is not long enough.', {
      side: say(side),
      cm: cm(gap),
    });
    return gap > GAP ? [cannot('hand', gap, words)] : [];
  });
}

/** Joints whose end is told, and how near to it counts as there, degrees. */
const TOLD = /^(hip|knee_flexion|ankle|lumbar|shoulder_flexion)/;
const AT_END = 0.5;
function atTheirEnds({ posture }: Stand): Problem[] {
  return COORDINATES.filter(({ id }) => TOLD.test(id)).flatMap(({ id, min_deg, max_deg }): Problem[] => {
    const deg = posture[coordinateIndex(id)] / DEG;
    if (deg < max_deg - AT_END && deg > min_deg + AT_END) return [];
    const words = say('The {{joint}} is at the end of what any body does: {{bodyAngle}}.', {
      joint: jointWords(id),
      bodyAngle: bodyAngleWords(id, deg),
    });
    return [{ kind: 'limit', impossible: false, by: deg, words }];
  });
}

const jointWords = (id: string): string => {
  const side = /_(left|right)$/.exec(id);
  return `${side ? `${side[1]} ` : ''}${say(bodyAngle(id).name)}`;
};

/** What the statics of a shape say of its balance. */
export const TIPS_OVER: Problem = {
  kind: 'balance',
  impossible: true,
  by: 0,
  words: 'Nothing keeps this body from tipping over or sliding: more must bear, or the weight must come over it.',
};

/**
 * What keeps a rung out of the library: everything impossible at entry, half-way and full depth, each said once.
 * Balance comes from the statics and is asked for apart.
 */
export function obstaclesOf(shape: Pick<Shape, 'position'>, rung: Rung, build?: Build): Problem[] {
  const seen = new Set<string>();
  return [1, 0, 0.5]
    .flatMap((depth) => problemsAt(shape, rung, 'right', depth, build).map((p) => ({ p, depth })))
    .filter(({ p }) => p.impossible)
    .filter(({ p }) => {
      const key = p.words.replace(/[\d.]+ cm/, '');
      if (seen.has(key)) return false;
      seen.add(key);
      return true;
    })
    .map(({ p, depth }) =>
      depth === 1 ? p : { ...p, words: `${depth === 0 ? say('At the entry') : say('Half-way')}: ${p.words}` },
    );
}
