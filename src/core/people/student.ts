import { z } from 'zod';

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

export const studentSchema = z.object({
  id: idSchema,
  name: z.string().trim().min(1).max(80),
  height_cm: z.number().min(90).max(230),
  mass_kg: z.number().min(20).max(250),
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
