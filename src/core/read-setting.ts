import type { z } from 'zod';

/** A setting from its text; ours where there is none or it cannot be read. */
export function readSetting<T>(schema: z.ZodType<T>, ours: T, text: string | undefined): T {
  if (!text) return ours;
  try {
    const parsed = schema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : ours;
  } catch {
    return ours;
  }
}
