import type { KneeFunction } from './knee-function';

/** One piece of a path between two points: straight, round a cylinder or round a sphere. */
export interface Piece {
  /** First number of each end in the array of placed points. */
  a: number;
  b: number;
  /** Segments of the ends. */
  segmentA: number;
  segmentB: number;
  /** 0 straight, 1 cylinder, 2 sphere. */
  shape: 0 | 1 | 2;
  cx: number;
  cy: number;
  cz: number;
  radius: number;
  sense: number;
}

/** A line made ready for computing at one build. Metres. */
export interface CompiledLine {
  /** Length of the pieces that no joint changes. */
  constant: number;
  pieces: Piece[];
  knee: KneeFunction | null;
  /** Size of the knee against the model's. */
  kneeSize: number;
  /** Lever beside the shin's axis at a right-angled knee. */
  kneeRotation: number;
  /** Optimal fibre length. */
  fibre: number;
  /** Length that the whole line never falls below. */
  shortest: number;
}
