/**
 * Kinds of pain that end a pose, as a student may say it. Only ever added to, at the end: what a phone gives back
 * counts them.
 */
export const PAIN_KINDS = ['sharp', 'pinching', 'pulling', 'tingling', 'dizzy', 'breathless'] as const;
export type PainKind = (typeof PAIN_KINDS)[number];
