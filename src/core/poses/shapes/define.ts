import type { ShapeSketch } from '../sketch';

/** Shapes as their file writes them; their ids stay types of their own, from which `PoseId` follows. */
export const defineShapes = <const Id extends string>(list: readonly ShapeSketch<Id>[]): readonly ShapeSketch<Id>[] =>
  list;
