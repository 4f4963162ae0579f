import { say } from '@/core/languages/spoken';
import { z } from 'zod';
import { obstaclesOf } from '@/core/pose-editor/problems';
import { ownShapeSchema, shapeSchema, type OwnShape } from '@/core/poses/schema';
import { firstIssue, readJson, type Failed } from './json';

/** One pose of a teacher's own as a file, to keep or to give to another. */

export const POSE_VERSION = 1;
export const poseFileSchema = z.object({
  format: z.literal('kolpos/pose'),
  version: z.literal(POSE_VERSION),
  pose: shapeSchema,
});

/** Text of a `kolpos/pose` file. */
export function writePose(shape: OwnShape): string {
  const file = { format: 'kolpos/pose', version: POSE_VERSION, pose: shapeSchema.parse(shape) };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/**
 * Reads a `kolpos/pose` file. Never throws; the first thing wrong is named with its place. A pose that cannot be done
 * is read all the same, but stays out of the library until it is put right on the bench.
 * @param moment when it is brought in, ISO 8601
 */
export function readPose(text: string, moment: string): { ok: true; pose: OwnShape; obstacles: string[] } | Failed {
  const json = readJson(text, 'kolpos/pose', say('a Kolpos pose'), POSE_VERSION);
  if (!json.ok) return json;
  const parsed = poseFileSchema.safeParse(json.data);
  if (!parsed.success) return firstIssue(parsed.error);
  const obstacles = parsed.data.pose.rungs.flatMap((r) => obstaclesOf(parsed.data.pose, r).map((p) => p.words));
  const pose: OwnShape = ownShapeSchema.parse({
    ...parsed.data.pose,
    inLibrary: obstacles.length === 0,
    createdAt: moment,
    updatedAt: moment,
  });
  return { ok: true, pose, obstacles };
}
