import type { Vec3 } from './vec3';

/** Named points of the body in the world: metres, y up, floor not yet at 0. */
export type Points = Record<string, Vec3>;

/**
 * Where a hand goes: a named point of the body plus an offset in metres. A hand on the floor takes only the place from
 * it, its height is the floor's (plus what it rests on). Without a reach the arm's own angles count.
 */
export interface Reach {
  to: string;
  offset?: Vec3;
  /** Metres above the floor on which the palm lies. */
  floor?: number;
  /** The hand bears the body: nothing else may be on the floor, so the hands make it. */
  bears?: boolean;
  /** The whole forearm lies there, not the palm alone; `offset` is where the elbow goes. */
  forearm?: boolean;
  /** The hand is beside the place and holds nothing. */
  free?: boolean;
  /** Which way the elbow points: forward, up and outward of the chest. */
  elbow?: Vec3;
}
