import { z } from 'zod';
import { COORDINATES, fleshOf, GROUPS, skeletonOf } from '@/core/body';
import { momentSchema } from '@/core/students/student';
import { POSITIONS, type Shape } from './format';

/** A pose of the teacher's own, as it is kept and as it stands in a `kolpos/pose` file. */

/** Coordinates as poses name them, with their joint limits in degrees. */
const LIMITS = new Map(
  COORDINATES.filter((c) => !c.id.endsWith('_left')).map((c) => [c.id.replace(/_right$/, ''), c] as const),
);
const limitsOf = (name: string) => {
  const sided = /_(worked|other)$/.test(name);
  const bare = name.replace(/_(worked|other)$/, '');
  const own = LIMITS.get(bare);
  return own && own.id.endsWith('_right') === sided ? own : undefined;
};

const anglesSchema = z.record(z.string(), z.number()).superRefine((angles, ctx) => {
  for (const [name, deg] of Object.entries(angles)) {
    const own = limitsOf(name);
    if (!own) ctx.addIssue({ code: 'custom', path: [name], message: `"${name}" is not a joint angle of the model.` });
    else if (deg < own.min_deg || deg > own.max_deg)
      ctx.addIssue({
        code: 'custom',
        path: [name],
        message: `${deg}° is beyond what any joint does here: ${own.min_deg}° to ${own.max_deg}°.`,
      });
  }
});

/** Landmarks that may bear on something; `heel` and the like stand for `heel_worked` and `heel_other`. */
export const BEARING_POINTS = [
  'heel',
  'ball',
  'toe',
  'ankle',
  'calf',
  'knee',
  'thigh',
  'hip',
  'buttock',
  'wrist',
  'elbow',
  'shoulder',
  'waist',
] as const;
export const BEARING_MIDDLE = ['sacrum', 'pubis', 'back', 'back-high', 'chest', 'head'] as const;
/** Segments that a landmark may lie against. */
const SEGMENTS = ['thigh', 'shank', 'foot', 'forearm', 'upper-arm'] as const;

const both = (names: readonly string[]): string[] => names.flatMap((n) => [`${n}_worked`, `${n}_other`]);
const some = (names: readonly string[]): z.ZodEnum<Record<string, string>> => z.enum(names as [string, ...string[]]);
/** Every landmark of the body as poses name it. */
const LANDMARKS = Object.keys(skeletonOf(new Float64Array(COORDINATES.length)).points).map((name) =>
  name.replace(/_left$/, '_other').replace(/_right$/, '_worked'),
);
const BEARING = LANDMARKS.filter((name) => fleshOf(name.replace(/_(worked|other)$/, '')) > 0);

export const ON = ['floor', 'limb', 'blanket', 'block', 'bolster', 'chair', 'wall', 'strap', 'post'] as const;
const PROPS = ['blanket', 'block', 'strap', 'bolster', 'wall', 'chair', 'post'] as const;

const contactSchema = z
  .object({
    point: some(BEARING),
    on: z.enum(ON),
    limb: some([...both(SEGMENTS), 'belly', ...LANDMARKS.filter((n) => n !== 'belly')]).optional(),
    height_cm: z.number().min(0).max(120).optional(),
  })
  .refine((c) => c.on !== 'limb' || c.limb !== undefined, { path: ['limb'], message: 'Say against what it lies.' });

const metres = z.number().min(-1.5).max(1.5);
const three = z.tuple([metres, metres, metres]);
const reachSchema = z.object({
  to: some(LANDMARKS),
  offset: three.optional(),
  floor: z.number().min(0).max(1.2).optional(),
  bears: z.boolean().optional(),
  free: z.boolean().optional(),
  forearm: z.boolean().optional(),
  elbow: three.optional(),
});

const seconds = z.number().min(1).max(1800);
const intentSchema = z.object({
  cue: z.enum(['press', 'draw', 'squeeze', 'lift']),
  words: z.string().max(200),
  at: z.object({ point: z.string().max(40), force: three }).optional(),
  structure: z
    .object({ id: z.string().max(60), side: z.enum(['worked', 'other', 'both']), least: z.number().min(0).max(0.95) })
    .optional(),
});

export const rungSchema = z.object({
  name: z.string().trim().min(1, 'A rung needs a name.').max(80),
  path: z.tuple([anglesSchema, anglesSchema, anglesSchema]),
  reach: z.object({ worked: reachSchema.optional(), other: reachSchema.optional() }),
  contacts: z.array(contactSchema).max(24),
  carries: z.boolean().optional(),
  wall: z.enum(['behind', 'ahead', 'beside']).optional(),
  props: z.array(z.enum(PROPS)).max(7),
  kind: z.enum(['stretch', 'strength', 'mobility', 'rest']),
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  hold: z
    .tuple([seconds, seconds])
    .refine(([least, most]) => least <= most, { message: 'The shortest hold must not be longer than the longest.' }),
  repeats: z.tuple([z.number().int().min(1).max(60), z.number().int().min(1).max(60)]).optional(),
  phases: z.array(z.enum(['settle', 'warm', 'approach', 'deepest', 'counter', 'rest'])).max(6),
  give: z.array(z.enum(['knee-bends', 'pelvis-rolls', 'heel-lifts', 'stance-shortens', 'thigh-turns'])).max(5),
  intents: z.array(intentSchema).max(6),
  enter: z.string().max(300).optional(),
  loose: z.literal(true).optional(),
});

const line = z.string().max(300);
export const shapeSchema = z.object({
  id: z.string().regex(/^own-[a-z0-9-]{1,50}$/, 'An own pose has an id that begins with "own-".'),
  name: z.string().trim().min(1, 'A pose needs a name.').max(60),
  plain: z.string().max(80).optional(),
  sanskrit: z.string().max(60).optional(),
  also: z.array(z.string().trim().min(1).max(60)).max(12).optional(),
  position: z.enum(POSITIONS as [Shape['position'], ...Shape['position'][]]),
  sided: z.boolean(),
  yaw: z.number().min(-360).max(360).optional(),
  pitch: z.number().min(-20).max(80).optional(),
  reaches: z.array(z.enum(GROUPS)).max(20),
  works: z.array(z.enum(GROUPS)).max(20),
  cues: z.object({ enter: line, keep: line, deepen: line, leave: line }),
  cheat: line,
  instead: z.string().max(60).optional(),
  rungs: z.array(rungSchema).min(1).max(6),
});

export const ownShapeSchema = shapeSchema.extend({
  /** True where it is ranked, built in and found in the library; else it is still being made. */
  inLibrary: z.boolean(),
  createdAt: momentSchema,
  updatedAt: momentSchema,
});
/** A pose that the teacher made; what the schema lets through. */
export interface OwnShape extends Shape {
  inLibrary: boolean;
  createdAt: string;
  updatedAt: string;
}

/** The joint limits of a pose's coordinate, degrees; undefined for a name that the model does not have. */
export const jointLimits = (name: string): { min_deg: number; max_deg: number } | undefined => limitsOf(name);
