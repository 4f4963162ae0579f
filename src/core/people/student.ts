import { z } from 'zod';
import { buildOf, measuresProblem, type Build } from '@/core/body';

/** Places on the body where a student may complain; also used for where a stretch is felt. */
export const PLACES = [
  'front-hip-crease',
  'front-thigh',
  'outer-hip',
  'outer-thigh',
  'deep-buttock',
  'whole-buttock',
  'back-thigh',
  'behind-knee',
  'inner-thigh-high',
  'inner-thigh-long',
  'groin-pinch',
  'calf-high',
  'calf-low',
  'ankle-front',
  'instep',
  'knee',
  'low-back',
  'sit-bone',
  'leg-line',
  'nowhere',
] as const;
export const placeSchema = z.enum(PLACES);
export type Place = z.infer<typeof placeSchema>;

export const sideSchema = z.enum(['left', 'right']);
const idSchema = z.string().min(1).max(64);
/** A moment as ISO 8601 text in UTC. */
export const momentSchema = z.iso.datetime();

export const complaintSchema = z.object({ place: placeSchema, side: z.enum(['left', 'right', 'both']) });

export const cautionEntrySchema = z.object({
  caution: z.string().min(1).max(60),
  since: z.string().max(40).optional(),
});

/** Aims as the teacher set them: lengthen, strengthen or leave alone, per group and side. */
export const aimSchema = z.object({
  kind: z.enum(['lengthen', 'strengthen', 'leave']),
  group: z.string().min(1).max(40),
  side: sideSchema,
  /** 0 … 1, how much of the practice it deserves against the other aims. */
  weight: z.number().min(0).max(1),
});
export type Aim = z.infer<typeof aimSchema>;

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
  complaints: z.array(complaintSchema).max(40),
  cautions: z.array(cautionEntrySchema).max(40),
  /** The teacher's own choice; absent while the proposed aims stand. */
  aims: z.array(aimSchema).max(60).optional(),
  /** Seconds of one slow breath, measured or the default of 6. */
  breathSeconds: z.number().min(2).max(20),
  archived: z.boolean(),
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
