import { z } from 'zod';
import { readSetting } from '@/core/read-setting';

/** What a teacher likes to teach, and what she never does: rungs as `pose/rung`, shapes by their id. */
export const likesSchema = z.object({
  liked: z.array(z.string().max(80)).max(500).default([]),
  never: z.array(z.string().max(60)).max(500).default([]),
});
export type Likes = z.infer<typeof likesSchema>;
export const NO_LIKES: Likes = { liked: [], never: [] };

/** Key under which a studio keeps them among its settings. */
export const LIKES_SETTING = 'school/likes';

/** Likes from a studio's settings; none where there are none or they cannot be read. */
export const likesOf = (settings: Readonly<Record<string, string>>): Likes =>
  readSetting(likesSchema, NO_LIKES, settings[LIKES_SETTING]);

export const rungKey = (pose: string, rung: number): string => `${pose}/${rung}`;
export const isLiked = (likes: Likes, pose: string, rung: number): boolean => likes.liked.includes(rungKey(pose, rung));
export const isNever = (likes: Likes, pose: string): boolean => likes.never.includes(pose);

const toggled = (list: readonly string[], key: string): string[] =>
  list.includes(key) ? list.filter((k) => k !== key) : [...list, key];

/** With a star more or less. What is liked is not hidden. */
export const starred = (likes: Likes, pose: string, rung: number): Likes => ({
  liked: toggled(likes.liked, rungKey(pose, rung)),
  never: likes.never.filter((p) => p !== pose),
});

/** Hidden for good, or shown again. What is hidden is not liked. */
export const hidden = (likes: Likes, pose: string): Likes => ({
  liked: likes.never.includes(pose) ? likes.liked : likes.liked.filter((k) => k.split('/')[0] !== pose),
  never: toggled(likes.never, pose),
});
