import { z } from 'zod';

/** How a teacher speaks. */
export const voiceSchema = z.object({
  /** Plain instruction, or invitation. */
  manner: z.enum(['plain', 'invitation']).default('plain'),
  /** Muscles are named. */
  anatomy: z.boolean().default(false),
  /** The breath is spoken of. */
  breath: z.boolean().default(true),
});
export type Voice = z.infer<typeof voiceSchema>;
export const VOICE_SETTING = 'voice';
export const VOICE: Voice = voiceSchema.parse({});
