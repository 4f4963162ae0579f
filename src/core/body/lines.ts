import { z } from 'zod';
import data from './data/lines.json';

const point = z.object({
  segment: z.enum(['pelvis', 'lumbar-lower', 'lumbar-upper', 'thorax', 'thigh', 'shank', 'foot', 'midfoot', 'toes']),
  at_m: z.tuple([z.number(), z.number(), z.number()]),
});

const wrap = z.object({
  /** The surface lies between this point of the line and the next. */
  between: z.number().int(),
  shape: z.enum(['cylinder', 'sphere']),
  centre_m: z.tuple([z.number(), z.number(), z.number()]),
  radius_m: z.number().positive(),
  /** Cylinders only: +1 passes behind the hip, −1 in front of it. */
  sense: z.union([z.literal(1), z.literal(-1)]).optional(),
  why: z.string(),
});

const line = z.object({
  line: z.string(),
  structure: z.string(),
  points: z.array(point).min(2),
  wraps: z.array(wrap),
  kneeFunction: z.string().optional(),
  /** Lever beside the shank's axis at a right-angled knee, metres: + where turning the shin in lengthens the line. */
  kneeRotation_m: z.number().optional(),
  fibreLength_m: z.number().positive(),
  maximumForce_N: z.number().positive(),
  pennation_deg: z.number(),
  confidence: z.enum(['low', 'medium', 'high']),
  source: z.string(),
});

export type LineDefinition = z.infer<typeof line>;
/** Surface that a piece of a line bends round. */
export type WrapDefinition = z.infer<typeof wrap>;
export type SegmentName = z.infer<typeof point>['segment'];

/** Lines of action of the right side, in the pelvis frame; every line keeps its source and our confidence in it. */
export const LINES: readonly LineDefinition[] = z.array(line).parse(data.lines);
export const LINE_IDS: readonly string[] = LINES.map((l) => l.line);

/** Place of a line by its id. Throws when unknown. */
export function lineIndex(id: string): number {
  const index = LINE_IDS.indexOf(id);
  if (index < 0) throw new Error(`unknown line "${id}"`);
  return index;
}
