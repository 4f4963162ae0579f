import { z } from 'zod';

/**
 * A teacher's own way with aims: doses a week, and her side where teachers differ. Defaults are ours unless a source is
 * named in `DOSE_SOURCES`; all can be changed in the settings.
 */
export const aimDefaultsSchema = z.object({
  /** Seconds of one hold, times a day, days a week, for each muscle and side that is lengthened. */
  holdSeconds: z.number().int().min(5).max(300).default(30),
  holds: z.number().int().min(1).max(10).default(3),
  stretchDays: z.number().int().min(1).max(7).default(5),
  /** Seconds of one hold from 65 years on. */
  olderHoldSeconds: z.number().int().min(5).max(300).default(60),
  /** Longest hold of a very mobile student, with effort. */
  mobileHoldSeconds: z.number().int().min(5).max(60).default(30),
  /** Strength: sets, repeats of each, days a week that do not follow each other. */
  sets: z.number().int().min(1).max(6).default(3),
  repeats: z.number().int().min(3).max(30).default(10),
  strengthDays: z.number().int().min(1).max(4).default(3),
  /** Tight-feeling hamstrings under a pelvis that tips forward: by the tests, always stretch, or strengthen. */
  hamstrings: z.enum(['by-test', 'stretch', 'strengthen']).default('by-test'),
  /** The outer hip and its band: load the muscles around it, lengthen them, or both. */
  outerHip: z.enum(['load', 'stretch', 'both']).default('load'),
});
export type AimDefaults = z.infer<typeof aimDefaultsSchema>;
export const AIM_DEFAULTS: AimDefaults = aimDefaultsSchema.parse({});

/** Where the numbers of a dose come from. */
export const DOSE_SOURCES = {
  stretch: {
    text: 'Holds of 10–30 s, about 60 s a muscle and session, on 2–3 days or more: Garber 2011 (ACSM). Thirty seconds did as well as sixty: Bandy 1997. Three times thirty on five days is our default.',
    confidence: 'published',
  },
  older: { text: 'From 65 on, 60 s did better than 15 or 30 s: Feland 2001.', confidence: 'published' },
  mobile: { text: 'Short holds with effort for very mobile people: rule of thumb.', confidence: 'teaching-default' },
  strength: {
    text: 'Two or three days that do not follow each other, 8–12 repeats, 2–4 sets: Garber 2011 (ACSM).',
    confidence: 'published',
  },
} as const;
/** From which age the longer holds are used. */
export const OLDER = 65;
/** Minutes a week and muscle above which more stretching hardly helps (Ingram 2025, as recalled). */
export const MOST_MINUTES = 10;
