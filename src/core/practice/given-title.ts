import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';

/** What a practice is called until its teacher calls it otherwise. @param name the student's first name */
export const givenTitle = (minutes: number, name: string, say: Say = spoken): string =>
  say('{{minutes}} minutes for {{name}}', { minutes, name });
