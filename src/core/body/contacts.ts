import { MODEL_HEIGHT } from './joints';
import type { Points, Reach } from './points';
import type { Side } from './coordinates';

/** Radius of flesh round the points that may touch the floor, metres at model size. */
const FLESH: Readonly<Record<string, number>> = {
  sacrum: 0.05,
  buttock: 0.085,
  hip: 0.084,
  knee: 0.05,
  ankle: 0.035,
  heel: 0.032,
  ball: 0.024,
  toe: 0.016,
  calf: 0.05,
  thigh: 0.075,
  back: 0.06,
  'back-high': 0.06,
  head: 0.1,
  elbow: 0.036,
  wrist: 0.026,
  hand: 0.02,
  chest: 0.085,
  shoulder: 0.055,
  pubis: 0.05,
  waist: 0.068,
};
const known = new Map<string, number>();
/** Radius of flesh round a landmark, metres at model size; 0 for those that never touch. */
export function fleshOf(point: string): number {
  let flesh = known.get(point);
  if (flesh === undefined) known.set(point, (flesh = FLESH[point.replace(/_(left|right)$/, '')] ?? 0));
  return flesh;
}

const FLESHY = Object.entries(FLESH).map(([name, r]) => ({
  names: [name, `${name}_left`, `${name}_right`],
  r,
  arm: /^(elbow|wrist|hand)/.test(name),
}));

/** Height of the floor: the lowest flesh of the body, metres. Arms that reach for something do not count. */
export function floorUnder(points: Points, hands: boolean): number {
  let floor = Infinity;
  for (const { names, r, arm } of FLESHY) {
    if (arm && !hands) continue;
    for (const name of names) {
      const at = points[name] as Points[string] | undefined;
      if (at && at[1] - r < floor) floor = at[1] - r;
    }
  }
  return floor;
}

/** The floor of a posture: arms that reach for something on the body or on the floor do not make it. */
export const floorOf = (points: Points, reach: Partial<Record<Side, Reach>>): number =>
  floorUnder(points, Object.keys(reach).length === 0 || Object.values(reach).some((r) => r.bears));

/** Free height between the flesh of a landmark and the floor, metres; below 0 where it would sink in. */
export const gapUnder = (points: Points, point: string, floor: number): number =>
  points[point][1] - fleshOf(point) - floor;

/** Landmarks that rest on the floor: their flesh is less than `within` metres above it. */
export function contactsOf(points: Points, floor: number, within = 0.01 * MODEL_HEIGHT): string[] {
  return Object.keys(points).filter((name) => fleshOf(name) > 0 && gapUnder(points, name, floor) < within);
}
