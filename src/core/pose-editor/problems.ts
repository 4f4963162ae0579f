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
  type Side,
} from '@/core/body';
import { contactsFor, postureAt, reachFor, type Rung, type Shape } from '@/core/poses';
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
  return `${v < 10 ? v.toFixed(1).replace(/\.0$/, '') : Math.round(v)} cm`;
};

/**
 * What is wrong with a rung at a depth, the worst of each kind first; empty where it can be done.
 * @param depth 0 entry, 0.5 half-way, 1 full; hands that bridge a gap with a prop need to arrive only at full depth
 */
export function problemsAt(
  shape: Pick<Shape, 'position'>,
  rung: Pick<Rung, 'path' | 'reach' | 'contacts' | 'wall' | 'props' | 'kind' | 'carries'>,
  worked: Side,
  depth: number,
  build?: Build,
): Problem[] {
  const out: Problem[] = [];
  const posture = postureAt(rung, worked, depth);
  const reach = reachFor(rung, worked);
  const skeleton = skeletonOf(posture, reach, build);
  const node = depth === 1 ? 'full' : depth === 0 ? 'entry' : 'middle';
  const carries = carriesOf(shape, rung);
  const holds = heldBy(rung.reach, worked);
  for (const o of overlapsOf(skeleton, 0)) {
    const depth_m = o.depth_m - allowed(o.between, holds);
    if (depth_m <= OVERLAP) continue;
    const [a, b] = o.between.map(pointWords);
    out.push({
      kind: 'overlap',
      impossible: true,
      by: depth_m * 100,
      words: `The ${a} goes ${cm(depth_m)} into the ${b}.`,
    });
  }
  const contacts = contactsFor(rung, worked).filter(
    (c) => node === 'full' || carries || !/^(wrist|elbow)/.test(c.point),
  );
  const floor = floorOfContacts(skeleton, contacts);
  const bears = contacts.some((c) => c.on === 'floor');
  const sunk = Object.entries(skeleton.points)
    .filter(([name]) => fleshOf(name) > 0 && !/^hand/.test(name))
    .map(([name, at]) => ({ name, by: floor - (at[1] - fleshOf(name)) }))
    .filter((s) => s.by > SINKS && !contacts.some((c) => c.point === s.name && c.on === 'floor'))
    .sort((a, b) => b.by - a.by);
  if (bears)
    for (const s of sunk.slice(0, 3))
      out.push({
        kind: 'floor',
        impossible: true,
        by: s.by * 100,
        words: `The ${pointWords(s.name)} is ${cm(s.by)} below the floor.`,
      });
  contactGaps(skeleton, contacts, rung.wall, node).forEach((gap, i) => {
    if (Math.abs(gap) <= GAP) return;
    const c = contacts[i];
    const where = c.on === 'limb' ? `the ${pointWords(c.limb ?? '')}` : ON_WORDS[c.on];
    out.push({
      kind: 'contact',
      impossible: true,
      by: Math.abs(gap) * 100,
      words:
        gap > 0
          ? `The ${pointWords(c.point)} is ${cm(gap)} away from ${where} that it is to touch.`
          : `The ${pointWords(c.point)} is ${cm(gap)} inside ${where}.`,
    });
  });
  if (node === 'full' || carries)
    for (const side of SIDES) {
      const way = reach[side];
      if (!way) continue;
      const gap = norm(sub(skeleton.points[`wrist_${side}`], reachGoal(skeleton, side, way)));
      if (gap > GAP)
        out.push({
          kind: 'hand',
          impossible: true,
          by: gap * 100,
          words: `The ${side} hand is ${cm(gap)} short of where it is to go: the arm is not long enough.`,
        });
    }
  for (const { id, min_deg, max_deg } of COORDINATES) {
    if (!/^(hip|knee_flexion|ankle|lumbar|shoulder_flexion)/.test(id)) continue;
    const deg = posture[coordinateIndex(id)] / DEG;
    if (deg < max_deg - 0.5 && deg > min_deg + 0.5) continue;
    out.push({
      kind: 'limit',
      impossible: false,
      by: deg,
      words: `The ${jointWords(id)} is at the end of what any body does: ${bodyAngleWords(id, deg)}.`,
    });
  }
  return out.sort((a, b) => Number(b.impossible) - Number(a.impossible));
}

const jointWords = (id: string): string => {
  const side = /_(left|right)$/.exec(id);
  return `${side ? `${side[1]} ` : ''}${bodyAngle(id).name}`;
};

/** What the statics of a shape say of its balance. */
export const TIPS_OVER: Problem = {
  kind: 'balance',
  impossible: true,
  by: 0,
  words: 'Nothing keeps this body from tipping over or sliding: more must bear, or the weight must come over it.',
};

/**
 * What keeps a rung out of the library: everything impossible at entry, half-way and full depth, each said once. Balance
 * comes from the statics and is asked for apart.
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
      depth === 1 ? p : { ...p, words: `${depth === 0 ? 'At the entry' : 'Half-way'}: ${p.words}` },
    );
}
