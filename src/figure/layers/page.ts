import type { Skeleton } from '@/core/body';
import type { MassField } from '../field/grid';
import { curves } from '../line/fit';
import { moveTo, smooth, straightPath, thin, type P2 } from '../line/polyline';
import type { Lens } from '../projection';
import type { Detail, Scene } from '../scene';

/** Everything that a layer needs to draw: the scene in space, how it is seen, and the fields on paper. */
export interface Page {
  scene: Scene;
  skeleton: Skeleton;
  /** Height of the floor, metres. */
  floor: number;
  lens: Lens;
  detail: Detail;
  /** Masses of the body and solid props. */
  fields: MassField[];
  /** Masses that are only hinted at: an arm that hangs before the muscles shown. */
  ghosts: ReadonlySet<string>;
  /** Masses on the far side of the trunk. */
  far: ReadonlySet<string>;
  /** Bones and muscles are shown, cloth is not. */
  bare: boolean;
  /** Width of the pen, metres. */
  pen: number;
}

/** Pairs of masses that grow into each other: crease filled so far, over so much depth; metres. */
export const GROWN: readonly { of: RegExp; to: RegExp; fill: number; reach: number }[] = [
  { of: /^trunk$/, to: /^leg_/, fill: 0.035, reach: 0.1 },
  { of: /^trunk$/, to: /^arm_/, fill: 0.03, reach: 0.07 },
  { of: /^trunk$/, to: /^head$/, fill: 0.014, reach: 0.06 },
];
export const grown = (a: string, b: string): boolean =>
  GROWN.some((g) => (g.of.test(a) && g.to.test(b)) || (g.of.test(b) && g.to.test(a)));

export const isFine = (d: Detail): boolean => d === 'medium' || d === 'large';

/** Fills lie under ink: this far from the true line is not seen, metres. */
const FILL = { moving: 0.0014, small: 0.0012, medium: 0.0007, large: 0.0006 } as const;
/** A closed line as a filled shape whose edge is under ink. */
export const fillPath = (line: readonly P2[], detail: Detail): string => straightPath(thin(line, FILL[detail]));
/** A closed line as a shape whose edge is seen. */
export const edgePath = (line: readonly P2[], detail: Detail, passes = 2): string => {
  const s = smooth(line, passes);
  return isFine(detail) ? `${moveTo(s[0])}${curves(s, 0.0006)}Z` : straightPath(thin(s, 0.001));
};
