import { z } from 'zod';
import { buildOf, measuresProblem, type Build } from '@/core/body';
import { LANGUAGES } from '@/core/languages/language';
import { hurtSchema } from './hurt';
import { daySchema, placeSchema } from './places';
import { redFlagsSchema } from './red-flags';

export { daySchema, PLACES, placeSchema, type Place } from './places';

export const sideSchema = z.enum(['left', 'right']);
const idSchema = z.string().min(1).max(64);
/** A moment as ISO 8601 text in UTC. */
export const momentSchema = z.iso.datetime();

/** The day of the wall clock where something was noted, and its time zone (IANA name). */
export const whereSchema = { day: daySchema.optional(), zone: z.string().max(64).optional() };

export const COMPLAINT_TIMES = [
  'sitting',
  'getting-up',
  'standing',
  'walking',
  'stairs',
  'bending',
  'practice',
  'lying-on-it',
  'night',
  'always',
] as const;
export const QUALITIES = ['pull', 'stiff', 'ache', 'pinch', 'sharp', 'burning', 'tingling', 'click'] as const;

export const complaintSchema = z.object({
  place: placeSchema,
  side: z.enum(['left', 'right', 'both']),
  /** When it comes. */
  times: z.array(z.enum(COMPLAINT_TIMES)).max(10).optional(),
  quality: z.enum(QUALITIES).optional(),
  /** How strong, 0 none … 10 worst she can think of. */
  strength: z.number().int().min(0).max(10).optional(),
  since: z.string().max(40).optional(),
  /** What it sounds like, from the catalogue of complaints. */
  sounds: z.string().max(40).optional(),
  /** How strong it was when asked before, oldest first. */
  course: z
    .array(z.object({ on: daySchema, strength: z.number().int().min(0).max(10) }))
    .max(60)
    .optional(),
});
export type Complaint = z.infer<typeof complaintSchema>;

export const cautionEntrySchema = z.object({
  caution: z.string().min(1).max(60),
  /** Which side, of a caution that may be about one leg or arm; both where it is not told. */
  side: sideSchema.optional(),
  since: z.string().max(40).optional(),
  /** First day on which it no longer holds. */
  until: daySchema.optional(),
  /** Who lifted it and on which day; the entry stays as a record. */
  cleared: z.object({ by: z.string().trim().min(1).max(80), on: daySchema }).optional(),
  /** Rules of it that do not count, as they stood then: by whom, why and since which day. */
  allowed: z
    .array(
      z.object({
        demand: z.string().min(1).max(40),
        does: z.string().min(1).max(20),
        over: z.number(),
        by: z.string().trim().min(1).max(80),
        why: z.string().trim().min(1).max(200),
        on: daySchema,
      }),
    )
    .max(40)
    .optional(),
});
export type CautionEntry = z.infer<typeof cautionEntrySchema>;

/** What the student said to being tested and touched. */
export const consentSchema = z.object({
  on: daySchema,
  touch: z.enum(['yes', 'ask', 'no']),
  by: z.enum(['student', 'guardian']),
});

export const STYLES = ['quiet', 'flowing', 'long-holds', 'strong', 'few-words', 'much-explained'] as const;

/** Aims as the teacher set them: lengthen, strengthen or leave alone, per group and side. */
export const aimSchema = z.object({
  kind: z.enum(['lengthen', 'strengthen', 'leave']),
  group: z.string().min(1).max(40),
  side: sideSchema,
  /** 0 … 1, how much of the practice it deserves against the other aims. */
  weight: z.number().min(0).max(1),
});
export type Aim = z.infer<typeof aimSchema>;

/** What can be done about a group: also both at once, or leave it to a clinician. */
export const AIM_KINDS = ['lengthen', 'strengthen', 'both', 'leave', 'refer'] as const;
export type AimKind = (typeof AIM_KINDS)[number];

