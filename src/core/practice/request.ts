import { z } from 'zod';
import type { Demand } from '@/core/cautions/demands';
import { PACES } from './pace';
import { STYLE_IDS } from './styles';

/** What a practice is asked for. */

export const PRACTICE_PLACES = ['anywhere', 'chair', 'standing'] as const;
export const AVOIDED = ['wrists', 'kneeling', 'lying-on-front', 'lying-on-back', 'head-down'] as const;
export type Avoided = (typeof AVOIDED)[number];
/** What is avoided, in what cautions speak of. */
export const AVOIDED_DEMANDS: Readonly<Record<Avoided, Demand>> = {
  wrists: 'weight-on-hands',
  kneeling: 'kneeling',
  'lying-on-front': 'lying-on-front',
  'lying-on-back': 'lying-on-back',
  'head-down': 'head-low',
};

export const SALUTED = ['none', 'half-sun', 'sun-a', 'sun-b', 'sun-c'] as const;
export type Saluted = (typeof SALUTED)[number];

/** Versions of a practice that can be asked for before the first comes back. */
export const VERSIONS = 9;

export const requestSchema = z.object({
  minutes: z.number().min(5).max(120),
  /** Seconds of one slow breath of this student. */
  breathSeconds: z.number().min(2).max(20).default(6),
  style: z.enum(STYLE_IDS).default('build'),
  place: z.enum(PRACTICE_PLACES).default('anywhere'),
  /** Props at hand; null: whatever a pose needs. */
  props: z
    .array(z.enum(['blanket', 'block', 'strap', 'bolster', 'wall', 'chair', 'post']))
    .nullable()
    .default(null),
  avoid: z.array(z.enum(AVOIDED)).default([]),
  /** Which side comes first. */
  first: z.enum(['right', 'left', 'tighter', 'alternate']).default('right'),
  /** How much longer the tighter side may be held, 1 (alike) to 2. */
  ratio: z.number().min(1).max(2).default(1),
  /** How long the way from one item to the next takes. */
  pace: z.enum(PACES).default('usual'),
  /** Most demanding level that is wanted. */
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]).default(3),
  /** Sets of whatever makes muscles work; null: as the style has it. */
  sets: z.number().int().min(1).max(4).nullable().default(null),
  /** The salutation that the standing part begins with; null: as the style has it. */
  salutation: z.enum(SALUTED).nullable().default(null),
  /** A pose that everything leads to. */
  peak: z.string().max(60).nullable().default(null),
  /** 0 is the best that was found; each further one differs from those before. */
  version: z
    .number()
    .int()
    .min(0)
    .max(VERSIONS - 1)
    .default(0),
});
export type PracticeRequest = z.infer<typeof requestSchema>;

/** A whole request from what was said of it; the rest is our default. */
export const requestOf = (said: z.input<typeof requestSchema>): PracticeRequest => requestSchema.parse(said);
