import type { Aim } from '@/core/students/student';

/** What tells an aim from the others of a student. */
export const aimKey = (aim: Pick<Aim, 'kind' | 'group' | 'side'>): string => `${aim.kind}:${aim.group}:${aim.side}`;

/** What is left to an aim beside those that a practice is about: it goes on, and no more. Ours. */
export const BESIDE = 0.3;