/** The teacher's own word on a group and side, beside what was proposed when she gave it. */
export const aimChoiceSchema = z.object({
  group: z.string().min(1).max(40),
  side: sideSchema,
  /** `none`: proposed, and she does not want it. */
  kind: z.enum([...AIM_KINDS, 'none']),
  weight: z.number().min(0).max(1),
  note: z.string().max(200).optional(),
  on: daySchema.optional(),
  proposed: z.object({ kind: z.enum(AIM_KINDS), weight: z.number().min(0).max(1) }).optional(),
});
export type AimChoice = z.infer<typeof aimChoiceSchema>;

const length = z.number().min(5).max(150).optional();
const version = z.number().min(-20).max(50).optional();
/** What was measured of a build beyond height and weight; all optional, the usual for the height stands in. */
export const measuresSchema = z.object({
  thigh_cm: length,
  shank_cm: length,
  foot_cm: length,
  trunk_cm: length,
  pelvisWidth_cm: length,
  femoralVersion_deg: z.object({ left: version, right: version }).optional(),
});

export const studentSchema = z.object({
  id: idSchema,
  name: z.string().trim().min(1).max(80),
  height_cm: z.number().min(90).max(230),
  mass_kg: z.number().min(20).max(250),
  measures: measuresSchema.optional(),
  birthYear: z.number().int().min(1900).max(2100),
  /** Only chooses which published norms to compare with; may stay unknown. */
  sexForNorms: z.enum(['female', 'male']).optional(),
  dominantLeg: z.enum(['left', 'right', 'unknown']),
  aim: z.string().max(400),
  /** What the aim is about. */
  aimKind: z.enum(['relief', 'range', 'pose']).optional(),
  /** How the days are spent, what else is done, how long and what has been practised, what a clinician said. */
  daily: z.string().max(400).optional(),
  activity: z.string().max(400).optional(),
  practised: z.string().max(400).optional(),
  clinician: z.string().max(600).optional(),
  /** What the teacher wants to have in sight whenever she works with this student. */
  note: z.string().max(400).optional(),
  styles: z.array(z.enum(STYLES)).max(6).optional(),
  /** Of the pages that go home: what plays on a phone, and the sheet. */
  language: z.enum(LANGUAGES).optional(),
  /** Ids of props at home; the studio's own belong to the studio. */
  props: z.array(z.string().max(40)).max(30).optional(),
  consent: consentSchema.optional(),
  /** Day on which the questions were last gone through. */
  askedOn: daySchema.optional(),
  /** The nine questions before anything is measured: answers by caution, who asked, on which day. */
  redFlags: redFlagsSchema.optional(),
  /** Cautions that were asked about and are not so; the rest was not asked. */
  askedNo: z.array(z.string().max(60)).max(100).optional(),
  /** Poses and sides that were ended for pain, newest first. */
  hurt: z.array(hurtSchema).max(2000).optional(),
  complaints: z.array(complaintSchema).max(40),
  cautions: z.array(cautionEntrySchema).max(40),
  /** A complete list of aims as older files have it; choices take its place. */
  aims: z.array(aimSchema).max(60).optional(),
  /** Where the teacher decided otherwise than proposed; what she did not touch follows the findings. */
  aimChoices: z.array(aimChoiceSchema).max(60).optional(),
  /** Seconds of one slow breath, measured or the default of 6. */
  breathSeconds: z.number().min(2).max(20),
  archived: z.boolean(),
  /**
   * When each field was changed last, where that is kept: two machines that exchange files then lose no edit of either.
   */
  fieldsAt: z.record(z.string().max(40), momentSchema).optional(),
  createdAt: momentSchema,
  updatedAt: momentSchema,
});
export type Student = z.infer<typeof studentSchema>;
export type SexForNorms = Student['sexForNorms'];

/**
 * Build of a student for the body model. A measure that does not fit the height any more (it was changed since) is left
 * out rather than refused: the form has said so where it was typed.
 */
export function buildOfStudent(student: Pick<Student, 'height_cm' | 'mass_kg' | 'measures'>): Build {
  const { height_cm, mass_kg } = student;
  const whole = { height_cm, mass_kg, ...student.measures };
  return buildOf(measuresProblem(whole) ? { height_cm, mass_kg } : whole);
}
