import { say } from '@/core/languages/spoken';
import { z } from 'zod';
import { rungOf } from '@/core/poses';
import { shapeSchema, type OwnShape } from '@/core/poses/schema';
import { planOf, practicePlanSchema, type PracticePlan } from '@/core/practice/plan';
import { fail, firstIssue, readJson, type Failed } from './json';
import { inWordsOfToday } from './older-words';

/** A practice as a file, to give to another teacher: what is done, in what order, and what for. It names no student. */

/** 2 calls the style of a practice so. */
export const PRACTICE_VERSION = 2;
export const practiceFileSchema = z.object({
  format: z.literal('kolpos/practice'),
  version: z.literal([1, PRACTICE_VERSION]),
  practice: practicePlanSchema,
  /** Poses of the teacher's own that it uses. */
  poses: z.array(shapeSchema).max(60).default([]),
});
/** Text of a `kolpos/practice` file. Notes stay behind: they may speak of the student. */
export function writePractice(practice: PracticePlan, own: readonly OwnShape[]): string {
  const used = new Set(practice.items.map((i) => i.pose));
  const file = practiceFileSchema.parse({
    format: 'kolpos/practice',
    version: PRACTICE_VERSION,
    practice: planOf(practice),
    poses: own.filter((p) => used.has(p.id)),
  });
  return `${JSON.stringify(file, null, 2)}\n`;
}

/**
 * Reads a `kolpos/practice` file. Never throws; the first thing wrong is named with its place. A pose that is neither
 * in the library nor in the file is refused.
 */
export function readPractice(
  text: string,
): { ok: true; plan: PracticePlan; poses: z.infer<typeof shapeSchema>[] } | Failed {
  const json = readJson(text, 'kolpos/practice', say('a Kolpos practice'), PRACTICE_VERSION);
  if (!json.ok) return json;
  const parsed = practiceFileSchema.safeParse({ ...json.data, practice: inWordsOfToday(json.data.practice) });
  if (!parsed.success) return firstIssue(parsed.error);
  const { practice, poses } = parsed.data;
  const ids = new Set<string>();
  for (const [k, item] of practice.items.entries()) {
    if (ids.has(item.id))
      return fail(`practice.items[${k}].id`, say('The id "{{id}}" stands here a second time.', { id: item.id }));
    ids.add(item.id);
    const own = poses.find((p) => p.id === item.pose);
    if (own ? !own.rungs[item.rung - 1] : !rungOf(item.pose, item.rung))
      return fail(
        `practice.items[${k}].pose`,
        say('The pose "{{pose}}", rung {{count}}, is neither in this library nor in the file.', {
          pose: item.pose,
          count: item.rung,
        }),
      );
  }
  return { ok: true, plan: practice, poses };
}
